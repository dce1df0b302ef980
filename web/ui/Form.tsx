import { useRef, type FormEvent, type FormHTMLAttributes, type KeyboardEvent } from 'react';
import styled from 'styled-components';

export interface FormProps extends Omit<FormHTMLAttributes<HTMLFormElement>, 'onSubmit'> {
  /**
   * Its button of type submit was pressed, or Enter in a field, while each of its fields can be read. While what it
   * returns is under way nothing is sent again.
   */
  onSend: () => void | Promise<unknown>;
  /** Not where the act could be done from the beginning, and a word comes first. @default true */
  isSentByEnter?: boolean;
}

/**
 * Fields with the act that takes what stands in them. While one of them shows that it cannot be read nothing is done,
 * and that one has the focus: by itself a field tells the last that could be read.
 */
export function Form({ onSend, isSentByEnter = true, ...props }: FormProps) {
  const isUnderWay = useRef(false);
  const send = (event: FormEvent): void => {
    event.preventDefault();
    // Of a slip that is opened from within another form the outer one is not meant.
    event.stopPropagation();
    if (isUnderWay.current) return;
    isUnderWay.current = true;
    void Promise.resolve(onSend()).finally(() => {
      isUnderWay.current = false;
    });
  };
  const press = (event: KeyboardEvent<HTMLFormElement>): void => {
    if (!isSentByEnter && event.key === 'Enter' && event.target instanceof HTMLInputElement) event.preventDefault();
    props.onKeyDown?.(event);
  };
  return <Bare {...props} onKeyDown={press} onSubmit={send} />;
}

/** Laid out by what is round it, where nothing else is said. */
// eslint-disable-next-line no-restricted-syntax -- the one form there is
const Bare = styled.form`
  display: contents;
`;
