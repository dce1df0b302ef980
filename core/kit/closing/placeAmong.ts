import { affinity, type ColourShare } from '../../ground/colour';
import type { Face, Lot } from '../../stock/things';
import type { Wrapped } from './leftOf';

/**
 * Where a thing belongs in the stash: the place where what is like it lies, of its kind first, of those the nearest in
 * colour; null where nothing of its kind has a place.
 */
export function placeAmong(
  lot: Lot,
  { ledger, lots, faces }: Wrapped & { readonly faces: ReadonlyMap<string, Face> },
): string | null {
  const colours = ({ front, back }: Lot): readonly ColourShare[] => faces.get(front ?? back ?? '')?.colours ?? [];
  const own = colours(lot);
  const [nearest] = [...lots.values()]
    .filter(({ id, kind, kit }) => id !== lot.id && kind === lot.kind && kit !== lot.kit)
    .flatMap((other) => {
      const place = ledger.lots.get(other.id)?.place ?? '';
      return place === '' ? [] : [{ place, away: affinity(own, colours(other)) }];
    })
    .sort((a, b) => a.away - b.away);
  return nearest?.place ?? null;
}
