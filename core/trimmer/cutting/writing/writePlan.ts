import type { Bounds } from '../proofs/bounds';
import { divideLeftOver } from '../parts/leftOver';
import type { Part } from '../parts/part';
import { isNubbin, servingOf, type Problem } from '../problem/problem';
import { scoreOf, type Sheet, type State } from '../parts/state';
import { solidRects } from '../../../ground/geometry';
import type { CutPlan, NotCut, PlannedCut, PlannedPart, PlannedPiece, PlannedSheet } from '../types';
import { heldIn } from '../../../ground/heldIn';
import { nth } from '../../../ground/nth';

/** A, B … Z, AA, AB …: the order in which parts come about. */
function partName(n: number): string {
  const last = String.fromCharCode(65 + (n % 26));
  return n < 26 ? last : partName(Math.floor(n / 26) - 1) + last;
}

interface Writing {
  cuts: PlannedCut[];
  pieces: PlannedPiece[];
  nubbins: PlannedPart[];
  waste: PlannedPart[];
  names: number;
}

/** The next free copy number of each item, shared over all sheets. */
type Copies = number[];

function writePart(problem: Problem, sheet: Sheet, part: Part, name: string, copies: Copies, out: Writing): void {
  const { grain } = problem;
  if (part.cut) {
    const { axis, near, far } = part.cut;
    const gives: [string, string] = [partName(out.names++), partName(out.names++)];
    out.cuts.push({ part: name, axis, at: (axis === 'x' ? near.w : near.h) * grain, gives });
    writePart(problem, sheet, near, gives[0], copies, out);
    writePart(problem, sheet, far, gives[1], copies, out);
    return;
  }
  const place = { part: name, x: part.x * grain, y: part.y * grain, w: part.w * grain, h: part.h * grain };
  if (part.use) {
    const { item, turned } = part.use;
    copies[item] = nth(copies, item) + 1;
    const { id, copy, lying } = nth(problem.items, item).copyAt(nth(copies, item));
    out.pieces.push({ id, copy, ...place, turned: turned !== lying, face: servingOf(problem, sheet.kind, item).face });
  } else if (part.holes.length === 0 && isNubbin(problem, part.w, part.h)) out.nubbins.push(place);
  else {
    const division = divideLeftOver(problem, part);
    if (division.part.cut) writePart(problem, sheet, division.part, name, copies, out);
    else out.waste.push(place);
  }
}

function why(problem: Problem, item: number): string {
  const { of, optional, value } = nth(problem.items, item);
  if (problem.servings.some((row) => row[item] !== null))
    return optional && value === 0 ? 'it does not pay' : 'no room';
  const carries = problem.job.stock.some(
    ({ front, back }) => of === null || (front !== null && of.includes(front)) || (back !== null && of.includes(back)),
  );
  return carries ? 'larger than any paper it may come from' : 'no paper here has this design';
}

const solidArea = (part: PlannedPart, holes: { x: number; y: number; w: number; h: number }[]): number =>
  solidRects(part, holes).reduce((sum, r) => sum + r.w * r.h, 0);

/** Sheets in the order of the job's stock, copies numbered from 1, everything back in ticks. */
export function writePlan(problem: Problem, state: State, bound: Bounds): CutPlan {
  const copies: Copies = problem.items.map(() => 0);
  const copyOf = problem.kinds.map(() => 0);
  const sheets = [...state.sheets]
    .sort((a, b) => a.kind - b.kind)
    .map((sheet): PlannedSheet => {
      const out: Writing = { cuts: [], pieces: [], nubbins: [], waste: [], names: 1 };
      writePart(problem, sheet, sheet.tree, 'A', copies, out);
      const { cuts, pieces, nubbins, waste } = out;
      copyOf[sheet.kind] = nth(copyOf, sheet.kind) + 1;
      const { id, copy } = nth(problem.kinds, sheet.kind).copyAt(nth(copyOf, sheet.kind));
      return { stock: id, copy, cuts, pieces, nubbins, waste };
    });
  const notCut = problem.items.flatMap((item, i) =>
    Array.from({ length: nth(state.left, i) }, (_, n): NotCut => {
      const { id, copy } = item.copyAt(nth(copies, i) + n + 1);
      return { id, copy, why: why(problem, i) };
    }),
  );
  return { sheets, notCut, stats: statsOf(problem, state, sheets, bound) };
}

function statsOf(problem: Problem, state: State, sheets: readonly PlannedSheet[], bound: Bounds): CutPlan['stats'] {
  const [pieces, value, unopenedFresh, kept] = scoreOf(problem, state);
  const sum = (parts: readonly { w: number; h: number }[]): number =>
    parts.reduce((total, part) => total + part.w * part.h, 0);
  const nubbins = sheets.flatMap((sheet) => sheet.nubbins);
  const missing = new Map(problem.job.stock.map((stock) => [stock.id, [...stock.missing]]));
  const fresh = -unopenedFresh;
  return {
    pieces,
    value,
    fresh,
    kept: kept * problem.grain ** 4,
    cuts: sheets.reduce((total, sheet) => total + sheet.cuts.length, 0),
    pieceArea: sum(sheets.flatMap((sheet) => sheet.pieces)),
    nubbinArea: sum(nubbins),
    wasteArea: sheets.reduce(
      (total, sheet) => total + sheet.waste.reduce((part, w) => part + solidArea(w, heldIn(missing, sheet.stock)), 0),
      0,
    ),
    largestNubbin: nubbins.reduce((most, { w, h }) => Math.max(most, w * h), 0),
    bound,
    optimal: pieces === bound.pieces && value >= bound.value && fresh === bound.fresh,
  };
}
