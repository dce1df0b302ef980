import type { PlanPiece, PlanSheet } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { takenWords } from '../../ui/lotWords';
import { Row, Soft } from '../../ui/Screen';
import { DividedSheet } from './DividedSheet';
import { useShareChoices } from './shareChoices';

const SCALE = 12.5;

/** Every paper of a share-out, whole and to scale, with the parts it gives. */
export function PapersDivided({
  sheets,
  nameOf,
}: {
  sheets: readonly PlanSheet[];
  /** What a wanted piece is called. */
  nameOf: (piece: PlanPiece) => string;
}) {
  const { ledger, lots, kits } = useBench((b) => b);
  const { never, change } = useShareChoices();
  if (sheets.length === 0) return <Soft>Nothing is cut: no page can be made whole of what is ticked.</Soft>;
  return (
    <Row $gap={16} style={{ alignItems: 'flex-start' }}>
      {sheets.map((sheet) => {
        const piece = ledger.pieces.get(sheet.stock);
        const lot = piece && lots.get(piece.lot);
        return (
          piece &&
          lot && (
            <figure key={sheet.stock} style={{ margin: 0, width: 12 * SCALE }}>
              <DividedSheet sheet={sheet} piece={piece} lot={lot} scale={SCALE} nameOf={nameOf} />
              <figcaption>
                <strong>{lot.name}</strong>
                <br />
                <Soft>
                  {takenWords(piece, lot)} · {kits.get(lot.kit)?.name}
                </Soft>{' '}
                <Button
                  look="quiet"
                  aria-label={`Never cut ${lot.name}`}
                  onPress={() => change({ never: [...never, lot.id] })}
                >
                  never cut this
                </Button>
              </figcaption>
            </figure>
          )
        );
      })}
    </Row>
  );
}
