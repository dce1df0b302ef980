import type { CutStock } from '../../trimmer/cutting';
import { area, type Size } from '../../ground/geometry';
import { mayBend, type Layout, type PageLayer } from '../design';

/**
 * How far a layer bends: sides of a box or card, and the width of a strip, as parts of what the design has. Common
 * practice, no source.
 */
const BOX = { least: 0.6, most: 1.4 };
const STRIP = { least: 0.5, most: 1.3 };

const isWithin = (side: number, asked: number, { least, most }: typeof BOX): boolean =>
  side >= least * asked && side <= most * asked;

/** A size that a leftover gives a layer, and how many cuts that takes. */
interface Bent extends Size {
  readonly stock: string;
  readonly cuts: number;
  readonly area: number;
}

/** How a leftover serves a layer as it lies there: a box uncut; a strip as wide as it is, cut to its length. */
function servedBy(layer: PageLayer, stock: CutStock, lying: Size): Bent[] {
  const own = { stock: stock.id, area: area(stock) };
  if (layer.role !== 'strip')
    return isWithin(lying.w, layer.w, BOX) && isWithin(lying.h, layer.h, BOX) ? [{ ...lying, ...own, cuts: 0 }] : [];
  const isAcross = layer.w >= layer.h;
  const [length, width] = isAcross ? [lying.w, lying.h] : [lying.h, lying.w];
  const [asked, wide] = isAcross ? [layer.w, layer.h] : [layer.h, layer.w];
  if (length < asked || !isWithin(width, wide, STRIP)) return [];
  const size = isAcross ? { w: asked, h: width } : { w: width, h: asked };
  return [{ ...size, ...own, cuts: length === asked ? 0 : 1 }];
}

/** Pieces alike make a pair, a row or a grid, which lives by their being alike. */
const isOfRow = (layer: PageLayer, { layers }: Layout): boolean =>
  layer.turn === 0 &&
  layers.some(
    (other) =>
      other !== layer && other.role === layer.role && other.turn === 0 && other.w === layer.w && other.h === layer.h,
  );

/**
 * Sizes for layers that leftovers of their papers have already: fewest cuts, then the smallest leftover, the largest
 * layers first. A layer that a leftover serves as it is, or that none is near to, is left alone, and so are rows of
 * pieces alike.
 * @param papers the face of each slot
 */
export function bentToLeftovers(
  layout: Layout,
  papers: Readonly<Record<string, string>>,
  stock: readonly CutStock[],
): Record<string, Size> {
  const left = new Set(stock.filter(({ fresh, missing }) => !fresh && missing.length === 0));
  const sizes: Record<string, Size> = {};
  const bending = layout.layers
    .filter((layer) => mayBend(layer) && !isOfRow(layer, layout))
    .sort((a, b) => area(b) - area(a));
  for (const layer of bending) {
    const face = layer.slot === null ? undefined : papers[layer.slot];
    const served = [...left].flatMap((one): Bent[] => {
      if (face === undefined || (one.front !== face && one.back !== face)) return [];
      const lyings = one.upright || one.w === one.h ? [one] : [one, { w: one.h, h: one.w }];
      return lyings.flatMap(({ w, h }) => servedBy(layer, one, { w, h }));
    });
    const best = served.reduce<Bent | null>(
      (a, b) => (a && (a.cuts < b.cuts || (a.cuts === b.cuts && a.area <= b.area)) ? a : b),
      null,
    );
    if (!best) continue;
    for (const one of left) if (one.id === best.stock) left.delete(one);
    if (best.w !== layer.w || best.h !== layer.h) sizes[layer.id] = { w: best.w, h: best.h };
  }
  return sizes;
}
