import { useState } from 'react';
import type { Amounts } from '../../core/ledger';
import type { MeasureSystem } from '../../core/length';
import { readLetters } from '../../core/listing';
import type { Item, Lot } from '../../core/things';
import { amountWords, shareWords } from './amountWords';
import { Choice } from './Choice';
import { MeasureField } from './MeasureField';
import { Row } from './Screen';
import { TextField } from './TextField';

export interface AmountFieldProps {
  label: string;
  lot: Pick<Lot, 'kind' | 'measure'> & Partial<Pick<Lot, 'items'>>;
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

interface LevelFieldProps {
  label: string;
  kind: Lot['kind'];
  /** Hundredths of a whole one. */
  level: number;
  onChange: (level: number) => void;
}

/** About how much there is of what is poured, worn or peeled off. */
function LevelField({ label, kind, level, onChange }: LevelFieldProps) {
  const whole = Math.max(1, Math.ceil(level / 100));
  const isInQuarters = kind === 'stickers' || kind === 'medium';
  const usual = isInQuarters ? Array.from({ length: 4 * whole }, (_, i) => 100 * whole - 25 * i) : [100, 50, 20];
  const levels = [...new Set([...usual, level, 0])].sort((a, b) => b - a);
  return (
    <Choice<string>
      label={label}
      options={levels.map((one): [string, string] => [String(one), shareWords(kind, one)])}
      value={String(level)}
      onChange={(to) => onChange(Number(to))}
    />
  );
}

/** How much there is of something, each measure in its own way: a count, a length, letters, or about how much. */
export function AmountField({ label, lot, value, onChange, system, autoFocus = false }: AmountFieldProps) {
  const isToldApart = lot.measure === 'count' && Object.keys(value).some((part) => part !== '');
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
    case 'share':
      return <LevelField label={label} kind={lot.kind} level={n} onChange={(level) => onChange(some(level))} />;
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
      if (isToldApart)
        return (
          <PartFields label={label} items={lot.items ?? []} value={value} onChange={onChange} autoFocus={autoFocus} />
        );
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

/** Of a pack whose things were told apart: how many of each. */
function PartFields({
  label,
  items,
  value,
  onChange,
  autoFocus,
}: Pick<AmountFieldProps, 'label' | 'value' | 'onChange'> & { items: readonly Item[]; autoFocus: boolean }) {
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(Object.entries(value).map(([part, n]) => [part, String(n)])),
  );
  const type = (part: string, text: string): void => {
    const now = { ...texts, [part]: text };
    setTexts(now);
    const isWhole = Object.values(now).every((one) => /^\d+$/.test(one.trim()));
    const counts = Object.entries(now).map(([of, one]) => [of, Number(one)] as const);
    onChange(isWhole ? Object.fromEntries(counts.filter(([, n]) => n > 0)) : null);
  };
  return (
    <Row role="group" aria-label={label}>
      {Object.entries(texts).map(([part, text], i) => (
        <TextField
          key={part}
          label={part === '' ? 'not named' : (items.find(({ id }) => id === part)?.name ?? part)}
          value={text}
          onChange={(now) => type(part, now)}
          isMeasure
          inputMode="numeric"
          autoFocus={autoFocus && i === 0}
          error={/^\d+$/.test(text.trim()) ? null : 'A whole number, or 0.'}
        />
      ))}
    </Row>
  );
}
