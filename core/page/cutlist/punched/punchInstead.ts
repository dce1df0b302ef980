import type { CutPlan, CutStock } from '../../../trimmer/cutting';
import { area, solidRects } from '../../../ground/geometry';
import { groupBy } from '../../../ground/groupBy';
import { heldIn } from '../../../ground/heldIn';
import { holeArea } from '../../../trimmer/punching';
import type { PlanPiece, PlanSheet } from '../../../stock/things';
import type { PurposedPlan } from '../purposed';
import { kerfsOf } from '../partsOfSheet';
import { papersOf } from './papersOf';
import { place } from './place';
import { takenOff } from './takenOff';
import type { Paper, Planned, Punched, Punching } from './types';
import { withPunched } from './withPunched';

/** How often the plan is tried with less to be punched. */
const TRIES = 4;

const sumOf = (numbers: readonly number[]): number => numbers.reduce((all, one) => all + one, 0);

/** The figures of a plan with what is punched. */
function statsOf(sheets: readonly PlanSheet[], stock: readonly CutStock[], was: PurposedPlan): CutPlan['stats'] {
  const isFresh = new Set(stock.filter(({ fresh }) => fresh).map(({ id }) => id));
  const missing = new Map(stock.map((one) => [one.id, one.missing]));
  const pieces = sheets.flatMap((sheet) => sheet.pieces);
  const areaOf = ({ punched, ...piece }: PlanPiece): number => (punched ? holeArea(punched.hole) : area(piece));
  const restOf = (which: 'nubbins' | 'waste'): number[] =>
    sheets.flatMap((sheet) =>
      sheet[which].map((part) => {
        const out = sheet.pieces.filter(({ punched }) => punched?.from === part.part);
        const solid = solidRects(part, missing.get(sheet.stock) ?? []);
        return sumOf(solid.map(area)) - sumOf(out.map(areaOf));
      }),
    );
  const sizes = new Map(stock.map((one) => [one.id, one]));
  const taken = sheets.flatMap((sheet) => {
    const own = heldIn(sizes, sheet.stock);
    return kerfsOf(sheet, own).flatMap((part) => solidRects(part, own.missing).map(area));
  });
  const nubbins = restOf('nubbins');
  const fresh = sheets.filter((sheet) => isFresh.has(sheet.stock)).length;
  return {
    ...was.stats,
    pieces: pieces.length,
    fresh,
    cuts: sumOf(sheets.map(({ cuts }) => cuts.length)),
    pieceArea: sumOf(pieces.map(areaOf)),
    nubbinArea: sumOf(nubbins),
    wasteArea: sumOf(restOf('waste')) + sumOf(taken),
    largestNubbin: Math.max(0, ...nubbins),
    // The bound is one of squares; without a sheet there is none better.
    optimal: was.stats.optimal && fresh === 0,
  };
}

/**
 * Planned sheets from which shapes that a punch makes are punched: out of what the cuts leave, out of waste, and out of
 * scraps, the smallest first, many shapes to one; sheets that only gave squares stay shut. What finds no place within a
 * punch's reach is cut as before.
 */
export function punchedSheets(plan: Planned, punching: Punching): Planned {
  const { punches, stock, trimmer } = punching;
  const most = new Map<string, number>();
  for (const { id } of [...plan.sheets.flatMap(({ pieces }) => pieces), ...plan.notCut])
    if (punches.has(id)) most.set(id, (most.get(id) ?? 0) + 1);
  for (let n = 0; n < TRIES && [...most.values()].some((count) => count > 0); n++) {
    const { sheets, shapes, notCut } = takenOff(plan, punching, most);
    const papers = papersOf(sheets, stock);
    const punched = new Map<Paper, Punched>();
    const left = [...groupBy(shapes, ({ face }) => face)].flatMap(([face, own]) => {
      const isOfFace = ({ stock: one }: Paper): boolean => face === null || one.front === face || one.back === face;
      return place(own, papers, isOfFace, trimmer, punched);
    });
    if (left.length === 0) return { sheets: withPunched(sheets, [...punched.values()]), notCut };
    for (const [id, own] of groupBy(left, ({ piece }) => piece.id)) most.set(id, (most.get(id) ?? 0) - own.length);
  }
  return plan;
}

/** A plan whose shapes are punched where they can be, with its figures. */
export function punchInstead(plan: PurposedPlan, punching: Punching): PurposedPlan {
  const punched = punchedSheets(plan, punching);
  return punched === plan ? plan : { ...punched, stats: statsOf(punched.sheets, punching.stock, plan) };
}
