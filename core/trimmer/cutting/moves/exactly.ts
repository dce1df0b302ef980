import { perfectSheets, type Filled } from '../constructions/perfectSheets';
import { planWith } from '../constructions/planWith';
import { wholeSheet } from '../dissection/wholeSheet';
import type { Random } from '../constructions/fill';
import { nth } from '../../../ground/nth';
import { better, type Held } from '../parts/held';
import type { Problem } from '../problem/problem';
import type { Bounds } from '../proofs/bounds';
import { prove } from '../proofs/prove';
import type { Search } from '../search';
import { eachSheetAnew } from './eachSheetAnew';
import type { Move } from './move';

/** Work before the exact searches are tried: what they must beat is then good. */
const WARM_UP = 60_000;
/** Shares of all work that the exact searches may take. */
const PROOF_SHARE = 3 / 4;
const PERFECT_SHARE = 3 / 5;
/** Where one sheet is to be filled, hardly anything else can be tried. */
const ONE_SHEET_SHARE = 1;
const ANEW_SHARE = 1 / 10;

/** Share of the paper that pieces take, past which sheets filled without waste are looked for. */
const TIGHT = 0.97;
/** The same where sheets have gaps: what whole ones would have over says little. */
const TIGHT_BESIDE_GAPS = 0.88;
/** Kinds of pieces past which builds, which count each kind, grow too large. */
const MOST_ITEMS = 150;

/**
 * Whether the pieces leave so little of the paper over, with as few fresh sheets as may do, that sheets must be filled
 * to the edges.
 */
function isTight(problem: Problem, { fresh }: Bounds, withOptional: boolean): boolean {
  const sheets = problem.kinds
    .flatMap(({ stock, solid }) =>
      Array.from({ length: Math.min(stock.count, fresh) }, () => (stock.fresh ? solid : 0)),
    )
    .sort((a, b) => b - a);
  const opened = problem.kinds.reduce((sum, { stock, solid }) => sum + (stock.fresh ? 0 : stock.count * solid), 0);
  const room = sheets.slice(0, fresh).reduce((sum, area) => sum + area, opened);
  const wanted = problem.items.reduce(
    (sum, { w, h, count, optional }) => sum + (optional && !withOptional ? 0 : count * w * h),
    0,
  );
  const tight = problem.kinds.some(({ holes }) => holes.length > 0) ? TIGHT_BESIDE_GAPS : TIGHT;
  return wanted >= tight * room && (!withOptional || wanted <= room);
}

/** The one sheet that the pieces fill from edge to edge; null where it is not so. */
function oneSheetFilled(
  problem: Problem,
  random: Random,
  spend: (joins: number) => boolean,
  withOptional: boolean,
): Filled[] | null {
  const left = problem.items.map(({ optional, count }) => (optional && !withOptional ? 0 : count));
  const area = problem.items.reduce((sum, { w, h }, i) => sum + nth(left, i) * w * h, 0);
  const kind = problem.kinds.findIndex(
    ({ w, h, holes }, k) =>
      w * h === area &&
      holes.length === 0 &&
      Math.max(w, h) <= problem.longestCut &&
      nth(problem.servings, k).every((serving, i) => serving !== null || left[i] === 0),
  );
  if (kind < 0) return null;
  const build = wholeSheet(problem, kind, left, random, spend);
  return build ? [{ kind, build }] : [];
}

/** Sheets that can be filled without waste. */
function fillPerfectly(search: Search, withOptional: boolean): Held | null {
  const { problem, random, effort } = search;
  const allowed = { one: search.joins(ONE_SHEET_SHARE), several: search.joins(PERFECT_SHARE) };
  const filled =
    oneSheetFilled(problem, random, allowed.one.spend, withOptional) ??
    perfectSheets(problem, random, allowed.several.spend, withOptional);
  effort.spend(allowed.one.work + allowed.several.work);
  return filled.length === 0 ? null : planWith(problem, filled, effort);
}

/** Where the pieces take nearly all of the paper: sheets filled to the edges. */
function filledWhereTight(search: Search): Held | null {
  const { problem } = search;
  // Where all that is optional has room too, it is cut like the rest.
  const withOptional = problem.items.some(({ optional }) => optional) && isTight(problem, search.bounds(), true);
  return withOptional || isTight(problem, search.bounds(), false) ? fillPerfectly(search, withOptional) : null;
}

/** Exact searches from below, once: for one sheet, for sheets filled without waste, and for each sheet anew. */
export const exactly: Move = {
  isDue: ({ problem, proof, spent, quiet }, { patience }) =>
    proof === null && problem.items.length <= MOST_ITEMS && (spent > WARM_UP || quiet > patience / 2),
  make(search) {
    const { problem, best, effort } = search;
    const filled = filledWhereTight(search);
    search.proof = prove(problem, better(best, filled ?? best), search.joins(PROOF_SHARE), effort);
    const { plan } = search.proof;
    const anew = eachSheetAnew(problem, better(best, plan ?? best), search.joins(ANEW_SHARE), effort);
    for (const one of [plan, filled, anew]) search.take(one);
  },
};
