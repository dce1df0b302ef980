import type { Point } from '../../ground/geometry';
import { middleOf, onGround, type Eyed, type Remark, type Sheet } from './eyed';

/** Of a thing without a colour, CIELAB. */
const USUAL_LIGHTNESS = 50;
const RAISED = 1.3;
/** The centre may be off the middle by this share of the sheet. */
const SLACK = 1 / 8;

/** What is large, dark, raised and busy weighs. */
const weightOf = ({ w, h, colour, raised, busy }: Eyed): number =>
  w * h * (2 - (colour?.l ?? USUAL_LIGHTNESS) / 100) * (raised ? RAISED : 1) * (1 + busy);

/** The centre of all weights; null where nothing weighs. */
export function centreOfWeight(sheet: Sheet): Point | null {
  let [x, y, all] = [0, 0, 0];
  for (const thing of onGround(sheet)) {
    const weight = weightOf(thing);
    const middle = middleOf(thing);
    x += weight * middle.x;
    y += weight * middle.y;
    all += weight;
  }
  return all > 0 ? { x: x / all, y: y / all } : null;
}

/** Weight on one side wants an answer on the other. */
export function uneven(sheet: Sheet): Remark[] {
  const centre = centreOfWeight(sheet);
  if (!centre) return [];
  return (['x', 'y'] as const).flatMap((axis): Remark[] => {
    const size = axis === 'x' ? sheet.w : sheet.h;
    const off = centre[axis] - size / 2;
    if (Math.abs(off) <= SLACK * size) return [];
    const to = axis === 'x' ? (off > 0 ? 'left' : 'right') : off > 0 ? 'head' : 'foot';
    const where = { left: 'on the left', right: 'on the right', head: 'at the head', foot: 'at the foot' }[to];
    return [{ kind: 'weight', axis, to, why: `More weight ${where} would answer what lies across from it.` }];
  });
}
