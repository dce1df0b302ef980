import styled from 'styled-components';

/** The shallow strip along the foot. */
export const Tray = styled.section`
  flex: none;
  height: 118px;
  display: flex;
  gap: 20px;
  padding: 10px 24px 8px;
  background: ${({ theme }) => theme.tray};
  border-top: 1.5px solid ${({ theme }) => theme.line};
  box-shadow: inset 0 6px 8px -6px ${({ theme }) => theme.shade};
  &[data-clear] {
    height: 50px;
  }
  > p {
    margin: auto 0;
    color: ${({ theme }) => theme.ink};
  }
`;
