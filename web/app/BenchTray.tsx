import { Link } from 'react-router';
import styled from 'styled-components';
import { formatSize } from '../../core/length';
import type { Lot } from '../../core/things';
import { useBench } from '../data/benchStore';
import { looseOn, onBench, pageName, putAway } from '../data/pageActs';
import { useSettings } from '../data/settings';
import { Button } from '../ui/Button';
import { Paper } from '../ui/Paper';
import { mono } from '../ui/theme';
import { amountWords } from '../ui/amountWords';

const SCALE = 8;

/** The shallow strip along the foot: what is out for the page in hand, drawn to scale. */
export function BenchTray() {
  const { pageInHand, system } = useSettings();
  const page = useBench((b) => (pageInHand === null ? undefined : b.pages.get(pageInHand)));
  const ledger = useBench((b) => b.ledger);
  const lots = useBench((b) => b.lots);
  const things = page ? onBench(ledger, page.id) : { pieces: [], amounts: [] };
  const count = things.pieces.length + things.amounts.length;
  if (!page || count === 0) {
    return (
      <Tray aria-label="Bench tray" data-clear>
        <p>
          {page ? (
            <>
              Nothing is out for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>.
            </>
          ) : (
            'The bench is clear. Things taken out for a page lie here until they are used or put away.'
          )}
        </p>
      </Tray>
    );
  }
  const loose = looseOn(page, ledger);
  const spare = loose.pieces.length + loose.amounts.length;
  return (
    <Tray aria-label="Bench tray">
      <Things>
        {things.pieces.map((piece) => {
          const lot = lots.get(piece.lot);
          return (
            <li key={piece.id}>
              <Paper
                size={piece}
                face={(piece.slot === null ? null : page.papers[piece.slot]) ?? lot?.front ?? null}
                missing={piece.missing}
                isTorn={piece.from !== null && piece.slot === null}
                scale={SCALE}
              />
              <span>{formatSize(piece, system)}</span>
            </li>
          );
        })}
        {things.amounts.map(({ lot, amounts }) => (
          <li key={lot}>
            <Loose>{lots.get(lot)?.name}</Loose>
            <span>{amountWords(lots.get(lot) as Lot, amounts, system)}</span>
          </li>
        ))}
      </Things>
      <Side>
        <strong>
          On the bench for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>
        </strong>
        <span>
          {count === 1 ? '1 thing out' : `${count} things out`}
          {spare > 0 && (
            <Button
              look="quiet"
              onPress={() => {
                void putAway(page, loose);
              }}
            >
              {spare === count ? 'put all away' : 'put the rest away'}
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
  svg {
    max-height: 78px;
  }
`;
const Loose = styled.b`
  font-size: 13px;
  max-width: 120px;
  padding: 6px 10px;
  border-radius: 12px;
  background: ${({ theme }) => theme.marigoldWash};
  color: ${({ theme }) => theme.marigoldInk};
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
