import { kindsOf, lossAt, type Kind, type Run } from './kind';
import { plainRuns } from './plainRuns';
import { repeatRuns } from './repeatRuns';
import type { JoinedPart, JoinJob, JoinPlan } from './types';
import { nth } from '../../ground/nth';

/**
 * The parts of a run, from the left: a join's loss is taken off the left strip as far as it stays longer than the lap,
 * the rest off the right one. What the run is too long is cut off its end.
 */
function partsOf(run: Run, job: JoinJob): JoinedPart[] {
  const taken = new Map<Kind, number>();
  const parts = run.kinds.map((kind) => {
    const n = taken.get(kind) ?? 0;
    taken.set(kind, n + 1);
    return { ...nth(kind.strips, n), from: 0, to: kind.length };
  });
  for (let i = 0; i + 1 < parts.length; i++) {
    const [left, right] = [nth(parts, i), nth(parts, i + 1)];
    const loss = lossAt(nth(run.kinds, i), nth(run.kinds, i + 1), job.repeat, job.lap);
    const off = Math.min(loss, left.to - left.from - job.lap - 1);
    left.to -= off;
    right.from += loss - off;
  }
  // The last part can spare it: were it no longer than that, the run would have reached without it.
  nth(parts, parts.length - 1).to -= run.length - job.need.length;
  return parts.map(({ id, copy, from, to }) => ({ strip: id, copy, from, to }));
}

/**
 * Joins strips into one of the length needed, the pattern running on: with the fewest joins, then the least length of
 * strips touched. What is cut off then follows from both.
 * @returns `ok` false where the length cannot be reached; `longest` always. Exact for plain strips and while the runs
 *   that differ stay few, near beyond
 */
export function joinStrips(job: JoinJob): JoinPlan {
  const serving = job.strips.filter(({ width, length }) => width >= job.need.width && length > 0);
  const kinds = kindsOf(serving, job.repeat);
  const { best, longest } = job.repeat === null ? plainRuns(kinds, job) : repeatRuns(kinds, job);
  if (!best) return { ok: false, parts: [], joins: 0, length: 0, longest };
  return { ok: true, parts: partsOf(best, job), joins: best.kinds.length - 1, length: job.need.length, longest };
}
