import loadHighs from 'highs';
import type { Solver } from '../core/shareout';

/** Nodes that the solver may look into: bounded by work, so that answers repeat. */
const MOST_NODES = 600;

/** HiGHS as the share-out's solver; null for a program that it did not solve to the end. */
export async function highsSolver(): Promise<Solver> {
  const highs = await loadHighs();
  return (lp) => {
    const { Status, ObjectiveValue, Columns } = highs.solve(lp, { mip_max_nodes: MOST_NODES, output_flag: false });
    if (Status !== 'Optimal') return null;
    return { objective: ObjectiveValue, columns: Object.fromEntries(Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0])) };
  };
}
