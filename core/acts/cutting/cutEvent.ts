import { pieceId, type CutStep, type Step } from '../../page/cutlist';
import type { CutChild, Ledger } from '../../stock/ledger';
import type { NewEvent } from '../act';
import { kerfChild } from './kerfChild';
import { missingIn } from './missingIn';
import { punchStepEvent } from './punchEvent';
import { windowStepEvent } from './windowEvent';
import { heldIn } from '../../ground/heldIn';

/** A trimmer cut: a piece that is wanted goes to its page, the rest stays with what it is out for. */
function trimmed(step: CutStep, ledger: Ledger): NewEvent {
  const parent = heldIn(ledger.pieces, step.piece);
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
  return {
    type: 'cut',
    piece: step.piece,
    into: [...into, ...kerfChild(parent, { ...step.part, x: 0, y: 0 }, step)],
    page: parent.page,
  };
}

/** What the ledger is told of a step of a plan: cut, cut out or punched. @param plan its id: a middle is out for it */
export const cutEvent = (step: Step, ledger: Ledger, plan = ''): NewEvent =>
  step.kind === 'cut'
    ? trimmed(step, ledger)
    : step.kind === 'punch'
      ? punchStepEvent(step, ledger)
      : windowStepEvent(step, plan, ledger);
