import type { PieceState } from '../../../core/stock/ledger';
import { bringBack, partWith, putRight } from '../../../core/acts';
import { act } from '../../data/acts';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { useGoAfter } from '../../ui/useGoAfter';
import { PartWith } from './PartWith';

/** A piece leaves the stash, or is back in it. */
export function PieceGoes({ piece }: { piece: PieceState }) {
  const goAfter = useGoAfter();
  const chosen = { pieces: [piece.id], lots: [] };
  switch (piece.where) {
    case 'here':
      return (
        <PartWith
          onPart={(leaving) =>
            void goAfter(
              act(partWith(chosen, leaving)).then((isDone) => (isDone ? '/stash' : null)),
              { replace: true },
            )
          }
        />
      );
    case 'lent':
      return (
        <Row>
          <Button onPress={() => void act(bringBack(chosen))}>It came back</Button>
        </Row>
      );
    case 'missed':
      return (
        <Row>
          <Button onPress={() => void act(putRight({ missed: [], found: [piece.id], lots: {} }, 'found again'))}>
            It is found
          </Button>
        </Row>
      );
    default:
      return null;
  }
}
