import loadHighs from 'highs';
import { searchPlans, type CutPlan } from '../core/trimmer/cutting';
import {
  differences,
  gut,
  join,
  list,
  look,
  order,
  palette,
  readCutJob,
  readShareJob,
  spellTitles,
  writeCutResult,
  writeShareResult,
  type JobError,
  type JsonSpellJob,
} from '../core/jobs';
import { ok, type Result } from '../core/ground/result';
import { shareOut, solverFrom, type SharePlan } from '../core/kit/shareout';
import { spellSolverFrom } from '../core/page/spelling';
import { schemaCheck } from './matchSchema';

type Answer = Result<unknown, JobError>;
type Verb = (json: unknown) => Answer | Promise<Answer>;
type Job<F extends (job: never) => unknown> = Parameters<F>[0];

/** A verb whose job is checked against its schema first. */
function verb<J>(name: string, run: (job: J) => Answer | Promise<Answer>): [string, Verb] {
  return [
    name,
    (json) => {
      const checked = schemaCheck(`${name}.job`)(json);
      return checked.ok ? run(checked.value as J) : checked;
    },
  ];
}

/**
 * Beneath the limits of work, seconds: nothing of the contract's sizes takes longer than
 * thirty seconds. Only jobs that work alone would not bound in time meet it.
 */
const LATEST = 20;

/** The job's own clock, else the last there is. */
interface Clock {
  readonly isOver: () => boolean;
  readonly secondsLeft: () => number;
}

function clockOf(seconds: number | undefined): Clock {
  const until = performance.now() + (seconds ?? LATEST) * 1000;
  return { isOver: () => performance.now() >= until, secondsLeft: () => (until - performance.now()) / 1000 };
}

/** The last answer of a search; the work bounds it, so that answers repeat, unless the job gives it a clock. */
function lastOf<P>(
  search: (work: number | undefined, clock: Clock) => Iterable<{ readonly plan: P }>,
  seconds: number | undefined,
): P {
  const clock = clockOf(seconds);
  let plan: P | null = null;
  for (const progress of search(seconds === undefined ? undefined : Infinity, clock)) {
    plan = progress.plan;
    if (clock.isOver()) break;
  }
  if (plan === null) throw new Error('a search answers at least once');
  return plan;
}

function cut(job: Job<typeof readCutJob>): Answer {
  const read = readCutJob(job);
  return read.ok
    ? ok(
        writeCutResult(
          lastOf<CutPlan>((work, { isOver }) => searchPlans(read.value, work, isOver), job.seconds),
          job.unit,
        ),
      )
    : read;
}

async function share(job: Job<typeof readShareJob>): Promise<Answer> {
  const read = readShareJob(job);
  if (!read.ok) return read;
  const highs = await loadHighs();
  return ok(
    writeShareResult(
      lastOf<SharePlan>(
        (work, { isOver, secondsLeft }) => shareOut(read.value, solverFrom(highs, isOver, secondsLeft), work, isOver),
        job.seconds,
      ),
      job.unit,
    ),
  );
}

async function spell(job: JsonSpellJob): Promise<Answer> {
  const { isOver, secondsLeft } = clockOf(job.seconds);
  return spellTitles(job, spellSolverFrom(await loadHighs(), isOver, secondsLeft), isOver);
}

export const VERBS: ReadonlyMap<string, Verb> = new Map([
  verb('cut', cut),
  verb('share', share),
  verb<Job<typeof join>>('join', join),
  verb<Job<typeof gut>>('gut', (job) => gut(job, clockOf(job.seconds).isOver)),
  verb<Job<typeof differences>>('difference', (job) => ok(differences(job))),
  verb<Job<typeof palette>>('palette', palette),
  verb<Job<typeof list>>('list', list),
  verb<Job<typeof look>>('look', look),
  verb<Job<typeof order>>('order', order),
  verb('spell', spell),
]);
