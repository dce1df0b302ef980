import { memo, useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Proposal } from '../../../core/busting';
import { formatSize } from '../../../core/length';
import { designOf, pageLayout } from '../../../core/design';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { KeptForNow } from '../../parts/KeptForNow';
import { startProposed, useProposals } from '../../parts/useProposals';
import { useGoAfter } from '../../ui/useGoAfter';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { PageDrawing } from '../../ui/PageDrawing';
import { Paper } from '../../ui/Paper';
import { formatWords } from '../../ui/pageWords';
import { Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { reasonWords } from './reasonWords';

/** Busters: pages that can really be made from what is left. */
export function BustersScreen() {
  const { proposals, done, trouble, again, stop } = useProposals();
  return (
    <Screen
      title="Busters"
      about="pages that can be made from what is left"
      actions={<Link to="/busters/gather">Gather a kit of your own</Link>}
    >
      <KeptForNow />
      {done !== null && (
        <Working done={done} onStop={stop}>
          Looking through the leftovers
        </Working>
      )}
      {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
      {trouble === null && done === null && proposals.length === 0 && (
        <Empty>
          <h2>Nothing to bust yet</h2>
          <p>
            When pages have been cut, or older kits lie in the stash, pages out of their leftovers are proposed here.
            Each is planned to the last cut before it is shown.
          </p>
        </Empty>
      )}
      <List aria-label="Proposed pages">
        {proposals.map((proposal) => (
          <Proposed key={proposal.id} proposal={proposal} />
        ))}
      </List>
    </Screen>
  );
}

/** Drawn anew only when it is another proposal: while the search goes on, the same ones come again. */
const Proposed = memo(
  function Proposed({ proposal }: { proposal: Proposal }) {
    const { photos, stories, faces, ledger, lots } = useBench((b) => b);
    const { system, mat, change } = useSettings();
    const go = useGoAfter();
    const design = designOf(proposal.design)!;
    const layout = useMemo(() => pageLayout({ ...proposal, mat }), [proposal, mat]);
    const pictures = usePictures(proposal.photos);
    const story = stories.get(photos.get(proposal.photos[0]?.photo ?? '')?.story ?? '');
    const name = story?.name ?? 'A place kept for a photo';
    const takeUp = async (): Promise<void> => {
      const begun = startProposed(proposal, { photos, stories }, mat);
      await go(
        begun.then((id) => {
          if (id !== null) change({ pageInHand: id });
          return id === null ? null : `/pages/${id}`;
        }),
      );
    };
    if (!layout.ok) return null;
    const scale = Math.min(230 / (layout.value.size.w / 8128), 200 / (layout.value.size.h / 8128));
    return (
      <li>
        <Drawn>
          <PageDrawing
            layout={layout.value}
            papers={proposal.papers}
            pictures={pictures}
            scale={scale}
            label={`${design.name}: ${name}, drawn`}
          />
        </Drawn>
        <Stack $gap={8}>
          <div>
            <h2>{name}</h2>
            <Soft>
              {design.name} · {formatWords(proposal.format, system)}
            </Soft>
          </div>
          <Why>
            {reasonWords(proposal.why, system).map((words) => (
              <li key={words}>{words}</li>
            ))}
          </Why>
          <Row>
            <Button
              look="main"
              onPress={() => {
                void takeUp();
              }}
            >
              Make this page
            </Button>
          </Row>
          <details>
            <summary>What it uses, and its cut list</summary>
            <Cols>
              <Used>
                {proposal.plan.sheets.map((sheet) => {
                  const piece = ledger.pieces.get(sheet.stock);
                  return (
                    piece && (
                      <li key={sheet.stock}>
                        <Paper
                          size={piece}
                          face={lots.get(piece.lot)?.front ?? null}
                          missing={piece.missing}
                          scale={4}
                        />
                        <Link to={`/stash/${piece.id}`}>{lots.get(piece.lot)?.name}</Link>{' '}
                        <span className="measure">{formatSize(piece, system)}</span>
                      </li>
                    )
                  );
                })}
              </Used>
              <ul>
                {proposal.list.map((piece) => (
                  <li key={piece.id}>
                    <span className="measure">
                      {piece.count} × {formatSize(piece, system)}
                    </span>{' '}
                    {faces.get(piece.face ?? '')?.name}
                  </li>
                ))}
              </ul>
            </Cols>
          </details>
        </Stack>
      </li>
    );
  },
  (before, now) => before.proposal.id === now.proposal.id,
);

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(480px, 100%), 1fr));
  gap: 24px 32px;
  overflow: auto;
  padding: 6px;
  align-content: start;
  > li {
    display: grid;
    grid-template-columns: 236px 1fr;
    gap: 20px;
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
