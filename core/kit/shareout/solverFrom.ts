import { runProgram, type ProgramSolver } from '../../ground/program';
import type { Solver } from './types';

/**
 * Steps of the simplex method and nodes of the tree that a program may take: bounded by work, so that answers repeat.
 */
const MOST_STEPS = { proof: 1_200, answer: 600 } as const;
const MOST_NODES = 40;
const OPTIONS = {
  proof: { mip_max_nodes: MOST_NODES, mip_heuristic_effort: 0, mip_rel_gap: 0 },
  answer: { mip_max_improving_sols: 1 },
} as const;

/** The share-out's solver, of HiGHS however it was loaded. @param secondsLeft by the clock, where there is one */
export const solverFrom =
  (highs: ProgramSolver, isOver: () => boolean = () => false, secondsLeft: () => number = () => Infinity): Solver =>
  (lp, wants) =>
    runProgram(highs, lp, { steps: MOST_STEPS[wants], options: OPTIONS[wants], isOver, secondsLeft });
