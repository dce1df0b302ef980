import type { Amounts } from '../../../stock/ledger';
import { refuse, type Deciding } from '../../act';
import { countedFromHere } from './countedFromHere';
import { isSome } from './retell';

/** The letters of an alpha that was taken in uncounted: from here on they are kept one by one. */
export const countLetters =
  (id: string, letters: Amounts): Deciding =>
  (bench, now) => {
    const lot = bench.lots.get(id);
    if (!lot) return refuse('gone');
    if (lot.measure !== 'share' || !isSome(letters)) return refuse('nothing-to-do', lot.name);
    const counted = { ...lot, measure: 'letters' as const };
    return countedFromHere(bench, id, { counted, amounts: letters, reason: 'counted letter by letter' }, now);
  };
