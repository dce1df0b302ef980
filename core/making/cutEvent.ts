import { pieceId, type CutStep } from '../cutlist';
import type { CutChild, Ledger } from '../ledger';
import type { NewEvent } from './act';
import { missingIn } from './missingIn';

/**
 * What the ledger is told of a step: a piece that is wanted goes to its page, the rest stays with what it is out for.
 */
export function cutEvent(step: CutStep, ledger: Ledger): NewEvent {
  const parent = ledger.pieces.get(step.piece)!;
  const into = step.gives.map(({ part, role, wanted, x, y, w, h }): CutChild => {
    const place = { x: x - step.part.x, y: y - step.part.y, w, h };
    return {
      id: pieceId(step.sheet, part),
      role,
      ...place,
      missing: missingIn(parent, place),
      ...(wanted === null ? {} : { page: wanted.page, slot: wanted.slot }),
    };
  });
  return { type: 'cut', piece: step.piece, into, page: parent.page };
}
