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

/** What a program comes to. */
export interface Solved {
  /** The values of its columns by name; null: no answer was found. */
  readonly columns: Readonly<Record<string, number>> | null;
  /** What no answer can beat; null: not known. */
  readonly bound: number | null;
  /** The answer is the best there is. */
  readonly isProved: boolean;
}

/** How far a program is solved: by work, so that answers repeat. */
export interface Limits {
  /** Steps of the simplex method. */
  readonly steps: number;
  /** Asked again and again: whether it is to stop with what it has. */
  readonly isOver?: () => boolean;
  /** Seconds that are left by the clock; absent: as many as it takes. */
  readonly secondsLeft?: () => number;
  /** The solver's own options. */
  readonly options: Readonly<Record<string, number | boolean>>;
}

/** A bound as large as this is none. */
const NO_BOUND = 1e20;

function solve(
  model: ProgramModel,
  { optimal, infeasible }: ProgramSolver['constants']['modelStatus'],
  isWhole: boolean,
  { steps, options, isOver = () => false, secondsLeft = () => Infinity }: Limits,
): Solved {
  const seconds = secondsLeft();
  model.options.set({ output_flag: false, ...options, ...(seconds < Infinity ? { time_limit: seconds } : {}) });
  const { modelStatus } = model.run({
    6: (event) => {
      if (Number(event.data.mip_total_lp_iterations ?? 0) > steps || isOver()) event.interrupt();
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

/** What comes of a program that cannot be reckoned with: numbers that lie too far apart, say. */
const NOTHING: Solved = { columns: null, bound: null, isProved: false };

/** The model of a program; null: it cannot be reckoned with. */
function modelOf(highs: ProgramSolver, lp: string): ProgramModel | null {
  try {
    return highs.createModel({ format: 'lp', data: lp });
  } catch {
    return null;
  }
}

/** Solves a program in LP format; of one for which no time is left nothing is known. */
export function runProgram(highs: ProgramSolver, lp: string, limits: Limits): Solved {
  if ((limits.secondsLeft?.() ?? 1) <= 0) return NOTHING;
  const model = modelOf(highs, lp);
  if (!model) return NOTHING;
  try {
    return solve(model, highs.constants.modelStatus, /\n(?:General|Binary)/.test(lp), limits);
  } catch {
    return NOTHING;
  } finally {
    // Its memory is not the garbage collector's.
    model.dispose();
  }
}
