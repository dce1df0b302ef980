import { Link } from 'react-router';
import styled from 'styled-components';
import { pagesOf } from '../../core/page/cutlist';
import { countOf, outFor, type Chosen, type Out } from '../../core/acts';
import { type Bench } from '../../core/stock/bench';
import type { Page } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import { pageName } from '../data/didWords';
import { Button } from '../ui/Button';
import { countWords } from '../words/countWords';
import { Tray } from './Tray';
import { TrayThings } from './TrayThings';

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

/** What is out for a page, and how it goes away again. */
export function TrayOfPage({ page }: { page: Page }) {
  const bench = useBench((b) => b);
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
  return (
    <Tray aria-label="Bench tray">
      <TrayThings page={page} out={out} />
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
                void import('./trayActs').then(({ putBack }) => putBack(page.id, loose));
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
