import { memo } from 'react';
import { contourPath, movedBy, rectContour, type Contour } from '../../core/trimmer/contours';
import type { Point, Rect, Size } from '../../core/ground/geometry';
import type { PieceState } from '../../core/stock/ledger';
import { TICKS_PER_INCH } from '../../core/ground/length';
import { fillOf, useFacesInSight } from './facesInSight';

export interface PaperProps {
  /** Ticks. */
  size: Size;
  /** The face that is up; null: plain stock. */
  face: string | null;
  /** What a turned corner shows; absent: no corner is turned. */
  back?: string | null;
  missing?: readonly Rect[];
  /** Cut out by hand along these lines: they stand for its edge and what is missing. */
  outline?: readonly Contour[] | undefined;
  /** Where it lay on its sheet, so that it shows that part of the face. */
  onSheet?: Point | undefined;
  /** It has been cut into: one edge is drawn torn. */
  isTorn?: boolean;
  /** Pixels to an inch. */
  scale: number;
}

/** A small saw along the right edge, from its head to its foot. */
function tornEdge({ w, h }: Size): Contour {
  const tooth = Math.round(0.12 * TICKS_PER_INCH);
  const steps = Math.max(2, Math.round(h / TICKS_PER_INCH / 0.35));
  return Array.from({ length: steps }, (_, i) => ({ x: w - (i % 2 === 0 ? tooth : 0), y: ((i + 1) * h) / steps }));
}

/**
 * Edge and gaps of a piece of paper as path data, in inches. @param at where its corner is drawn, ticks
 */
export function paperPath(
  { size, missing = [], outline, isTorn = false }: Omit<PaperProps, 'face' | 'scale'>,
  at: Point = { x: 0, y: 0 },
): string {
  const edge = rectContour({ x: 0, y: 0, ...size });
  const isWide = size.w > TICKS_PER_INCH / 2;
  const [head, corner, ...foot] = edge;
  const torn = isTorn && isWide && head && corner ? [head, corner, ...tornEdge(size), ...foot] : edge;
  const lines = outline ?? [torn, ...missing.map(rectContour)];
  return contourPath(
    lines.map((line) => movedBy(line, at.x, at.y)),
    TICKS_PER_INCH,
  );
}

/** A piece as its paper is drawn. */
export const paperOf = ({ w, h, missing, from, outline, onSheet }: PieceState): Omit<PaperProps, 'face' | 'scale'> => ({
  size: { w, h },
  missing,
  isTorn: from !== null,
  outline,
  onSheet,
});

/**
 * A piece of paper, drawn to scale: its face, gaps, a turned corner with the other face, a torn edge where it was cut.
 */
export const Paper = memo(function Paper(props: PaperProps) {
  const { size, face, back, missing = [], outline, onSheet = { x: 0, y: 0 }, scale } = props;
  useFacesInSight([face, back]);
  const [w, h] = [size.w / TICKS_PER_INCH, size.h / TICKS_PER_INCH];
  const isCornerGone = outline !== undefined || missing.some((r) => r.x + r.w >= size.w && r.y + r.h >= size.h);
  const corner = back === undefined || isCornerGone ? 0 : Math.min(0.8, w / 3, h / 3);
  const edge = paperPath(props);
  return (
    <svg
      width={Math.max(2, w * scale)}
      height={Math.max(2, h * scale)}
      viewBox={`0 0 ${w} ${h}`}
      preserveAspectRatio="none"
      style={{ display: 'block', overflow: 'visible' }}
      aria-hidden
    >
      {/* Its shadow, as a shape of its own: a filter is slow to draw where there are hundreds. */}
      <path
        d={edge}
        fill="rgba(50,30,20,.26)"
        fillRule="evenodd"
        transform={`translate(${0.8 / scale} ${1.4 / scale})`}
      />
      <path
        d={paperPath(props, onSheet)}
        fill={fillOf(face)}
        fillRule="evenodd"
        transform={`translate(${-onSheet.x / TICKS_PER_INCH} ${-onSheet.y / TICKS_PER_INCH})`}
      />
      {corner > 0 && (
        <>
          <path d={`M${w - corner} ${h}L${w} ${h - corner}V${h}z`} fill="rgba(243,236,224,.9)" />
          <path
            d={`M${w - corner} ${h}L${w} ${h - corner}L${w - corner} ${h - corner}z`}
            fill={fillOf(back ?? null)}
            stroke="rgba(0,0,0,.25)"
            strokeWidth={0.02}
          />
        </>
      )}
    </svg>
  );
});
