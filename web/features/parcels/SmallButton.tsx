import { Button } from 'react-aria-components';
import styled from 'styled-components';

/** A round button with a sign for its words. */
export const SmallButton = styled(Button)`
  width: 36px;
  height: 36px;
  border-radius: 50%;
  border: 1.5px solid ${({ theme }) => theme.soft};
  background: none;
  color: inherit;
  font-size: 18px;
  cursor: pointer;
  &[data-quiet] {
    border-color: transparent;
  }
`;
