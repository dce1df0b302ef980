import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import styled from 'styled-components';
import type { Rect, Size } from '../../core/ground/geometry';
import { PictureFill } from './PictureFill';

/** A rectangle on a picture, in parts of it (0 to 1), that can be moved and made larger or smaller. */
export interface MarkedArea {
  readonly id: string;
  readonly label: string;
  readonly area: Rect;
  readonly look: 'crop' | 'keep';
}

export interface PictureAreaProps {
  url: string;
  /** The picture's shape. */
  dots: Size;
  isGrey: boolean;
  areas: readonly MarkedArea[];
  /** Moved by parts of the picture. */
  onMove: (id: string, dx: number, dy: number) => void;
  /** Over 1: larger. */
  onZoom: (id: string, by: number) => void;
  width: number;
}

const STEP = 0.01;
const ZOOM = 1.05;

type HeldProps = Pick<PictureAreaProps, 'onMove' | 'onZoom' | 'width'> & { marked: MarkedArea; height: number };

/** One area: what the pointer or the keys do with it. */
function Held({ marked: { id, label, area, look }, onMove, onZoom, width, height }: HeldProps) {
  const held = useRef<{ x: number; y: number } | null>(null);
  const drag = (event: PointerEvent<SVGGElement>): void => {
    if (!held.current) return;
    onMove(id, (event.clientX - held.current.x) / width, (event.clientY - held.current.y) / height);
    held.current = { x: event.clientX, y: event.clientY };
  };
  const press = (event: KeyboardEvent): void => {
    const far = event.shiftKey ? 5 * STEP : STEP;
    const moves: Record<string, () => void> = {
      ArrowLeft: () => onMove(id, -far, 0),
      ArrowRight: () => onMove(id, far, 0),
      ArrowUp: () => onMove(id, 0, -far),
      ArrowDown: () => onMove(id, 0, far),
      '+': () => onZoom(id, ZOOM),
      '=': () => onZoom(id, ZOOM),
      '-': () => onZoom(id, 1 / ZOOM),
    };
    const todo = moves[event.key];
    if (!todo) return;
    event.preventDefault();
    event.stopPropagation();
    todo();
  };
  return (
    <g
      tabIndex={0}
      role="group"
      aria-roledescription="area on the picture"
      aria-label={label}
      data-look={look}
      onKeyDown={press}
      onPointerDown={(event) => {
        held.current = { x: event.clientX, y: event.clientY };
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={drag}
      onPointerUp={() => {
        held.current = null;
      }}
    >
      <rect x={area.x * width} y={area.y * height} width={area.w * width} height={area.h * height} />
    </g>
  );
}

/**
 * A picture with areas marked on it: dragged by the pointer, or moved by arrow keys and made larger or smaller by + and
 * −.
 */
export function PictureArea({ url, dots, isGrey, areas, onMove, onZoom, width }: PictureAreaProps) {
  const height = (width * dots.h) / dots.w;
  const crop = areas.find(({ look }) => look === 'crop')?.area;
  return (
    <Marked width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
      <PictureFill
        url={url}
        crop={{ x: 0, y: 0, w: 1, h: 1 }}
        isGrey={isGrey}
        x={0}
        y={0}
        width={width}
        height={height}
      />
      {crop && (
        <path
          className="lost"
          fillRule="evenodd"
          d={`M0 0h${width}v${height}h${-width}z M${crop.x * width} ${crop.y * height}h${crop.w * width}v${crop.h * height}h${-crop.w * width}z`}
        />
      )}
      {areas.map((marked) => (
        <Held key={marked.id} marked={marked} onMove={onMove} onZoom={onZoom} width={width} height={height} />
      ))}
    </Marked>
  );
}

const Marked = styled.svg`
  display: block;
  touch-action: none;
  background: ${({ theme }) => theme.line};
  .lost {
    fill: rgba(30, 20, 30, 0.62);
    pointer-events: none;
  }
  g[data-look] {
    cursor: move;
    outline: none;
  }
  g[data-look] rect {
    fill: transparent;
    stroke-width: 2.5;
  }
  g[data-look='crop'] rect {
    stroke: #fffefa;
  }
  g[data-look='keep'] rect {
    stroke: #e6ab3e;
    stroke-dasharray: 6 4;
    fill: rgba(230, 171, 62, 0.18);
  }
  g[data-look]:focus-visible rect {
    stroke: ${({ theme }) => theme.beet};
    stroke-width: 4;
  }
`;
