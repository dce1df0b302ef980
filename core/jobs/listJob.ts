import { ticksPer, type Unit } from '../ground/length';
import { readList, type Thing } from '../stock/listing';
import { ok, type Result } from '../ground/result';
import { refuse, type JobError } from './jobError';

/** A list job as JSON, already found to match `docs/formats/list.job.schema.json`. */
export interface JsonListJob {
  unit?: Unit;
  text: string;
}

const MOST_LINES = 2_000;
const LONGEST_LINE = 2_000;

/** A thing as the format has it: what is not told is not there. Lengths in the job's unit. */
function written(thing: Thing, per: number): Record<string, unknown> {
  const { kind, count, amount, name, size, length, height, letters, designs, colours, upright } = thing;
  return {
    kind,
    ...(count === null ? {} : { count }),
    ...(amount === null ? {} : { amount }),
    name,
    ...(size ? { w: size.w / per, ...(size.h === null ? {} : { h: size.h / per }) } : {}),
    ...(length === null ? {} : { length: length / per }),
    ...(height === null ? {} : { height: height / per }),
    ...(letters ? { letters } : {}),
    ...(designs === null ? {} : { designs }),
    ...(colours.length > 0 ? { colours: colours.map((colour) => colour.name) } : {}),
    ...(upright ? { upright } : {}),
  };
}

/** A packing list, read as it came: line by line what it tells of, and what of that is in doubt. */
export function list({ text, unit = 'in' }: JsonListJob): Result<unknown, JobError> {
  const lines = text.split(/\r\n|\n|\r/);
  // An end at the very end begins no further line.
  if (lines.at(-1) === '') lines.pop();
  if (lines.length > MOST_LINES) return refuse('too-many', '/text', `more than ${MOST_LINES} lines`);
  const long = lines.findIndex((line) => line.length > LONGEST_LINE);
  if (long >= 0) return refuse('too-long', '/text', `line ${long + 1} has more than ${LONGEST_LINE} characters`);
  const per = ticksPer(unit);
  const read = lines.length === 0 ? [] : readList(lines.join('\n'), unit);
  return ok({
    lines: read.map(({ read: as, things }, i) => ({
      line: i + 1,
      read: as,
      things: things.map((thing) => written(thing, per)),
      doubt: things.flatMap(({ doubts }) => doubts.map(({ words, why }) => ({ words, why }))),
    })),
  });
}
