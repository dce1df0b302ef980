import { planCuts, type CutStock } from '../cutting';
import { contains, splitRect, type Point, type Rect, type Size } from '../../ground/geometry';
import { inches, type Ticks } from '../../ground/length';
import { heldIn } from '../../ground/heldIn';

/** Paper that a photo printer or a print shop prints on; nothing is printed within the margin. Ticks. */
export interface PrintPaper extends Size {
  readonly id: '4x6' | '5x7' | 'letter';
  readonly margin: Ticks;
}

/** Photo paper is printed to its edge, a letter sheet at home is not. Common practice, no source. */
export const PRINT_PAPERS: readonly PrintPaper[] = [
  { id: '4x6', w: inches(4), h: inches(6), margin: 0 },
  { id: '5x7', w: inches(5), h: inches(7), margin: 0 },
  { id: 'letter', w: inches(8.5), h: inches(11), margin: inches(1 / 4) },
];

export interface WantedPrint extends Size {
  readonly id: string;
  readonly count: number;
}

/** A photo on a print; turned: it lies on its side. */
export interface LaidPhoto extends Rect {
  readonly id: string;
  readonly turned: boolean;
}

export interface LaidSheet {
  readonly photos: readonly LaidPhoto[];
  /** Where to cut, right across what is left of the sheet each time. */
  readonly cuts: readonly { readonly from: Point; readonly to: Point }[];
}

/** Judgements of the planner: a handful of photos needs few. */
const WORK = 60_000;

/**
 * Lays photos on as few sheets of one paper as can be found, so that they come apart with straight cuts right across.
 * @returns the sheets, and the photos that are larger than the paper's printed part
 */
export function layPrints(
  photos: readonly WantedPrint[],
  paper: PrintPaper,
): { sheets: LaidSheet[]; tooLarge: string[] } {
  const { margin } = paper;
  const room = { w: paper.w - 2 * margin, h: paper.h - 2 * margin };
  const fits = ({ w, h }: Size): boolean =>
    [
      { w, h },
      { w: h, h: w },
    ].some((size) => contains({ x: 0, y: 0, ...room }, { x: 0, y: 0, ...size }));
  const printed = photos.filter(fits);
  const total = printed.reduce((sum, { count }) => sum + count, 0);
  const tooLarge = photos.filter((photo) => !fits(photo)).map(({ id }) => id);
  if (total === 0) return { sheets: [], tooLarge };
  const stock: CutStock = {
    id: paper.id,
    ...room,
    count: total,
    front: null,
    back: null,
    upright: false,
    fresh: true,
    since: null,
    missing: [],
  };
  const pieces = printed.map(({ id, w, h, count }) => ({
    id,
    w,
    h,
    count,
    of: null,
    turn: true,
    optional: false,
    value: 0,
  }));
  const plan = planCuts(
    { stock: [stock], pieces, keepAtLeast: { w: inches(1), h: inches(1) }, longestCut: null },
    WORK,
  );
  const sheets = plan.sheets.map((sheet): LaidSheet => {
    const parts = new Map<string, Rect>([['A', { x: margin, y: margin, ...room }]]);
    const cuts = sheet.cuts.map(({ part, axis, at, gives }) => {
      const whole = heldIn(parts, part);
      const [near, far] = splitRect(whole, axis, at);
      parts.set(gives[0], near).set(gives[1], far);
      return {
        from: { x: far.x, y: far.y },
        to: axis === 'x' ? { x: far.x, y: whole.y + whole.h } : { x: whole.x + whole.w, y: far.y },
      };
    });
    return {
      cuts,
      photos: sheet.pieces.map(({ id, x, y, w, h, turned }) => ({ id, x: x + margin, y: y + margin, w, h, turned })),
    };
  });
  return { sheets, tooLarge };
}
