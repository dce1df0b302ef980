import { area } from '../../../ground/geometry';
import { holeArea, holeBox } from '../../../trimmer/punching';
import type { PlanPiece, PlanSheet } from '../../../stock/things';
import type { Punched } from './types';

/** The punched shapes as pieces of their sheet. */
const piecesOf = ({ paper: { stock, part, place, scrap }, made }: Punched): PlanPiece[] =>
  made.map(({ shape, hole }, i) => {
    const box = holeBox(hole, scrap);
    return {
      ...shape.piece,
      part: `${part}-p${i + 1}`,
      x: place.x + box.x,
      y: place.y + box.y,
      w: box.w,
      h: box.h,
      turned: false,
      face: shape.face !== null && shape.face !== stock.front && shape.face === stock.back ? 'back' : 'front',
      punched: { from: part, hole: { ...hole, x: hole.x + place.x, y: hole.y + place.y } },
    };
  });

/** A sheet with what is punched from one of its parts, or from a strip of it. */
function withOne(sheet: PlanSheet, punched: Punched): PlanSheet {
  const pieces = [...sheet.pieces, ...piecesOf(punched)];
  const { strip, paper } = punched;
  if (!strip) return { ...sheet, pieces };
  const isOther = ({ part }: { part: string }): boolean => part !== strip.cut.part;
  const [nubbins, waste] = [[...sheet.nubbins.filter(isOther), strip.rest], sheet.waste.filter(isOther)];
  const left = { part: paper.part, ...paper.place };
  const gone = punched.made.reduce((sum, { hole }) => sum + holeArea(hole), 0);
  // What is left of a strip full of holes is nothing to keep.
  const isKept = 2 * gone < area(paper.place);
  return {
    ...sheet,
    pieces,
    cuts: [...sheet.cuts, strip.cut],
    nubbins: isKept ? [...nubbins, left] : nubbins,
    waste: isKept ? waste : [...waste, left],
  };
}

/** A plan's sheets with what is punched from them, and those that are only punched. */
export function withPunched(sheets: readonly PlanSheet[], punched: readonly Punched[]): PlanSheet[] {
  const opened = new Set(sheets.map(({ stock }) => stock));
  const others = new Map(
    punched.flatMap(({ paper: { stock } }) => (opened.has(stock.id) ? [] : [[stock.id, stock] as const])),
  );
  const whole = [...others.values()].map(({ id, w, h }): PlanSheet => ({
    stock: id,
    copy: 1,
    cuts: [],
    pieces: [],
    nubbins: [{ part: 'A', x: 0, y: 0, w, h }],
    waste: [],
  }));
  return [...sheets, ...whole].map((sheet) =>
    punched.filter(({ paper }) => paper.stock.id === sheet.stock).reduce(withOne, sheet),
  );
}
