import { useState } from 'react';
import { TextField, type TextFieldProps } from './TextField';
import { useKeptWhenGone } from './useKeptWhenGone';

export interface KeptTextFieldProps extends Omit<TextFieldProps, 'value' | 'onChange' | 'onBlur' | 'error'> {
  /** What is written down; shown whenever she is not typing, so that what is undone is undone here too. */
  value: string;
  /** Called when the field is left or goes away, with what she typed, where that is something else. */
  onKeep: (text: string) => void;
  /** What is wrong with what stands there. */
  errorOf?: (text: string) => string | null;
}

/** A field for what is written down as it is left, and not at every stroke. */
export function KeptTextField({ value, onKeep, errorOf = () => null, ...props }: KeptTextFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? value;
  const keep = useKeptWhenGone(typed !== null && typed !== value ? () => onKeep(typed) : null);
  return (
    <TextField
      {...props}
      value={shown}
      error={errorOf(shown)}
      onChange={setTyped}
      onBlur={() => {
        keep();
        setTyped(null);
      }}
    />
  );
}
