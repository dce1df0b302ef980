import { useMemo } from 'react';
import styled from 'styled-components';
import { formatSize, inches } from '../../../core/length';
import { mayBeJoined, type WantedPiece } from '../../../core/cutlist';
import { rankFaces } from '../../../core/papers';
import type { Face, Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Paper } from '../../ui/Paper';
import { PaperChoice } from '../../ui/PaperChoice';
import { Soft, Stack } from '../../ui/Screen';
import { usePaperStanding } from '../../parts/usePaperStanding';
import type { PageWork } from './usePageWork';
import { changePage } from '../../../core/making';
import { act } from '../../data/acts';

/** How near a face is to the photos, in words. CIEDE2000, mean over its colours. */
const nearWords = (difference: number): string =>
  !Number.isFinite(difference) ? '' : difference < 12 ? ', goes well' : difference < 22 ? ', goes' : ', far off';

const SWATCH = { w: inches(2.6), h: inches(2.6) };

/** Faces offered for a slot that some paper holds whole. */
const MOST = 24;

export interface PapersListProps {
  page: Page;
  work: PageWork;
  /** Papers can still be chosen. */
  isOpen: boolean;
}

/** The paper of each slot, those that go with the photos first, and the pieces it is cut into: the cut list. */
export function PapersList({ page, work, isOpen }: PapersListProps) {
  const faces = useBench((b) => b.faces);
  const system = useSettings((s) => s.system);
  const { layout, papers, list } = work;
  return (
    <section aria-label="Cut list">
      <h2>Papers, and the cut list</h2>
      <Stack $gap={10} as="ul">
        {layout?.slots.map((slot) => {
          const pieces = list.filter((piece) => piece.slot === slot.id);
          const [first] = pieces;
          const face = papers[slot.id];
          if (!first) return null;
          return (
            <Slot key={slot.id}>
              <Paper size={SWATCH} face={face ?? null} scale={16} />
              <div>
                {isOpen ? (
                  <SlotPaper page={page} work={work} slot={slot} piece={first} />
                ) : (
                  <>
                    <Soft>{slot.name}</Soft>
                    <br />
                    {faces.get(face ?? '')?.name}
                  </>
                )}
                <ul>
                  {pieces.map((piece) => (
                    <li key={piece.id} className="measure">
                      {piece.count} × {formatSize(piece, system)}
                    </li>
                  ))}
                </ul>
              </div>
            </Slot>
          );
        })}
      </Stack>
    </section>
  );
}

interface SlotPaperProps extends Pick<PapersListProps, 'page' | 'work'> {
  slot: NonNullable<PageWork['layout']>['slots'][number];
  piece: WantedPiece;
}

/** Chooses the paper of a slot: those that hold its piece, then those that make it of strips. */
function SlotPaper({ page, work: { papers, stock, colours }, slot, piece }: SlotPaperProps) {
  const { faces, ledger } = useBench((b) => b);
  const longestCut = useSettings((s) => s.longestCut);
  const standing = usePaperStanding(page.id);
  const allFaces = useMemo(() => [...faces.values()], [faces]);
  const all = rankFaces(allFaces, colours, slot, piece, stock);
  const now = papers[slot.id];
  /** No paper holds the strip whole, but shorter ones joined make it. */
  const canBeJoined = (face: Face): boolean =>
    mayBeJoined({ wanted: { ...piece, face: face.id }, stock, ledger, longestCut });
  const whole = all.filter(({ holds }) => holds > 0).slice(0, MOST);
  const joined = all.filter(({ holds, face }) => holds === 0 && canBeJoined(face));
  const offered = new Set([...whole, ...joined].map(({ face }) => face.id));
  const chosen = all.filter(({ face }) => face.id === now && !offered.has(face.id));
  const words = [
    ...whole.map(({ face, difference }) => ({ face, words: nearWords(difference) })),
    ...joined.map(({ face }) => ({ face, words: ', joined from strips' })),
    ...chosen.map(({ face }) => ({ face, words: '' })),
  ];
  return (
    <PaperChoice
      label={slot.name}
      options={words.map(({ face: { id, name }, words: how }) => ({
        id,
        name,
        face: id,
        about: `${standing(id)}${how}`,
      }))}
      value={now ?? null}
      onChange={(to) => {
        void act(
          changePage(
            page.id,
            (was) => ({ papers: { ...papers, ...was.papers, [slot.id]: to } }),
            `Chose ${faces.get(to)?.name ?? 'a paper'}`,
          ),
          { isQuiet: true },
        );
      }}
    />
  );
}

const Slot = styled.li`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  padding-top: 6px;
`;
