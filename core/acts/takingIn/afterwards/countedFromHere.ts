import type { Result } from '../../../ground/result';
import { own, type Amounts } from '../../../stock/ledger';
import type { Lot } from '../../../stock/things';
import { decided, put, type Act, type Now, type Refusal } from '../../act';
import type { Bench } from '../../../stock/bench';
import { comes, isSome, isUntouched, takenBack, toldOf } from './retell';

/**
 * A lot that was taken in uncounted: from here on it is kept account of as `counted` has it. What was taken of it before
 * stays as it was told then, on a lot of its own. @param reason how the ledger tells it
 */
export function countedFromHere(
  bench: Bench,
  id: string,
  { counted, amounts, reason }: { counted: Lot; amounts: Amounts; reason: string },
  { newId }: Now,
): Result<Act, Refusal> {
  const told = { pieces: [], here: amounts, owed: {} };
  if (isUntouched(bench, id))
    return decided('counted', counted.name, {
      events: [...takenBack(bench, id, false), ...comes(id, told)],
      records: [put('lots', counted)],
    });
  const { here } = toldOf(bench, id);
  const next: Lot = { ...counted, id: newId() };
  const change = Object.fromEntries(Object.entries(here).map(([part, n]) => [part, -n]));
  const noMore = { type: 'counted' as const, lot: id, change, reason };
  const to = own(bench.ledger.lots.get(id)?.kits ?? {}, '');
  const follows =
    to === undefined || !isSome(amounts) ? [] : [{ type: 'gathered' as const, lot: next.id, amounts, from: null, to }];
  return decided('counted', counted.name, {
    events: [...(isSome(here) ? [noMore] : []), ...comes(next.id, told), ...follows],
    records: [put('lots', next)],
  });
}
