import type { PieceState } from '../../../core/stock/ledger';
import { cutInStash, punchEvent } from '../../../core/acts';
import type { Hole, Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useGoAfter } from '../../ui/useGoAfter';
import { Row } from '../../ui/Screen';
import { CutApart } from './CutApart';
import { CutOut } from './CutOut';
import { PunchSlip } from './PunchSlip';

export interface PieceCutsProps {
  piece: PieceState;
  lot: Lot;
  /** It is out for a page and nothing of it is promised: it can be cut out of by hand. */
  isOut: boolean;
}

/** Cutting a piece apart, out of it, and punching it. */
export function PieceCuts({ piece, lot, isOut }: PieceCutsProps) {
  const goAfter = useGoAfter();
  const punch = async (holes: readonly Hole[]): Promise<void> => {
    const done = act(cutInStash('punched', [punchEvent(piece, holes)]));
    await goAfter(
      done.then((isDone) => (isDone ? `/stash/${piece.id}-rest` : null)),
      { replace: true },
    );
  };
  const isHere = piece.where === 'here';
  return (
    <>
      {(isHere || isOut) && (
        <Row>
          <CutOut piece={piece} lot={lot} onDone={() => void goAfter(`/stash/${piece.id}-out`, { replace: true })} />
        </Row>
      )}
      {isHere && (
        <Row>
          <CutApart piece={piece} lot={lot} onDone={() => void goAfter('/stash', { replace: true })} />
          <PunchSlip piece={piece} lot={lot} onPunch={(holes) => void punch(holes)} />
        </Row>
      )}
    </>
  );
}
