import type { Ticks } from '../../ground/length';
import type { Rect } from '../../ground/geometry';
import { chordLength, longestGap, mergeChords, mergeSorted, without } from './chords';
import type { Chord, Outline } from './shapes';
import { nth } from '../../ground/nth';

/** One horizontal band, with what can be said of the layer all the way through it. */
interface Band {
  readonly top: number;
  readonly foot: number;
  /** Where the layer fills the band from top to foot. */
  readonly inside: Chord | null;
  /** A superset of the layer's uncovered paper in the band. */
  readonly bare: readonly Chord[];
}

const BANDS = 320;
const PASSES = 3;
/**
 * With more outlines above than this, fewer bands are cut, and finer ones only round the window's edges: time stays
 * bounded.
 */
const MANY = 48;
const FEWEST = 96;
const ROUND_EDGES = 40;

const common = (a: Chord | null, b: Chord | null): Chord | null => {
  if (!a || !b) return null;
  const chord: Chord = [Math.max(a[0], b[0]), Math.min(a[1], b[1])];
  return chord[0] < chord[1] ? chord : null;
};

/** Where a convex outline fills the whole band: what it has at both the band's edges. */
const filled = (outline: Outline, top: number, foot: number): Chord | null =>
  common(outline.chord(top), outline.chord(foot));

/** The outline's reach anywhere in the band: at its edges or, between them, where the outline turns. */
function reach(outline: Outline, top: number, foot: number): Chord | null {
  const chords = [top, foot, ...outline.heights.filter((y) => y > top && y < foot)]
    .map(outline.chord)
    .filter((c) => c !== null);
  return chords.length === 0 ? null : [Math.min(...chords.map((c) => c[0])), Math.max(...chords.map((c) => c[1]))];
}

function bandEdges(from: number, to: number, bands: number, marks: readonly number[]): number[] {
  const even = Array.from({ length: bands + 1 }, (_, i) => from + ((to - from) * i) / bands);
  return [...new Set([...even, ...marks.filter((y) => y > from && y < to)])].sort((a, b) => a - b);
}

/** What of a chord shows in a band: less all that surely covers the band; the largest outlines first. */
function bareIn(all: Chord, above: readonly Outline[], top: number, foot: number): readonly Chord[] {
  let bare: readonly Chord[] = [all];
  for (const outline of above) {
    const { x, y, w, h } = outline.bounds;
    if (x >= nth(bare, bare.length - 1)[1] || x + w <= nth(bare, 0)[0]) continue;
    const cover = top < y || foot > y + h ? null : filled(outline, top, foot);
    if (cover) bare = without(bare, cover);
    if (bare.length === 0) return bare;
  }
  return bare;
}

function cutBands(layer: Outline, above: readonly Outline[], edges: readonly number[]): Band[] {
  return edges.slice(1).map((foot, i) => {
    const top = nth(edges, i);
    const all = reach(layer, top, foot);
    return { top, foot, inside: filled(layer, top, foot), bare: all ? bareIn(all, above, top, foot) : [] };
  });
}

const widen = (chords: readonly Chord[], by: number): Chord[] =>
  chords.map(([from, to]): Chord => [from - by, to + by]);

/** The best window made of whole bands: top band by top band, downward, while what is free between narrows. */
function bestOverBands(bands: readonly Band[], hold: Ticks): Rect | null {
  let best: Rect | null = null;
  const end = bands[bands.length - 1]?.foot ?? 0;
  const wide = bands.map((band) => mergeChords(widen(band.bare, hold)));
  for (let first = 0; first < bands.length; first++) {
    const { top } = nth(bands, first);
    let inside: Chord | null = [-Infinity, Infinity];
    let bare: Chord[] = [];
    let seen = first;
    while (seen > 0 && nth(bands, seen - 1).foot > top - hold) seen--;
    for (let last = first; last < bands.length; last++) {
      const { foot } = nth(bands, last);
      inside = common(inside, nth(bands, last).inside);
      if (!inside) break;
      for (; seen < bands.length && nth(bands, seen).top < foot + hold; seen++)
        if (nth(bands, seen).bare.length > 0) bare = mergeSorted(bare, nth(wide, seen));
      const free = longestGap(inside, bare);
      if (!free) break;
      const found: Rect = { x: free[0], y: top, w: chordLength(free), h: foot - top };
      if (!best || found.w * found.h > best.w * best.h) best = found;
      // Lower down it can only get narrower.
      if (found.w * (end - top) <= best.w * best.h) break;
    }
  }
  return best;
}

/** Shrinks to whole ticks, so that rounding never takes what shows. */
function inward({ x, y, w, h }: Rect): Rect | null {
  const [left, top] = [Math.ceil(x - 1e-6), Math.ceil(y - 1e-6)];
  const [right, foot] = [Math.floor(x + w + 1e-6), Math.floor(y + h + 1e-6)];
  return right > left && foot > top ? { x: left, y: top, w: right - left, h: foot - top } : null;
}

/**
 * A large safe window in a layer of any shape: the layer is cut into thin bands in which only what is surely covered
 * counts as covered; then the neighbourhood of the best window is cut finer, twice. Never larger than is safe. Source:
 * own.
 * @param marked with more outlines above than this, bands are not cut where their corners lie
 */
export function scannedWindow(layer: Outline, above: readonly Outline[], hold: Ticks, marked = Infinity): Rect | null {
  const best = above.length <= MANY ? byAllBands(layer, above, hold) : byFewBands(layer, above, hold, marked);
  return best && inward(best);
}

const larger = (best: Rect, other: Rect | null): Rect => (other && other.w * other.h > best.w * best.h ? other : best);
const inOrder = (edges: readonly number[]): number[] => [...new Set(edges)].sort((a, b) => a - b);

/** Where something of what lies above may end, or what must stay under it. */
const marksOf = (outlines: readonly Outline[], hold: Ticks): number[] =>
  outlines.flatMap(({ heights }) => heights.flatMap((at) => [at - hold, at, at + hold]));

function byAllBands(layer: Outline, above: readonly Outline[], hold: Ticks): Rect | null {
  const { y, h } = layer.bounds;
  const marks = marksOf([layer, ...above], hold);
  const whole = bandEdges(y, y + h, BANDS, marks);
  let best = bestOverBands(cutBands(layer, above, whole), hold);
  for (let pass = 1; pass < PASSES && best; pass++) {
    const margin = hold + (6 * h) / BANDS ** pass + best.h / 20;
    const [from, to] = [Math.max(y, best.y - margin), Math.min(y + h, best.y + best.h + margin)];
    // Outside the neighbourhood the coarse bands stay, so that nothing bare is forgotten.
    const edges = inOrder([...whole.filter((at) => at < from || at > to), ...bandEdges(from, to, BANDS, marks)]);
    best = larger(best, bestOverBands(cutBands(layer, above, edges), hold));
  }
  return best;
}

function byFewBands(layer: Outline, above: readonly Outline[], hold: Ticks, marked: number): Rect | null {
  const { y, h } = layer.bounds;
  const bands = Math.max(FEWEST, Math.round((BANDS * MANY) / above.length));
  const even = bandEdges(y, y + h, bands, []);
  const whole = above.length <= marked ? bandEdges(y, y + h, bands, marksOf([layer, ...above], hold)) : even;
  let best = bestOverBands(cutBands(layer, above, whole), hold);
  let near = (2 * h) / bands;
  for (let pass = 1; pass < PASSES && best; pass++) {
    // What bounds the window from above and below lies near its edges, or as far off as must stay for the glue.
    const at = [best.y, best.y - hold, best.y + best.h, best.y + best.h + hold];
    const fine = at.flatMap((edge) =>
      bandEdges(Math.max(y, edge - near), Math.min(y + h, edge + near), hold > 0 ? ROUND_EDGES / 2 : ROUND_EDGES, []),
    );
    const [from, to] = [best.y - hold - near, best.y + best.h + hold + near];
    const own = whole.filter((edge) => edge >= from && edge <= to);
    const edges = inOrder([...even, ...own, ...fine]).filter((edge) => edge >= y && edge <= y + h);
    best = larger(best, bestOverBands(cutBands(layer, above, edges), hold));
    near /= ROUND_EDGES / 8;
  }
  return best;
}
