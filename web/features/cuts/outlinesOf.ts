import { pageLayout } from '../../../core/page/design';
import { shapedPieces } from '../../../core/page/cutlist';
import type { Path } from '../../../core/ground/shapes';
import type { Page, PlanPiece } from '../../../core/stock/things';

/**
 * The lines of a wanted piece that is more than its rectangle: its outline, and the middle it gives back. Null also
 * where blanks of one size become different pieces: those are shaped by hand.
 */
export function outlinesOf(
  wanted: Pick<PlanPiece, 'id' | 'page'>,
  pages: ReadonlyMap<string, Page>,
): readonly Path[] | null {
  const page = pages.get(wanted.page);
  const shaped = page ? shapedPieces(pageLayout(page).value, page).filter((piece) => piece.wanted === wanted.id) : [];
  const drawn = shaped[0]?.drawn;
  if (!drawn || shaped.length > 1) return null;
  const { x, y, w, h } = drawn.givesBack ?? { x: 0, y: 0, w: 0, h: 0 };
  const middle: Path = [
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + h },
    { x, y: y + h },
  ];
  return drawn.givesBack ? [drawn.outline, middle] : [drawn.outline];
}
