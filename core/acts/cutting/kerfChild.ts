import { kerfId, kerfOf } from '../../page/cutlist';
import type { Rect } from '../../ground/geometry';
import type { CutChild, PieceState } from '../../stock/ledger';
import type { PlanCut } from '../../stock/things';
import { missingIn } from './missingIn';

/**
 * What a cut of a piece takes away between its parts is waste, so that all of the piece is told of; none: nothing is.
 * @param whole the piece from its own corner
 */
export function kerfChild(piece: PieceState, whole: Rect, cut: Pick<PlanCut, 'axis' | 'at' | 'lost'>): CutChild[] {
  const place = kerfOf(whole, cut);
  return place ? [{ id: kerfId(piece.id), role: 'waste', ...place, missing: missingIn(piece, place) }] : [];
}
