import { joinStrips, type Strip } from '../trimmer/joining';
import { ticksPer, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import { refuse, type JobError } from './jobError';
import { checkIds, readEach, readLengths, readPosition, readSide, type JsonLength } from './readLength';

interface JsonStrip {
  id: string;
  length: JsonLength;
  width: JsonLength;
  phase?: JsonLength;
  count?: number;
}

/** A join job as JSON, already found to match `docs/formats/join.job.schema.json`. */
export interface JsonJoinJob {
  unit?: Unit;
  need: { length: JsonLength; width: JsonLength };
  repeat?: JsonLength;
  lap?: JsonLength;
  strips: JsonStrip[];
}

const MOST_COPIES = 10_000;

function readStrip(strip: JsonStrip, unit: Unit, repeat: number | null, at: string): Result<Strip, JobError> {
  const size = readLengths(strip, ['length', 'width'], readSide, unit, at);
  if (!size.ok) return size;
  const phase = readPosition(strip.phase ?? 0, unit, `${at}/phase`);
  if (!phase.ok) return phase;
  if (phase.value < 0 || (repeat !== null && phase.value >= repeat))
    return refuse('bad-phase', `${at}/phase`, 'a phase is less than the repeat, and not less than nothing');
  return ok({ id: strip.id, ...size.value, phase: phase.value, count: strip.count ?? 1 });
}

function checkCopies(strips: readonly JsonStrip[]): Result<null, JobError> {
  let copies = 0;
  for (const [i, { count = 1 }] of strips.entries()) {
    copies += count;
    if (copies > MOST_COPIES) return refuse('too-many', `/strips/${i}/count`, `more than ${MOST_COPIES} copies in all`);
  }
  return ok(null);
}

/** One long strip from short ones whose pattern repeats; lengths in the job's unit. */
export function join(job: JsonJoinJob): Result<unknown, JobError> {
  const unit = job.unit ?? 'in';
  for (const check of [checkIds(job.strips, '/strips'), checkCopies(job.strips)]) if (!check.ok) return check;
  const need = readLengths(job.need, ['length', 'width'], readSide, unit, '/need');
  if (!need.ok) return need;
  const repeat = job.repeat === undefined ? ok(null) : readSide(job.repeat, unit, '/repeat');
  if (!repeat.ok) return repeat;
  const lap = readPosition(job.lap ?? 0, unit, '/lap');
  if (!lap.ok) return lap;
  const strips = readEach(job.strips, (strip, i) => readStrip(strip, unit, repeat.value, `/strips/${i}`));
  if (!strips.ok) return strips;
  const plan = joinStrips({ need: need.value, repeat: repeat.value, lap: lap.value, strips: strips.value });
  const per = ticksPer(unit);
  return ok({
    ok: plan.ok,
    parts: plan.parts.map((part) => ({ ...part, from: part.from / per, to: part.to / per })),
    joins: plan.joins,
    length: plan.length / per,
    longest: plan.longest / per,
  });
}
