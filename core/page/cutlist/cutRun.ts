import { nth } from '../../ground/nth';
import type { CutStep, Step } from './cutSteps';

const goesOn = (before: CutStep, next: Step | undefined): next is CutStep =>
  next?.kind === 'cut' &&
  next.sheet === before.sheet &&
  next.axis === before.axis &&
  next.from === before.from &&
  next.setting === before.setting &&
  before.gives.some(({ part }) => part === next.name);

/**
 * The cut that is next, and those after it that are made without setting the trimmer anew: each at the same measure, of
 * what the last one left, as a strip is cut into squares. Empty where no cut is next.
 */
export function cutRun(steps: readonly Step[], at: number): readonly CutStep[] {
  const first = steps[at];
  if (first?.kind !== 'cut') return [];
  const run = [first];
  for (let next = steps[at + 1]; goesOn(nth(run, run.length - 1), next); next = steps[at + run.length]) run.push(next);
  return run;
}
