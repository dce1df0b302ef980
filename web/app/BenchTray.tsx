import { Link } from 'react-router';
import styled from 'styled-components';
import { pagesOf } from '../../core/cutlist';
import { formatSize, type MeasureSystem } from '../../core/length';
import { countOf, outFor, putAway, type Bench, type Chosen, type Out } from '../../core/making';
import { totalOf, type Amounts, type PieceState } from '../../core/ledger';
import { laidOf } from '../../core/placing';
import type { Lot, Page } from '../../core/things';
import { act } from '../data/acts';
import { useBench } from '../data/benchStore';
import { pageName } from '../data/didWords';
import { useSettings } from '../data/settings';
import { amountWords } from '../ui/amountWords';
import { Button } from '../ui/Button';
import { countWords } from '../ui/countWords';
import { Paper, paperOf } from '../ui/Paper';
import { mono } from '../ui/theme';
import { ThingDrawing } from '../ui/ThingDrawing';
import { TrayThing } from './TrayThing';

const SCALE = 8;

/** What can be put away without a word: it was taken out by hand, or is left over when the page is glued. */
const looseIn = ({ loose, amounts, cut }: Out, { glued }: Page): Chosen[] => [
  ...[...loose, ...(glued === null ? [] : cut)].map(({ id }) => ({ piece: id })),
  ...amounts,
];

/** Other pages that papers on the bench are cut for as well. */
const sharedWith = ({ toCut }: Out, { plans }: Bench, page: string): number =>
  new Set(
    [...new Set(toCut.map(({ plan }) => plan))]
      .flatMap((id) => pagesOf(plans.get(id) ?? { sheets: [] }))
      .filter((id) => id !== page),
  ).size;

/** How much of a thing is out, and how much of that lies on the page already. */
function outWords(lot: Lot, out: Amounts, laid: Amounts, system: MeasureSystem): string {
  const [on, all] = [totalOf(laid), totalOf(out)];
  const words = amountWords(lot, out, system);
  if (on === 0) return words;
  return `${words}, ${on >= all ? 'laid' : `${amountWords(lot, laid, system)} laid`}`;
}

/** The shallow strip along the foot: what is out for the page in hand, drawn to scale. */
export function BenchTray() {
  const { pageInHand, system } = useSettings();
  const bench = useBench((b) => b);
  const page = bench.pages.get(pageInHand ?? '');
  if (!page) {
    return (
      <Tray aria-label="Bench tray" data-clear>
        <p>The bench is clear. Things taken out for a page lie here until they are used or put away.</p>
      </Tray>
    );
  }
  const out = outFor(bench, page.id);
  const count = countOf(out);
  if (count === 0) {
    return (
      <Tray aria-label="Bench tray" data-clear>
        <p>
          Nothing is out for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>.
        </p>
      </Tray>
    );
  }
  const loose = looseIn(out, page);
  const others = sharedWith(out, bench, page.id);
  const paper = (piece: PieceState, canBeUsed: boolean) => (
    <li key={piece.id}>
      <TrayThing
        page={page}
        label={`${piece.name ?? bench.lots.get(piece.lot)?.name ?? 'Paper'}, ${formatSize(piece, system)}`}
        chosen={{ piece: piece.id }}
        canBeUsed={canBeUsed}
      >
        <Paper
          {...paperOf(piece)}
          face={(piece.slot === null ? null : page.papers[piece.slot]) ?? bench.lots.get(piece.lot)?.front ?? null}
          isTorn={piece.from !== null && piece.slot === null}
          scale={SCALE}
        />
        {piece.name !== undefined && <b>{piece.name}</b>}
        <span>{formatSize(piece, system)}</span>
      </TrayThing>
    </li>
  );
  return (
    <Tray aria-label="Bench tray">
      <Things>
        {out.cut.map((piece) => paper(piece, true))}
        {out.toCut.map(({ piece }) => paper(piece, false))}
        {out.loose.map((piece) => paper(piece, true))}
        {out.amounts.map((one) => {
          const lot = bench.lots.get(one.lot);
          return (
            lot && (
              <li key={one.lot}>
                <TrayThing page={page} label={lot.name} chosen={one} canBeUsed lot={lot}>
                  <ThingDrawing
                    lot={lot}
                    colours={bench.faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
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
      <Side>
        <strong>
          On the bench for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>
        </strong>
        {others > 0 && <span>cut together with {countWords(others, 'other page')}</span>}
        <span>
          {countWords(count, 'thing')} out
          {loose.length > 0 && (
            <Button
              look="quiet"
              onPress={() => {
                void act(putAway(page.id, loose));
              }}
            >
              {loose.length === count ? 'put all away' : 'put the rest away'}
            </Button>
          )}
        </span>
      </Side>
    </Tray>
  );
}

const Tray = styled.section`
  flex: none;
  height: 118px;
  display: flex;
  gap: 20px;
  padding: 10px 24px 8px;
  background: ${({ theme }) => theme.tray};
  border-top: 1.5px solid ${({ theme }) => theme.line};
  box-shadow: inset 0 6px 8px -6px ${({ theme }) => theme.shade};
  &[data-clear] {
    height: 50px;
  }
  > p {
    margin: auto 0;
    color: ${({ theme }) => theme.ink};
  }
`;
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
const Side = styled.div`
  flex: none;
  text-align: right;
  display: flex;
  flex-direction: column;
  gap: 4px;
  max-width: 320px;
  span {
    font-size: 14px;
    display: flex;
    gap: 8px;
    justify-content: flex-end;
    align-items: center;
  }
`;
