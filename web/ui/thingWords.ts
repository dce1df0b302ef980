import type { LeftThing } from '../../core/kit/closing';
import { formatSize, type MeasureSystem } from '../../core/ground/length';
import { amountWords } from './amountWords';

/** How much of it there is: `2 of 12 × 5 3/4″`, `8`. */
export function howMuchWords({ lot, pieces, amounts }: LeftThing, system: MeasureSystem): string {
  const [piece] = pieces;
  if (!piece) return amountWords(lot, amounts, system);
  return pieces.length === 1 ? formatSize(piece, system) : `${pieces.length} of ${formatSize(piece, system)}`;
}

/** What is left, with how much of it there is. */
export const thingWords = (thing: LeftThing, system: MeasureSystem): string =>
  `${thing.pieces[0]?.name ?? thing.lot.name}, ${howMuchWords(thing, system)}`;
