import { useState } from 'react';
import type { Amounts } from '../../core/stock/ledger';
import type { MeasureSystem } from '../../core/ground/length';
import { readLetters } from '../../core/stock/listing';
import type { Item, Lot } from '../../core/stock/things';
import { amountWords, shareWords } from './amountWords';
import { Choice } from './Choice';
import { MeasureField } from './MeasureField';
import { Row } from './Screen';
import { TextField } from './TextField';

export interface AmountFieldProps {
  label: string;
  lot: Pick<Lot, 'kind' | 'measure'> & Partial<Pick<Lot, 'items'>>;
  /** What was told last: it follows what is told. */
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
  const isInQuarters = kind === 'stickers' || kind === 'alpha' || kind === 'medium';
  const usual = isInQuarters
    ? Array.from({ length: 4 * whole }, (_, i) => 100 * whole - 25 * i)
    : [...Array.from({ length: whole - 1 }, (_, i) => 100 * (whole - i)), 100, 50, 20];
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

interface TypedFieldProps extends Pick<AmountFieldProps, 'label' | 'onChange' | 'autoFocus'> {
  /** The amount in words, as they can be typed. */
  words: string;
  read: (text: string) => Amounts | null;
  error: string;
  isNumber?: boolean;
}

/** What is typed stands as it was typed until the field is left; what cannot be read stays, with what is wrong. */
function TypedField({ label, words, read, error, onChange, autoFocus = false, isNumber = false }: TypedFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? words;
  const isWrong = read(text) === null;
  return (
    <TextField
      label={label}
      value={text}
      onChange={(now) => {
        setTyped(now);
        onChange(read(now));
      }}
      onBlur={() => {
        if (!isWrong) setTyped(null);
      }}
      isMeasure
      autoFocus={autoFocus}
      inputMode={isNumber ? 'numeric' : undefined}
      error={isWrong && text !== '' ? error : null}
    />
  );
}

const isWhole = (text: string): boolean => /^\d+$/.test(text.trim());
const NOT_WHOLE = 'A whole number, or 0.';

/** How much there is of something, each measure in its own way: a count, a length, letters, or about how much. */
export function AmountField({ label, lot, value, onChange, system, autoFocus = false }: AmountFieldProps) {
  // Those told apart stay in sight, however few there are of them.
  const [parts] = useState(() => (lot.measure === 'count' ? Object.keys(value) : []));
  const n = value[''] ?? 0;
  switch (lot.measure) {
    case 'length':
      return (
        <MeasureField
          label={label}
          value={n}
          onChange={(length) => onChange(length === null ? null : some(length))}
          system={system}
          mayBeNothing
          isOfRoll
        />
      );
    case 'share':
      return <LevelField label={label} kind={lot.kind} level={n} onChange={(level) => onChange(some(level))} />;
    case 'letters':
      return (
        <TypedField
          label={label}
          words={amountWords(lot, value, system).replace(/^none$/, '')}
          read={lettersIn}
          error="Write A3 E4 N2."
          onChange={onChange}
          autoFocus={autoFocus}
        />
      );
    default:
      if (parts.some((part) => part !== ''))
        return (
          <PartFields
            label={label}
            items={lot.items ?? []}
            parts={parts}
            value={value}
            onChange={onChange}
            autoFocus={autoFocus}
          />
        );
      return (
        <TypedField
          label={label}
          words={String(n)}
          read={(text) => (isWhole(text) ? some(Number(text)) : null)}
          error={NOT_WHOLE}
          onChange={onChange}
          autoFocus={autoFocus}
          isNumber
        />
      );
  }
}

interface PartFieldsProps extends Pick<AmountFieldProps, 'label' | 'value' | 'onChange'> {
  items: readonly Item[];
  /** Which of them are told. */
  parts: readonly string[];
  autoFocus: boolean;
}

/** Of a pack whose things were told apart: how many of each. */
function PartFields({ label, items, parts, value, onChange, autoFocus }: PartFieldsProps) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const textOf = (part: string): string => typed[part] ?? String(value[part] ?? 0);
  const type = (part: string, text: string): void => {
    setTyped({ ...typed, [part]: text });
    const texts = parts.map((one) => [one, one === part ? text : textOf(one)] as const);
    const counts = texts.map(([of, one]) => [of, Number(one)] as const);
    onChange(
      texts.every(([, one]) => isWhole(one)) ? Object.fromEntries(counts.filter(([, count]) => count > 0)) : null,
    );
  };
  return (
    <Row role="group" aria-label={label}>
      {parts.map((part, i) => (
        <TextField
          key={part}
          label={part === '' ? 'not named' : (items.find(({ id }) => id === part)?.name ?? part)}
          value={textOf(part)}
          onChange={(now) => type(part, now)}
          onBlur={() => {
            if (parts.every((one) => isWhole(textOf(one)))) setTyped({});
          }}
          isMeasure
          inputMode="numeric"
          autoFocus={autoFocus && i === 0}
          error={isWhole(textOf(part)) ? null : NOT_WHOLE}
        />
      ))}
    </Row>
  );
}
