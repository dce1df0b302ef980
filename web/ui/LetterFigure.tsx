import { heading } from './theme';

/** The type's capitals, of its size. */
const CAPITAL = 0.7;

/** A letter of a set about its own middle, in a drawing that is in inches: on the edge of paper it was cut with. */
export function LetterFigure({ glyph, colour, w, h }: { glyph: string; colour: string; w: number; h: number }) {
  const size = h / CAPITAL;
  return (
    <text
      x={0}
      y={h / 2}
      fontSize={size}
      fontWeight={780}
      fontFamily={heading}
      textAnchor="middle"
      textLength={w}
      lengthAdjust="spacingAndGlyphs"
      fill={colour}
      stroke="#fffdf6"
      strokeWidth={size * 0.09}
      paintOrder="stroke"
      style={{ filter: 'drop-shadow(0 .015px .015px rgba(40,20,30,.4))' }}
    >
      {glyph}
    </text>
  );
}
