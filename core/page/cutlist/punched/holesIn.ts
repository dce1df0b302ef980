import { groupBy } from '../../../ground/groupBy';
import { punchOut, type PunchWish, type Scrap } from '../../../trimmer/punching';
import type { Punch } from '../../../stock/things';
import type { Made, Shape } from './types';

const keyOf = ({ shape, size, height, reach }: Punch): string => `${shape} ${size} ${height} ${reach}`;

/** Where shapes go on a scrap, as many as find a place beside what is punched from it already. */
export function holesIn(scrap: Scrap, shapes: readonly Shape[], before: readonly Made[] = []): Made[] {
  const short = Math.min(scrap.w, scrap.h);
  const byPunch = [...groupBy(shapes, ({ punch }) => keyOf(punch)).values()].filter(
    ([first]) => first && first.punch.size <= short,
  );
  const wishes = byPunch.flatMap((own): PunchWish[] => (own[0] ? [{ punch: own[0].punch, most: own.length }] : []));
  if (wishes.length === 0) return [];
  return punchOut(
    scrap,
    wishes,
    before.map(({ hole }) => hole),
  ).flatMap((holes, i) =>
    holes.flatMap((hole, n) => {
      const shape = byPunch[i]?.[n];
      return shape ? [{ shape, hole }] : [];
    }),
  );
}
