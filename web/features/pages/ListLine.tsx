import styled from 'styled-components';

/** A line of a list of what lies on a page: its drawing, and what it is; pressed while it is chosen. */
export const ListLine = styled.button`
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 10px;
  align-items: center;
  width: 100%;
  text-align: left;
  font: inherit;
  font-size: 15px;
  line-height: 1.3;
  color: inherit;
  background: none;
  border: 2px solid transparent;
  padding: 4px 5px;
  cursor: pointer;
  > :first-child {
    justify-self: center;
  }
  &:hover {
    border-color: ${({ theme }) => theme.line};
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.paper};
  }
`;
