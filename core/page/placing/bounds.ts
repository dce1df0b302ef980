import type { Point, Rect, Size } from '../../ground/geometry';

/** The upright rectangle round something turned about its middle, ticks. */
export function boundsOf(size: Size, { x, y }: Point, turn: number): Rect {
  const at = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.abs(Math.cos(at)), Math.abs(Math.sin(at))];
  const [w, h] = [Math.ceil(size.w * cos + size.h * sin), Math.ceil(size.w * sin + size.h * cos)];
  return { x: Math.floor(x - w / 2), y: Math.floor(y - h / 2), w, h };
}

/** The rectangle round several. */
export function around(rects: readonly Rect[]): Rect {
  const x = Math.min(...rects.map((r) => r.x));
  const y = Math.min(...rects.map((r) => r.y));
  return { x, y, w: Math.max(...rects.map((r) => r.x + r.w)) - x, h: Math.max(...rects.map((r) => r.y + r.h)) - y };
}
