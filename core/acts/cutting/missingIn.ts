import { intersect, type Rect } from '../../ground/geometry';
import type { PieceState } from '../../stock/ledger';

/** Areas already gone that reach into a part, told from its corner. */
export function missingIn(parent: Pick<PieceState, 'missing'>, part: Rect): Rect[] {
  return parent.missing
    .map((gone) => intersect(gone, part))
    .filter((gone) => gone !== null)
    .map((gone) => ({ ...gone, x: gone.x - part.x, y: gone.y - part.y }));
}
