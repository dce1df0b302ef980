import { searchPlans, type CutPlan } from '../core/cutting';
import { differences, gut, join, palette, readCutJob, writeCutResult, type JobError } from '../core/jobs';
import { ok, type Result } from '../core/result';
import { schemaCheck } from './matchSchema';

type Verb = (json: unknown) => Result<unknown, JobError>;
type Job<F extends (job: never) => unknown> = Parameters<F>[0];

/** A verb whose job is checked against its schema first. */
function verb<J>(name: string, run: (job: J) => Result<unknown, JobError>): [string, Verb] {
  return [name, (json) => {
    const checked = schemaCheck(`${name}.job`)(json);
    return checked.ok ? run(checked.value as J) : checked;
  }];
}

function cut(job: Job<typeof readCutJob>): Result<unknown, JobError> {
  const read = readCutJob(job);
  if (!read.ok) return read;
  // The clock bounds the search only where the job asks for it; else the work does, so that answers repeat.
  const until = job.seconds === undefined ? Infinity : performance.now() + job.seconds * 1000;
  let plan: CutPlan | null = null;
  for (const progress of searchPlans(read.value, job.seconds === undefined ? undefined : Infinity)) {
    plan = progress.plan;
    if (performance.now() >= until) break;
  }
  return ok(writeCutResult(plan!, job.unit));
}

export const VERBS: ReadonlyMap<string, Verb> = new Map([
  verb('cut', cut),
  verb<Job<typeof join>>('join', join),
  verb<Job<typeof gut>>('gut', gut),
  verb<Job<typeof differences>>('difference', (job) => ok(differences(job))),
  verb<Job<typeof palette>>('palette', palette),
]);
