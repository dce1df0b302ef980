import styled from 'styled-components';
import type { CutStock } from '../../../core/trimmer/cutting';
import { holds } from '../../../core/ground/geometry';
import { formatSize } from '../../../core/ground/length';
import type { Pin, WantedPiece } from '../../../core/page/cutlist';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Soft } from '../../ui/Screen';
import type { PieceName } from '../../parts/pieceName';
import { heldIn } from '../../../core/ground/heldIn';

export interface CutListSectionProps {
  list: readonly WantedPiece[];
  stock: readonly CutStock[];
  /** The one line that is cut now; null: all of it. */
  only: string | null;
  onOnly: (line: string | null) => void;
  pins: readonly Pin[];
  onPins: (pins: readonly Pin[]) => void;
  nameOf: PieceName;
}

const ANY = '';

/** Everything wanted, a line each, and the paper it is to come from where she says so. */
export function CutListSection({ list, stock, only, onOnly, pins, onPins, nameOf }: CutListSectionProps) {
  const { ledger, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const papersFor = (piece: WantedPiece): (readonly [string, string])[] =>
    stock
      .filter(
        (one) =>
          (piece.face === null || one.front === piece.face || one.back === piece.face) &&
          holds(one, one.missing, piece, !one.upright),
      )
      .sort((a, b) => a.w * a.h - b.w * b.h)
      .map((one) => [one.id, `${lots.get(heldIn(ledger.pieces, one.id).lot)?.name ?? ''}, ${formatSize(one, system)}`]);
  return (
    <section aria-label="Cut list">
      <h2>Cut list</h2>
      <Lines>
        {list.map((piece) => {
          const pin = pins.find(({ wanted }) => wanted === piece.id);
          const papers = papersFor(piece);
          return (
            <li key={piece.id}>
              <span>{nameOf(piece)}</span>
              <span className="measure">
                {piece.count} × {formatSize(piece, system)}
              </span>
              {list.length > 1 && (
                <Button look="quiet" aria-label={`Only ${nameOf(piece, true)} now`} onPress={() => onOnly(piece.id)}>
                  only this now
                </Button>
              )}
              {papers.length > 1 && (
                <From>
                  <Choice
                    label={`Paper for ${nameOf(piece)}`}
                    options={[[ANY, 'from whichever is best'], ...papers]}
                    value={pin?.stock ?? ANY}
                    onChange={(to) =>
                      onPins([
                        ...pins.filter(({ wanted }) => wanted !== piece.id),
                        ...(to === ANY ? [] : [{ wanted: piece.id, stock: to, count: piece.count }]),
                      ])
                    }
                  />
                </From>
              )}
            </li>
          );
        })}
      </Lines>
      {only !== null && list.some(({ id }) => id === only) && (
        <p>
          <Button look="quiet" onPress={() => onOnly(null)}>
            plan all that is still to cut
          </Button>
        </p>
      )}
      {list.length > 0 && <Soft>Choose a paper to pin a piece to it.</Soft>}
    </section>
  );
}

const Lines = styled.ul`
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 2px 12px;
    padding: 5px 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
const From = styled.div`
  flex-basis: 100%;
  font-size: 14px;
  .react-aria-Label {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  button {
    min-height: 26px;
    padding: 1px 0;
    border: 0;
    background: none;
    color: ${({ theme }) => theme.pond};
  }
`;
