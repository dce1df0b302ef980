import type { Point } from '../../ground/geometry';
import { NEAR } from './hole';
import type { Room } from './room';

/**
 * The least way down between two rows whose holes are set off by `across`: of holes `size` in size that lie as the room
 * says.
 */
function leastDown({ size, lie }: Pick<Room, 'size' | 'lie'>, across: number): number {
  if (lie === 'round') return across >= size ? 0 : Math.sqrt(size ** 2 - across ** 2);
  if (lie === 'point-up') return across >= size ? 0 : Math.max(0, (2 * size - across) / Math.sqrt(3));
  return Math.max(0, Math.min(size, 2 * size - Math.sqrt(3) * across));
}

/** Middles of rows `pitch` apart along and `down` apart, every other row set off by half a pitch. */
function lattice({ half }: Room, along: number, deep: number, pitch: number, down: number, offset: number): Point[] {
  const spots: Point[] = [];
  for (let row = 0, y = half.y; y <= deep - half.y + NEAR; row++, y = half.y + row * down)
    for (let x = half.x + (row % 2) * offset; x <= along - half.x + NEAR; x += pitch) spots.push({ x, y });
  return spots;
}

/**
 * Rows along x: square ones, and staggered ones, close or drawn out to the width so that the rows come nearer to each
 * other. All begin at the top left.
 */
export function rows(room: Room): Point[][] {
  const {
    scrap: { w, h },
    size,
    lie,
    half,
  } = room;
  const pitch = lie === 'flat-up' ? (2 * size) / Math.sqrt(3) : size;
  const deep = leastDown(room, 0);
  const free = w - 2 * half.x;
  const pitches = new Set([pitch]);
  // n holes in the long rows; the short rows have as many, or one less.
  for (let n = 1; (n - 1) * pitch <= free + NEAR; n++) {
    if (n > 1) pitches.add(Math.max(pitch, free / (n - 1)));
    pitches.add(Math.max(pitch, free / (n - 0.5)));
  }
  const staggered = [...pitches]
    .filter((p) => p < 2 * pitch + NEAR)
    .map((p) => lattice(room, w, h, p, Math.max(leastDown(room, p / 2), deep / 2), p / 2));
  return [lattice(room, w, h, pitch, deep, 0), ...staggered];
}
