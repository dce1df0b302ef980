import type { Rect } from '../../ground/geometry';

const meets = (a: number, aLong: number, b: number, bLong: number): boolean => a <= b + bLong && b <= a + aLong;

/**
 * How far something is pushed one way: at most by `by`, and no farther than to where an edge of it first comes to an
 * edge of something beside, above or below it. A push from there goes on.
 * @param axis along which it is pushed @param by ticks, below 0 to the left or up
 */
export function stopAt(moving: Rect, axis: 'x' | 'y', by: number, others: readonly Rect[]): number {
  const long = axis === 'x' ? 'w' : 'h';
  const [across, acrossLong] = axis === 'x' ? (['y', 'h'] as const) : (['x', 'w'] as const);
  const way = Math.sign(by);
  const own = [moving[axis], moving[axis] + moving[long]];
  const offs = others
    .filter((other) => meets(moving[across], moving[acrossLong], other[across], other[acrossLong]))
    .flatMap((other) => [other[axis], other[axis] + other[long]])
    .flatMap((edge) => own.map((at) => (edge - at) * way))
    .filter((off) => off > 0 && off < Math.abs(by));
  return way * Math.min(Math.abs(by), ...offs);
}
