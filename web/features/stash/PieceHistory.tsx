import { useMemo } from 'react';
import { heldIn } from '../../../core/ground/heldIn';
import { historyOf, type PieceState, type PieceWhere } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Soft } from '../../ui/Screen';
import { Trail } from './Trail';

const WHERE: Record<PieceWhere, string> = {
  here: 'now here',
  claimed: 'now on the bench',
  used: 'now on a page',
  cut: 'now cut',
  waste: 'now in the bin',
  given: 'now given away',
  sold: 'now sold',
  lent: 'now lent out',
  recycled: 'now recycled',
  missed: 'not found at the last count',
};

function lineage(pieces: ReadonlyMap<string, PieceState>, piece: PieceState): string[] {
  return piece.from === null ? [piece.id] : [piece.id, ...lineage(pieces, heldIn(pieces, piece.from))];
}

/** Where a piece has been since the parcel, and how much it is of the sheet it came from. */
export function PieceHistory({ piece }: { piece: PieceState }) {
  const ledger = useBench((b) => b.ledger);
  const system = useSettings((s) => s.system);
  const line = useMemo(() => new Set(lineage(ledger.pieces, piece)), [ledger, piece]);
  const history = useMemo(() => historyOf(ledger, piece.id), [ledger, piece.id]);
  const sheet = heldIn(ledger.pieces, [...line].at(-1) ?? piece.id);
  return (
    <>
      <h3>Where it has been</h3>
      <Trail
        events={history}
        line={line}
        now={
          <>
            {WHERE[piece.where]}: {formatSize(piece, system)}
          </>
        }
      />
      <Soft>
        It is {Math.round((100 * piece.solid) / sheet.solid)} % of the {formatSize(sheet, system)} sheet it came from.
      </Soft>
    </>
  );
}
