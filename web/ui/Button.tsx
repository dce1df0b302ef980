import { forwardRef, useRef, type MouseEvent, type ReactNode } from 'react';
import { Button as AriaButton, type ButtonProps as AriaButtonProps, type PressEvent } from 'react-aria-components';
import styled from 'styled-components';
import { heading, mono } from './theme';

export interface ButtonProps extends Omit<AriaButtonProps, 'children'> {
  children: ReactNode;
  /** main: the one thing to do here; plain: another; quiet: a link among text. @default 'plain' */
  look?: 'main' | 'plain' | 'quiet';
  /** The key that does the same, shown beside the words. */
  hint?: string;
  /** Each press in a row is meant, as of what goes step by step. @default false: a double press is one */
  isRepeatable?: boolean;
}

/**
 * A double press is one: what its first press does may be done by then, and the second would do it once more, or to what
 * has come to lie there.
 */
function useOnePress(onPress: AriaButtonProps['onPress'], isRepeatable: boolean) {
  const isSecond = useRef(false);
  return {
    onClickCapture: (event: MouseEvent): void => {
      isSecond.current = !isRepeatable && event.detail > 1;
      if (isSecond.current) event.preventDefault();
    },
    onPress: (event: PressEvent): void => {
      if (event.pointerType === 'keyboard' || !isSecond.current) onPress?.(event);
    },
  };
}

/** A button in the house's three looks. */
export const Button = forwardRef<HTMLButtonElement, ButtonProps>(function Button(
  { children, look = 'plain', hint, isRepeatable = false, onPress, ...props },
  ref,
) {
  const Look = LOOKS[look];
  return (
    <Look {...props} {...useOnePress(onPress, isRepeatable)} ref={ref}>
      {children}
      {hint !== undefined && <Key aria-hidden>{hint}</Key>}
    </Look>
  );
});

const Base = styled(AriaButton)`
  display: inline-flex;
  align-items: center;
  gap: 12px;
  justify-content: space-between;
  min-height: 40px;
  padding: 6px 14px;
  border-radius: 6px;
  cursor: pointer;
  font: 600 15px/1.2 ${heading};
  border: 2px solid transparent;
  white-space: nowrap;
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  &[data-pressed] {
    transform: translateY(1px);
  }
  svg {
    flex: none;
  }
`;
const Main = styled(Base)`
  background: ${({ theme }) => theme.beet};
  color: ${({ theme }) => theme.onBeet};
  &[data-hovered] {
    filter: brightness(1.12);
  }
`;
const Plain = styled(Base)`
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.ink};
  border-color: ${({ theme }) => theme.ink};
  &[data-hovered] {
    background: ${({ theme }) => theme.wood};
  }
`;
const Quiet = styled(Base)`
  background: none;
  color: ${({ theme }) => theme.pond};
  padding: 2px 0;
  min-height: 28px;
  text-decoration: underline;
  text-underline-offset: 3px;
  &[data-hovered] {
    color: ${({ theme }) => theme.beetInk};
  }
`;
const LOOKS = { main: Main, plain: Plain, quiet: Quiet };

/** A key of the keyboard. */
export const Key = styled.kbd`
  font: 500 12px/1 ${mono};
  border: 1px solid currentColor;
  border-radius: 4px;
  padding: 3px 6px;
`;
