import type { LeftThing } from '../../../core/kits';
import { totalOf } from '../../../core/ledger';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';

/** How much of a thing is meant: one of several pieces alike, or so many of a counted thing, as they are typed. */
export interface Meant {
  readonly isOne: boolean;
  readonly some: string;
}

export const ALL: Meant = { isOne: false, some: '' };

/** Of how many alike a part may leave; 1: it is all or nothing. */
const partlyUpTo = ({ lot, pieces, amounts }: LeftThing): number =>
  pieces.length === 0 && lot.measure === 'count' && Object.keys(amounts).length === 1 ? totalOf(amounts) : 1;

/** So many of a counted thing; null: all of it. */
export const countMeant = ({ some }: Meant, thing: LeftThing): number | null =>
  /^\d+$/.test(some) && Number(some) >= 1 && Number(some) < partlyUpTo(thing) ? Number(some) : null;

export interface HowManyProps {
  thing: LeftThing;
  meant: Meant;
  onChange: (meant: Meant) => void;
}

/** Whether all of it is meant, where it is several. */
export function HowMany({ thing, meant, onChange }: HowManyProps) {
  const most = partlyUpTo(thing);
  if (thing.pieces.length > 1)
    return (
      <Tick isSelected={meant.isOne} onChange={(isOne) => onChange({ ...meant, isOne })}>
        {`only one of the ${thing.pieces.length}`}
      </Tick>
    );
  if (most === 1) return null;
  const isWrong = meant.some !== '' && countMeant(meant, thing) === null;
  return (
    <TextField
      label={`Give, sell, lend or recycle only so many of the ${most}`}
      value={meant.some}
      onChange={(some) => onChange({ ...meant, some })}
      isMeasure
      placeholder="all"
      error={isWrong ? `A number, less than ${most}` : null}
    />
  );
}
