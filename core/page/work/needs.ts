import { totalOf, type Ledger } from '../../stock/ledger';
import { isKept, type Lot } from '../../stock/things';
import type { Need } from './kinds';

/** A tool or medium in the stash that serves, where it lies, and of a medium how much is left, in hundredths. */
export interface Found {
  readonly lot: Lot;
  readonly place: string;
  readonly level: number | null;
}

export interface Shelves {
  readonly lots: ReadonlyMap<string, Lot>;
  readonly ledger: Ledger;
}

/** What of the stash serves a need; null: she has not told of any. Of several, that of which most is left. */
export function foundFor({ words }: Need, { lots, ledger }: Shelves): Found | null {
  const all = [...lots.values()].flatMap((lot): Found[] => {
    const state = ledger.lots.get(lot.id);
    if (!state || !isKept(lot.kind) || !words.test(`${lot.name} ${lot.note}`.toLowerCase())) return [];
    const here = totalOf(state.here);
    if (here === 0) return [];
    return [{ lot, place: state.place, level: lot.measure === 'share' ? here : null }];
  });
  return all.reduce<Found | null>((best, one) => ((one.level ?? 0) > (best?.level ?? -1) ? one : best), null);
}
