import { area, type Rect, type Size } from '../../ground/geometry';
import { groupBy } from '../../ground/groupBy';
import { nth } from '../../ground/nth';

/** Photos beside or below each other, any of them such blocks themselves. `photo` is a place in the list. */
export type Block = Size &
  ({ readonly photo: number } | { readonly axis: 'x' | 'y'; readonly parts: readonly Block[] });

/** Shapes of a block that are looked at further: each is narrower or lower than the others. */
const MOST_SHAPES = 12;

/** Two blocks beside each other ('x') or one below the other ('y'); those of one direction lie in one line. */
function joined(axis: 'x' | 'y', gap: number, a: Block, b: Block): Block {
  const parts = [a, b].flatMap((block) => ('parts' in block && block.axis === axis ? block.parts : [block]));
  const [w, h] = axis === 'x' ? [a.w + gap + b.w, Math.max(a.h, b.h)] : [Math.max(a.w, b.w), a.h + gap + b.h];
  return { axis, parts, w, h };
}

/** Blocks of which none is both narrower and lower than another. */
function shapesOf(blocks: readonly Block[], room: Size): Block[] {
  const fitting = blocks.filter(({ w, h }) => w <= room.w && h <= room.h).sort((a, b) => a.w - b.w || a.h - b.h);
  const kept: Block[] = [];
  for (const block of fitting) if (kept.every(({ h }) => block.h < h)) kept.push(block);
  if (kept.length <= MOST_SHAPES) return kept;
  return Array.from({ length: MOST_SHAPES }, (_, i) =>
    nth(kept, Math.round((i * (kept.length - 1)) / (MOST_SHAPES - 1))),
  );
}

const both = (left: readonly Block[], right: readonly Block[], gap: number): Block[] =>
  left.flatMap((a) => right.flatMap((b) => [joined('x', gap, a, b), joined('y', gap, a, b)]));

/** Blocks of a run of photos in their order. */
function ordered(sizes: readonly Size[], room: Size, gap: number): readonly Block[] {
  const known = new Map<string, readonly Block[]>();
  const blocks = (from: number, to: number): readonly Block[] => {
    const key = `${from} ${to}`;
    const before = known.get(key);
    if (before) return before;
    const found =
      to - from === 1
        ? [{ ...nth(sizes, from), photo: from }]
        : Array.from({ length: to - from - 1 }, (_, i) => from + i + 1).flatMap((cut) =>
            both(blocks(from, cut), blocks(cut, to), gap),
          );
    const shapes = shapesOf(found, room);
    known.set(key, shapes);
    return shapes;
  };
  return blocks(0, sizes.length);
}

/** Blocks of photos in any order, told by how many of each size lie in them. */
function inAnyOrder(sizes: readonly Size[], room: Size, gap: number): readonly Block[] {
  const kinds = [...groupBy(sizes.keys(), (i) => `${nth(sizes, i).w} ${nth(sizes, i).h}`).values()];
  const known = new Map<string, readonly Block[]>();
  /** All ways to take some of each kind. */
  const partsOf = (counts: readonly number[]): number[][] =>
    counts.reduce<number[][]>(
      (parts, most) => parts.flatMap((part) => Array.from({ length: most + 1 }, (_, n) => [...part, n])),
      [[]],
    );
  const blocks = (counts: readonly number[]): readonly Block[] => {
    const key = counts.join(' ');
    const before = known.get(key);
    if (before) return before;
    const total = counts.reduce((sum, n) => sum + n, 0);
    const found =
      total === 1
        ? kinds.flatMap((own, kind) => (counts[kind] === 1 ? [{ ...nth(sizes, nth(own, 0)), photo: nth(own, 0) }] : []))
        : partsOf(counts).flatMap((some) => {
            const rest = counts.map((n, kind) => n - nth(some, kind));
            // Each pair of parts once.
            const isFirst = some.join(' ') <= rest.join(' ');
            const isPart = some.some((n) => n > 0) && rest.some((n) => n > 0);
            return isFirst && isPart ? both(blocks(some), blocks(rest), gap) : [];
          });
    const shapes = shapesOf(found, room);
    known.set(key, shapes);
    return shapes;
  };
  return blocks(kinds.map((own) => own.length));
}

/** Photos of one size take the places of their size in their order, as one reads. */
function inOrder(block: Block, sizes: readonly Size[]): Block {
  const keyOf = ({ w, h }: Size): string => `${w} ${h}`;
  const left = groupBy(sizes.keys(), (i) => keyOf(nth(sizes, i)));
  const named = (one: Block): Block =>
    'parts' in one
      ? { ...one, parts: one.parts.map(named) }
      : { ...one, photo: left.get(keyOf(one))?.shift() ?? one.photo };
  return named(block);
}

/**
 * The block of photos that leaves the most even margin in a room: of those in their order, rows and columns in any
 * nesting; where none of these fits, in any order. Null where none fits. Method: own; guillotine blocks with the shapes
 * of which none is both narrower and lower than another, after L. Stockmeyer, "Optimal orientations of cells in slicing
 * floorplan designs", Information and Control 57, 1983.
 */
export function photoBlock(sizes: readonly Size[], room: Size, gap: number): Block | null {
  if (sizes.length === 0 || sizes.reduce((sum, size) => sum + area(size), 0) > area(room)) return null;
  const tight = ({ w, h }: Size): number => Math.max(w / room.w, h / room.h);
  const best = (blocks: readonly Block[]): Block | null =>
    blocks.reduce<Block | null>((found, one) => (found && tight(found) <= tight(one) ? found : one), null);
  const block = best(ordered(sizes, room, gap)) ?? best(inAnyOrder(sizes, room, gap));
  return block && inOrder(block, sizes);
}

/** Where each photo of a block lies, by its place in the list. What is narrower or lower is centred. */
export function placesIn(block: Block, { x, y }: Pick<Rect, 'x' | 'y'>, gap: number): Map<number, Rect> {
  if ('photo' in block) return new Map([[block.photo, { x, y, w: block.w, h: block.h }]]);
  let along = 0;
  return new Map(
    block.parts.flatMap((part) => {
      const at =
        block.axis === 'x'
          ? { x: x + along, y: y + Math.floor((block.h - part.h) / 2) }
          : { x: x + Math.floor((block.w - part.w) / 2), y: y + along };
      along += (block.axis === 'x' ? part.w : part.h) + gap;
      return [...placesIn(part, at, gap)];
    }),
  );
}
