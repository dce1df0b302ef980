import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import styled from 'styled-components';
import { boxOf, contourPath, type Contour } from '../../core/trimmer/contours';
import type { Point, Rect, Size } from '../../core/ground/geometry';
import { inches, TICKS_PER_INCH } from '../../core/ground/length';

export interface LineEditorProps {
  /** What it lies on, ticks. */
  size: Size;
  /** The lines as they will be cut; the first is edited. */
  lines: readonly Contour[];
  /** A box that is drawn out from corner to corner, or points that are set one by one. */
  by:
    | { readonly box: Rect; readonly onBox: (box: Rect) => void }
    | { readonly points: Contour; readonly onPoints: (points: Contour) => void };
  /** Pixels to an inch. */
  scale: number;
  label: string;
  /** What is drawn beneath, in inches. */
  children: ReactNode;
}

const STEP = inches(1 / 16);
const snapped = (ticks: number): number => Math.round(ticks / STEP) * STEP;
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
};

/** What the pointer and the arrow keys do to a line; in sixteenths, and never off what it lies on. */
function useDrawing({ size, by }: Pick<LineEditorProps, 'size' | 'by'>) {
  const held = useRef<{ readonly point: number } | { readonly from: Point } | null>(null);
  const within = ({ x, y }: Point): Point => ({
    x: Math.min(size.w, Math.max(0, snapped(x))),
    y: Math.min(size.h, Math.max(0, snapped(y))),
  });
  const at = (event: PointerEvent<SVGSVGElement>): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    return within({
      x: ((event.clientX - box.x) / box.width) * size.w,
      y: ((event.clientY - box.y) / box.height) * size.h,
    });
  };
  const set = (i: number, to: Point): void => {
    if ('points' in by) by.onPoints(by.points.map((point, n) => (n === i ? within(to) : point)));
  };
  return {
    hold: (i: number): void => {
      held.current = { point: i };
    },
    begin: (event: PointerEvent<SVGSVGElement>): void => {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      // A point that was pressed is held already.
      if (held.current) return;
      const from = at(event);
      if ('points' in by) by.onPoints([...by.points, from]);
      held.current = 'points' in by ? { point: by.points.length } : { from };
    },
    move: (event: PointerEvent<SVGSVGElement>): void => {
      if (!held.current) return;
      const to = at(event);
      if ('point' in held.current) set(held.current.point, to);
      else if ('box' in by) {
        const box = boxOf([[held.current.from, to]]);
        if (box.w > 0 && box.h > 0) by.onBox(box);
      }
    },
    end: (): void => {
      held.current = null;
    },
    press: (i: number, point: Point, event: KeyboardEvent): void => {
      const step = ARROWS[event.key];
      const isGone = event.key === 'Delete' || event.key === 'Backspace';
      if (!step && !isGone) return;
      event.preventDefault();
      event.stopPropagation();
      const far = event.shiftKey ? 8 : 1;
      if (step) set(i, { x: point.x + step.x * far, y: point.y + step.y * far });
      else if ('points' in by) by.onPoints(by.points.toSpliced(i, 1));
    },
  };
}

/** A line drawn on something at scale: by pointer, or with the arrow keys. */
export function LineEditor({ size, lines, by, scale, label, children }: LineEditorProps) {
  const drawing = useDrawing({ size, by });
  const [w, h] = [size.w / TICKS_PER_INCH, size.h / TICKS_PER_INCH];
  const path = contourPath(lines, TICKS_PER_INCH);
  return (
    <Shown
      width={w * scale}
      height={h * scale}
      viewBox={`0 0 ${w} ${h}`}
      role="group"
      aria-label={label}
      onPointerDown={drawing.begin}
      onPointerMove={drawing.move}
      onPointerUp={drawing.end}
      onPointerCancel={drawing.end}
    >
      {children}
      {lines.length > 0 && (
        <g fill="none" pointerEvents="none">
          <path d={`M0 0H${w}V${h}H0z${path}`} fillRule="evenodd" fill="rgba(30,20,30,.5)" />
          <path d={path} stroke="#2b1d33" strokeWidth={2 / scale} />
          <path d={path} stroke="#fffefa" strokeWidth={2 / scale} strokeDasharray={`${6 / scale} ${4 / scale}`} />
        </g>
      )}
      {'points' in by &&
        by.points.map((point, i) => (
          <circle
            key={i}
            cx={point.x / TICKS_PER_INCH}
            cy={point.y / TICKS_PER_INCH}
            r={6 / scale}
            strokeWidth={2 / scale}
            tabIndex={0}
            role="button"
            aria-label={`Point ${i + 1}: arrow keys move it, Delete takes it away`}
            onKeyDown={(event) => drawing.press(i, point, event)}
            onPointerDown={() => drawing.hold(i)}
          />
        ))}
    </Shown>
  );
}

const Shown = styled.svg`
  flex: none;
  touch-action: none;
  cursor: crosshair;
  circle {
    fill: rgba(255, 254, 250, 0.9);
    stroke: ${({ theme }) => theme.beet};
    cursor: move;
    outline: none;
  }
  circle:focus-visible {
    fill: ${({ theme }) => theme.marigold};
  }
`;
