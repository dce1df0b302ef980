import type { ReactNode } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { LedgerEvent } from '../../../core/stock/ledger';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { dayWords } from '../../ui/dayWords';
import { eventWords, type Names } from './eventWords';
import { pageName } from '../../data/didWords';
import { heldIn } from '../../../core/ground/heldIn';

export interface TrailProps {
  events: readonly LedgerEvent[];
  /** Of a piece, it and all that it was cut from. */
  line?: ReadonlySet<string>;
  amount?: Names['amount'];
  /** Where it is now. */
  now: ReactNode;
}

const NO_LINE: ReadonlySet<string> = new Set();

/** Where a thing has been, day by day, the parcel first. */
export function Trail({ events, line = NO_LINE, amount, now }: TrailProps) {
  const system = useSettings((s) => s.system);
  const { pages, kits } = useBench((b) => b);
  const kit = (id: string): string => kits.get(id)?.name ?? 'a kit since taken apart';
  const page = (id: string): string => (pages.has(id) ? pageName(heldIn(pages, id)) : 'a page since dropped');
  return (
    <Days aria-label="Where it has been">
      {events.map((event) => (
        <li key={event.id}>
          <time dateTime={event.day}>{dayWords(event.day)}</time>{' '}
          {eventWords(event, line, { page, kit, system, ...(amount ? { amount } : {}) })}
          {'page' in event && event.page !== null && pages.has(event.page) && (
            <>
              {' '}
              <Link to={`/pages/${event.page}`} aria-label={`See ${page(event.page)}`}>
                see it
              </Link>
            </>
          )}
        </li>
      ))}
      <li>{now}</li>
    </Days>
  );
}

const Days = styled.ol`
  border-left: 2px solid ${({ theme }) => theme.woodInk}66;
  padding-left: 18px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  font-size: 15px;
  margin-left: 5px;
  li {
    position: relative;
  }
  li::before {
    content: '';
    position: absolute;
    left: -24px;
    top: 6px;
    width: 10px;
    height: 10px;
    border-radius: 50%;
    background: ${({ theme }) => theme.pond};
  }
  li:last-child::before {
    background: ${({ theme }) => theme.beet};
  }
  time {
    color: ${({ theme }) => theme.soft};
  }
`;
