import { useMemo, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { CutStock } from '../../../core/trimmer/cutting';
import { formatLength, formatSize, TICKS_PER_INCH } from '../../../core/ground/length';
import { joinedStrip, type JoinedStrip, type WantedPiece } from '../../../core/page/cutlist';
import type { Layout } from '../../../core/page/design';
import { changeFace } from '../../../core/acts';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings, useTrimmer } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { MeasureField } from '../../ui/MeasureField';
import { useFill } from '../../ui/facesInSight';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { heldIn } from '../../../core/ground/heldIn';
import { nth } from '../../../core/ground/nth';
import { agreeing } from '../../words/countWords';

export interface JoinSlipProps {
  piece: WantedPiece;
  name: string;
  /** Papers that may still be cut. */
  stock: readonly CutStock[];
  layout: Layout | null;
  onJoin: (joined: JoinedStrip) => void;
}

/** The parts end to end, to scale, each with its ends on its own strip. */
function JoinDrawing({ joined, piece, face }: { joined: JoinedStrip; piece: WantedPiece; face: string | null }) {
  const fill = useFill(face);
  const system = useSettings((s) => s.system);
  const length = Math.max(piece.w, piece.h) / TICKS_PER_INCH;
  const width = Math.min(piece.w, piece.h) / TICKS_PER_INCH;
  const scale = 540 / length;
  const starts = joined.parts.reduce<number[]>(
    (at, { from, to }) => [...at, nth(at, at.length - 1) + (to - from) / TICKS_PER_INCH],
    [0],
  );
  return (
    <Drawn
      width={540}
      height={width * scale + 26}
      viewBox={`0 0 ${length} ${width + 26 / scale}`}
      role="img"
      aria-label={`${joined.parts.length} parts joined`}
    >
      <rect width={length} height={width} fill={fill} />
      {joined.joins.map(({ at, isHidden }, i) => (
        <g key={i}>
          <line
            x1={at / TICKS_PER_INCH}
            x2={at / TICKS_PER_INCH}
            y1={0}
            y2={width + 6 / scale}
            strokeWidth={2.5 / scale}
            strokeDasharray={isHidden ? `${5 / scale} ${3 / scale}` : undefined}
          />
          <text x={at / TICKS_PER_INCH} y={width + 20 / scale} fontSize={13 / scale} textAnchor="middle">
            {formatLength(at, system)}
            {isHidden ? ', hidden' : ''}
          </text>
        </g>
      ))}
      {starts.slice(0, -1).map((x, i) => (
        <text key={i} className="part" x={x + 6 / scale} y={16 / scale} fontSize={13 / scale}>
          {String.fromCharCode(97 + i)}
        </text>
      ))}
    </Drawn>
  );
}

type Repeats = { x?: number; y?: number };

/** After how much a pattern starts again. */
function Repeat({ repeat, onChange }: { repeat: Repeats; onChange: (to: (now: Repeats) => Repeats) => void }) {
  const system = useSettings((s) => s.system);
  const keep =
    (axis: 'x' | 'y') =>
    (length: number | null): void =>
      onChange(({ [axis]: _, ...other }) => (length === null ? other : { ...other, [axis]: length }));
  return (
    <Row $gap={14}>
      <MeasureField
        label="starts again, across"
        value={repeat.x ?? null}
        system={system}
        onChange={keep('x')}
        isOptional
      />
      <MeasureField label="and down" value={repeat.y ?? null} system={system} onChange={keep('y')} isOptional />
    </Row>
  );
}

/** The strip as it is joined, where each part comes from, and which joins are seen. */
function Joined({ joined, piece }: { joined: JoinedStrip; piece: WantedPiece }) {
  const { ledger, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  return (
    <>
      <JoinDrawing joined={joined} piece={piece} face={piece.face} />
      <Parts>
        {joined.parts.map((part, i) => {
          const from = heldIn(ledger.pieces, part.strip);
          return (
            <li key={i}>
              <b>{String.fromCharCode(97 + i)}</b> {lots.get(from.lot)?.name}, {formatSize(from, system)}: from{' '}
              {formatLength(part.from, system)} to {formatLength(part.to, system)}{' '}
              {part.axis === 'x' ? 'across' : 'down'}
              {part.face === 'back' ? ', back up' : ''}
            </li>
          );
        })}
      </Parts>
      <Soft>
        {agreeing(joined.joins.length, 'One join', `${joined.joins.length} joins`)}:{' '}
        {joined.joins.every(({ isHidden }) => isHidden)
          ? 'all under what lies on top.'
          : joined.joins.some(({ isHidden }) => isHidden)
            ? 'some under what lies on top.'
            : 'in sight; butt them together on a backing.'}
      </Soft>
    </>
  );
}

/** A strip that is too long for any paper here, put together from shorter ones where the pattern runs on. */
export function JoinSlip({ piece, name, stock, layout, onJoin }: JoinSlipProps) {
  const { ledger, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const trimmer = useTrimmer();
  const face = piece.face === null ? null : (faces.get(piece.face) ?? null);
  const [repeat, setRepeat] = useState<Repeats>(face?.repeat ?? {});
  const answer = useMemo(
    () => joinedStrip({ wanted: piece, stock, ledger, trimmer }, layout, (axis) => repeat[axis] ?? null),
    [piece, stock, ledger, trimmer, layout, repeat],
  );
  const joined = 'parts' in answer ? answer : null;
  const use = async (close: () => void): Promise<void> => {
    close();
    if (face && JSON.stringify(face.repeat ?? {}) !== JSON.stringify(repeat))
      await act(changeFace(face.id, { repeat }), { isQuiet: true });
    if (joined) onJoin(joined);
  };
  return (
    <DialogTrigger>
      <Button>Join it from shorter strips</Button>
      <SlipOver title={`${name}, joined`}>
        {(close) => (
          <Form onSend={() => use(close)} isSentByEnter={false}>
            <Soft>
              The pattern runs on unbroken where it starts again after this much; leave both empty for plain paper or a
              pattern without order.
            </Soft>
            <Repeat repeat={repeat} onChange={setRepeat} />
            {joined ? (
              <Joined joined={joined} piece={piece} />
            ) : (
              <Wrong role="alert">
                The strips there make{' '}
                {'longest' in answer && answer.longest > 0
                  ? `${formatLength(answer.longest, system)} at the most`
                  : 'none of this width'}
                ; {formatLength(Math.max(piece.w, piece.h), system)} are wanted.
              </Wrong>
            )}
            <Row>
              <Button look="main" type="submit" isDisabled={!joined}>
                Cut it so
              </Button>
              <Button slot="close" look="quiet">
                Not this way
              </Button>
            </Row>
          </Form>
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

const Drawn = styled.svg`
  display: block;
  overflow: visible;
  max-width: 100%;
  line {
    stroke: ${({ theme }) => theme.beet};
  }
  text {
    fill: ${({ theme }) => theme.ink};
  }
  .part {
    font-weight: 800;
    paint-order: stroke;
    stroke: ${({ theme }) => theme.paper};
    stroke-width: 0.08px;
  }
`;
const Parts = styled.ol`
  display: flex;
  flex-direction: column;
  gap: 4px;
  b {
    color: ${({ theme }) => theme.beetInk};
  }
`;
