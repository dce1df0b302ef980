import { memo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Proposal, Sources } from '../../../core/kit/busting';
import { designOf } from '../../../core/page/design';
import { formatSize, toInches } from '../../../core/ground/length';
import { looksOf } from '../../../core/page/placing';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { PageFigure } from '../../parts/PageFigure';
import { StockDrawing } from '../../parts/StockDrawing';
import { useProposals } from '../../parts/useProposals';
import { useProposedPage } from '../../parts/useProposedPage';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { minuteWords } from '../../ui/minuteWords';
import { formatWords } from '../../ui/pageWords';
import { Empty, Row, Soft, Stack } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { reasonWords, titleWords } from './reasonWords';
import { useBusting } from './useBusting';

/** Pages for one another's place: each can be made, with its small things and its title. */
export function ProposedList() {
  const { lead, sources } = useBusting();
  const { proposals, done, trouble, again, stop } = useProposals({ lead, sources });
  return (
    <Stack $gap={12}>
      {done !== null && (
        <Working done={done} onStop={stop}>
          Looking through the leftovers
        </Working>
      )}
      {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
      {trouble === null && done === null && proposals.length === 0 && (
        <NothingFound isOldest={lead.kind === 'oldest'} />
      )}
      <List aria-label="Proposed pages">
        {proposals.map((proposal) => (
          <Proposed key={proposal.id} proposal={proposal} sources={sources} />
        ))}
      </List>
    </Stack>
  );
}

const NothingFound = ({ isOldest }: { isOldest: boolean }) => (
  <Empty>
    <h2>{isOldest ? 'Nothing to bust yet' : 'No page is like that'}</h2>
    <p>
      {isOldest
        ? 'When pages have been cut, or older kits lie in the stash, pages out of their leftovers are proposed here. Each is planned to the last cut before it is shown.'
        : 'From what is left of these kits no such page can be made. Begin with something else, or tick more kits.'}
    </p>
  </Empty>
);

const SIDE = 230;

/** Drawn anew only when it is another proposal: while the search goes on, the same ones come again. */
const Proposed = memo(
  function Proposed({ proposal, sources }: { proposal: Proposal; sources: Sources }) {
    const bench = useBench((b) => b);
    const system = useSettings((s) => s.system);
    const { page, furnished, story, begin } = useProposedPage(proposal, sources);
    const design = designOf(proposal.design);
    const { w, h, spread } = page.format;
    const things = new Set(furnished.things.flatMap(({ what }) => looksOf(what, bench)?.name ?? []));
    return (
      <li>
        <Drawn>
          <PageFigure page={page} scale={SIDE / toInches(Math.max(w * (spread ? 2 : 1), h))} />
        </Drawn>
        <Stack $gap={8}>
          <div>
            <h2>{story === '' ? 'A place kept for a photo' : story}</h2>
            <Soft>
              {design?.name} · {formatWords(proposal.format, system)} · about {minuteWords(proposal.minutes)} at the
              desk
            </Soft>
          </div>
          <Why>
            <li>{titleWords(furnished.title, bench.lots)}</li>
            {things.size > 0 && <li>With {[...things].join(', ')}.</li>}
            {reasonWords(proposal.why, system).map((words) => (
              <li key={words}>{words}</li>
            ))}
          </Why>
          <Row>
            <Button look="main" onPress={begin}>
              Make this page
            </Button>
          </Row>
          <WhatItTakes proposal={proposal} />
        </Stack>
      </li>
    );
  },
  (before, now) => before.proposal.id === now.proposal.id && before.sources === now.sources,
);

/** The pieces that it takes, its cut list, and what is left of them. */
function WhatItTakes({ proposal: { plan, list } }: { proposal: Proposal }) {
  const { faces, ledger, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const nubbins = plan.sheets.flatMap((sheet) => sheet.nubbins);
  return (
    <details>
      <summary>What it uses, its cut list, what is left</summary>
      <Cols>
        <Used>
          {plan.sheets.map(({ stock }) => {
            const piece = ledger.pieces.get(stock);
            const lot = lots.get(piece?.lot ?? '');
            return (
              piece &&
              lot && (
                <li key={stock}>
                  <StockDrawing lot={lot} piece={piece} amounts={{}} scale={4} />
                  <Link to={`/stash/${piece.id}`}>{lot.name}</Link>{' '}
                  <span className="measure">{formatSize(piece, system)}</span>
                </li>
              )
            );
          })}
        </Used>
        <ul>
          {list.map((piece) => (
            <li key={piece.id}>
              <span className="measure">
                {piece.count} × {formatSize(piece, system)}
              </span>{' '}
              {faces.get(piece.face ?? '')?.name}
            </li>
          ))}
        </ul>
        <p>
          {nubbins.length === 0
            ? 'Nothing is left of them.'
            : `Left of them: ${nubbins.map((nubbin) => formatSize(nubbin, system)).join(', ')}.`}
        </p>
      </Cols>
    </details>
  );
}

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(430px, 100%), 1fr));
  gap: 24px 32px;
  padding: 6px;
  align-content: start;
  > li {
    display: grid;
    grid-template-columns: ${SIDE + 6}px 1fr;
    gap: 18px;
    align-items: start;
  }
`;
const Drawn = styled.div`
  display: grid;
  justify-items: center;
`;
const Why = styled.ul`
  font-size: 15px;
  li {
    padding-left: 14px;
    position: relative;
  }
  li::before {
    content: '';
    position: absolute;
    left: 0;
    top: 9px;
    width: 6px;
    height: 6px;
    background: ${({ theme }) => theme.pond};
  }
`;
const Used = styled.ul`
  li {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 2px 0;
  }
`;
const Cols = styled.div`
  display: grid;
  gap: 8px;
  font-size: 14px;
  padding: 6px 0;
`;
