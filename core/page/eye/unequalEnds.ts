import { inches } from '../../ground/length';
import type { Page } from '../../stock/things';
import type { Remark, Sheet } from './eyed';

/** A strip is so much longer than high; ends that differ by less than a hair are equal, by more they are meant. */
const LONG = 3;
const HAIR = inches(1 / 16);
const CLEAR = inches(1 / 2);

/** Strips that she moved or laid, their ends nearly as far from the one side as from the other. Common practice, no source. */
export function unequalEnds({ w, things }: Sheet, { moves = {}, placed = [] }: Page): Remark[] {
  const hers = new Set([...Object.keys(moves), ...placed.filter(({ turn }) => turn % 180 === 0).map(({ id }) => id)]);
  return things
    .filter((one) => one.role === 'layer' && hers.has(one.id) && one.w > LONG * one.h && one.w > w / 2)
    .flatMap(({ id, x, w: wide }): Remark[] => {
      const by = Math.abs(x - (w - x - wide));
      return by >= HAIR && by < CLEAR
        ? [
            {
              kind: 'unequal-ends',
              things: [id],
              why: 'Its ends are not quite as far from the one side as from the other: let them be, or clearly not.',
            },
          ]
        : [];
    });
}
