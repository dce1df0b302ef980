import type { Rect, Size } from '../../ground/geometry';
import { err, type Result } from '../../ground/result';
import type { DesignError, PartLayer } from './design';
import { nth } from '../../ground/nth';

/** A layer of paper at its place. */
export const lay = (
  role: PartLayer['role'],
  slot: string,
  { x, y, w, h }: Rect,
  more: Pick<Partial<PartLayer>, 'turn' | 'shape' | 'matOf'> = {},
): PartLayer => ({ role, slot, photo: null, turn: 0, x, y, w, h, ...more });

/** The bottom layer, as large as the page. */
export const ground = (page: Size): PartLayer => lay('ground', 'ground', { x: 0, y: 0, w: page.w, h: page.h });

/** Whole ticks that keep a rectangle on the page, `inset` from its edges. */
export const onPage = (page: Size, { x, y, w, h }: Rect, inset = 0): Rect => ({
  x: Math.max(inset, Math.min(Math.floor(x), page.w - inset - w)),
  y: Math.max(inset, Math.min(Math.floor(y), page.h - inset - h)),
  w,
  h,
});

/** The smallest rectangle round some; null round none. */
export function boundsOf(rects: readonly Rect[]): Rect | null {
  if (rects.length === 0) return null;
  const x = Math.min(...rects.map((r) => r.x));
  const y = Math.min(...rects.map((r) => r.y));
  return { x, y, w: Math.max(...rects.map((r) => r.x + r.w)) - x, h: Math.max(...rects.map((r) => r.y + r.h)) - y };
}

export const tooSmall = ({ w, h }: Size): Result<never, DesignError> =>
  err({ kind: 'page-too-small', photo: null, needs: null, room: { w, h }, most: null });

/** The first of some measures with which a design takes its photos; with none, why the last does not. */
export function firstThatFits<M, T>(
  measures: readonly M[],
  layOut: (measure: M) => Result<T, DesignError>,
): Result<T, DesignError> {
  let last = layOut(nth(measures, 0));
  for (let i = 1; i < measures.length && !last.ok; i++) last = layOut(nth(measures, i));
  return last;
}
