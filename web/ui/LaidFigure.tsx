import { memo } from 'react';
import { TICKS_PER_INCH } from '../../core/ground/length';
import type { Looks } from '../../core/page/placing';
import type { LotKind, Placed, PlacedLine } from '../../core/stock/things';
import { fillOf } from './facesInSight';
import { ItemFigure } from './ItemFigure';
import { LetterFigure } from './LetterFigure';
import { paperPath } from './Paper';

/** Something laid on a page, with what it looks like. */
export interface LaidThing {
  readonly placed: Placed;
  readonly looks: Looks;
}

type PaperLooks = Extract<Looks, { kind: 'paper' }>;

const PLAIN = '#f3ead8';
/** How much of what lies under a thing shows through it. */
const OPACITY: Partial<Record<LotKind, number>> = { washi: 0.86, vellum: 0.6, acetate: 0.25 };
/** Of other things that are see-through. */
const CLEAR = 0.5;
/** How far the things of a stack are apart, inches. */
const STACKED = 0.045;

/** A thing on a page, in a drawing that is in inches. */
export const LaidFigure = memo(function LaidFigure({ placed, looks }: LaidThing) {
  const [x, y] = [placed.x / TICKS_PER_INCH, placed.y / TICKS_PER_INCH];
  const isRaised = looks.isRaised || (placed.isOnFoam ?? false);
  if (looks.kind === 'small')
    return (
      <g opacity={looks.isSeeThrough ? CLEAR : undefined}>
        {Array.from({ length: looks.stack ?? 1 }, (_, i) => (looks.stack ?? 1) - 1 - i).map((below) => (
          <ItemFigure
            key={below}
            thing={looks.thing}
            x={x + below * STACKED}
            y={y + below * STACKED}
            turn={placed.turn}
            isRaised={isRaised}
          />
        ))}
      </g>
    );
  const [w, h] = [looks.size.w / TICKS_PER_INCH, looks.size.h / TICKS_PER_INCH];
  const fall = isRaised ? 0.06 : 0.02;
  const turned = `translate(${x} ${y}) rotate(${placed.turn})`;
  if (looks.kind === 'line')
    return (
      <g transform={turned}>
        <Drawn {...looks} w={w} />
      </g>
    );
  if (looks.kind === 'letter')
    return (
      <g transform={turned}>
        <LetterFigure glyph={looks.glyph} colour={looks.colour} w={w} h={h} />
      </g>
    );
  const see = OPACITY[looks.of] ?? (looks.isSeeThrough ? CLEAR : 1);
  return (
    <g transform={turned}>
      {looks.kind === 'roll' ? (
        <Strip w={w} h={h} fall={fall} see={see} hex={looks.colours[0] ?? PLAIN} />
      ) : (
        <Cut {...looks} fall={fall} see={see} />
      )}
    </g>
  );
});

/** A line on the page itself: drawn with a pen, or sewn. */
function Drawn({ drawn, colour, w }: Pick<PlacedLine, 'drawn' | 'colour'> & { w: number }) {
  return (
    <>
      <path d={`M${-w / 2} 0H${w / 2}`} stroke="transparent" strokeWidth={0.25} />
      <path
        d={`M${-w / 2} 0H${w / 2}`}
        stroke={colour}
        strokeWidth={drawn === 'pen' ? 0.035 : 0.05}
        strokeDasharray={drawn === 'pen' ? undefined : '.12 .07'}
        strokeLinecap={drawn === 'pen' ? 'round' : 'butt'}
      />
    </>
  );
}

/** A strip of a roll, its ends notched. */
function Strip({ w, h, fall, see, hex }: { w: number; h: number; fall: number; see: number; hex: string }) {
  const d = `M${-w / 2} ${-h / 2}H${w / 2}l-.06 ${h / 4}l.06 ${h / 4}l-.06 ${h / 4}l.06 ${h / 4}H${-w / 2}l.06 ${-h / 4}l-.06 ${-h / 4}l.06 ${-h / 4}z`;
  return (
    <>
      <path d={d} fill="rgba(40,20,30,.3)" opacity={see} transform={`translate(${fall} ${fall})`} />
      <path d={d} fill={hex} opacity={see} />
    </>
  );
}

/** A piece of paper about its own middle, along the lines it was cut. */
function Cut({ size, face, missing, outline, onSheet, fall, see }: PaperLooks & { fall: number; see: number }) {
  const at = onSheet ?? { x: 0, y: 0 };
  const d = paperPath({ size, missing, outline }, at);
  const middle = `translate(${-(at.x + size.w / 2) / TICKS_PER_INCH} ${-(at.y + size.h / 2) / TICKS_PER_INCH})`;
  return (
    <>
      <path
        d={d}
        fillRule="evenodd"
        fill="rgba(40,20,30,.3)"
        opacity={see}
        transform={`translate(${fall} ${fall}) ${middle}`}
      />
      <path
        d={d}
        fillRule="evenodd"
        fill={face === null ? PLAIN : fillOf(face)}
        fillOpacity={see}
        stroke="rgba(40,20,30,.28)"
        strokeWidth={0.02}
        transform={middle}
      />
    </>
  );
}
