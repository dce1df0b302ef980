import { useState } from 'react';
import type { Contour } from '../../../core/trimmer/contours';
import { intersect, type Rect } from '../../../core/ground/geometry';
import type { PieceState } from '../../../core/stock/ledger';
import { db } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { whyOf } from '../../ui/BrokenOff';
import { traceInPicture } from '../../workers/picturesClient';

/**
 * Looks in a paper's picture for what stands out. The line is told from the piece's corner, in ticks; null: nothing
 * does, and why stands in `trouble`.
 */
export function useTrace(face: string | null, piece: PieceState) {
  const picture = useBench((b) => b.faces).get(face ?? '')?.picture;
  const [trouble, setTrouble] = useState<string | null>(null);
  const look = async (box: Rect): Promise<Contour | null> => {
    if (!picture) return null;
    const image = await db.images.get(picture.image);
    if (!image) return null;
    const at = piece.onSheet ?? { x: 0, y: 0 };
    // The picture is shown from the sheet's head left corner on; what it does not show cannot be looked at.
    const shown = intersect({ ...box, x: box.x + at.x, y: box.y + at.y }, { x: 0, y: 0, w: picture.w, h: picture.h });
    const part = shown && {
      x: shown.x / picture.w,
      y: shown.y / picture.h,
      w: shown.w / picture.w,
      h: shown.h / picture.h,
    };
    const blob = new Blob([image.bytes], { type: image.type });
    try {
      const line = part && (await traceInPicture(blob, part));
      setTrouble(line ? null : 'Nothing stands out there. Draw the box round it, with some of the ground.');
      return line && shown
        ? line.map(({ x, y }) => ({
            x: Math.round(shown.x - at.x + x * shown.w),
            y: Math.round(shown.y - at.y + y * shown.h),
          }))
        : null;
    } catch (error) {
      setTrouble(whyOf(error));
      return null;
    }
  };
  return { canLook: picture !== undefined, look, trouble };
}
