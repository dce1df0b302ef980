import type { LeftThing } from '../../../core/kit/closing';
import { own, totalOf, type Amounts } from '../../../core/stock/ledger';
import { parseRoll, type MeasureSystem } from '../../../core/ground/length';
import { itemsOf } from '../../../core/page/placing';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { lettersOf } from '../../ui/lettersOf';
import { Row } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { howMuchWords } from '../../ui/thingWords';
import { Tick } from '../../ui/Tick';

/** How much of a thing is meant: one of several pieces alike, one kind in a pack, or so much as it is typed. */
export interface Meant {
  readonly isOne: boolean;
  /** So many, so much of a roll, or letters, as it is typed; empty: all. */
  readonly some: string;
  /** One kind of a pack; null: all of them. */
  readonly part: string | null;
}

export const ALL: Meant = { isOne: false, some: '', part: null };

/** Of how many of a part, or of all, some may leave; 1: it is all or nothing. */
const mostOf = ({ part }: Meant, { lot, pieces, amounts }: LeftThing): number => {
  if (pieces.length > 0 || lot.measure !== 'count') return 1;
  if (part !== null) return own(amounts, part) ?? 0;
  return Object.keys(amounts).length === 1 ? totalOf(amounts) : 1;
};

/**
 * As much of it as is meant to leave, by part; null: all of it; `mistyped`: more than there is, or nothing that can be
 * read. @param system what a length without a unit is in
 */
export function amountsMeant(meant: Meant, thing: LeftThing, system: MeasureSystem): Amounts | null | 'mistyped' {
  const { lot, pieces, amounts } = thing;
  if (pieces.length > 0) return null;
  if (lot.measure === 'length') {
    const there = own(amounts, '') ?? 0;
    if (meant.some.trim() === '') return null;
    const read = parseRoll(meant.some, system);
    if (!read.ok || read.value === 0 || read.value > there) return 'mistyped';
    return read.value === there ? null : { '': read.value };
  }
  if (lot.measure === 'letters') {
    const wanted = lettersOf(meant.some);
    if (Object.keys(wanted).length === 0) return null;
    return Object.entries(wanted).every(([glyph, n]) => (own(amounts, glyph) ?? 0) >= n) ? wanted : 'mistyped';
  }
  const part = meant.part ?? Object.keys(amounts)[0] ?? '';
  const most = mostOf(meant, thing);
  if (meant.some.trim() === '') return meant.part === null ? null : { [part]: most };
  const n = /^\d+$/.test(meant.some.trim()) ? Number(meant.some) : 0;
  return n >= 1 && n <= most ? { [part]: n } : 'mistyped';
}

export interface HowManyProps {
  thing: LeftThing;
  meant: Meant;
  onChange: (meant: Meant) => void;
}

const ANY = 'all';

/** Whether all of it is meant, where it is several. */
export function HowMany({ thing, meant, onChange }: HowManyProps) {
  const system = useSettings((s) => s.system);
  const { lot, pieces, amounts } = thing;
  if (pieces.length > 1)
    return (
      <Tick isSelected={meant.isOne} onChange={(isOne) => onChange({ ...meant, isOne })}>
        {`only one of the ${pieces.length}`}
      </Tick>
    );
  if (pieces.length === 1 || lot.measure === 'share') return null;
  const isMistyped = amountsMeant(meant, thing, system) === 'mistyped';
  if (lot.measure === 'length')
    return (
      <TextField
        label="Give, sell, lend or recycle only so much"
        value={meant.some}
        onChange={(some) => onChange({ ...meant, some })}
        isMeasure
        placeholder="all"
        error={isMistyped ? `A length, at most ${howMuchWords(thing, system)}` : null}
      />
    );
  if (lot.measure === 'letters')
    return (
      <TextField
        label="Give, sell, lend or recycle only these letters"
        value={meant.some}
        onChange={(some) => onChange({ ...meant, some })}
        placeholder="all"
        error={isMistyped ? 'Not all of these are there' : null}
      />
    );
  const most = mostOf(meant, thing);
  const nameOf = (part: string): string => itemsOf(lot).find(({ id }) => id === part)?.name ?? 'the rest, mixed';
  return (
    <Row style={{ alignItems: 'flex-end' }}>
      {Object.keys(amounts).length > 1 && (
        <Choice
          label="Give, sell, lend or recycle of it"
          options={[[ANY, 'all of it'], ...Object.keys(amounts).map((part) => [`of ${part}`, nameOf(part)] as const)]}
          value={meant.part === null ? ANY : `of ${meant.part}`}
          onChange={(to) => onChange({ ...meant, some: '', part: to === ANY ? null : to.slice(3) })}
        />
      )}
      {most > 1 && (
        <TextField
          label={`Give, sell, lend or recycle only so many of the ${most}`}
          value={meant.some}
          onChange={(some) => onChange({ ...meant, some })}
          isMeasure
          placeholder="all"
          error={isMistyped ? `A number, at most ${most}` : null}
        />
      )}
    </Row>
  );
}
