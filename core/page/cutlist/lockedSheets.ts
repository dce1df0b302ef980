import { area, solidRects } from '../../ground/geometry';
import type { CutStock } from '../../trimmer/cutting';
import type { PlanSheet } from '../../stock/things';
import { kerfsOf } from './partsOfSheet';
import type { PurposedPlan } from './purposed';
import type { WantedPiece } from './wanted';

/** The cut list without the pieces that sheets give which are settled already. */
export function without(list: readonly WantedPiece[], sheets: readonly PlanSheet[]): WantedPiece[] {
  const had = new Map<string, number>();
  for (const { pieces } of sheets) for (const { id } of pieces) had.set(id, (had.get(id) ?? 0) + 1);
  return list
    .map((piece) => ({ ...piece, count: piece.count - (had.get(piece.id) ?? 0) }))
    .filter(({ count }) => count > 0);
}

const total = (parts: readonly { w: number; h: number }[]): number => parts.reduce((sum, part) => sum + area(part), 0);

/** A plan with sheets before it that are settled already; whether none opens fewer fresh sheets is then not known. */
export function withSheets(plan: PurposedPlan, sheets: readonly PlanSheet[], stock: readonly CutStock[]): PurposedPlan {
  if (sheets.length === 0) return plan;
  const { stats } = plan;
  const fresh = sheets.filter(({ stock: id }) => stock.find((one) => one.id === id)?.fresh).length;
  const nubbins = sheets.flatMap((sheet) => sheet.nubbins);
  return {
    sheets: [...sheets, ...plan.sheets],
    notCut: plan.notCut,
    stats: {
      ...stats,
      optimal: false,
      fresh: stats.fresh + fresh,
      pieces: stats.pieces + sheets.reduce((sum, { pieces }) => sum + pieces.length, 0),
      cuts: stats.cuts + sheets.reduce((sum, { cuts }) => sum + cuts.length, 0),
      pieceArea: stats.pieceArea + total(sheets.flatMap(({ pieces }) => pieces)),
      nubbinArea: stats.nubbinArea + total(nubbins),
      wasteArea:
        stats.wasteArea +
        total(
          sheets.flatMap((sheet) => {
            const own = stock.find(({ id }) => id === sheet.stock);
            const taken = own ? kerfsOf(sheet, own) : [];
            return [...sheet.waste, ...taken].flatMap((part) => solidRects(part, own?.missing ?? []));
          }),
        ),
      largestNubbin: Math.max(stats.largestNubbin, ...nubbins.map(area)),
    },
  };
}
