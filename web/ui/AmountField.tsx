import { useState } from 'react';
import type { Amounts } from '../../core/ledger';
import type { MeasureSystem } from '../../core/length';
import { readLetters } from '../../core/listing';
import type { Lot } from '../../core/things';
import { amountWords, shareWords } from './amountWords';
import { Choice } from './Choice';
import { MeasureField } from './MeasureField';
import { TextField } from './TextField';

export interface AmountFieldProps {
  label: string;
  lot: Pick<Lot, 'kind' | 'measure'>;
  value: Amounts;
  /** Null while what is typed is no amount. */
  onChange: (amounts: Amounts | null) => void;
  system: MeasureSystem;
  autoFocus?: boolean;
}

const some = (n: number): Amounts => (n === 0 ? {} : { '': n });

/** What letters she types there are, one that stands alone being there once; null: it cannot be read. */
function lettersIn(text: string): Amounts | null {
  if (text.trim() === '') return {};
  return readLetters(
    text
      .trim()
      .split(/\s+/)
      .map((part) => (/^\S$/u.test(part) ? `${part}1` : part))
      .join(' '),
  );
}

/** How much there is of something, each measure in its own way: a count, a length, letters, or about how much. */
export function AmountField({ label, lot, value, onChange, system, autoFocus = false }: AmountFieldProps) {
  const n = value[''] ?? 0;
  const [text, setText] = useState(() =>
    lot.measure === 'letters' ? amountWords(lot, value, system).replace(/^none$/, '') : String(n),
  );
  const isWrong = lot.measure === 'letters' ? lettersIn(text) === null : !/^\d+$/.test(text.trim());
  switch (lot.measure) {
    case 'length':
      return (
        <MeasureField
          label={label}
          value={n}
          onChange={(length) => onChange(length === null ? null : some(length))}
          system={system}
        />
      );
    case 'share': {
      const whole = Math.max(1, Math.ceil(n / 100));
      const levels = [
        ...new Set([
          ...(lot.kind === 'stickers' || lot.kind === 'medium'
            ? Array.from({ length: 4 * whole }, (_, i) => 100 * whole - 25 * i)
            : [100, 50, 20]),
          n,
          0,
        ]),
      ].sort((a, b) => b - a);
      return (
        <Choice<string>
          label={label}
          options={levels.map((level): [string, string] => [String(level), shareWords(lot.kind, level)])}
          value={String(n)}
          onChange={(level) => onChange(some(Number(level)))}
        />
      );
    }
    case 'letters':
      return (
        <TextField
          label={label}
          value={text}
          onChange={(now) => {
            setText(now);
            onChange(lettersIn(now));
          }}
          isMeasure
          autoFocus={autoFocus}
          error={isWrong ? 'Write A3 E4 N2.' : null}
        />
      );
    default:
      return (
        <TextField
          label={label}
          value={text}
          onChange={(now) => {
            setText(now);
            onChange(/^\d+$/.test(now.trim()) ? some(Number(now)) : null);
          }}
          isMeasure
          autoFocus={autoFocus}
          inputMode="numeric"
          error={isWrong && text !== '' ? 'A whole number, or 0.' : null}
        />
      );
  }
}
