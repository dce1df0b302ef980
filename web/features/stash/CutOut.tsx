import { useMemo, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import {
  bandRects,
  boxOf,
  cuttable,
  ellipseContour,
  liesOn,
  offset,
  rectContour,
  type Contour,
} from '../../../core/trimmer/contours';
import { restAround, type Rect } from '../../../core/ground/geometry';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize, inches, TICKS_PER_INCH } from '../../../core/ground/length';
import { cutOut } from '../../../core/acts';
import type { Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Form } from '../../ui/Form';
import { fillOf, useFacesInSight } from '../../ui/facesInSight';
import { LineEditor } from '../../ui/LineEditor';
import { MeasureField } from '../../ui/MeasureField';
import { paperOf, paperPath } from '../../ui/Paper';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { useTrace } from './useTrace';
import { countWords } from '../../words/countWords';

export interface CutOutProps {
  piece: PieceState;
  lot: Lot;
  /** It was cut: the piece is no more. */
  onDone: () => void;
}

type Way = 'rectangle' | 'oval' | 'points';
const WAYS: readonly (readonly [Way, string])[] = [
  ['rectangle', 'a rectangle'],
  ['oval', 'a circle or oval'],
  ['points', 'a line of points'],
];
const LEAST = { w: inches(1), h: inches(1) };
const FRAME = inches(1 / 4);

/** Something cut out of a piece at its place on it: a motif, a label, a frame. */
export function CutOut(props: CutOutProps) {
  return (
    <DialogTrigger>
      <Button>Cut something out</Button>
      <SlipOver title={`Cut out of: ${props.piece.name ?? props.lot.name}`} isWide>
        {(close) => (
          <Cutting
            {...props}
            onDone={() => {
              close();
              props.onDone();
            }}
          />
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

/** A box in the middle, not larger than half the paper. */
const firstBox = ({ w, h }: PieceState): Rect => {
  const [bw, bh] = [Math.min(inches(2), Math.floor(w / 2)), Math.min(inches(2), Math.floor(h / 2))];
  return { x: Math.floor((w - bw) / 2), y: Math.floor((h - bh) / 2), w: bw, h: bh };
};

/** The line as it is told so far, and what can be cut along it: itself, and its inside where it is a frame. */
function useLine(piece: PieceState) {
  const [way, setWay] = useState<Way>('rectangle');
  const [box, setBox] = useState<Rect>(() => firstBox(piece));
  const [points, setPoints] = useState<Contour>([]);
  const [frame, setFrame] = useState<number | null>(null);
  const line = useMemo(
    () => (way === 'points' ? cuttable(points) : way === 'oval' ? ellipseContour(box) : rectContour(box)),
    [way, box, points],
  );
  const inside = useMemo(() => (line && frame !== null ? offset(line, -frame) : null), [line, frame]);
  const isOn = line !== null && liesOn(line, piece, piece.missing);
  const left = useMemo(
    () =>
      line && isOn ? restAround(piece, [...piece.missing, ...bandRects([line], 'around')], LEAST).slice(0, 2) : [],
    [piece, line, isOn],
  );
  return {
    ...{ way, setWay, box, setBox, points, setPoints, frame, setFrame, line, inside, isOn, left },
    isTooWide: frame !== null && inside === null,
  };
}
type Line = ReturnType<typeof useLine>;

function Cutting({ piece, lot, onDone }: CutOutProps) {
  const system = useSettings((s) => s.system);
  const [name, setName] = useState('');
  const told = useLine(piece);
  const { line, inside, frame, setFrame } = told;
  const cut = async (): Promise<void> => {
    if (!line) return;
    const wish = { line, name: name.trim(), ...(frame === null ? {} : { frame }) };
    if (await act(cutOut(piece.id, wish))) onDone();
  };
  return (
    <Form onSend={cut} isSentByEnter={false}>
      <Row $gap={24} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
        <Stack $gap={12} style={{ flex: '0 0 400px' }}>
          <TextField label="What it is" value={name} onChange={setName} placeholder="moth" autoFocus />
          <Choice<Way> label="Along" options={WAYS} value={told.way} onChange={told.setWay} />
          {told.way === 'points' ? (
            <PointsTold told={told} piece={piece} />
          ) : (
            <BoxFields box={told.box} onBox={told.setBox} />
          )}
          <Traced told={told} face={lot.front} piece={piece} />
          <Tick isSelected={frame !== null} onChange={(isFrame) => setFrame(isFrame ? FRAME : null)}>
            It is a frame: cut its inside out too
          </Tick>
          {frame !== null && (
            <div style={{ width: 110 }}>
              <MeasureField
                label="frame, wide"
                value={frame}
                system={system}
                onChange={(to) => {
                  if (to !== null) setFrame(to);
                }}
              />
            </div>
          )}
          <Soft role="status">{statusWords(told, (size) => formatSize(size, system))}</Soft>
          <Row>
            <Button look="main" type="submit" isDisabled={!told.isOn || told.isTooWide}>
              Cut it out
            </Button>
            <Button slot="close" look="quiet">
              Not now
            </Button>
          </Row>
          <Soft>Blade away from the hand; scissors closed when they lie down.</Soft>
        </Stack>
        <OnPaper piece={piece} lot={lot} lines={[line, inside].filter((one) => one !== null)}>
          {told.way === 'points'
            ? { points: told.points, onPoints: told.setPoints }
            : { box: told.box, onBox: told.setBox }}
        </OnPaper>
      </Row>
    </Form>
  );
}

/** Points that were set so far, and one more by key. */
function PointsTold({ told: { points, setPoints }, piece }: { told: Line; piece: PieceState }) {
  return (
    <Row>
      <Soft>{points.length < 3 ? 'Press on the paper from point to point.' : countWords(points.length, 'point')}</Soft>
      {points.length > 0 && (
        <Button isRepeatable look="quiet" onPress={() => setPoints(points.slice(0, -1))}>
          Take the last back
        </Button>
      )}
      <Button isRepeatable look="quiet" onPress={() => setPoints([...points, middleOf(points, piece)])}>
        Add a point
      </Button>
    </Row>
  );
}

/** Of a paper with a picture: the line is taken from what stands out within the box. */
function Traced({ told, face, piece }: { told: Line; face: string | null; piece: PieceState }) {
  const trace = useTrace(face, piece);
  const look = async (): Promise<void> => {
    const found = await trace.look(told.box);
    if (!found) return;
    told.setPoints(found);
    told.setWay('points');
  };
  if (!trace.canLook || told.way === 'points') return null;
  return (
    <>
      <Button onPress={() => void look()}>Take the line from the picture</Button>
      {trace.trouble !== null && <Wrong role="alert">{trace.trouble}</Wrong>}
    </>
  );
}

/** Where the next point is put by key: half way back to the first. */
const middleOf = (points: Contour, { w, h }: PieceState): Contour[number] => {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return { x: Math.round(w / 2), y: Math.round(h / 2) };
  if (points.length === 1) return { x: Math.min(w, first.x + inches(1)), y: first.y };
  if (points.length === 2) return { x: last.x, y: Math.min(h, last.y + inches(1)) };
  return { x: Math.round((first.x + last.x) / 2), y: Math.round((first.y + last.y) / 2) };
};

function statusWords({ line, isOn, isTooWide, left }: Line, size: (rect: Rect) => string): string {
  if (!line) return 'The line goes round nothing yet.';
  if (!isOn) return 'The line goes off the paper, or over what is gone of it.';
  if (isTooWide) return 'So wide a frame has no inside.';
  const whole = left.map(size).join(' and ');
  return `It is ${size(boxOf([line]))}. ${whole === '' ? 'Nothing of an inch stays whole.' : `What stays whole: ${whole}.`}`;
}

function BoxFields({ box, onBox }: { box: Rect; onBox: (box: Rect) => void }) {
  const system = useSettings((s) => s.system);
  const field = (label: string, key: keyof Rect) => (
    <div style={{ width: 92 }}>
      <MeasureField
        label={label}
        value={box[key]}
        system={system}
        isOptional={key === 'x' || key === 'y'}
        onChange={(to) => onBox({ ...box, [key]: to ?? 0 })}
      />
    </div>
  );
  return (
    <Row $gap={8} style={{ alignItems: 'flex-start' }}>
      {field('from the left', 'x')}
      {field('from the head', 'y')}
      {field('wide', 'w')}
      {field('high', 'h')}
    </Row>
  );
}

interface OnPaperProps {
  piece: PieceState;
  lot: Lot;
  lines: readonly Contour[];
  children: Parameters<typeof LineEditor>[0]['by'];
}

/** The piece at scale with the line on it. */
function OnPaper({ piece, lot, lines, children }: OnPaperProps) {
  useFacesInSight([lot.front]);
  const at = piece.onSheet ?? { x: 0, y: 0 };
  const scale = Math.min(90, (560 * TICKS_PER_INCH) / piece.w, (480 * TICKS_PER_INCH) / piece.h);
  return (
    <LineEditor size={piece} lines={lines} by={children} scale={scale} label="The paper, with the line to cut along">
      <path
        d={paperPath({ ...paperOf(piece), isTorn: false }, at)}
        transform={`translate(${-at.x / TICKS_PER_INCH} ${-at.y / TICKS_PER_INCH})`}
        fill={fillOf(lot.front)}
        fillRule="evenodd"
      />
    </LineEditor>
  );
}
