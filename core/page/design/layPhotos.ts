import { inflate, type Rect, type Size } from '../../ground/geometry';
import { inches, type Ticks } from '../../ground/length';
import { err, ok, type Result } from '../../ground/result';
import type { DesignError, DesignPhoto, PartLayer } from './design';
import { lay } from './lay';
import { matOf } from './mat';
import { OUTER_MAT } from './photoSlots';
import { photoBlock, placesIn, type Block } from './photoBlocks';
import { nth } from '../../ground/nth';

const GAP = inches(1 / 4);

/** Ways to break a list of n into rows, in order: one bit for each place between two. */
function rowBreaks(n: number): number[][] {
  return Array.from({ length: 2 ** (n - 1) }, (_, bits) => {
    const rows: number[] = [1];
    for (let i = 0; i < n - 1; i++) {
      if (bits & (1 << i)) rows.push(1);
      else rows[rows.length - 1] = nth(rows, rows.length - 1) + 1;
    }
    return rows;
  });
}

interface Row {
  readonly mats: readonly Size[];
  readonly w: Ticks;
  readonly h: Ticks;
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

/**
 * A photo on its mats, from the bottom up. @param outer where all of it lies @param mats margins, from the photo
 *   outwards
 */
export function matted(outer: Rect, photo: number, mats: readonly number[]): PartLayer[] {
  let at = outer;
  const under = mats.toReversed().map((margin, i): PartLayer => {
    const mat = lay('mat', i < mats.length - 1 ? OUTER_MAT.id : 'mat', at, { matOf: photo });
    at = inflate(at, -margin);
    return mat;
  });
  return [...under, { role: 'photo', slot: null, photo, turn: 0, ...at }];
}

/** Whole ticks from the left or top that centre a length in another. */
const centred = (room: number, length: number): number => Math.floor((room - length) / 2);

/** Where things of some lengths begin, one after another and centred; drawn together where there is no room. */
function beginnings(lengths: readonly number[], room: number): number[] {
  const whole = lengths.reduce((sum, length) => sum + length, 0) + GAP * (lengths.length - 1);
  const last = lengths.at(-1) ?? 0;
  const closer = whole > room ? (room - last) / (whole - last) : 1;
  let at = closer < 1 ? 0 : centred(room, whole);
  return lengths.map((length) => {
    const here = Math.floor(Math.min(at, room - length));
    at += (length + GAP) * closer;
    return here;
  });
}

/** Rows at their places, centred in the room. */
function laidIn(room: Rect, photos: readonly DesignPhoto[], rows: readonly Row[]): PartLayer[] {
  const tops = beginnings(
    rows.map(({ h }) => h),
    room.h,
  );
  const left = photos.map(({ mats }, i) => ({ mats, i }));
  return rows.flatMap((row, at) => {
    const lefts = beginnings(
      row.mats.map(({ w }) => w),
      room.w,
    );
    const [top = 0] = tops.slice(at);
    return left.splice(0, row.mats.length).flatMap(({ mats, i }, k) => {
      const { w, h } = row.mats[k] ?? { w: 0, h: 0 };
      return matted({ x: room.x + (lefts[k] ?? 0), y: room.y + top + centred(row.h, h), w, h }, i, mats);
    });
  });
}

/** A block at its place, centred in the room; photos in the order of the list. */
function blockIn(room: Rect, photos: readonly DesignPhoto[], block: Block): PartLayer[] {
  const at = { x: room.x + centred(room.w, block.w), y: room.y + centred(room.h, block.h) };
  const places = placesIn(block, at, GAP);
  return photos.flatMap(({ mats }, i) => {
    const place = places.get(i);
    return place ? matted(place, i, mats) : [];
  });
}

/**
 * Matted photos in rows, in order, centred in `room`: of all ways to break them into rows, the one that leaves the most
 * even margin. Where rows do not fit, rows and columns mixed, a large one beside a stack, say; where they may overlap,
 * what finds no room is drawn together evenly.
 * @returns mats and photos from the bottom up, or by how much they are too large
 */
export function layPhotos(
  room: Rect,
  photos: readonly DesignPhoto[],
  mayOverlap: boolean,
): Result<readonly PartLayer[], DesignError> {
  if (photos.length === 0) return ok([]);
  const mats = photos.map(matOf);
  const large = mats.findIndex((mat) => mat.w > room.w || mat.h > room.h);
  if (large >= 0)
    return err({
      kind: 'photo-too-large',
      photo: large,
      needs: nth(mats, large),
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
  if (tight(best) <= 1) return ok(laidIn(room, photos, best));
  const block = photoBlock(mats, room, GAP);
  if (block) return ok(blockIn(room, photos, block));
  if (!mayOverlap)
    return err({
      kind: 'photos-too-many',
      photo: null,
      needs: blockSize(best),
      room: { w: room.w, h: room.h },
      most: null,
    });
  return ok(laidIn(room, photos, best));
}
