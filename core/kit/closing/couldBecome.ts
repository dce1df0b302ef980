import { largestRectOutside, type Rect, type Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { punchSpots } from '../../trimmer/punching';
import type { Punch } from '../../stock/things';

/** What a piece of paper could still be cut up into, all of it one thing. */
export type Chance =
  /** Mats for photos of a size. */
  | { readonly kind: 'mats'; readonly count: number; readonly photo: Size }
  /** Strips an inch wide, as long as the piece. */
  | { readonly kind: 'strips'; readonly count: number; readonly length: number }
  | { readonly kind: 'cards'; readonly count: number; readonly size: Size }
  | { readonly kind: 'shapes'; readonly count: number; readonly punch: Punch };

/** A mat shows so much on each side of its photo; common practice, no source. */
const MAT = inches(1 / 8);
const STRIP = inches(1);
/** A strip shorter than this is no strip. */
const SHORTEST_STRIP = inches(4);
/** Pocket cards, and prints where no photo waits: the usual sizes; common practice, no source. */
const CARDS: readonly Size[] = [
  { w: inches(4), h: inches(6) },
  { w: inches(3), h: inches(4) },
];

/** How many of a size straight cuts give of a sheet: row after row or column after column, each either way round. */
function inRows(sheet: Size, { w, h }: Size): number {
  const known = new Map<string, number>();
  const most = (wide: number, high: number): number => {
    const key = `${wide}x${high}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    let best = 0;
    for (const [a, b] of [
      [w, h],
      [h, w],
    ] as const) {
      if (a > wide || b > high) continue;
      best = Math.max(best, Math.floor(wide / a) + most(wide, high - b), Math.floor(high / b) + most(wide - a, high));
    }
    known.set(key, best);
    return best;
  };
  return most(sheet.w, sheet.h);
}

const around = ({ w, h }: Size): Size => ({ w: w + 2 * MAT, h: h + 2 * MAT });

/** The largest of some sizes of which at least one lies on the sheet, with how many do. */
function largest(sheet: Size, sizes: readonly Size[], as: (size: Size) => Size): { size: Size; count: number } | null {
  const [best] = [...sizes]
    .sort((a, b) => b.w * b.h - a.w * a.h)
    .map((size) => ({ size, count: inRows(sheet, as(size)) }))
    .filter(({ count }) => count > 0);
  return best ?? null;
}

/**
 * What a left-over piece is still good for: mats for the photos that wait (or for usual prints), cards, strips, shapes
 * that she has a punch for. Each as if all of the piece went into it.
 * @param photos sizes of photos on no page
 * @param punches those she has; the largest that fits counts
 */
export function couldBecome(
  piece: Size & { readonly missing: readonly Rect[] },
  photos: readonly Size[],
  punches: readonly Punch[],
): Chance[] {
  const sheet =
    piece.missing.length === 0 ? piece : largestRectOutside({ x: 0, y: 0, w: piece.w, h: piece.h }, piece.missing);
  if (!sheet) return [];
  const mats = largest(sheet, photos.length > 0 ? photos : CARDS, around);
  const cards = largest(sheet, CARDS, (size) => size);
  const [short, long] = [Math.min(sheet.w, sheet.h), Math.max(sheet.w, sheet.h)];
  const strips = long >= SHORTEST_STRIP ? Math.floor(short / STRIP) : 0;
  const scrap = { w: piece.w, h: piece.h, missing: piece.missing, upright: false };
  const shapes = [...punches]
    .sort((a, b) => b.size - a.size)
    .map((punch) => ({ punch, count: punchSpots(scrap, punch).length }))
    .find(({ count }) => count > 0);
  return [
    ...(mats ? [{ kind: 'mats' as const, count: mats.count, photo: mats.size }] : []),
    ...(cards ? [{ kind: 'cards' as const, count: cards.count, size: cards.size }] : []),
    ...(strips > 0 ? [{ kind: 'strips' as const, count: strips, length: long }] : []),
    ...(shapes ? [{ kind: 'shapes' as const, count: shapes.count, punch: shapes.punch }] : []),
  ];
}
