import type { Amounts } from '../../ledger';
import type { Lot } from '../../things';
import { decided, put, refuse, type Deciding } from '../act';
import { comes, isSome, isUntouched, takenBack, toldOf } from './retell';

/**
 * The letters of an alpha that was taken in uncounted: from here on they are kept one by one. What was taken of it
 * before stays as it was told then.
 */
export const countLetters =
  (id: string, letters: Amounts): Deciding =>
  (bench, { newId }) => {
    const lot = bench.lots.get(id);
    if (!lot) return refuse('gone');
    if (lot.measure !== 'share' || !isSome(letters)) return refuse('nothing-to-do', lot.name);
    const told = { pieces: [], here: letters, owed: {} };
    const counted: Lot = { ...lot, measure: 'letters' };
    if (isUntouched(bench, id))
      return decided('counted', lot.name, {
        events: [...takenBack(bench, id, false), ...comes(id, told)],
        records: [put('lots', counted)],
      });
    const { here } = toldOf(bench, id);
    const next: Lot = { ...counted, id: newId() };
    const change = Object.fromEntries(Object.entries(here).map(([part, n]) => [part, -n]));
    const noMore = { type: 'counted' as const, lot: id, change, reason: 'counted letter by letter' };
    return decided('counted', lot.name, {
      events: [...(isSome(here) ? [noMore] : []), ...comes(next.id, told)],
      records: [put('lots', next)],
    });
  };
