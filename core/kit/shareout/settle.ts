import {
  searchPlans,
  type BegunPart,
  type BegunSheet,
  type CutJob,
  type CutPlan,
  type CutStock,
} from '../../trimmer/cutting';
import { area } from '../../ground/geometry';
import type { Assignment } from './program';
import type { Dealt } from './dealing/dealer';
import type { Tree } from './dealing/tree';
import type { Table } from './table';
import { meantMissing, mustMissing, tasteOf } from './taste';
import type { DesignName } from './types';
import { heldIn } from '../../ground/heldIn';
import { nth } from '../../ground/nth';

/** Plain stock as a design among others: no design of a job begins so. */
const PLAIN = '\u0000plain';
const nameOf = (design: DesignName): string => design ?? PLAIN;
const named = (stock: CutStock): CutStock =>
  stock.front === null && stock.back === null ? { ...stock, front: PLAIN } : stock;

/** The name of a slot's pieces in the cutting job, and back. */
const pieceName = (page: number, slot: number): string => `${page}/${slot}`;
export const slotOf = (name: string): [page: number, slot: number] => name.split('/').map(Number) as [number, number];

/** All pieces of the pages made, each from its design only. */
export function cutJobOf({ job, designs }: Table, assignment: Assignment): CutJob {
  const pieces = assignment.flatMap((choice, p) =>
    (choice ?? []).map((d, s) => {
      const { w, h, count, turn } = nth(nth(job.pages, p).slots, s);
      return { id: pieceName(p, s), w, h, count, of: [nameOf(nth(designs, d))], turn, optional: false, value: 0 };
    }),
  );
  return { stock: job.stock.map(named), pieces, keepAtLeast: job.keepAtLeast, longestCut: job.longestCut };
}

/** Pages that can all be cut, with the plan of their cuts. */
export interface Settled {
  readonly assignment: Assignment;
  readonly plan: CutPlan;
  readonly worth: number;
  /** Where it was dealt: its cuts, to begin with when it is cut anew. */
  readonly begun: readonly BegunSheet[] | null;
  /** What it is judged by, in order; less is better. */
  readonly rank: readonly number[];
}

export const worthOf = ({ job }: Table, assignment: Assignment): number =>
  job.pages.reduce((sum, { worth }, p) => sum + (assignment[p] ? worth : 0), 0);

/** Worths this near are the same. */
const NEAR = 1e-9;

function settled(
  table: Table,
  assignment: Assignment,
  plan: CutPlan,
  begun: readonly BegunSheet[] | null = null,
): Settled {
  const worth = worthOf(table, assignment);
  return {
    assignment,
    plan,
    worth,
    begun,
    rank: [
      mustMissing(table, assignment),
      -worth,
      meantMissing(table, assignment),
      ...tasteOf(table, assignment, plan),
    ],
  };
}

export interface Attempt {
  /** The plan of everything asked for. */
  readonly first: CutPlan;
  /**
   * What is left once pages whose pieces are not all cut are given up, one after another; null: the search was over
   * before.
   */
  readonly settled: Settled | null;
}

/**
 * Where pieces take more of the paper than this, sheets must be filled without waste: that takes longer to find out.
 */
const TIGHT = 0.95;
const TIGHT_WORK = 100_000;
/** What setting out on a plan costs, by piece; and each judgement, for many end before all work is done. */
const START = 100;
const PER_JUDGEMENT = 0.5;

const isTight = ({ pieces, stock }: CutJob, { solid }: Table): boolean =>
  pieces.reduce((sum, piece) => sum + piece.count * area(piece), 0) >=
  TIGHT * stock.reduce((sum, { count }, k) => sum + count * nth(solid, k), 0);

/** How work is counted while a share-out is sought, and whether it is to end with what it has. */
export interface Effort {
  readonly spend: (work: number) => void;
  readonly isOver: () => boolean;
}

function planFor(
  job: CutJob,
  work: number,
  { spend, isOver }: Effort,
  begun: readonly BegunSheet[] | null = null,
): CutPlan {
  let plan: CutPlan | null = null;
  let most = 0;
  for (const progress of searchPlans(job, work, isOver, begun)) {
    plan = progress.plan;
    most = Math.max(most, progress.done);
    if (isOver()) break;
  }
  spend(most * work * PER_JUDGEMENT + START * job.pieces.length);
  if (plan === null) throw new Error('a search answers at least once');
  return plan;
}

/** Nothing made but the pages that want nothing. */
export function settleNone(table: Table, effort: Effort): Settled {
  const none = table.job.pages.map((page): Assignment[number] =>
    page.slots.length === 0 && page.atLeast === 0 ? [] : null,
  );
  return settled(table, none, planFor(cutJobOf(table, none), 1, effort));
}

/** The cuts of what was dealt, as they are. */
export function settleDealt(table: Table, { assignment, sheets, nameOf }: Dealt, effort: Effort): Settled {
  const told = ({ cut, piece }: Tree): BegunPart =>
    cut
      ? { axis: cut.axis, at: cut.axis === 'x' ? cut.near.w : cut.near.h, near: told(cut.near), far: told(cut.far) }
      : { piece: piece >= 0 ? pieceName(...nameOf(piece)) : null };
  const begun = sheets.map(({ stock, tree }): BegunSheet => ({ stock, whole: told(tree) }));
  effort.spend(START * sheets.length);
  const first = searchPlans(cutJobOf(table, assignment), 1, effort.isOver, begun).next().value;
  const plan = 'plan' in first ? first.plan : first;
  return settled(table, assignment, plan, begun);
}

/** The same pages and designs with better cuts, where so many judgements find any. */
export function cutBetter(table: Table, { assignment, begun }: Settled, work: number, effort: Effort): Settled | null {
  const plan = planFor(cutJobOf(table, assignment), work, effort, begun);
  return plan.notCut.length === 0 ? settled(table, assignment, plan, begun) : null;
}

/**
 * Plans the cuts of an assignment; while not everything can be cut, the page that wants the most for its worth of what
 * is not cut is given up.
 * @param work judgements for each plan
 */
export function settle(table: Table, assignment: Assignment, work: number, effort: Effort): Attempt {
  const now = [...assignment];
  let first: CutPlan | null = null;
  for (;;) {
    const job = cutJobOf(table, now);
    // Whether all of it can be cut is worth finding out; what is left of it is cut by a look.
    const plan = planFor(job, !first && isTight(job, table) ? Math.max(work, TIGHT_WORK) : work, effort);
    first ??= plan;
    if (plan.notCut.length === 0) return { first, settled: settled(table, now, plan) };
    const lacking = new Map<number, number>();
    for (const { id } of plan.notCut) {
      const [p, s] = slotOf(id);
      lacking.set(p, (lacking.get(p) ?? 0) + area(nth(nth(table.job.pages, p).slots, s)));
    }
    if (effort.isOver()) return { first, settled: null };
    const burden = (p: number): number => heldIn(lacking, p) / (1e-9 + nth(table.job.pages, p).worth);
    const worst = [...lacking.keys()].reduce((a, b) => (burden(b) > burden(a) ? b : a));
    now[worst] = null;
  }
}

/**
 * Over 0 where `a` is the better share-out: by papers that must be used, worth, then her taste or the format's aims.
 */
export function compareSettled(a: Settled, b: Settled): number {
  const at = a.rank.findIndex((value, i) => Math.abs(value - nth(b.rank, i)) > NEAR * Math.max(1, Math.abs(value)));
  return at < 0 ? 0 : nth(b.rank, at) - nth(a.rank, at);
}
