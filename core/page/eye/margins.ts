import { inches } from '../../ground/length';
import { boundsOf, onGround, type Remark, type Sheet } from './eyed';

const LEAST = inches(1 / 16);
const CLEAR = inches(1 / 2);

/** Margins should be equal, or clearly unequal. */
export function hairMargins(sheet: Sheet): Remark[] {
  const all = boundsOf(onGround(sheet));
  if (!all) return [];
  const differing = { x: all.x - (sheet.w - all.x - all.w), y: all.y - (sheet.h - all.y - all.h) };
  return (['x', 'y'] as const).flatMap((axis): Remark[] => {
    const by = Math.abs(differing[axis]);
    const sides = axis === 'x' ? 'left and right' : 'at head and foot';
    return by >= LEAST && by < CLEAR
      ? [
          {
            kind: 'margins',
            axis,
            why: `The margins ${sides} differ by a hair: let them be equal, or clearly unequal.`,
          },
        ]
      : [];
  });
}
