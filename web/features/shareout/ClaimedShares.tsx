import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { formatArea } from '../../../core/ground/length';
import { againstFact, type SharedState } from '../../../core/kit/sharing';
import type { Sharing } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { dayWords } from '../../ui/dayWords';
import { Row, Slip, Soft } from '../../ui/Screen';
import { PagesLeft } from './PagesLeft';
import { releasePage, dropSharing } from '../../../core/acts';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';
import { heldIn } from '../../../core/ground/heldIn';

const STATES: Record<SharedState, string> = {
  waiting: 'its papers were given back',
  promised: 'papers promised',
  cut: 'cut',
  done: 'done',
  'given-up': 'dropped',
};
const WHERE = {
  'other-page': 'on another page',
  given: 'given away',
  sold: 'sold',
  lent: 'lent out',
  recycled: 'recycled',
  missed: 'missed at the last count',
  waste: 'spoilt or wasted',
} as const;

/** Share-outs that were claimed, held against what has been done since. */
export function ClaimedShares() {
  const sharings = useBench((b) => b.sharings);
  const inOrder = [...sharings.values()].sort((a, b) => b.day.localeCompare(a.day) || b.id.localeCompare(a.id));
  return (
    <>
      {inOrder.map((sharing) => (
        <Claimed key={sharing.id} sharing={sharing} />
      ))}
    </>
  );
}

function Claimed({ sharing }: { sharing: Sharing }) {
  const bench = useBench((b) => b);
  const { ledger, pages, lots, kits } = bench;
  const system = useSettings((s) => s.system);
  const fact = useMemo(() => againstFact(sharing, bench), [sharing, bench]);
  const count = (state: SharedState): number => fact.pages.filter((page) => page.state === state).length;
  const open = fact.pages.find(({ state }) => state === 'promised');
  return (
    <Slip aria-label={`Shared out on ${dayWords(sharing.day)}`}>
      <Row>
        <h2>As shared out on {dayWords(sharing.day)}</h2>
        <Soft>
          {sharing.kits
            .map((id) => kits.get(id)?.name)
            .filter(Boolean)
            .join(', ')}
        </Soft>
      </Row>
      <p>
        {count('done')} of {fact.pages.length} done, {count('cut')} cut, {count('promised')} still promised
        {sharing.wanted > fact.pages.length ? `; ${sharing.wanted - fact.pages.length} could not be made` : ''}.
      </p>
      <Pages>
        {fact.pages.map(({ page, title, state }) => {
          const there = pages.get(page);
          return (
            <li key={page}>
              {there ? <Link to={`/pages/${page}`}>{pageName(there)}</Link> : <span>{title || 'A page'}</span>}{' '}
              <Soft>{STATES[state]}</Soft>
              {there && state === 'promised' && (
                <Button
                  look="quiet"
                  aria-label={`Give the papers of ${pageName(there)} back`}
                  onPress={() => void act(releasePage(there.id))}
                >
                  give its papers back
                </Button>
              )}
            </li>
          );
        })}
        {fact.elsewhere.map(({ piece, where, page, area }) => (
          <li key={`${piece} ${where} ${page}`}>
            <Soft>
              {formatArea(area, system)} of {lots.get(ledger.pieces.get(piece)?.lot ?? '')?.name} went elsewhere:{' '}
              {page !== null && pages.has(page) ? `on ${pageName(heldIn(pages, page))}` : WHERE[where]}.
            </Soft>
          </li>
        ))}
      </Pages>
      <PagesLeft sharing={sharing} />
      <Row>
        {open && <Link to={`/cuts/${open.page}`}>On with the cuts</Link>}
        <Button look="quiet" onPress={() => void act(dropSharing(sharing.id))}>
          Forget this
        </Button>
      </Row>
    </Slip>
  );
}

const Pages = styled.ul`
  padding: 6px 0;
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: baseline;
  }
`;
