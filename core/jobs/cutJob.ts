import type { CutJob, CutPiece, CutPlan, PlannedPart, PlannedPiece, PlannedSheet } from '../trimmer/cutting';
import { ticksPer, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import type { JobError } from './jobError';
import { checkCopies, readPaper, type JsonPaper, type JsonSize } from './paper';
import { checkIds, readEach, readLengths, readSide } from './readLength';

interface JsonPiece extends JsonSize {
  id: string;
  count?: number;
  of?: string[];
  turn?: boolean;
  optional?: boolean;
  value?: number;
}

/** A cut job as JSON, already found to match `docs/formats/cut.job.schema.json`. */
export interface JsonCutJob extends JsonPaper {
  pieces: JsonPiece[];
}

function readPiece(piece: JsonPiece, unit: Unit, at: string): Result<CutPiece, JobError> {
  const size = readLengths(piece, ['w', 'h'], readSide, unit, at);
  if (!size.ok) return size;
  return ok({
    id: piece.id,
    ...size.value,
    count: piece.count ?? 1,
    of: piece.of ?? null,
    turn: piece.turn ?? null,
    optional: piece.optional ?? false,
    value: piece.value ?? 0,
  });
}

/** Reads a cut job; every check that its schema cannot make. */
export function readCutJob(json: JsonCutJob): Result<CutJob, JobError> {
  const copies = (['stock', 'pieces'] as const).flatMap((list) =>
    json[list].map(({ count }, i) => ({ count, at: `/${list}/${i}` })),
  );
  for (const check of [checkIds(json.stock, '/stock'), checkIds(json.pieces, '/pieces'), checkCopies(copies)])
    if (!check.ok) return check;
  const paper = readPaper(json);
  if (!paper.ok) return paper;
  const pieces = readEach(json.pieces, (entry, i) => readPiece(entry, json.unit ?? 'in', `/pieces/${i}`));
  return pieces.ok ? ok({ ...paper.value, pieces: pieces.value }) : pieces;
}

/** A sheet with its lengths as numbers of a unit. @param per ticks in one of it */
export function writeSheet<P extends Omit<PlannedPiece, 'id'>>(
  sheet: Omit<PlannedSheet, 'pieces'> & { readonly pieces: readonly P[] },
  per: number,
): unknown {
  const part = <T extends PlannedPart>({ part: name, x, y, w, h }: T) => ({
    part: name,
    x: x / per,
    y: y / per,
    w: w / per,
    h: h / per,
  });
  return {
    stock: sheet.stock,
    copy: sheet.copy,
    cuts: sheet.cuts.map((cut) => ({ ...cut, at: cut.at / per })),
    pieces: sheet.pieces.map((piece) => {
      const { part: _, x: __, y: ___, w: ____, h: _____, turned, face, ...what } = piece;
      return { ...what, ...part(piece), turned, face };
    }),
    nubbins: sheet.nubbins.map(part),
    waste: sheet.waste.map(part),
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
      ...stats,
      kept: stats.kept / per ** 4,
      pieceArea: stats.pieceArea / per ** 2,
      nubbinArea: stats.nubbinArea / per ** 2,
      wasteArea: stats.wasteArea / per ** 2,
      largestNubbin: stats.largestNubbin / per ** 2,
    },
  };
}
