import type { Rect } from '../geometry';
import { divideLeftOver, squareKept, wholeSpots } from './leftOver';
import { halves, joined, leaves, replacePart, wholeSheet, type Part } from './part';
import type { Lie, Problem } from './problem';
import { makeSheet, type State } from './state';

/** How a free part is judged for a piece; each favours another kind of plan. */
export type Rule = 'keep' | 'snug' | 'edge';

/** A block of across x down copies of one item, cut free from a part. */
interface Block { readonly item: number; readonly lie: Lie; readonly across: number; readonly down: number }

/** A block put at a spot, cut free with its upright cuts first ('x') or its level ones ('y'). */
interface Spot { readonly part: Part; readonly at: Rect; readonly first: 'x' | 'y'; readonly block: Block }

interface Choice extends Spot { readonly sheet: number | null; readonly kind: number; readonly badness: number }

export interface PlaceOptions {
  readonly rule: Rule;
  /** Whether several copies may be cut from one strip at once. */
  readonly blocks: boolean;
  /** A factor near 1 on each judgement, so that searches differ. */
  readonly noise: () => number;
  /** Counts the judgements made. */
  readonly spend: (work: number) => void;
}

/** The cuts along one axis that free `at`: what lies before it is cut off, then what lies beyond. */
function freeAlong(problem: Problem, part: Part, at: Rect, axis: 'x' | 'y', inner: (rest: Part) => Part | null): Part | null {
  const [start, size, from, length] = axis === 'x' ? [part.x, part.w, at.x, at.w] : [part.y, part.h, at.y, at.h];
  if (from === start && length === size) return inner(part);
  if ((axis === 'x' ? part.h : part.w) > problem.longestCut) return null;
  if (from > start) {
    const [before, rest] = halves(part, axis, from - start);
    const done = freeAlong(problem, rest, at, axis, inner);
    return done && joined(part, axis, before, done);
  }
  const [own, beyond] = halves(part, axis, length);
  const done = inner(own);
  return done && joined(part, axis, done, beyond);
}

/** A block cut into its copies, row by row or column by column; whichever the trimmer can do. */
function cutBlock(problem: Problem, part: Part, { item, lie, across, down }: Block): Part | null {
  if (across === 1 && down === 1) return { ...part, use: { item, turned: lie.turned } };
  const axis = across > 1 ? 'x' : 'y';
  if ((axis === 'x' ? part.h : part.w) > problem.longestCut) return null;
  const [near, far] = halves(part, axis, axis === 'x' ? lie.w : lie.h);
  const one = cutBlock(problem, near, { item, lie, across: axis === 'x' ? 1 : across, down: axis === 'y' ? 1 : down });
  const rest = cutBlock(problem, far, { item, lie, across: axis === 'x' ? across - 1 : across, down: axis === 'y' ? down - 1 : down });
  return one && rest && joined(part, axis, one, rest);
}

/** The part with the block cut free and cut up; null where the trimmer is too short. */
function cutFree(problem: Problem, { part, at, first, block }: Spot): Part | null {
  const second = first === 'x' ? 'y' : 'x';
  return freeAlong(problem, part, at, first, (rest) => freeAlong(problem, rest, at, second, (own) => cutBlock(problem, own, block)));
}

/** What is lost of the sum of squares when the block is cut from the part; Infinity where it cannot be. */
function lossOf(problem: Problem, spot: Spot): number {
  const { part, at, first } = spot;
  if (part.holes.length > 0 || Math.max(part.w, part.h) > problem.longestCut) {
    const cut = cutFree(problem, spot);
    if (!cut) return Infinity;
    const left = leaves(cut).filter((leaf) => !leaf.use).reduce((sum, leaf) => sum + divideLeftOver(problem, leaf).kept, 0);
    return divideLeftOver(problem, part).kept - left;
  }
  const [beside, below] = first === 'x'
    ? [squareKept(problem, part.w - at.w, part.h), squareKept(problem, at.w, part.h - at.h)]
    : [squareKept(problem, part.w - at.w, at.h), squareKept(problem, part.w, part.h - at.h)];
  return (part.w * part.h) ** 2 - beside - below;
}

function badness(problem: Problem, rule: Rule, spot: Spot): number {
  const loss = lossOf(problem, spot);
  if (loss === Infinity) return Infinity;
  const { part, at } = spot;
  const area = at.w * at.h;
  const share = loss / area / (1 + part.w * part.h);
  if (rule === 'keep') return loss / area;
  if (rule === 'snug') return part.w * part.h - area + share / 1e3;
  return Math.min(part.w - at.w, part.h - at.h) + share / 1e6;
}

function corners(part: Part, w: number, h: number): Rect[] {
  if (part.holes.length === 0) return w <= part.w && h <= part.h ? [{ x: part.x, y: part.y, w, h }] : [];
  return wholeSpots(part).filter((spot) => w <= spot.w && h <= spot.h).flatMap((spot) => {
    const [right, foot] = [spot.x + spot.w - w, spot.y + spot.h - h];
    const xs = right > spot.x ? [spot.x, right] : [spot.x];
    const ys = foot > spot.y ? [spot.y, foot] : [spot.y];
    return xs.flatMap((x) => ys.map((y) => ({ x, y, w, h })));
  });
}

/** One copy, and with `blocks` as long a row and a column as the part and the copies left allow. */
function blocksFor(part: Part, item: number, lie: Lie, left: number, blocks: boolean): Block[] {
  const found: Block[] = [{ item, lie, across: 1, down: 1 }];
  if (!blocks || left < 2) return found;
  const across = Math.min(left, Math.floor(part.w / lie.w));
  const down = Math.min(left, Math.floor(part.h / lie.h));
  if (across > 1) found.push({ item, lie, across, down: 1 });
  if (down > 1) found.push({ item, lie, across: 1, down });
  const rows = Math.min(down, Math.floor(left / Math.max(1, across)));
  if (across > 1 && rows > 1) found.push({ item, lie, across, down: rows });
  return found;
}

const wholes = new WeakMap<Problem, Part[]>();

/** The uncut sheet of each kind, the same object every time. */
function wholeSheets(problem: Problem): Part[] {
  const known = wholes.get(problem) ?? problem.kinds.map((kind) => wholeSheet(kind));
  wholes.set(problem, known);
  return known;
}

/** Puts one block of the item where it does least harm. Mutates `state`; false where nothing has room for a single copy. */
export function place(problem: Problem, state: State, item: number, options: PlaceOptions): boolean {
  let best: Choice | null = null;
  const left = state.left[item]!;
  const tryPart = (part: Part, sheet: number | null, kind: number): void => {
    const serving = problem.servings[kind]![item];
    if (!serving) return;
    for (const lie of serving.lies) {
      if (lie.w > part.w || lie.h > part.h) continue;
      for (const block of blocksFor(part, item, lie, left, options.blocks)) {
        for (const at of corners(part, block.across * lie.w, block.down * lie.h)) {
          for (const first of ['x', 'y'] as const) {
            options.spend(part.holes.length > 0 ? 8 : 1);
            const spot = { part, at, first, block };
            const bad = badness(problem, options.rule, spot) * options.noise();
            if (bad < (best?.badness ?? Infinity)) best = { ...spot, sheet, kind, badness: bad };
          }
        }
      }
    }
  };
  const tryUnopened = (fresh: boolean): void => problem.kinds.forEach((kind, k) => {
    if (kind.stock.fresh === fresh && state.opened[k]! < kind.stock.count) tryPart(wholeSheets(problem)[k]!, null, k);
  });
  state.sheets.forEach((sheet, s) => sheet.free.forEach((part) => tryPart(part, s, sheet.kind)));
  tryUnopened(false);
  if (!best) tryUnopened(true);
  return best !== null && carryOut(problem, state, best);
}

function carryOut(problem: Problem, state: State, choice: Choice): boolean {
  const cut = cutFree(problem, choice)!;
  if (choice.sheet === null) {
    state.sheets.push(makeSheet(problem, choice.kind, cut));
    state.opened[choice.kind]!++;
  } else {
    const { kind, tree } = state.sheets[choice.sheet]!;
    state.sheets[choice.sheet] = makeSheet(problem, kind, replacePart(tree, choice.part, cut));
  }
  state.left[choice.block.item]! -= choice.block.across * choice.block.down;
  return true;
}
