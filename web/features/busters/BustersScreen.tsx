import { memo, useEffect, useMemo, useReducer, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { BustingInput, Proposal } from '../../../core/busting';
import { formatSize } from '../../../core/length';
import { designOf, pageLayout } from '../../../core/design';
import { shelfOf } from '../../../core/making';
import { ownPunches } from '../../../core/stock';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { proposeInWorker, stopPlanning } from '../../workers/planningClient';
import { useGoAfter } from '../../ui/useGoAfter';
import { BrokenOff, whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { PageDrawing } from '../../ui/PageDrawing';
import { Paper } from '../../ui/Paper';
import { FORMATS, formatWords, NOTEBOOK } from '../../ui/pageWords';
import { Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { reasonWords } from './reasonWords';
import { startPage } from '../../data/begin';

/** Busters: pages that can really be made from what is left. */
export function BustersScreen() {
  const bench = useBench((b) => b);
  const { mat, longestCut, isPunching, punchReach } = useSettings();
  const [found, setFound] = useState<{ proposals: readonly Proposal[]; done: number | null }>({
    proposals: [],
    done: 0,
  });
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  const input = useMemo((): BustingInput => {
    const used = new Set([...bench.pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo)));
    return {
      shelf: shelfOf(bench),
      faces: [...bench.faces.values()],
      waiting: [...bench.photos.values()].filter(({ id }) => !used.has(id)),
      formats: [...FORMATS.map(([, , format]) => format), NOTEBOOK],
      mat,
      longestCut,
      punches: isPunching ? ownPunches(bench.lots, bench.ledger, punchReach).map(({ punch }) => punch) : [],
    };
  }, [bench, mat, longestCut, isPunching, punchReach]);
  useEffect(() => {
    let isLatest = true;
    void proposeInWorker(input, ({ proposals, done }) => {
      if (isLatest) setFound({ proposals, done });
    }).then(
      (last) => {
        if (!isLatest) return;
        setTrouble(null);
        setFound((before) => ({ proposals: last?.proposals ?? before.proposals, done: null }));
      },
      (error: unknown) => {
        if (!isLatest) return;
        setTrouble(whyOf(error));
        setFound((before) => ({ ...before, done: null }));
      },
    );
    return () => {
      isLatest = false;
      stopPlanning();
    };
  }, [input, tries]);
  const { proposals, done } = found;
  return (
    <Screen title="Busters" about="pages that can be made from what is left">
      {done !== null && (
        <Working done={done} onStop={stopPlanning}>
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
      const { format, papers, sizes } = proposal;
      const begun = startPage({
        format,
        design: design.id,
        mat,
        photos: proposal.photos,
        papers,
        sizes,
        title: '',
        date: story?.date ?? '',
        place: story?.place ?? '',
      });
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
