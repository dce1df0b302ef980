import type { Size } from '../../../core/ground/geometry';
import { cutListOf } from '../../../core/page/cutlist';
import type { SharingPage } from '../../../core/kit/sharing';

/** The type under which a part of a paper is dragged. */
export const PART = 'application/x-nubbin-part';

/** A part of a paper on its way to another page. */
export interface DraggedPart {
  readonly page: string;
  /** The wanted piece it was. */ readonly slot: string;
  readonly face: string | null;
}

/** How much two sizes differ, either way round. */
const offSize = (a: Size, b: Size): number =>
  Math.min(Math.abs(a.w - b.w) + Math.abs(a.h - b.h), Math.abs(a.w - b.h) + Math.abs(a.h - b.w));

/** The slot of a page that a part goes to: the one of the same name, else the one whose piece is nearest in size. */
export function slotForPart(part: DraggedPart, from: SharingPage, to: SharingPage): string | null {
  const wanted = cutListOf(from.layout, from.page).find(({ id }) => id === part.slot);
  const own = wanted?.slot ?? '';
  const slots = to.layout.slots.map(({ id }) => id);
  if (slots.includes(own) && to.layout.layers.some(({ slot }) => slot === own)) return own;
  const near = cutListOf(to.layout, { id: to.page.id, papers: {} })
    .map((piece) => ({ slot: piece.slot, off: wanted ? offSize(piece, wanted) : 0 }))
    .sort((a, b) => a.off - b.off)[0];
  return near?.slot ?? null;
}
