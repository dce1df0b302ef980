import { area, type Rect } from '../../../ground/geometry';
import { divideLeftOver, squareKept, wholeSpots } from '../parts/leftOver';
import { halves, joined, leaves, LONG_ROW, replacePart, wholeSheet, type Part } from '../parts/part';
import type { Lie, Problem } from '../problem/problem';
import { freshOpened, makeSheet, type State } from '../parts/state';

/** How a free part is judged for a piece; each favours another kind of plan. */
export type Rule = 'keep' | 'snug' | 'edge';

/** A block of across x down copies of one item, cut free from a part. */
interface Block {
  readonly item: number;
  readonly lie: Lie;
  readonly across: number;
  readonly down: number;
}

/** A block put at a spot, cut free with its upright cuts first ('x') or its level ones ('y'). */
interface Spot {
  readonly part: Part;
  readonly at: Rect;
  readonly first: 'x' | 'y';
  readonly block: Block;
}

interface Choice extends Spot {
  readonly sheet: number | null;
  readonly kind: number;
}

/** What may be spent: judgements, counted, and time. */
export interface Effort {
  readonly spend: (work: number) => void;
  /** Asked often: whether what is there so far must do. */
  readonly isOver: () => boolean;
}

export interface PlaceOptions extends Effort {
  readonly rule: Rule;
  /** Whether several copies may be cut from one strip at once. */
  readonly blocks: boolean;
  /** A factor near 1 on each judgement, so that searches differ. */
  readonly noise: () => number;
  /** A kind of stock of which no more is opened; null: all may be. */
  readonly shut: number | null;
  /** No more fresh sheets than these are opened. */
  readonly mostFresh: number;
}

/** The cuts along one axis that free `at`: what lies before it is cut off, then what lies beyond. */
function freeAlong(
  problem: Problem,
  part: Part,
  at: Rect,
  axis: 'x' | 'y',
  inner: (rest: Part) => Part | null,
): Part | null {
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
  const all = axis === 'x' ? across : down;
  // One after the other, as a trimmer is worked; a very long row is halved first, so that no tree is too deep to walk.
  const first = all > LONG_ROW ? Math.floor(all / 2) : 1;
  const [near, far] = halves(part, axis, first * (axis === 'x' ? lie.w : lie.h));
  const along = (n: number): Block => ({ item, lie, ...(axis === 'x' ? { across: n, down } : { across, down: n }) });
  const one = cutBlock(problem, near, along(first));
  const rest = one && cutBlock(problem, far, along(all - first));
  return one && rest && joined(part, axis, one, rest);
}

/** The part with the block cut free and cut up; null where the trimmer is too short. */
function cutFree(problem: Problem, { part, at, first, block }: Spot): Part | null {
  const second = first === 'x' ? 'y' : 'x';
  return freeAlong(problem, part, at, first, (rest) =>
    freeAlong(problem, rest, at, second, (own) => cutBlock(problem, own, block)),
  );
}

/** What is lost of the sum of squares when a block is cut from the corner of a whole part. */
function lossOfWhole(problem: Problem, part: Part, w: number, h: number, first: 'x' | 'y'): number {
  const [beside, below] =
    first === 'x'
      ? [squareKept(problem, part.w - w, part.h), squareKept(problem, w, part.h - h)]
      : [squareKept(problem, part.w - w, h), squareKept(problem, part.w, part.h - h)];
  return (part.w * part.h) ** 2 - beside - below;
}

/** The same of a part with gaps, or where the trimmer may be too short; Infinity where it cannot be cut. */
function lossOfAny(problem: Problem, spot: Spot): number {
  const cut = cutFree(problem, spot);
  if (!cut) return Infinity;
  const left = leaves(cut)
    .filter((leaf) => !leaf.use)
    .reduce((sum, leaf) => sum + divideLeftOver(problem, leaf).kept, 0);
  return divideLeftOver(problem, spot.part).kept - left;
}

function badness(rule: Rule, part: Part, w: number, h: number, loss: number): number {
  const area = w * h;
  if (rule === 'keep' || loss === Infinity) return loss / area;
  const share = loss / area / (1 + part.w * part.h);
  if (rule === 'snug') return part.w * part.h - area + share / 1e3;
  return Math.min(part.w - w, part.h - h) + share / 1e6;
}

/** A part with more gaps than these is not judged by what would be left of it. */
const MANY_HOLES = 60;

/** So many places between gaps are tried for one piece, the snuggest ones: each takes long. */
const MOST_SPOTS = 12;

function corners(part: Part, w: number, h: number): Rect[] {
  if (part.holes.length === 0) return w <= part.w && h <= part.h ? [{ x: part.x, y: part.y, w, h }] : [];
  const fitting = wholeSpots(part).filter((spot) => w <= spot.w && h <= spot.h);
  const tried =
    fitting.length <= MOST_SPOTS ? fitting : [...fitting].sort((a, b) => area(a) - area(b)).slice(0, MOST_SPOTS);
  return tried.flatMap((spot) => {
    const [right, foot] = [spot.x + spot.w - w, spot.y + spot.h - h];
    const xs = right > spot.x ? [spot.x, right] : [spot.x];
    const ys = foot > spot.y ? [spot.y, foot] : [spot.y];
    return xs.flatMap((x) => ys.map((y) => ({ x, y, w, h })));
  });
}

/**
 * One copy as [across, down]; with `blocks` also as long a row, a column and a field as the part and the copies left
 * allow.
 */
function blockSizes(part: Part, lie: Lie, left: number, blocks: boolean): readonly (readonly [number, number])[] {
  if (!blocks || left < 2) return SINGLE;
  const across = Math.min(left, Math.floor(part.w / lie.w));
  const down = Math.min(left, Math.floor(part.h / lie.h));
  const rows = Math.min(down, Math.floor(left / Math.max(1, across)));
  const sizes: [number, number][] = [[1, 1]];
  if (across > 1) sizes.push([across, 1]);
  if (down > 1) sizes.push([1, down]);
  if (across > 1 && rows > 1) sizes.push([across, rows]);
  return sizes;
}

const SINGLE = [[1, 1]] as const;

const wholes = new WeakMap<Problem, Part[]>();

/** The uncut sheet of each kind, the same object every time. */
function wholeSheets(problem: Problem): Part[] {
  const known = wholes.get(problem) ?? problem.kinds.map((kind) => wholeSheet(kind));
  wholes.set(problem, known);
  return known;
}

/** Sheets with gaps that are looked into for one piece before any is opened: each takes long. */
const MOST_WITH_GAPS = 12;

/** Parts looked at that cost as much as one judgement. */
const GLANCES = 16;

/** Looks for the place where one item does least harm. A class, since this is where the planner spends its time. */
class Chooser {
  best: Choice | null = null;
  private least = Infinity;
  /** Places between gaps that were found to hold the piece. */
  private held = 0;

  constructor(
    private readonly problem: Problem,
    private readonly item: number,
    private readonly left: number,
    private readonly options: PlaceOptions,
  ) {}

  /** @param sheet its place among the opened ones; null: not opened yet */
  tryPart(part: Part, sheet: number | null, kind: number): void {
    const serving = this.problem.servings[kind]![this.item];
    if (!serving) return;
    const { longestCut } = this.problem;
    const isPlain = part.holes.length === 0 && part.w <= longestCut && part.h <= longestCut;
    for (const lie of serving.lies) {
      if (lie.w > part.w || lie.h > part.h) continue;
      for (const [across, down] of blockSizes(part, lie, this.left, this.options.blocks)) {
        if (isPlain) this.tryWhole(part, sheet, kind, lie, across, down);
        else this.tryAny(part, sheet, kind, lie, across, down);
      }
    }
  }

  /** A whole part within the trimmer's reach: all by figures, nothing is made before it is the best. */
  private tryWhole(part: Part, sheet: number | null, kind: number, lie: Lie, across: number, down: number): void {
    const [w, h] = [across * lie.w, down * lie.h];
    const { rule, noise, spend } = this.options;
    for (let n = 0; n < 2; n++) {
      const first = n === 0 ? 'x' : 'y';
      const bad = badness(rule, part, w, h, lossOfWhole(this.problem, part, w, h, first)) * noise();
      if (bad >= this.least) continue;
      this.least = bad;
      this.best = {
        part,
        at: { x: part.x, y: part.y, w, h },
        first,
        block: { item: this.item, lie, across, down },
        sheet,
        kind,
      };
    }
    spend(2);
  }

  private tryAny(part: Part, sheet: number | null, kind: number, lie: Lie, across: number, down: number): void {
    const { rule, noise, spend, isOver } = this.options;
    if (part.holes.length > MANY_HOLES)
      return this.tryQuickly(part, sheet, kind, { item: this.item, lie, across, down });
    for (const at of corners(part, across * lie.w, down * lie.h))
      for (const first of ['x', 'y'] as const) {
        if (isOver()) return;
        spend(8 + 8 * part.holes.length);
        const spot = { part, at, first, block: { item: this.item, lie, across, down } };
        const bad = badness(rule, part, at.w, at.h, lossOfAny(this.problem, spot)) * noise();
        if (bad < Infinity) this.held++;
        if (bad >= this.least) continue;
        this.least = bad;
        this.best = { ...spot, sheet, kind };
      }
  }

  /** Of a part with very many gaps: the snuggest place that holds it, whatever is lost round it. */
  private tryQuickly(part: Part, sheet: number | null, kind: number, block: Block): void {
    const [w, h] = [block.across * block.lie.w, block.down * block.lie.h];
    for (const at of corners(part, w, h)) {
      this.options.spend(8 + part.holes.length);
      const spot: Spot = { part, at, first: 'x', block };
      if (this.options.isOver() || !cutFree(this.problem, spot)) continue;
      this.held++;
      if (part.holes.length >= this.least) return;
      // Among such parts the one with the fewest gaps; a part with few is judged by what is lost, and goes before.
      this.least = part.holes.length;
      this.best = { ...spot, sheet, kind };
      return;
    }
  }

  tryUnopened(state: State, fresh: boolean): void {
    let withGaps = 0;
    for (const k of this.problem.givers[this.item]!) {
      const { stock, holes } = this.problem.kinds[k]!;
      if (k === this.options.shut || stock.fresh !== fresh || state.opened[k]! >= stock.count) continue;
      // Smallest first, so those passed over are the ones that would lose most.
      if (holes.length > 0 && withGaps >= MOST_WITH_GAPS) continue;
      const before = this.held;
      this.tryPart(wholeSheets(this.problem)[k]!, null, k);
      if (holes.length > 0 && this.held > before) withGaps++;
    }
  }
}

/**
 * Puts one block of the item where it does least harm. Mutates `state`; false where nothing has room for a single copy.
 */
export function place(problem: Problem, state: State, item: number, options: PlaceOptions): boolean {
  const chooser = new Chooser(problem, item, state.left[item]!, options);
  let parts = 0;
  for (let s = 0; s < state.sheets.length; s++) {
    const { kind, free } = state.sheets[s]!;
    parts += 1 + free.length;
    if (problem.servings[kind]![item]) for (const part of free) chooser.tryPart(part, s, kind);
  }
  options.spend(parts / GLANCES);
  chooser.tryUnopened(state, false);
  if (!chooser.best && freshOpened(problem, state) < options.mostFresh) chooser.tryUnopened(state, true);
  return chooser.best !== null && carryOut(problem, state, chooser.best, options.spend);
}

function carryOut(problem: Problem, state: State, choice: Choice, spend: PlaceOptions['spend']): boolean {
  const cut = cutFree(problem, choice)!;
  if (choice.sheet === null) {
    state.sheets.push(makeSheet(problem, choice.kind, cut));
    state.opened[choice.kind]!++;
  } else {
    const { kind, tree, parts } = state.sheets[choice.sheet]!;
    // The sheet is gone over part by part.
    spend(parts / GLANCES);
    state.sheets[choice.sheet] = makeSheet(problem, kind, replacePart(tree, choice.part, cut));
  }
  state.left[choice.block.item]! -= choice.block.across * choice.block.down;
  return true;
}
