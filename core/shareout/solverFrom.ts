import type { Solved, Solver } from './types';

interface SolverEvent {
  readonly data: { readonly mip_total_lp_iterations?: bigint };
  interrupt(): void;
}

/** A program being solved, as far as the interface of HiGHS is needed. */
interface ProgramModel {
  readonly options: { set(values: Readonly<Record<string, number | boolean>>): unknown };
  readonly info: { get(name: string): number | bigint };
  run(callbacks: { readonly 6: (event: SolverEvent) => undefined }): { readonly modelStatus: number };
  getObjectiveValue(): number;
  getSolution(): { readonly colValue: Float64Array };
  getColName(index: number): string;
  dispose(): void;
}

/**
 * HiGHS, as far as it is needed: programs as text in LP format; 6 is its callback that may interrupt a whole program.
 */
export interface ProgramSolver {
  readonly constants: { readonly modelStatus: { readonly optimal: number; readonly infeasible: number } };
  createModel(source: { format: 'lp'; data: string }): ProgramModel;
}

/**
 * Steps of the simplex method and nodes of the tree that a program may take: bounded by work, so that answers repeat.
 */
const MOST_STEPS = { proof: 1_200, answer: 600 } as const;
const MOST_NODES = 40;
const OPTIONS = {
  proof: { mip_max_nodes: MOST_NODES, mip_heuristic_effort: 0, mip_rel_gap: 0 },
  answer: { mip_max_improving_sols: 1 },
} as const;
/** A bound as large as this is none. */
const NO_BOUND = 1e20;

function solve(
  model: ProgramModel,
  { optimal, infeasible }: ProgramSolver['constants']['modelStatus'],
  isWhole: boolean,
  wants: 'proof' | 'answer',
): Solved {
  model.options.set({ output_flag: false, ...OPTIONS[wants] });
  const { modelStatus } = model.run({
    6: (event) => {
      if (Number(event.data.mip_total_lp_iterations ?? 0) > MOST_STEPS[wants]) event.interrupt();
      return undefined;
    },
  });
  const isProved = modelStatus === optimal;
  // Stopped early, a program of whole numbers still has a bound that holds.
  const reached = isWhole && modelStatus !== infeasible ? Number(model.info.get('mip_dual_bound')) : NO_BOUND;
  const bound = isProved ? model.getObjectiveValue() : Math.abs(reached) < NO_BOUND ? reached : null;
  const { colValue } = model.getSolution();
  // Stopped early, all may be nothing: then no answer was found.
  const isFound = isProved || colValue.some((value) => value > 0);
  return {
    columns: isFound ? Object.fromEntries([...colValue].map((value, i) => [model.getColName(i), value])) : null,
    bound,
    isProved,
  };
}

/** The share-out's solver, of HiGHS however it was loaded. */
export const solverFrom =
  (highs: ProgramSolver): Solver =>
  (lp, wants) => {
    const model = highs.createModel({ format: 'lp', data: lp });
    try {
      return solve(model, highs.constants.modelStatus, lp.includes('\nGeneral'), wants);
    } catch {
      // Worths that lie too far apart, say, are more than it can reckon with: then it has no answer, and no bound.
      return { columns: null, bound: null, isProved: false };
    } finally {
      // Its memory is not the garbage collector's.
      model.dispose();
    }
  };
