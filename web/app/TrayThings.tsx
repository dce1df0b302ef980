import styled from 'styled-components';
import { totalOf, type Amounts, type PieceState } from '../../core/stock/ledger';
import { formatSize, type MeasureSystem } from '../../core/ground/length';
import type { Out } from '../../core/acts';
import { laidOf } from '../../core/page/placing';
import type { Lot, Page } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import { useSettings } from '../data/settings';
import { amountWords } from '../ui/amountWords';
import { Paper, paperOf } from '../ui/Paper';
import { mono } from '../ui/theme';
import { ThingDrawing } from '../ui/ThingDrawing';
import { TrayThing } from './TrayThing';

const SCALE = 8;

/** How much of a thing is out, and how much of that lies on the page already. */
function outWords(lot: Lot, out: Amounts, laid: Amounts, system: MeasureSystem): string {
  const [on, all] = [totalOf(laid), totalOf(out)];
  const words = amountWords(lot, out, system);
  if (on === 0) return words;
  return `${words}, ${on >= all ? 'laid' : `${amountWords(lot, laid, system)} laid`}`;
}

/** All that is out for a page, side by side. */
export function TrayThings({ page, out }: { page: Page; out: Out }) {
  const { lots, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const paper = (piece: PieceState, canBeUsed: boolean) => (
    <li key={piece.id}>
      <TrayThing
        page={page}
        label={`${piece.name ?? lots.get(piece.lot)?.name ?? 'Paper'}, ${formatSize(piece, system)}`}
        chosen={{ piece: piece.id }}
        canBeUsed={canBeUsed}
      >
        <Paper
          {...paperOf(piece)}
          face={(piece.slot === null ? null : page.papers[piece.slot]) ?? lots.get(piece.lot)?.front ?? null}
          isTorn={piece.from !== null && piece.slot === null}
          scale={SCALE}
        />
        {piece.name !== undefined && <b>{piece.name}</b>}
        <span>{formatSize(piece, system)}</span>
      </TrayThing>
    </li>
  );
  return (
    <Things>
      {out.cut.map((piece) => paper(piece, true))}
      {out.toCut.map(({ piece }) => paper(piece, false))}
      {out.loose.map((piece) => paper(piece, true))}
      {out.amounts.map((one) => {
        const lot = lots.get(one.lot);
        return (
          lot && (
            <li key={one.lot}>
              <TrayThing page={page} label={lot.name} chosen={one} canBeUsed lot={lot}>
                <ThingDrawing
                  lot={lot}
                  colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
                  amounts={one.amounts}
                  scale={SCALE}
                />
                <b>{lot.name}</b>
                <span>{outWords(lot, one.amounts, laidOf(page, lot.id), system)}</span>
              </TrayThing>
            </li>
          )
        );
      })}
    </Things>
  );
}

const Things = styled.ul`
  flex: 1;
  min-width: 0;
  display: flex;
  align-items: flex-end;
  gap: 18px;
  overflow-x: auto;
  overflow-y: hidden;
  li {
    display: flex;
    flex-direction: column;
    gap: 4px;
    align-items: flex-start;
    flex: none;
  }
  span {
    font: 400 12px ${mono};
    white-space: nowrap;
  }
  b {
    font-size: 13px;
    font-weight: 600;
    max-width: 130px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  svg {
    max-height: 78px;
  }
`;
