import type { CutJob, CutPiece, CutPlan, CutStock, PlannedPart, PlannedPiece, PlannedSheet } from '../cutting';
import { intersect, type Rect } from '../geometry';
import { inches, ticksPer, type Unit } from '../length';
import { ok, type Result } from '../result';
import { refuse, type JobError } from './jobError';
import { checkIds, readEach, readLengths, readPosition, readSide, type JsonLength } from './readLength';

export interface JsonSize { w: JsonLength; h: JsonLength }
interface JsonRect extends JsonSize { x: JsonLength; y: JsonLength }
export interface JsonStock extends JsonSize {
  id: string; count?: number; front?: string; back?: string; upright?: boolean; fresh?: boolean; since?: string; missing?: JsonRect[];
}
interface JsonPiece extends JsonSize { id: string; count?: number; of?: string[]; turn?: boolean; optional?: boolean; value?: number }

/** A cut job as JSON, already found to match `docs/formats/cut.job.schema.json`. */
export interface JsonCutJob {
  unit?: Unit; stock: JsonStock[]; pieces: JsonPiece[]; keepAtLeast?: JsonSize; trimmer?: { longest?: JsonLength }; seconds?: number;
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
  return intersect(sheet, missing) ? ok(missing) : refuse('off-the-sheet', at, 'this missing area lies wholly off the sheet');
}

/** Reads one entry of stock. */
export function readStock(stock: JsonStock, unit: Unit, at: string): Result<CutStock, JobError> {
  const size = readLengths(stock, ['w', 'h'], readSide, unit, at);
  if (!size.ok) return size;
  const missing = readEach(stock.missing ?? [], (rect, i) => readMissing(rect, { x: 0, y: 0, ...size.value }, unit, `${at}/missing/${i}`));
  if (!missing.ok) return missing;
  return ok({
    id: stock.id, ...size.value, count: stock.count ?? 1, front: stock.front ?? null, back: stock.back ?? null,
    upright: stock.upright ?? false, fresh: stock.fresh ?? false, since: stock.since === undefined ? null : readMonth(stock.since), missing: missing.value,
  });
}

function readPiece(piece: JsonPiece, unit: Unit, at: string): Result<CutPiece, JobError> {
  const size = readLengths(piece, ['w', 'h'], readSide, unit, at);
  if (!size.ok) return size;
  return ok({
    id: piece.id, ...size.value, count: piece.count ?? 1, of: piece.of ?? null, turn: piece.turn ?? null,
    optional: piece.optional ?? false, value: piece.value ?? 0,
  });
}

function checkCopies(job: JsonCutJob): Result<null, JobError> {
  let copies = 0;
  for (const list of ['stock', 'pieces'] as const) {
    for (let i = 0; i < job[list].length; i++) {
      copies += job[list][i]!.count ?? 1;
      if (copies > MOST_COPIES) return refuse('too-many', `/${list}/${i}/count`, `more than ${MOST_COPIES} copies in all`);
    }
  }
  return ok(null);
}

/** Reads a cut job; every check that its schema cannot make. */
export function readCutJob(json: JsonCutJob): Result<CutJob, JobError> {
  const unit = json.unit ?? 'in';
  for (const check of [checkIds(json.stock, '/stock'), checkIds(json.pieces, '/pieces'), checkCopies(json)]) if (!check.ok) return check;
  const stock = readEach(json.stock, (entry, i) => readStock(entry, unit, `/stock/${i}`));
  if (!stock.ok) return stock;
  const pieces = readEach(json.pieces, (entry, i) => readPiece(entry, unit, `/pieces/${i}`));
  if (!pieces.ok) return pieces;
  const keep = json.keepAtLeast ? readLengths(json.keepAtLeast, ['w', 'h'], readSide, unit, '/keepAtLeast') : ok({ w: inches(1), h: inches(1) });
  if (!keep.ok) return keep;
  const longest = json.trimmer?.longest === undefined ? ok(null) : readSide(json.trimmer.longest, unit, '/trimmer/longest');
  if (!longest.ok) return longest;
  return ok({ stock: stock.value, pieces: pieces.value, keepAtLeast: keep.value, longestCut: longest.value });
}

/** A sheet with its lengths as numbers of a unit. @param per ticks in one of it */
export function writeSheet<P extends Omit<PlannedPiece, 'id'>>(sheet: Omit<PlannedSheet, 'pieces'> & { readonly pieces: readonly P[] }, per: number): unknown {
  const part = <T extends PlannedPart>({ part: name, x, y, w, h }: T) => ({ part: name, x: x / per, y: y / per, w: w / per, h: h / per });
  return {
    stock: sheet.stock, copy: sheet.copy,
    cuts: sheet.cuts.map((cut) => ({ ...cut, at: cut.at / per })),
    pieces: sheet.pieces.map((piece) => {
      const { part: _, x: __, y: ___, w: ____, h: _____, turned, face, ...what } = piece;
      return { ...what, ...part(piece), turned, face };
    }),
    nubbins: sheet.nubbins.map(part), waste: sheet.waste.map(part),
  };
}

/** A plan as the format gives it: lengths as numbers in the job's unit, areas in its square. */
export function writeCutResult(plan: CutPlan, unit: Unit = 'in'): unknown {
  const per = ticksPer(unit);
  const { stats } = plan;
  return {
    sheets: plan.sheets.map((sheet) => writeSheet(sheet, per)),
    notCut: plan.notCut,
    stats: {
      ...stats, kept: stats.kept / per ** 4, pieceArea: stats.pieceArea / per ** 2, nubbinArea: stats.nubbinArea / per ** 2,
      wasteArea: stats.wasteArea / per ** 2, largestNubbin: stats.largestNubbin / per ** 2,
    },
  };
}
