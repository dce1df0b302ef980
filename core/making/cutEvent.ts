import type { CutChild, Ledger, LedgerEvent } from '../ledger';
import { pieceId, type CutStep } from '../cutlist';
import { missingIn } from './missingIn';
import { purposeOf } from '../cutlist';

/** What the ledger is told of what a cut piece is for. */
export function purposeIn(page: string, wanted: string): Pick<CutChild, 'slot' | 'page'> {
  const { page: other, slot } = purposeOf(wanted);
  return { slot, ...(other === null || other === page ? {} : { page: other }) };
}

/** The ledger's event for a step. @param page the page whose papers are cut, the first of several */
export function cutEvent(step: CutStep, ledger: Ledger, page: string, id: string, day: string): LedgerEvent {
  const parent = ledger.pieces.get(step.piece)!;
  const into = step.gives.map(({ part, role, wanted, x, y, w, h }): CutChild => {
    const place = { x: x - step.part.x, y: y - step.part.y, w, h };
    return {
      id: pieceId(step.sheet, part),
      role,
      ...place,
      missing: missingIn(parent, place),
      ...(wanted === null ? {} : purposeIn(page, wanted)),
    };
  });
  return { id, day, type: 'cut', piece: step.piece, into, page };
}
