import type { StepId } from './kinds';
import type { WorkStep } from './stepsOf';

const MS = 60_000;

/** How a step stands at a moment. */
export interface StepNow {
  readonly step: WorkStep;
  /** Done and dry, still wet, to be done now, or it waits for others. */
  readonly is: 'done' | 'drying' | 'ready' | 'waits';
  /** Milliseconds until it is dry, or until what it waits for is; 0: it waits for what is not done yet. */
  readonly left: number;
  /** Steps that it waits for: not done, only the last of those, or not dry. */
  readonly for: readonly StepId[];
  /** What it would spoil: glued or written already, though it is wet work that comes before. */
  readonly spoils: readonly StepId[];
}

const byId = (steps: readonly WorkStep[]): ReadonlyMap<StepId, WorkStep> =>
  new Map(steps.map((step) => [step.id, step]));

/** All that comes after a step, by whatever way. */
function laterThan(id: StepId, steps: readonly WorkStep[]): ReadonlySet<StepId> {
  const later = new Set<StepId>();
  for (let grown = true; grown;) {
    grown = false;
    for (const step of steps)
      if (!later.has(step.id) && step.after.some((one) => one === id || later.has(one))) {
        later.add(step.id);
        grown = true;
      }
  }
  return later;
}

/** Of some steps those that no other of them waits for. */
const lastOf = (ids: readonly StepId[], steps: readonly WorkStep[]): readonly StepId[] =>
  ids.filter((id) => {
    const later = laterThan(id, steps);
    return !ids.some((other) => later.has(other));
  });

/** How a page's steps stand. @param now milliseconds since 1970 */
export function stepsNow(steps: readonly WorkStep[], now: number): readonly StepNow[] {
  const of = byId(steps);
  // A clock put back does not make anything dry longer than it does.
  const wetFor = (id: StepId): number => {
    const step = of.get(id);
    return Math.min((step?.dries ?? 0) * MS, Math.max(0, (step?.dryAt ?? 0) - now));
  };
  return steps.map((step): StepNow => {
    if (step.isDone) {
      const left = wetFor(step.id);
      return { step, is: left > 0 ? 'drying' : 'done', left, for: [], spoils: [] };
    }
    const open = lastOf(
      step.after.filter((id) => !(of.get(id)?.isDone ?? true)),
      steps,
    );
    const wet = step.after.filter((id) => (of.get(id)?.isDone ?? false) && wetFor(id) > 0);
    const later = step.isWet ? [...laterThan(step.id, steps)] : [];
    const spoils = later.filter((id) => (of.get(id)?.isDone ?? false) && id !== 'date');
    const left = open.length > 0 ? 0 : Math.max(0, ...wet.map(wetFor));
    return { step, is: open.length + wet.length > 0 ? 'waits' : 'ready', left, for: [...open, ...wet], spoils };
  });
}
