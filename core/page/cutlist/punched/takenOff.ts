import type { CutStock } from '../../../trimmer/cutting';
import type { PlanPiece, PlanSheet } from '../../../stock/things';
import { pruneSheet } from '../pruneSheet';
import type { Planned, Punching, Shape } from './types';

const faceOf = ({ front, back }: CutStock, face: 'front' | 'back'): string | null => (face === 'front' ? front : back);

/**
 * What of a plan is left once shapes are not cut: the sheets, and the shapes with the face they were to be of.
 * @param most how many of each line are to be punched
 */
export function takenOff(
  plan: Planned,
  { punches, list, stock }: Punching,
  most: ReadonlyMap<string, number>,
): Planned & { readonly shapes: readonly Shape[] } {
  const sheetOf = new Map(stock.map((one) => [one.id, { ...one, where: 'claimed' as const, slot: '' }]));
  const lines = new Map(list.map((one) => [one.id, one]));
  const taken = new Map<string, number>();
  const shapes: Shape[] = [];
  const take = (piece: Shape['piece'], face: string | null): boolean => {
    const [punch, so] = [punches.get(piece.id), taken.get(piece.id) ?? 0];
    if (!punch || so >= (most.get(piece.id) ?? 0)) return false;
    taken.set(piece.id, so + 1);
    shapes.push({ piece, punch, face: lines.get(piece.id)?.face ?? face });
    return true;
  };
  const notCut = plan.notCut.filter(({ id, copy }) => {
    const line = lines.get(id);
    return !line || !take({ id, copy, page: line.page, slot: line.slot }, null);
  });
  // Sheets that give nothing else first: they need not be opened then.
  const isAll = ({ pieces }: PlanSheet): boolean => pieces.every(({ id }) => punches.has(id));
  const off = new Set<PlanPiece>();
  for (const sheet of [...plan.sheets].sort((a, b) => Number(isAll(b)) - Number(isAll(a)))) {
    const paper = sheetOf.get(sheet.stock);
    for (const piece of sheet.pieces) if (paper && take(piece, faceOf(paper, piece.face))) off.add(piece);
  }
  const sheets = plan.sheets.flatMap((sheet) => {
    if (!sheet.pieces.some((piece) => off.has(piece))) return [sheet];
    return pruneSheet(sheet, (piece) => !off.has(piece), { pieces: sheetOf }).sheet ?? [];
  });
  return { sheets, shapes, notCut };
}
