import type { Solver } from './types';

/** The interface of HiGHS, as far as it is needed: programs as text in LP format. */
export interface ProgramSolver {
  solve: (lp: string, options: Record<string, number | boolean>) => { readonly Status: string; readonly ObjectiveValue: number; readonly Columns: Readonly<Record<string, object>> };
}

/** Nodes that a proof may look into: bounded by work, so that answers repeat. */
const MOST_NODES = 40;

const primal = (column: object): number => ('Primal' in column && typeof column.Primal === 'number' ? column.Primal : 0);

/** The share-out's solver, of HiGHS however it was loaded. */
export const solverFrom = (highs: ProgramSolver): Solver => (lp, wants) => {
  const limits: Record<string, number> = wants === 'proof' ? { mip_max_nodes: MOST_NODES, mip_heuristic_effort: 0, mip_rel_gap: 0 } : { mip_max_improving_sols: 1 };
  const { Status, ObjectiveValue, Columns } = highs.solve(lp, { ...limits, output_flag: false });
  const columns = Object.fromEntries(Object.entries(Columns).map(([name, column]) => [name, primal(column)]));
  const isProved = Status === 'Optimal';
  // Stopped early, all may be nothing: then no answer was found.
  return isProved || Object.values(columns).some((value) => value > 0) ? { objective: ObjectiveValue, columns, isProved } : null;
};
