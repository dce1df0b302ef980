import type { Ledger } from '../../stock/ledger';
import type { Lot, Punch } from '../../stock/things';

/** A punch that she has. */
export interface OwnPunch {
  readonly name: string;
  readonly punch: Punch;
}

/** All punches that are there. @param reach how far one reaches in of which it is not told; null: anywhere */
export const ownPunches = (lots: ReadonlyMap<string, Lot>, ledger: Ledger, reach: number | null): OwnPunch[] =>
  [...lots.values()].flatMap(({ id, name, punch }) =>
    punch && (ledger.lots.get(id)?.here[''] ?? 0) > 0
      ? [{ name, punch: { ...punch, reach: punch.reach ?? reach } }]
      : [],
  );
