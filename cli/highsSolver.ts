import loadHighs from 'highs';
import type { Solver } from '../core/shareout';

/** Nodes that the solver may look into: bounded by work, so that answers repeat. */
const MOST_NODES = 40;

/** HiGHS as the share-out's solver. */
export async function highsSolver(): Promise<Solver> {
  const highs = await loadHighs();
  return (lp, wants) => {
    const limits = wants === 'proof' ? { mip_max_nodes: MOST_NODES, mip_heuristic_effort: 0 } : { mip_max_improving_sols: 1 };
    const { Status, ObjectiveValue, Columns } = highs.solve(lp, { ...limits, output_flag: false });
    const columns = Object.fromEntries(Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0]));
    const isProved = Status === 'Optimal';
    // Stopped early, all may be nothing: then no answer was found.
    return isProved || Object.values(columns).some((value) => value > 0) ? { objective: ObjectiveValue, columns, isProved } : null;
  };
}
