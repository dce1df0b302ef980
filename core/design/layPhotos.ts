import type { Rect, Size } from '../geometry';
import { inches } from '../length';
import { err, ok, type Result } from '../result';
import type { DesignError, PartLayer } from './design';
import { lay } from './lay';
import { matOf } from './mat';

const GAP = inches(1 / 4);

/** Ways to break a list of n into rows, in order: one bit for each place between two. */
function rowBreaks(n: number): number[][] {
  return Array.from({ length: 2 ** (n - 1) }, (_, bits) => {
    const rows: number[] = [1];
    for (let i = 0; i < n - 1; i++) {
      if (bits & (1 << i)) rows.push(1);
      else rows[rows.length - 1]!++;
    }
    return rows;
  });
}

interface Row {
  readonly mats: readonly Size[];
  readonly w: number;
  readonly h: number;
}

function rowsOf(mats: readonly Size[], counts: readonly number[]): Row[] {
  let at = 0;
  return counts.map((n) => {
    const row = mats.slice(at, (at += n));
    return { mats: row, w: row.reduce((sum, m) => sum + m.w, 0) + GAP * (n - 1), h: Math.max(...row.map((m) => m.h)) };
  });
}

const blockSize = (rows: readonly Row[]): Size => ({
  w: Math.max(...rows.map((row) => row.w)),
  h: rows.reduce((sum, row) => sum + row.h, 0) + GAP * (rows.length - 1),
});

/** A mat at its place, with its photo on it. */
export const matted = (mat: Rect, photo: number, margin: number): [PartLayer, PartLayer] => [
  lay('mat', 'mat', mat),
  {
    role: 'photo',
    slot: null,
    photo,
    turn: 0,
    x: mat.x + margin,
    y: mat.y + margin,
    w: mat.w - 2 * margin,
    h: mat.h - 2 * margin,
  },
];

/** Whole ticks from the left or top that centre a length in another. */
const centred = (room: number, length: number): number => Math.floor((room - length) / 2);

/**
 * Matted photos in rows, in order, centred in `room`: of all ways to break them into rows, the one that leaves the most
 * even margin.
 * @returns mats and photos from the bottom up, or by how much they are too large
 */
export function layPhotos(
  room: Rect,
  photos: readonly Size[],
  margin: number,
): Result<readonly PartLayer[], DesignError> {
  if (photos.length === 0) return ok([]);
  const mats = photos.map((photo) => matOf(photo, margin));
  const large = mats.findIndex((mat) => mat.w > room.w || mat.h > room.h);
  if (large >= 0)
    return err({
      kind: 'photo-too-large',
      photo: large,
      needs: mats[large]!,
      room: { w: room.w, h: room.h },
      most: null,
    });
  const tight = (rows: readonly Row[]): number => {
    const { w, h } = blockSize(rows);
    return Math.max(w / room.w, h / room.h);
  };
  const best = rowBreaks(mats.length)
    .map((counts) => rowsOf(mats, counts))
    .reduce((a, b) => (tight(b) < tight(a) ? b : a));
  if (tight(best) > 1)
    return err({
      kind: 'photos-too-many',
      photo: null,
      needs: blockSize(best),
      room: { w: room.w, h: room.h },
      most: null,
    });
  const layers: PartLayer[] = [];
  let y = room.y + centred(room.h, blockSize(best).h);
  let photo = 0;
  for (const row of best) {
    let x = room.x + centred(room.w, row.w);
    for (const mat of row.mats) {
      const top = y + centred(row.h, mat.h);
      layers.push(...matted({ x, y: top, ...mat }, photo, margin));
      x += mat.w + GAP;
      photo++;
    }
    y += row.h + GAP;
  }
  return ok(layers);
}
