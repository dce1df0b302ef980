import { memo } from 'react';
import type { Rect, Size } from '../../core/geometry';
import { TICKS_PER_INCH } from '../../core/length';
import { fillOf, useFacesInSight } from './facesInSight';

export interface PaperProps {
  /** Ticks. */
  size: Size;
  /** The face that is up; null: plain stock. */
  face: string | null;
  /** What a turned corner shows; absent: no corner is turned. */
  back?: string | null;
  missing?: readonly Rect[];
  /** It has been cut into: one edge is drawn torn. */
  isTorn?: boolean;
  /** Pixels to an inch. */
  scale: number;
}

/** A small saw along the right edge, in inches. */
function tornEdge(w: number, h: number): string {
  const tooth = 0.12;
  const steps = Math.max(2, Math.round(h / 0.35));
  return Array.from({ length: steps }, (_, i) => `L${w - (i % 2 === 0 ? tooth : 0)} ${((i + 1) * h) / steps}`).join('');
}

/**
 * A piece of paper, drawn to scale: its face, gaps, a turned corner with the other face, a torn edge where it was cut.
 */
export const Paper = memo(function Paper({ size, face, back, missing = [], isTorn = false, scale }: PaperProps) {
  useFacesInSight([face, back]);
  const [w, h] = [size.w / TICKS_PER_INCH, size.h / TICKS_PER_INCH];
  const isCornerGone = missing.some((r) => r.x + r.w >= size.w && r.y + r.h >= size.h);
  const corner = back === undefined || isCornerGone ? 0 : Math.min(0.8, w / 3, h / 3);
  const outline = isTorn && w > 0.5 ? `M0 0H${w}${tornEdge(w, h)}L${w} ${h}H0z` : `M0 0H${w}V${h}H0z`;
  const holes = missing
    .map(
      (r) =>
        `M${r.x / TICKS_PER_INCH} ${r.y / TICKS_PER_INCH}h${r.w / TICKS_PER_INCH}v${r.h / TICKS_PER_INCH}h${-r.w / TICKS_PER_INCH}z`,
    )
    .join('');
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
        d={outline + holes}
        fill="rgba(50,30,20,.26)"
        fillRule="evenodd"
        transform={`translate(${0.8 / scale} ${1.4 / scale})`}
      />
      <path d={outline + holes} fill={fillOf(face)} fillRule="evenodd" />
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
