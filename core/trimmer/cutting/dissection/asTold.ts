import { nth } from '../../../ground/nth';
import { joinBuilds, pieceBuilds, type Build } from '../parts/build';
import { readProblem, type Problem } from '../problem/problem';

/** A problem in which no piece may be turned: each lies as its sides are told. */
export interface AsTold {
  readonly problem: Problem;
  readonly left: readonly number[];
  /** The same build in the problem in which pieces may be turned. */
  readonly inProblem: (build: Build) => Build;
}

/**
 * The pieces that are left, each lying as its sides are told; null: none may be turned, not all of
 * a kind are left, or one is longer than the sheet as it is told.
 * Sides of what was cut up are mostly told as they lay, and so few builds are without waste then that more pieces can be
 * put together again.
 */
export function asTold(problem: Problem, kind: number, left: readonly number[]): AsTold | null {
  const { items, servings, job } = problem;
  const mayBeTurned = items.some((_, i) => nth(left, i) > 0 && (nth(servings, kind)[i]?.lies.length ?? 0) > 1);
  if (!mayBeTurned || !items.every(({ count }, i) => left[i] === 0 || left[i] === count)) return null;
  const told = readProblem({ ...job, pieces: job.pieces.map((piece) => ({ ...piece, turn: false })) });
  if (told.items.some((_, i) => nth(told.servings, kind)[i] === null)) return null;
  const placeOf = new Map(items.flatMap(({ ids }, i) => ids.map((id) => [id, i] as const)));
  const places = told.items.map(({ ids }) => placeOf.get(nth(ids, 0)) ?? 0);
  const builds = pieceBuilds(problem, kind, left);
  const inProblem = (build: Build): Build => {
    const { from } = build;
    if ('axis' in from) return joinBuilds(from.axis, inProblem(from.near), inProblem(from.far));
    const item = 'item' in from ? places[from.item] : undefined;
    const own = builds.find(
      ({ w, h, from: one }) => 'item' in one && one.item === item && w === build.w && h === build.h,
    );
    return own ?? build;
  };
  return { problem: told, left: told.items.map(({ count }, i) => (left[nth(places, i)] === 0 ? 0 : count)), inProblem };
}
