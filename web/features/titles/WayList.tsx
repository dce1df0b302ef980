import styled from 'styled-components';

/** Ways to choose from, a line each. */
export const WayList = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
`;
/** One of them: what it is called, and what it takes. */
export const WayPick = styled.button`
  width: 100%;
  display: flex;
  gap: 14px;
  justify-content: space-between;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-left: 4px solid transparent;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  padding: 7px 10px;
  cursor: pointer;
  span {
    color: ${({ theme }) => theme.soft};
  }
  &:disabled {
    cursor: default;
  }
  &[aria-pressed='true'] {
    border-left-color: ${({ theme }) => theme.pond};
    background: ${({ theme }) => theme.paper};
  }
`;
