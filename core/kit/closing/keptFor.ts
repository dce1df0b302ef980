import type { Kit } from '../../stock/things';
import { leftOf, type LeftThing, type Wrapped } from './leftOf';

/** A thing that was kept for a month that has come. */
export interface KeptThing {
  readonly kit: Kit;
  readonly thing: LeftThing;
  readonly month: string;
  readonly whom: string;
}

/** What was kept for a month, `2027-03`, or one before it, and is still there: the longest due first. */
export function keptFor(month: string, bench: Wrapped & { readonly kits: ReadonlyMap<string, Kit> }): KeptThing[] {
  return [...bench.kits.values()]
    .flatMap((kit) =>
      leftOf(kit, bench).flatMap((thing) =>
        thing.fate?.for === 'month' && thing.fate.month <= month
          ? [{ kit, thing, month: thing.fate.month, whom: thing.fate.whom ?? '' }]
          : [],
      ),
    )
    .sort((a, b) => a.month.localeCompare(b.month));
}
