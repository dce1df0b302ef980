import { useMemo } from 'react';
import { useTheme } from 'styled-components';
import { formatLength, inches, TICKS_PER_INCH } from '../../../core/length';
import type { LaidLetter, SpeltTitle } from '../../../core/spelling';
import { tapeOf, type Tape } from '../../../core/writing';
import { useSettings } from '../../data/settings';
import { Ruler } from '../../ui/Ruler';
import { Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';
import type { Letters } from './sets';
import { standInWords } from './titleWords';

export interface SpeltLineProps {
  title: Extract<SpeltTitle, { spelt: true }>;
  sets: readonly Letters[];
  /** How wide its place on the page is, ticks; null: not known. */
  place: number | null;
}

const WIDE = 640;
/** The type's capitals, of its size. */
const CAPITAL = 0.7;

interface LaidProps {
  tape: Tape;
  letters: readonly LaidLetter[];
  height: number;
  scale: number;
  colourOf: (letter: LaidLetter | undefined) => string | undefined;
}

/** The letters themselves, those that stand in marked, with the left edge of each on the ruler below. */
function Laid({ tape, letters, height, scale, colourOf }: LaidProps) {
  const theme = useTheme();
  const px = (ticks: number): number => (ticks / TICKS_PER_INCH) * scale;
  const size = px(height) / CAPITAL;
  return (
    <svg width={px(tape.width) + 16} height={px(height) + 46} role="img" aria-label="The title as it would lie">
      {tape.marks.map(({ x, w }, i) => {
        const letter = letters[i];
        const isTurned = letter?.how === 'turned';
        const middle = px(x + w / 2) + 4;
        return (
          <g key={i}>
            <text
              x={middle}
              y={px(height) + 8}
              fontSize={size}
              fontWeight={780}
              fontFamily={heading}
              textAnchor="middle"
              textLength={px(w)}
              lengthAdjust="spacingAndGlyphs"
              fill={colourOf(letter) ?? theme.beet}
              stroke="#fffdf6"
              strokeWidth={size * 0.09}
              paintOrder="stroke"
              style={{ filter: 'drop-shadow(0 1px 1px rgba(40,20,30,.4))' }}
              transform={isTurned ? `rotate(180 ${middle} ${px(height) / 2 + 8})` : undefined}
            >
              {letter?.glyph}
            </text>
            {letter?.how && (
              <path
                d={`M${px(x) + 4} ${px(height) + 14}v8h${px(w)}v-8`}
                fill="none"
                stroke={theme.marigoldInk}
                strokeWidth={2}
              />
            )}
          </g>
        );
      })}
      {tape.marks.map(({ x }, i) => (
        <path key={i} d={`M${px(x) + 4} ${px(height) + 30}v16`} stroke={theme.beet} strokeWidth={2} />
      ))}
    </svg>
  );
}

/** A title in the letters that are laid for it, above a ruler with the left edge of each marked. */
export function SpeltLine({ title, sets, place }: SpeltLineProps) {
  const system = useSettings((s) => s.system);
  const letters = useMemo(() => title.words.flatMap(({ letters: own }) => own), [title]);
  const of = (letter: LaidLetter | undefined) => sets.find(({ lot }) => lot.id === letter?.set);
  const height = Math.max(0, ...letters.map((letter) => of(letter)?.height ?? 0)) || inches(3 / 4);
  const tape = useMemo(
    () => tapeOf(title.words.map(({ letters: own }) => own.map(({ glyph }) => glyph).join('')).join(' '), height),
    [title, height],
  );
  const scale = Math.min(72, WIDE / (tape.width / TICKS_PER_INCH + 0.5));
  const start = place === null ? null : (place - tape.width) / 2;
  return (
    <div>
      <Laid tape={tape} letters={letters} height={height} scale={scale} colourOf={(letter) => of(letter)?.colour} />
      <div style={{ paddingLeft: 4 }}>
        <Ruler length={tape.width + inches(1)} scale={scale} axis="x" system={system} />
      </div>
      {letters.some(({ how }) => how !== null) && (
        <p>{[...new Set(letters.map(standInWords))].filter((words) => words !== '').join(' · ')}</p>
      )}
      <Soft>
        About {formatLength(tape.width, system)} wide, {formatLength(height, system)} high.{' '}
        {start === null
          ? ''
          : start >= 0
            ? `Starts ${formatLength(Math.round(start / 508) * 508, system)} from the left of its place to stand in the middle.`
            : `Its place is ${formatLength(place ?? 0, system)} wide: two lines, or smaller letters.`}
      </Soft>
    </div>
  );
}
