import { useMemo, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { WantedPiece } from '../../../core/page/cutlist';
import type { Point, Size } from '../../../core/ground/geometry';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize, TICKS_PER_INCH } from '../../../core/ground/length';
import { liesOnPiece, mayBeCut, noteHandCut } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { MeasureField } from '../../ui/MeasureField';
import { Paper, paperOf } from '../../ui/Paper';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';

export interface HandCutButtonProps {
  page: Page;
  piece: WantedPiece;
}

/** Notes a piece that she cut without a plan: of which paper, and where on it. */
export function HandCutButton(props: HandCutButtonProps) {
  return (
    <DialogTrigger>
      <Button look="quiet">cut by hand …</Button>
      <SlipOver title="Cut by hand">{(close) => <Fields {...props} onDone={close} />}</SlipOver>
    </DialogTrigger>
  );
}

/** Papers that may have been cut into, those of the paper chosen first, the smallest first. */
function usePapers({ page, piece }: HandCutButtonProps): PieceState[] {
  const bench = useBench((b) => b);
  return useMemo(() => {
    const isOf = ({ lot }: PieceState): boolean => {
      const of = bench.lots.get(lot);
      return piece.face !== null && (of?.front === piece.face || of?.back === piece.face);
    };
    return [...bench.ledger.pieces.values()]
      .filter((one) => mayBeCut(one, page.id, bench) && (fits(one, piece) || fits(one, turned(piece))))
      .sort((a, b) => Number(isOf(b)) - Number(isOf(a)) || a.w * a.h - b.w * b.h);
  }, [bench, page.id, piece]);
}

const turned = ({ w, h }: Size): Size => ({ w: h, h: w });
const fits = (paper: Size, { w, h }: Size): boolean => w <= paper.w && h <= paper.h;
const SHOWN = 60;

/** The four corners that a piece is cut out of, and any place by its measures. */
const cornersOf = (paper: Size, size: Size): readonly Point[] => [
  { x: 0, y: 0 },
  { x: paper.w - size.w, y: 0 },
  { x: paper.w - size.w, y: paper.h - size.h },
  { x: 0, y: paper.h - size.h },
];
const CORNERS = ['head left', 'head right', 'foot right', 'foot left'];

function Fields({ page, piece, onDone }: HandCutButtonProps & { onDone: () => void }) {
  const { lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const papers = usePapers({ page, piece });
  const [from, setFrom] = useState<string | null>(papers[0]?.id ?? null);
  const [isTurned, setTurned] = useState(false);
  const [at, setAt] = useState<Point>({ x: 0, y: 0 });
  const paper = papers.find(({ id }) => id === from);
  const size =
    (isTurned || (paper && !fits(paper, piece))) && paper && fits(paper, turned(piece)) ? turned(piece) : piece;
  const place = paper ? { ...at, w: size.w, h: size.h } : null;
  const isOn = paper && place ? liesOnPiece(paper, place) : false;
  const note = async (): Promise<void> => {
    if (!paper || !place) return;
    if (await act(noteHandCut(page.id, { slot: piece.slot, w: place.w, h: place.h }, paper.id, at))) onDone();
  };
  const faceOf = (one: PieceState): string | null => lots.get(one.lot)?.front ?? null;
  const options = papers
    .slice(0, SHOWN)
    .map((one) => ({
      id: one.id,
      name: one.name ?? lots.get(one.lot)?.name ?? '',
      face: faceOf(one),
      about: `${formatSize(one, system)}${one.where === 'claimed' ? ' · out' : ''}`,
    }));
  if (papers.length === 0) return <Soft>No paper that is here is so large.</Soft>;
  return (
    <Form onSend={note} isSentByEnter={false}>
      <Stack>
        <PaperChoice
          label={`${formatSize(piece, system)}, cut from`}
          options={options}
          value={from}
          onChange={(to) => {
            setFrom(to);
            setAt({ x: 0, y: 0 });
          }}
        />
        {paper && place && (
          <Where paper={paper} face={faceOf(paper)} place={place} onAt={setAt} onTurn={() => setTurned((is) => !is)} />
        )}
        {!isOn && <Soft role="status">There it goes off the paper, or over what is gone of it.</Soft>}
        <Row>
          <Button look="main" type="submit" isDisabled={!isOn}>
            Note it
          </Button>
          <Button slot="close" look="quiet">
            Not now
          </Button>
        </Row>
        <Soft>What is left of the paper, an inch and more, stays in the stash with its size.</Soft>
      </Stack>
    </Form>
  );
}

interface WhereProps {
  paper: PieceState;
  face: string | null;
  place: Point & Size;
  onAt: (at: Point) => void;
  onTurn: () => void;
}

/** Where on the paper: drawn, by corner or by measures. */
function Where({ paper, face, place, onAt, onTurn }: WhereProps) {
  const system = useSettings((s) => s.system);
  const scale = Math.min(18, 220 / (Math.max(paper.w, paper.h) / TICKS_PER_INCH));
  const pixels = (ticks: number): number => (ticks / TICKS_PER_INCH) * scale;
  return (
    <Row style={{ alignItems: 'flex-start' }} $gap={18}>
      <Drawn>
        <Paper {...paperOf(paper)} face={face} scale={scale} />
        <i style={{ left: pixels(place.x), top: pixels(place.y), width: pixels(place.w), height: pixels(place.h) }} />
      </Drawn>
      <Stack $gap={6}>
        <Row>
          {cornersOf(paper, place).map((corner, i) => (
            <Button key={CORNERS[i]} look="quiet" onPress={() => onAt(corner)}>
              {CORNERS[i]}
            </Button>
          ))}
        </Row>
        <Row>
          {(['x', 'y'] as const).map((axis) => (
            <div key={axis} style={{ width: 110 }}>
              <MeasureField
                label={axis === 'x' ? 'From the left' : 'From the head'}
                value={place[axis]}
                mayBeNothing
                system={system}
                onChange={(to) => {
                  if (to !== null) onAt({ x: place.x, y: place.y, [axis]: to });
                }}
              />
            </div>
          ))}
        </Row>
        {place.w !== place.h && (
          <Button look="quiet" onPress={onTurn}>
            the other way round
          </Button>
        )}
      </Stack>
    </Row>
  );
}

const Drawn = styled.div`
  position: relative;
  i {
    position: absolute;
    border: 2.5px solid ${({ theme }) => theme.beet};
    background: rgba(140, 40, 90, 0.18);
  }
`;
