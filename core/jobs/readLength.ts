import { numberToTicks, parseLength, type LengthError, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import { refuse, type JobError } from './jobError';
import { nth } from '../ground/nth';

/** A length as a job gives it: a number in the job's unit, or text with a unit of its own or none. */
export type JsonLength = number | string;

const SAYS: Record<LengthError['kind'], string> = {
  empty: 'a length is missing here',
  'not-a-length': 'this is not a length such as 3 1/4in or 82.5mm',
  'unfinished-fraction': 'the fraction is not finished',
  negative: 'a length has no sign',
  'zero-denominator': 'the fraction divides by nothing',
  'too-long': 'this is too long to be held exactly',
};

/** Ticks: the square of it is the largest area that is still held exactly. */
const LONGEST = Math.floor(Math.sqrt(Number.MAX_SAFE_INTEGER));

/** Ticks, of either sign. */
export function readPosition(value: JsonLength, unit: Unit, at: string): Result<number, JobError> {
  const read = typeof value === 'number' ? numberToTicks(value, unit) : parseLength(value, unit);
  if (read.ok && Math.abs(read.value) > LONGEST)
    return refuse('bad-length', at, `${SAYS['too-long']}: ${String(value)}`);
  return read.ok ? ok(read.value) : refuse('bad-length', at, `${SAYS[read.error.kind]}: ${String(value)}`);
}

/** Ticks >= 1. */
export function readSide(value: JsonLength, unit: Unit, at: string): Result<number, JobError> {
  const read = readPosition(value, unit, at);
  if (!read.ok || read.value > 0) return read;
  return refuse('bad-length', at, `a size must be more than nothing: ${String(value)}`);
}

/** Reads several named lengths; the first that cannot be read is the error. */
export function readLengths<K extends string>(
  fields: Readonly<Record<K, JsonLength>>,
  keys: readonly K[],
  read: typeof readSide,
  unit: Unit,
  at: string,
): Result<Record<K, number>, JobError> {
  const out = {} as Record<K, number>;
  for (const key of keys) {
    const length = read(fields[key], unit, `${at}/${key}`);
    if (!length.ok) return length;
    out[key] = length.value;
  }
  return ok(out);
}

/** Reads every entry of a list; the first that is refused is the error. */
export function readEach<T, U>(
  list: readonly T[],
  read: (entry: T, index: number) => Result<U, JobError>,
): Result<U[], JobError> {
  const out: U[] = [];
  for (let i = 0; i < list.length; i++) {
    const entry = read(nth(list, i), i);
    if (!entry.ok) return entry;
    out.push(entry.value);
  }
  return ok(out);
}

/** Refuses the second of two equal ids. */
export function checkIds(list: readonly { readonly id: string }[], at: string): Result<null, JobError> {
  const seen = new Set<string>();
  for (let i = 0; i < list.length; i++) {
    const { id } = nth(list, i);
    if (seen.has(id)) return refuse('same-id', `${at}/${i}/id`, `the id ${id} stands here for the second time`);
    seen.add(id);
  }
  return ok(null);
}
