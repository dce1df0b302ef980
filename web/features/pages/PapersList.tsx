import { useMemo } from 'react';
import styled from 'styled-components';
import { formatSize, inches } from '../../../core/length';
import { mayBeJoined, type WantedPiece } from '../../../core/cutlist';
import { rankFaces } from '../../../core/papers';
import type { Face, Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { Paper } from '../../ui/Paper';
import { Soft, Stack } from '../../ui/Screen';
import type { PageWork } from './usePageWork';
import { changePage } from '../../../core/making';
import { act } from '../../data/acts';

/** How near a face is to the photos, in words. CIEDE2000, mean over its colours. */
const nearWords = (difference: number): string =>
  !Number.isFinite(difference) ? '' : difference < 12 ? ', goes well' : difference < 22 ? ', goes' : ', far off';

/** Faces offered for a slot that some paper holds whole. */
const MOST = 24;

/** The paper of each slot, those that go with the photos first, and the pieces it is cut into: the cut list. */
export function PapersList({ page, work, isOpen }: { page: Page; work: PageWork; isOpen: boolean }) {
  const { faces, ledger } = useBench((b) => b);
  const { system, longestCut } = useSettings();
  const allFaces = useMemo(() => [...faces.values()], [faces]);
  const { layout, papers, list, stock, colours } = work;
  /** No paper holds the strip whole, but shorter ones joined make it. */
  const canBeJoined = (piece: WantedPiece, face: Face): boolean =>
    isOpen && mayBeJoined({ wanted: { ...piece, face: face.id }, stock, ledger, longestCut });
  return (
    <section aria-label="Cut list">
      <h2>Papers, and the cut list</h2>
      <Stack $gap={10} as="ul">
        {layout!.slots.map((slot) => {
          const pieces = list.filter((piece) => piece.slot === slot.id);
          if (pieces.length === 0) return null;
          const all = rankFaces(allFaces, colours, slot, pieces[0]!, stock);
          const ranked = [
            ...all
              .filter(({ holds }) => holds > 0)
              .slice(0, MOST)
              .map((one) => ({ ...one, words: nearWords(one.difference) })),
            ...all
              .filter(({ holds, face }) => holds === 0 && canBeJoined(pieces[0]!, face))
              .map((one) => ({ ...one, words: ', joined from strips' })),
          ];
          const face = papers[slot.id];
          return (
            <Slot key={slot.id}>
              <Paper size={{ w: inches(2.6), h: inches(2.6) }} face={face ?? null} scale={16} />
              <div>
                {isOpen ? (
                  <Choice
                    label={slot.name}
                    options={[
                      ...ranked,
                      ...all
                        .filter((one) => one.face.id === face && !ranked.some((r) => r.face.id === face))
                        .map((one) => ({ ...one, words: '' })),
                    ].map((r): [string, string] => [r.face.id, `${r.face.name}${r.words}`])}
                    value={face ?? ''}
                    onChange={(to) => {
                      void act(
                        changePage(
                          page.id,
                          (now) => ({ papers: { ...papers, ...now.papers, [slot.id]: to } }),
                          `Chose ${faces.get(to)?.name ?? 'a paper'}`,
                        ),
                        { isQuiet: true },
                      );
                    }}
                  />
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

const Slot = styled.li`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  padding-top: 6px;
`;
