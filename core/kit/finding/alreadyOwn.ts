import { totalOf } from '../../stock/ledger';
import { differenceCiede2000, hexToLab, type ColourShare } from '../../ground/colour';
import type { Shelf } from '../../stock/bench';
import type { Face, Lot } from '../../stock/things';

/** What is about to be taken in. */
export interface Incoming extends Pick<Lot, 'kind' | 'size'> {
  readonly colours: readonly ColourShare[];
}

/** Things on hand that are as good as the same. */
export interface AlreadyOwned {
  readonly lots: readonly Lot[];
  /** Sheets, or pieces counted. */ readonly count: number;
  /** The month of the oldest. */ readonly oldest: string | null;
}

/** Main colours nearer than this (CIEDE2000) look the same on a shelf. */
const SAME = 6;

/**
 * Things of the same kind, size and main colour as one that comes in; null: there are none. What has no colour told is
 * not compared.
 */
export function alreadyOwn(
  { kind, size, colours }: Incoming,
  { ledger, lots, kits }: Shelf,
  faces: ReadonlyMap<string, Face>,
): AlreadyOwned | null {
  const [main] = colours;
  if (!main) return null;
  const lab = hexToLab(main.hex);
  const counts = new Map<string, number>();
  for (const { lot, where } of ledger.pieces.values())
    if (where === 'here') counts.set(lot, (counts.get(lot) ?? 0) + 1);
  const same = [...lots.values()].filter((lot) => {
    const own = faces.get(lot.front ?? '')?.colours[0];
    const isThere = (counts.get(lot.id) ?? totalOf(ledger.lots.get(lot.id)?.here ?? {})) > 0;
    return (
      isThere &&
      lot.kind === kind &&
      lot.size?.w === size?.w &&
      lot.size?.h === size?.h &&
      own !== undefined &&
      differenceCiede2000(lab, hexToLab(own.hex)) < SAME
    );
  });
  if (same.length === 0) return null;
  const months = same
    .map((lot) => kits.get(lot.kit)?.month)
    .filter((month) => month !== undefined)
    .sort();
  return {
    lots: same,
    count: same.reduce(
      (sum, lot) =>
        sum + (counts.get(lot.id) ?? (lot.measure === 'count' ? totalOf(ledger.lots.get(lot.id)?.here ?? {}) : 1)),
      0,
    ),
    oldest: months[0] ?? null,
  };
}
