import { Checkbox, type CheckboxProps } from 'react-aria-components';
import styled from 'styled-components';

export interface TickProps extends Omit<CheckboxProps, 'children'> {
  children: string;
}

/** A box to tick, with its words. */
export function Tick({ children, ...props }: TickProps) {
  return (
    <Box {...props}>
      <i aria-hidden />
      {children}
    </Box>
  );
}

const Box = styled(Checkbox)`
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 28px;
  cursor: pointer;
  i {
    width: 18px;
    height: 18px;
    flex: none;
    border: 2px solid ${({ theme }) => theme.ink};
    border-radius: 4px;
    display: grid;
    place-items: center;
  }
  &[data-selected] i {
    background: ${({ theme }) => theme.beet};
    border-color: ${({ theme }) => theme.beet};
  }
  &[data-selected] i::after {
    content: '';
    width: 9px;
    height: 5px;
    border-left: 2.5px solid ${({ theme }) => theme.onBeet};
    border-bottom: 2.5px solid ${({ theme }) => theme.onBeet};
    transform: rotate(-45deg) translate(1px, -1px);
  }
  &[data-focus-visible] i {
    outline: 3px solid ${({ theme }) => theme.beet};
    outline-offset: 2px;
  }
`;
