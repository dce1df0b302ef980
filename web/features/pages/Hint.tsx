import styled from 'styled-components';

/** Something she could do with less paper, or fewer cuts. */
export const Hint = styled.section`
  border-left: 4px solid ${({ theme }) => theme.marigold};
  padding: 2px 0 2px 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
  p {
    font-size: 15px;
  }
`;
