import { TICKS_PER_INCH } from '../../core/ground/length';
import type { Looks } from '../../core/page/placing';
import { useFacesInSight } from './facesInSight';
import { LaidFigure } from './LaidFigure';

const PAD = 0.1;

export interface LooksDrawingProps {
  looks: Looks;
  /** Pixels to an inch, unless it would be wider or higher than `most`. */
  scale: number;
  most: number;
}

/** Something by itself as it looks on a page. */
export function LooksDrawing({ looks, scale, most }: LooksDrawingProps) {
  useFacesInSight(looks.kind === 'paper' ? [looks.face] : []);
  const [w, h] = [looks.size.w / TICKS_PER_INCH + 2 * PAD, looks.size.h / TICKS_PER_INCH + 2 * PAD];
  const by = Math.min(scale, most / Math.max(w, h));
  const lying = { id: '', what: { piece: '' }, x: 0, y: 0, turn: 0 };
  return (
    <svg width={w * by} height={h * by} viewBox={`${-w / 2} ${-h / 2} ${w} ${h}`} aria-hidden style={{ flex: 'none' }}>
      <LaidFigure placed={lying} looks={looks} />
    </svg>
  );
}
