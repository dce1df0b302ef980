import styled from 'styled-components';
import { openListOf, type WantedPiece } from '../../../core/page/cutlist';
import { formatSize, inches } from '../../../core/ground/length';
import { changePage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Paper } from '../../ui/Paper';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row, Soft, Stack } from '../../ui/Screen';
import { HandCutButton } from './HandCutSlip';
import { usePaperOptions } from './usePaperOptions';
import type { PageWork } from './usePageWork';
import { agreeing } from '../../words/countWords';

const SWATCH = { w: inches(2.6), h: inches(2.6) };

export interface PapersListProps {
  page: Page;
  work: PageWork;
  /** Papers can still be chosen. */
  isOpen: boolean;
  /** One line of the cut list is to be cut now. */
  onCut: (wanted: string) => void;
}

/** The paper of each slot, those that go with the photos first, and the pieces it is cut into: the cut list. */
export function PapersList({ page, work, isOpen, onCut }: PapersListProps) {
  const bench = useBench((b) => b);
  const { layout, papers, list } = work;
  const open = new Set(isOpen ? (openListOf(page, bench) ?? []).map(({ id }) => id) : []);
  const some = list.some(({ id }) => !open.has(id));
  return (
    <section aria-label="Cut list">
      <h2>Papers, and the cut list</h2>
      {isOpen && some && open.size > 0 && <Soft>Ticked is cut or planned; the rest is planned from Cuts.</Soft>}
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
                    {bench.faces.get(face ?? '')?.name}
                  </>
                )}
                <ul>
                  {pieces.map((piece) => (
                    <Line
                      key={piece.id}
                      page={page}
                      piece={piece}
                      isDone={isOpen && !open.has(piece.id)}
                      {...(open.has(piece.id) ? { onCut } : {})}
                    />
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

interface LineProps {
  page: Page;
  piece: WantedPiece;
  isDone: boolean;
  onCut?: PapersListProps['onCut'];
}

/** One line of the cut list: it can be cut by itself, or noted as cut by hand. */
function Line({ page, piece, isDone, onCut }: LineProps) {
  const system = useSettings((s) => s.system);
  return (
    <li className="measure">
      {isDone ? '✓ ' : ''}
      {piece.count} × {formatSize(piece, system)}
      {onCut && (
        <Row $gap={12}>
          <Button look="quiet" onPress={() => onCut(piece.id)}>
            cut {agreeing(piece.count, 'it', 'them')} now
          </Button>
          <HandCutButton page={page} piece={piece} />
        </Row>
      )}
    </li>
  );
}

interface SlotPaperProps extends Pick<PapersListProps, 'page' | 'work'> {
  slot: NonNullable<PageWork['layout']>['slots'][number];
  piece: WantedPiece;
}

/** Chooses the paper of a slot. */
function SlotPaper({ page, work, slot, piece }: SlotPaperProps) {
  const faces = useBench((b) => b.faces);
  const { papers } = work;
  const options = usePaperOptions(page, work, slot, piece);
  return (
    <PaperChoice
      label={slot.name}
      options={options}
      value={papers[slot.id] ?? null}
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
