import { useState } from 'react';
import { formatLength, parseLength, parseRoll, type MeasureSystem } from '../../core/ground/length';
import { rollWords } from './amountWords';
import { measureWords, NO_ROLL } from './measureWords';
import { TextField } from './TextField';
import { useKeptWhenGone } from './useKeptWhenGone';

export interface MeasureFieldProps {
  label: string;
  /** In ticks; null: empty. */
  value: number | null;
  system: MeasureSystem;
  /** Called with ticks as it is typed; null while what stands there is no measure. */
  onChange: (length: number | null) => void;
  /** Empty is fine. @default false */
  isOptional?: boolean;
  /** A measure of nothing is one: 0. @default false */
  mayBeNothing?: boolean;
  /** More is refused, in ticks. */
  most?: number;
  /** Of a roll: in yards or metres, too. @default false */
  isOfRoll?: boolean;
  /**
   * Called only when the field is left or Enter pressed, and never with what is no measure: for what is written down.
   * @default false
   */
  isKeptOnLeaving?: boolean;
}

type Limits = Pick<MeasureFieldProps, 'system' | 'isOptional' | 'mayBeNothing' | 'most' | 'isOfRoll'>;

const wordsOf = (length: number, { system, isOfRoll }: Limits): string =>
  isOfRoll ? rollWords(length, system) : formatLength(length, system);

/** The measure that is typed, null where there is none, and what is wrong with it. */
function readMeasure(text: string, limits: Limits) {
  const { system, isOptional, mayBeNothing, most, isOfRoll } = limits;
  const wrong = (why: string) => ({ length: null, wrong: why });
  if (isOptional && text.trim() === '') return { length: null, wrong: null };
  const read = isOfRoll ? parseRoll(text, system) : parseLength(text, system);
  if (!read.ok) return wrong(isOfRoll && read.error.kind === 'not-a-length' ? NO_ROLL : measureWords(read.error));
  if (read.value === 0 && !mayBeNothing) return wrong('A measure of nothing will not do.');
  if (most !== undefined && read.value > most) return wrong(`At most ${wordsOf(most, limits)}.`);
  return { length: read.value, wrong: null };
}

/** Takes `3 1/4`, `3.25`, `3-1/4"` or `83mm`; what cannot be read stays as typed, with what is wrong below it. */
export function MeasureField({ label, value, onChange, isKeptOnLeaving = false, ...limits }: MeasureFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = typed === null ? null : readMeasure(typed, limits);
  const keep = useKeptWhenGone(
    isKeptOnLeaving && read?.wrong === null && read.length !== value ? () => onChange(read.length) : null,
  );
  return (
    <TextField
      label={label}
      value={typed ?? (value === null ? '' : wordsOf(value, limits).replace('″', ''))}
      error={read?.wrong ?? null}
      isMeasure
      onChange={(text) => {
        setTyped(text);
        if (!isKeptOnLeaving) onChange(readMeasure(text, limits).length);
      }}
      onKeyDown={(event) => {
        event.continuePropagation();
        if (event.key === 'Enter') keep();
      }}
      onBlur={() => {
        keep();
        if (read?.wrong === null) setTyped(null);
      }}
    />
  );
}
