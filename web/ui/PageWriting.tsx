import type { Rect } from '../../core/geometry';
import { TICKS_PER_INCH } from '../../core/length';
import { ACROSS, DOWN, SMALL_HAND, titleIn, writtenIn } from '../../core/writing';
import { heading } from './theme';

/** What is written on a page. */
export interface WordsOnPage {
  readonly title: string;
  /** How high the letters of its title are, ticks; null: no set is chosen. */
  readonly letters: number | null;
  readonly journaling: string;
  /** Date and place, as they stand above the writing. */
  readonly stamp: string;
}

const inch = (length: number): number => length / TICKS_PER_INCH;
const INK = '#2b1d33';
const TITLE = '#8a1c4f';
/** Height of a capital, and its mean breadth, of the type's size. */
const CAPITAL = 0.7;
const BREADTH = 0.62;

/** The title in letters as high as they are, each with its room, on a slip of paper. */
export function TitleWords({ rect, title, letters }: { rect: Rect } & Pick<WordsOnPage, 'title' | 'letters'>) {
  if (title.trim() === '') return null;
  const stands = titleIn(title, rect, letters);
  const high = inch(stands.height);
  const size = high / CAPITAL;
  const across = (line: string): number => line.length * high * ACROSS;
  const wide = Math.max(...stands.lines.map(across));
  const deep = high * (1 + (stands.lines.length - 1) * DOWN);
  const pad = high * 0.2;
  // At the very head of a page it stands below the edge.
  const [x, top] = [inch(rect.x), Math.max(pad, inch(rect.y + rect.h / 2) - deep / 2)];
  return (
    <g pointerEvents="none">
      <rect
        x={x}
        y={top - pad}
        width={wide + 2 * pad}
        height={deep + 2 * pad}
        fill="#fffdf6"
        stroke="rgba(40,20,30,.2)"
        strokeWidth={0.02}
      />
      {stands.lines.map((line, i) => (
        <text
          key={i}
          x={x + pad}
          y={top + high + i * high * DOWN}
          fontSize={size}
          // Letters of a set are about as broad as they take.
          textLength={across(line)}
          lengthAdjust={BREADTH * size * line.length > across(line) ? 'spacingAndGlyphs' : 'spacing'}
          fill={TITLE}
          fontWeight={750}
          fontFamily={heading}
        >
          {line}
        </text>
      ))}
    </g>
  );
}

/** Writing in lines as large as a hand writes; what there is no room for goes on below its place. */
export function WrittenWords({ rect, journaling, stamp }: { rect: Rect } & Pick<WordsOnPage, 'journaling' | 'stamp'>) {
  const { lines } = writtenIn(journaling, rect);
  const all = stamp === '' ? lines : [stamp, ...lines];
  if (all.length === 0) return null;
  const line = inch(SMALL_HAND.line);
  const size = 1 / SMALL_HAND.perInch / 0.5;
  const [x, y, w] = [inch(rect.x), inch(rect.y), inch(rect.w)];
  const longest = Math.max(...all.map((one) => one.length)) / SMALL_HAND.perInch;
  return (
    <g pointerEvents="none">
      <rect
        x={x}
        y={y}
        width={Math.min(w, longest + 0.4)}
        height={all.length * line + 0.16}
        fill="#fffdf6"
        stroke="rgba(40,20,30,.2)"
        strokeWidth={0.02}
      />
      {all.map((one, i) => {
        const foot = y + (i + 1) * line;
        const isStamp = stamp !== '' && i === 0;
        return (
          <g key={i}>
            {!isStamp && (
              <path
                d={`M${x + 0.12} ${foot + 0.02}H${x + Math.min(w, longest + 0.4) - 0.12}`}
                stroke="#b9aecb"
                strokeWidth={0.01}
              />
            )}
            <text
              x={x + 0.14}
              y={foot - 0.03}
              fontSize={isStamp ? size * 0.92 : size}
              fill={isStamp ? TITLE : INK}
              fontWeight={isStamp ? 650 : 450}
              fontFamily="'Atkinson Hyperlegible Next Variable', sans-serif"
            >
              {one}
            </text>
          </g>
        );
      })}
    </g>
  );
}
