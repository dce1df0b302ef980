import type { CutJob, CutStock } from '../trimmer/cutting';
import { intersect, type Rect } from '../ground/geometry';
import { inches, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import { refuse, type JobError } from './jobError';
import { readEach, readLengths, readPosition, readSide, type JsonLength } from './readLength';

export interface JsonSize {
  w: JsonLength;
  h: JsonLength;
}
interface JsonRect extends JsonSize {
  x: JsonLength;
  y: JsonLength;
}
export interface JsonStock extends JsonSize {
  id: string;
  count?: number;
  front?: string;
  back?: string;
  upright?: boolean;
  fresh?: boolean;
  since?: string;
  missing?: JsonRect[];
}

/** What every job that is cut from paper says of it. */
export interface JsonPaper {
  unit?: Unit;
  stock: JsonStock[];
  keepAtLeast?: JsonSize;
  trimmer?: { longest?: JsonLength };
  seconds?: number;
}

const MOST_COPIES = 10_000;

/** `2026-05` or `2026` as a number that grows with time; a year alone comes before its months. */
const readMonth = (since: string): number => Number(since.slice(0, 4)) * 13 + Number(since.slice(5) || 0);

function readMissing(rect: JsonRect, sheet: Rect, unit: Unit, at: string): Result<Rect, JobError> {
  const corner = readLengths(rect, ['x', 'y'], readPosition, unit, at);
  if (!corner.ok) return corner;
  const size = readLengths(rect, ['w', 'h'], readSide, unit, at);
  if (!size.ok) return size;
  const missing = { ...corner.value, ...size.value };
  return intersect(sheet, missing)
    ? ok(missing)
    : refuse('off-the-sheet', at, 'this missing area lies wholly off the sheet');
}

function readStock(stock: JsonStock, unit: Unit, at: string): Result<CutStock, JobError> {
  const size = readLengths(stock, ['w', 'h'], readSide, unit, at);
  if (!size.ok) return size;
  const missing = readEach(stock.missing ?? [], (rect, i) =>
    readMissing(rect, { x: 0, y: 0, ...size.value }, unit, `${at}/missing/${i}`),
  );
  if (!missing.ok) return missing;
  return ok({
    id: stock.id,
    ...size.value,
    count: stock.count ?? 1,
    front: stock.front ?? null,
    back: stock.back ?? null,
    upright: stock.upright ?? false,
    fresh: stock.fresh ?? false,
    since: stock.since === undefined ? null : readMonth(stock.since),
    missing: missing.value,
  });
}

/**
 * Refuses more copies in all than can be. @param entries every entry that has a count, with its place in the job, in
 * order
 */
export function checkCopies(
  entries: readonly { readonly count: number | undefined; readonly at: string }[],
): Result<null, JobError> {
  let copies = 0;
  for (const { count = 1, at } of entries) {
    copies += count;
    if (copies > MOST_COPIES) return refuse('too-many', `${at}/count`, `more than ${MOST_COPIES} copies in all`);
  }
  return ok(null);
}

/** Reads the paper of a job, the least leftover worth keeping and the trimmer. */
export function readPaper(json: JsonPaper): Result<Pick<CutJob, 'stock' | 'keepAtLeast' | 'longestCut'>, JobError> {
  const unit = json.unit ?? 'in';
  const stock = readEach(json.stock, (entry, i) => readStock(entry, unit, `/stock/${i}`));
  if (!stock.ok) return stock;
  const keep = json.keepAtLeast
    ? readLengths(json.keepAtLeast, ['w', 'h'], readSide, unit, '/keepAtLeast')
    : ok({ w: inches(1), h: inches(1) });
  if (!keep.ok) return keep;
  const longest =
    json.trimmer?.longest === undefined ? ok(null) : readSide(json.trimmer.longest, unit, '/trimmer/longest');
  if (!longest.ok) return longest;
  return ok({ stock: stock.value, keepAtLeast: keep.value, longestCut: longest.value });
}
