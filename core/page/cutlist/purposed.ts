import type { CutPlan } from '../../trimmer/cutting';
import type { PlanSheet } from '../../stock/things';
import type { WantedPiece } from './wanted';

/** A cutting plan whose pieces know what they are for. */
export type PurposedPlan = Omit<CutPlan, 'sheets'> & { readonly sheets: readonly PlanSheet[] };

/**
 * A plan in terms of the cut list that it was made for: each piece with its page and slot, pinned copies as the line
 * they are of.
 */
export function purposed({ sheets, notCut, stats }: CutPlan, list: readonly WantedPiece[]): PurposedPlan {
  const byId = new Map(list.map((piece) => [piece.id, piece]));
  const lineOf = (id: string): string => byId.get(id)?.pinOf ?? id;
  return {
    stats,
    notCut: notCut.map((entry) => ({ ...entry, id: lineOf(entry.id) })),
    sheets: sheets.map((sheet) => ({
      ...sheet,
      pieces: sheet.pieces.flatMap((piece) => {
        const wanted = byId.get(piece.id);
        return wanted ? [{ ...piece, id: lineOf(piece.id), page: wanted.page, slot: wanted.slot }] : [];
      }),
    })),
  };
}
