import { memo } from 'react';
import { TICKS_PER_INCH } from '../../core/length';
import type { Looks } from '../../core/placing';
import type { LotKind, Placed } from '../../core/things';
import { fillOf } from './facesInSight';
import { ItemFigure } from './ItemFigure';

/** Something laid on a page, with what it looks like. */
export interface LaidThing {
  readonly placed: Placed;
  readonly looks: Looks;
}

const PLAIN = '#f3ead8';
/** How much of what lies under a thing shows through it. */
const OPACITY: Partial<Record<LotKind, number>> = { washi: 0.86, vellum: 0.6, acetate: 0.25 };

/** A thing on a page, in a drawing that is in inches. */
export const LaidFigure = memo(function LaidFigure({ placed, looks }: LaidThing) {
  const [x, y] = [placed.x / TICKS_PER_INCH, placed.y / TICKS_PER_INCH];
  const isRaised = looks.isRaised || (placed.isOnFoam ?? false);
  if (looks.kind === 'small')
    return <ItemFigure thing={looks.thing} x={x} y={y} turn={placed.turn} isRaised={isRaised} />;
  const [w, h] = [looks.size.w / TICKS_PER_INCH, looks.size.h / TICKS_PER_INCH];
  const fall = isRaised ? 0.06 : 0.02;
  const box = { x: -w / 2, y: -h / 2, width: w, height: h };
  return (
    <g transform={`translate(${x} ${y}) rotate(${placed.turn})`}>
      <rect {...box} x={box.x + fall} y={box.y + fall} fill="rgba(40,20,30,.3)" opacity={OPACITY[looks.of] ?? 1} />
      {looks.kind === 'roll' ? (
        <path
          d={`M${box.x} ${box.y}H${-box.x}l-.06 ${h / 4}l.06 ${h / 4}l-.06 ${h / 4}l.06 ${h / 4}H${box.x}l.06 ${-h / 4}l-.06 ${-h / 4}l.06 ${-h / 4}z`}
          fill={looks.colours[0] ?? PLAIN}
          opacity={OPACITY[looks.of] ?? 1}
        />
      ) : (
        <rect
          {...box}
          fill={looks.face === null ? PLAIN : fillOf(looks.face)}
          fillOpacity={OPACITY[looks.of] ?? 1}
          stroke="rgba(40,20,30,.28)"
          strokeWidth={0.02}
        />
      )}
    </g>
  );
});
