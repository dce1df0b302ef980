import { useState } from 'react';
import { formatLength, parseLength, type MeasureSystem } from '../../core/length';
import { measureWords } from './measureWords';
import { TextField } from './TextField';

export interface MeasureFieldProps {
  label: string;
  /** In ticks; null: empty. */
  value: number | null;
  system: MeasureSystem;
  /** Called with ticks whenever what stands there can be read; null when it is empty. */
  onChange: (length: number | null) => void;
  /** Empty is fine. @default false */
  isOptional?: boolean;
  /** A measure of nothing is one: 0. @default false */
  mayBeNothing?: boolean;
  /** Called only when the field is left or Enter pressed: for what is written down. @default false */
  isKeptOnLeaving?: boolean;
}

const shown = (value: number | null, system: MeasureSystem): string =>
  value === null ? '' : formatLength(value, system).replace('″', '');

/** Takes `3 1/4`, `3.25`, `3-1/4"` or `83mm`; what cannot be read stays as typed, with what is wrong below it. */
export function MeasureField({
  label,
  value,
  system,
  onChange,
  isOptional = false,
  mayBeNothing = false,
  isKeptOnLeaving = false,
}: MeasureFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = typed === null ? null : parseLength(typed, system);
  const isEmpty = typed !== null && typed.trim() === '' && isOptional;
  const tell = (text: string): void => {
    const length = parseLength(text, system);
    if (text.trim() === '' && isOptional) onChange(null);
    else if (length.ok && (length.value > 0 || mayBeNothing)) onChange(length.value);
  };
  const isNothing = read?.ok === true && read.value === 0 && !mayBeNothing;
  const error =
    isEmpty || read === null
      ? null
      : isNothing
        ? 'A measure of nothing will not do.'
        : read.ok
          ? null
          : measureWords(read.error);
  return (
    <TextField
      label={label}
      value={typed ?? shown(value, system)}
      error={error}
      isMeasure
      onChange={(text) => {
        setTyped(text);
        if (!isKeptOnLeaving) tell(text);
      }}
      onKeyDown={(event) => {
        event.continuePropagation();
        if (event.key === 'Enter' && typed !== null && isKeptOnLeaving) tell(typed);
      }}
      onBlur={() => {
        if (typed !== null && isKeptOnLeaving) tell(typed);
        if (error === null) setTyped(null);
      }}
    />
  );
}
