import { Popover } from 'react-aria-components';
import styled from 'styled-components';

/** What opens under a button: the things that can be done. */
export const MenuList = styled(Popover)`
  background: ${({ theme }) => theme.paper};
  color: ${({ theme }) => theme.ink};
  border: 1.5px solid ${({ theme }) => theme.line};
  border-radius: 5px;
  box-shadow: 0 3px 12px ${({ theme }) => theme.shade};
  padding: 5px;
  .react-aria-MenuItem {
    padding: 7px 14px;
    border-radius: 4px;
    cursor: pointer;
    outline: none;
  }
  .react-aria-MenuItem[data-focused] {
    background: ${({ theme }) => theme.marigoldWash};
  }
`;
