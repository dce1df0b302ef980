import { runProgram, type ProgramSolver } from '../../ground/program';
import type { SpellSolver } from './spell';

/**
 * Steps of the simplex method that a program may take, times its size in letters of text: some seconds' worth on an
 * ordinary machine.
 */
const MOST_WORK = 3e9;
const MOST_STEPS = 60_000;

/**
 * The speller's solver, of HiGHS however it was loaded: solved to the end, but for what is far too large.
 * @param isOver asked again and again while it works
 * @param secondsLeft by the clock, where there is one
 */
export const spellSolverFrom =
  (
    highs: ProgramSolver,
    isOver: () => boolean = () => false,
    secondsLeft: () => number = () => Infinity,
  ): SpellSolver =>
  (lp) =>
    runProgram(highs, lp, {
      steps: Math.min(MOST_STEPS, Math.ceil(MOST_WORK / lp.length)),
      isOver,
      secondsLeft,
      options: { mip_rel_gap: 0, mip_abs_gap: 1e-7 },
    });
