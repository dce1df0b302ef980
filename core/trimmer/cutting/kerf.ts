import type { Ticks } from '../../ground/length';
import { area, solidRects, type Rect, type Size } from '../../ground/geometry';
import { heldIn } from '../../ground/heldIn';
import type { CutJob, CutStock, PlannedCut, PlannedPart, PlannedSheet } from './types';

/**
 * Cuts that take something away are planned as cuts that take nothing, with every piece, sheet and leftover larger by
 * the kerf on its right and at its foot: each part carries its own kerf, and a sheet the room for the last. Exact for
 * cuts right across (common practice in guillotine cutting, from memory).
 */

const largerBy = <T extends { readonly w: number; readonly h: number }>(kerf: Ticks, size: T): T => ({
  ...size,
  w: size.w + kerf,
  h: size.h + kerf,
});

/** Along one side: what must not be touched by a part that carries its kerf. */
function gapAlong(from: number, to: number, long: number, kerf: Ticks): [number, number] {
  const end = to >= long ? long + kerf : to;
  // A part may end, its kerf in the gap, where the gap begins. One narrower than the kerf stays one.
  return [Math.min(from <= 0 ? from : from + kerf, end - 1), end];
}

function gapsOf({ w, h, missing }: Pick<CutStock, 'w' | 'h' | 'missing'>, kerf: Ticks): Rect[] {
  return missing.map((gap) => {
    const [left, right] = gapAlong(gap.x, gap.x + gap.w, w, kerf);
    const [head, foot] = gapAlong(gap.y, gap.y + gap.h, h, kerf);
    return { x: left, y: head, w: right - left, h: foot - head };
  });
}

/** What of a job is made larger. */
type Cuttable = Pick<CutJob, 'stock' | 'keepAtLeast' | 'longestCut' | 'kerf'>;

/** Stock, leftovers and the longest cut of a job, each with its kerf: what is planned with them takes nothing away. */
export function withKerf<J extends Cuttable>(job: J): J {
  const { kerf = 0, longestCut } = job;
  return {
    ...job,
    kerf: 0,
    stock: job.stock.map((one) => ({ ...largerBy(kerf, one), missing: gapsOf(one, kerf) })),
    keepAtLeast: largerBy(kerf, job.keepAtLeast),
    longestCut: longestCut === null ? null : longestCut + kerf,
  };
}

/** Pieces with their kerf. */
export const piecesWithKerf = <P extends { readonly w: number; readonly h: number }>(
  pieces: readonly P[],
  kerf: Ticks,
): P[] => pieces.map((piece) => largerBy(kerf, piece));

interface TrueCut {
  readonly cut: PlannedCut;
  readonly near: Rect;
  readonly far: Rect;
  /** Of what is given, what is no paper worth a name but what the cut leaves at the edge. */
  readonly shred: 0 | 1 | null;
}

/** A cut as it is made: @param size of the part, with its kerf @param place of the part, as it is */
function trueCut(planned: PlannedCut, size: number, place: Rect, kerf: Ticks): TrueCut {
  const { axis, at } = planned;
  const shred = at <= kerf ? 0 : size - at <= kerf ? 1 : null;
  const first = shred === 0 ? at : at - kerf;
  const second = shred === 1 ? first : at;
  const along = axis === 'x' ? place.w : place.h;
  const part = (from: number, to: number): Rect =>
    axis === 'x' ? { ...place, x: place.x + from, w: to - from } : { ...place, y: place.y + from, h: to - from };
  return {
    cut: { ...planned, at: first, ...(shred === null ? { lost: kerf } : {}) },
    near: part(0, first),
    far: part(second, along),
    shred,
  };
}

/** A sheet as it is planned, whatever else is told of its pieces. */
type Sheet<P extends PlannedPart> = Omit<PlannedSheet, 'pieces'> & { readonly pieces: readonly P[] };

/** A sheet gone through from the whole to its parts, each in the size that it is planned with and in its own. */
class Cutting {
  readonly cuts = new Map<string, PlannedCut>();
  readonly places = new Map<string, Rect>();
  /** What cuts leave at an edge, narrower than they are themselves. */
  readonly shreds: PlannedPart[] = [];
  private readonly cutOf: ReadonlyMap<string, PlannedCut>;

  constructor(
    sheet: Pick<PlannedSheet, 'cuts'>,
    { w, h }: Pick<CutStock, 'w' | 'h'>,
    private readonly kerf: Ticks,
  ) {
    this.cutOf = new Map(sheet.cuts.map((cut) => [cut.part, cut]));
    this.walk('A', { w: w + kerf, h: h + kerf }, { x: 0, y: 0, w, h });
  }

  private walk(part: string, planned: Size, place: Rect): void {
    const cut = this.cutOf.get(part);
    if (!cut) {
      this.places.set(part, place);
      return;
    }
    const { axis, at, gives } = cut;
    const long = axis === 'x' ? planned.w : planned.h;
    if (long <= 2 * this.kerf) {
      this.shreds.push({ part, ...place });
      return;
    }
    const made = trueCut(cut, long, place, this.kerf);
    this.cuts.set(part, made.cut);
    const sized = (length: number): Size => (axis === 'x' ? { ...planned, w: length } : { ...planned, h: length });
    if (made.shred === 0) this.shreds.push({ part: gives[0], ...made.near });
    else this.walk(gives[0], sized(at), made.near);
    if (made.shred === 1) this.shreds.push({ part: gives[1], ...made.far });
    else this.walk(gives[1], sized(long - at), made.far);
  }

  /** Parts where they really lie. */
  asTheyAre<P extends PlannedPart>(parts: readonly P[]): P[] {
    return parts.flatMap((part) => {
      const place = this.places.get(part.part);
      return place ? [{ ...part, ...place }] : [];
    });
  }
}

/** A sheet that was planned with its kerf, as it is cut. */
function asCut<S extends Sheet<PlannedPart>>(sheet: S, stock: Pick<CutStock, 'w' | 'h'>, kerf: Ticks): S {
  const cutting = new Cutting(sheet, stock, kerf);
  return {
    ...sheet,
    cuts: sheet.cuts.flatMap(({ part }) => cutting.cuts.get(part) ?? []),
    pieces: cutting.asTheyAre(sheet.pieces),
    nubbins: cutting.asTheyAre(sheet.nubbins),
    waste: [...cutting.asTheyAre(sheet.waste), ...cutting.shreds],
  };
}

const sumOf = <T>(all: readonly T[], of: (one: T) => number): number => all.reduce((sum, one) => sum + of(one), 0);

/** Figures that follow from the measures; what cuts take away is waste. */
function figures(sheets: readonly Sheet<PlannedPart>[], stock: readonly CutStock[]) {
  const solid = new Map(stock.map((one) => [one.id, sumOf(solidRects({ x: 0, y: 0, ...one }, one.missing), area)]));
  const pieceArea = sumOf(sheets, ({ pieces }) => sumOf(pieces, area));
  const nubbins = sheets.flatMap((sheet) => sheet.nubbins.map(area));
  const nubbinArea = sumOf(nubbins, (one) => one);
  const unopened =
    sumOf(stock, ({ id, count }) => count * heldIn(solid, id) ** 2) -
    sumOf(sheets, (sheet) => heldIn(solid, sheet.stock) ** 2);
  return {
    cuts: sumOf(sheets, ({ cuts }) => cuts.length),
    kept: unopened + sumOf(nubbins, (one) => one ** 2),
    pieceArea,
    nubbinArea,
    wasteArea: sumOf(sheets, (sheet) => heldIn(solid, sheet.stock)) - pieceArea - nubbinArea,
    largestNubbin: Math.max(0, ...nubbins),
  };
}

/** A plan or a share-out. */
interface Planned {
  readonly sheets: readonly Sheet<PlannedPart>[];
  readonly stats: ReturnType<typeof figures>;
}

/** A plan that was found for a job with its kerf, as it is cut. @param job without it */
function planAsCut<P extends Planned>(plan: P, { stock, kerf = 0 }: Cuttable): P {
  const sizes = new Map(stock.map((one) => [one.id, one]));
  const sheets = plan.sheets.map((sheet) => asCut(sheet, heldIn(sizes, sheet.stock), kerf));
  return { ...plan, sheets, stats: { ...plan.stats, ...figures(sheets, stock) } };
}

/**
 * A search for a job with its kerf, its plans told as they are cut.
 * @param job as it is asked, without it in its measures
 */
export function* searchAsCut<P extends Planned>(
  search: Generator<{ readonly plan: P; readonly done: number }, P>,
  job: Cuttable,
): Generator<{ readonly plan: P; readonly done: number }, P> {
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return planAsCut(step.value, job);
    yield { ...step.value, plan: planAsCut(step.value.plan, job) };
  }
}
