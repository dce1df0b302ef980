import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import styled from 'styled-components';
import type { Point, Size } from '../../core/ground/geometry';
import { lensOf, type Corners } from '../../core/seeing/straightening';
import { Button } from './Button';
import { Row, Soft, Wrong } from './Screen';

export interface StraightenPictureProps {
  file: File;
  /** Corners in parts of the picture, 0 to 1. */
  onDone: (corners: Corners) => void;
  onDrop: () => void;
}

const NAMES = ['Head left corner', 'Head right corner', 'Foot right corner', 'Foot left corner'] as const;
const ALL: Corners = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];
const WIDTH = 520;
const HEIGHT = 380;
const STEP = 0.01;

const within = (n: number): number => Math.min(1, Math.max(0, n));

/** Where the four corners are put: dragged, or pushed by keys. */
function useCorners() {
  const [corners, setCorners] = useState<Corners>(ALL);
  const held = useRef<number | null>(null);
  const put = (at: number, to: (now: Point) => Point): void =>
    setCorners(
      (now) =>
        now.map((corner, i) => {
          const next = to(corner);
          return i === at ? { x: within(next.x), y: within(next.y) } : corner;
        }) as unknown as Corners,
    );
  const drag = (event: PointerEvent<SVGSVGElement>): void => {
    if (held.current === null) return;
    const box = event.currentTarget.getBoundingClientRect();
    put(held.current, () => ({ x: (event.clientX - box.x) / box.width, y: (event.clientY - box.y) / box.height }));
  };
  const press =
    (at: number) =>
    (event: KeyboardEvent): void => {
      const far = event.shiftKey ? 5 * STEP : STEP;
      const moves: Record<string, Point> = {
        ArrowLeft: { x: -far, y: 0 },
        ArrowRight: { x: far, y: 0 },
        ArrowUp: { x: 0, y: -far },
        ArrowDown: { x: 0, y: far },
      };
      const move = moves[event.key];
      if (!move) return;
      event.preventDefault();
      event.stopPropagation();
      put(at, (now) => ({ x: now.x + move.x, y: now.y + move.y }));
    };
  const hold = (at: number | null): void => {
    held.current = at;
  };
  return { corners, hold, drag, press };
}

interface CornerProps {
  name: string;
  /** In parts of the picture. */
  at: Point;
  /** The picture's, pixels. */
  size: Size;
  onKeyDown: (event: KeyboardEvent) => void;
  onHold: () => void;
}

function Corner({ name, at: { x, y }, size: { w, h }, onKeyDown, onHold }: CornerProps) {
  return (
    <circle
      cx={x * w}
      cy={y * h}
      r={11}
      tabIndex={0}
      role="slider"
      aria-label={name}
      aria-valuenow={Math.round(x * 100)}
      aria-valuetext={`${Math.round(x * 100)} % across, ${Math.round(y * 100)} % down`}
      aria-valuemin={0}
      aria-valuemax={100}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        onHold();
        event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
      }}
    />
  );
}

/** Four corners are put on the paper's own: what lies between them is cut out and seen straight from above. */
export function StraightenPicture({ file, onDone, onDrop }: StraightenPictureProps) {
  const { corners, hold, drag, press } = useCorners();
  const [dots, setDots] = useState<Size | null>(null);
  const url = useMemo(() => URL.createObjectURL(file), [file]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  const scale = dots ? Math.min(WIDTH / dots.w, HEIGHT / dots.h) : 0;
  const [w, h] = dots ? [dots.w * scale, dots.h * scale] : [WIDTH, HEIGHT];
  const isFine = lensOf(corners.map(({ x, y }) => ({ x: x * w, y: y * h })) as unknown as Corners).ok;
  const outline = corners.map(({ x, y }) => `${x * w} ${y * h}`).join('L');
  return (
    <>
      <Soft>Put the corners on those of the paper: by dragging, or with the arrow keys.</Soft>
      <Shown width={w} height={h} viewBox={`0 0 ${w} ${h}`} onPointerMove={drag} onPointerUp={() => hold(null)}>
        <foreignObject width={w} height={h}>
          <img
            src={url}
            alt="The picture as it was taken"
            width={w}
            height={h}
            onLoad={(event) => setDots({ w: event.currentTarget.naturalWidth, h: event.currentTarget.naturalHeight })}
            onError={onDrop}
          />
        </foreignObject>
        <path
          fillRule="evenodd"
          fill="rgba(30,20,30,.55)"
          pointerEvents="none"
          d={`M0 0h${w}v${h}h${-w}zM${outline}z`}
        />
        <path fill="none" stroke="#fffefa" strokeWidth={2} pointerEvents="none" d={`M${outline}z`} />
        {corners.map((corner, i) => (
          <Corner
            key={NAMES[i]}
            name={NAMES[i] ?? ''}
            at={corner}
            size={{ w, h }}
            onKeyDown={press(i)}
            onHold={() => hold(i)}
          />
        ))}
      </Shown>
      {!isFine && (
        <Wrong role="alert">The corners must go round the paper: head left, head right, foot right, foot left.</Wrong>
      )}
      <Row>
        <Button look="main" isDisabled={!isFine || dots === null} onPress={() => onDone(corners)}>
          Take it so
        </Button>
        <Button look="quiet" onPress={onDrop}>
          Not this picture
        </Button>
      </Row>
    </>
  );
}

const Shown = styled.svg`
  touch-action: none;
  background: ${({ theme }) => theme.line};
  overflow: visible;
  circle {
    fill: rgba(255, 254, 250, 0.85);
    stroke: ${({ theme }) => theme.beet};
    stroke-width: 3;
    cursor: move;
    outline: none;
  }
  circle:focus-visible {
    fill: ${({ theme }) => theme.marigold};
  }
`;
