import type { Path } from './shape';
import { nth } from '../nth';

/** What an arc over a chord adds to the chord's side, square ticks: a circular segment, at most half a circle. */
function segmentArea(chord: number, r: number): number {
  const half = Math.asin(Math.min(1, chord / (2 * r)));
  return r * r * (half - Math.sin(2 * half) / 2);
}

/** The area that a clockwise path (y down) encloses: the shoelace formula and a circular segment for each arc. */
export function pathArea(path: Path): number {
  return path.reduce((sum, { x, y, arc }, i) => {
    const from = nth(path, (i + path.length - 1) % path.length);
    const triangle = (from.x * y - x * from.y) / 2;
    const segment = arc ? segmentArea(Math.hypot(x - from.x, y - from.y), arc.r) : 0;
    return sum + triangle + (arc?.bulges === 'left' ? segment : -segment);
  }, 0);
}
