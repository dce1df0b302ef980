import type { Rect, Size } from '../../core/ground/geometry';
import { TICKS_PER_INCH } from '../../core/ground/length';
import type { PageFormat, PageWritten } from '../../core/stock/things';
import { ACROSS, DOWN, sizeOf, SMALL_HAND, titleIn, writtenOn } from '../../core/page/writing';
import { heading } from './theme';

/** What is written on a page. */
export interface WordsOnPage {
  readonly title: string;
  /** How high the letters of its title are, ticks; null: no set is chosen. */
  readonly letters: number | null;
  readonly journaling: string;
  /** Date and place, as they stand above the writing. */
  readonly stamp: string;
  /** What it is written on, and in which hand. */
  readonly written: PageWritten;
  readonly format: PageFormat;
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

type Line = { readonly words: string; readonly isStamp: boolean };

const TEXT = "'Atkinson Hyperlegible Next Variable', sans-serif";
const FIRST = 0.14;
const SLIP = { fill: '#fffdf6', stroke: 'rgba(40,20,30,.2)', strokeWidth: 0.02 };

/** One line of writing on its ruled line, or the date and place above it. */
function WrittenLine({
  line: { words, isStamp },
  x,
  foot,
  long,
  size,
}: {
  line: Line;
  x: number;
  foot: number;
  long: number;
  size: number;
}) {
  return (
    <g>
      {!isStamp && <path d={`M${x + 0.12} ${foot + 0.02}h${long - 0.24}`} stroke="#b9aecb" strokeWidth={0.01} />}
      <text
        x={x + FIRST}
        y={foot - 0.03}
        fontSize={isStamp ? size * 0.92 : size}
        fill={isStamp ? TITLE : INK}
        fontWeight={isStamp ? 650 : 450}
        fontFamily={TEXT}
      >
        {words}
      </text>
    </g>
  );
}

/** Writing all round the page's edge, from its upper left corner. */
function RoundTheEdge({ text, page: { w, h }, perInch }: { text: string; page: Size; perInch: number }) {
  const inset = 0.3;
  const [wide, high] = [inch(w) - 2 * inset, inch(h) - 2 * inset];
  const size = 1 / perInch / 0.5;
  const corners = [
    { x: inset, y: inset, turn: 0, long: wide },
    { x: inset + wide, y: inset, turn: 90, long: high },
    { x: inset + wide, y: inset + high, turn: 180, long: wide },
    { x: inset, y: inset + high, turn: 270, long: high },
  ];
  const ends = corners.map((_, i) =>
    Math.floor(corners.slice(0, i + 1).reduce((sum, { long }) => sum + long, 0) * perInch),
  );
  return (
    <g pointerEvents="none" fontFamily={TEXT} fontSize={size} fill={INK} fontWeight={450}>
      {corners.map(({ x, y, turn }, i) => (
        <text key={turn} transform={`translate(${x} ${y}) rotate(${turn})`} y={size * 0.3}>
          {text.slice(i === 0 ? 0 : ends[i - 1], ends[i])}
        </text>
      ))}
    </g>
  );
}

/** Writing in lines as large as her hand writes, on what it stands; what there is no room for goes on below its place. */
export function WrittenWords({ rect, journaling, stamp, written, format }: { rect: Rect } & WordsOnPage) {
  const { on, hand = SMALL_HAND } = written;
  const { text, perSide, line: between, beginsOn } = writtenOn(journaling, written, rect, format);
  const size = 1 / hand.perInch / 0.5;
  const page = { w: format.spread ? 2 * format.w : format.w, h: format.h };
  const isElsewhere = on === 'edge' || on === 'pocket';
  const front = on === 'tag' ? text.slice(0, perSide) : text;
  const lines: Line[] = [
    ...(stamp === '' ? [] : [{ words: stamp, isStamp: true }]),
    ...(isElsewhere ? [] : front.map((words) => ({ words, isStamp: false }))),
  ];
  const line = inch(between);
  const own = isElsewhere ? null : sizeOf(written);
  // What hangs over the foot of its place is laid higher.
  const held = (at: number, long: number, room: number): number => Math.max(0, Math.min(at, room - long - 0.125));
  const [x, y] = own
    ? [held(inch(rect.x), inch(own.w), inch(page.w)), held(inch(rect.y), inch(own.h), inch(page.h))]
    : [inch(rect.x), inch(rect.y)];
  const longest = Math.min(inch(rect.w), Math.max(0, ...lines.map(({ words }) => words.length)) / hand.perInch + 0.4);
  const long = own ? inch(own.w) : longest;
  const down = own && front.length > 0 ? Math.max(0, beginsOn - 1) * line : 0;
  return (
    <>
      {on === 'edge' && journaling.trim() !== '' && (
        <RoundTheEdge text={text.join(' ')} page={page} perInch={hand.perInch} />
      )}
      {lines.length > 0 && (
        <g pointerEvents="none">
          {on === 'strips' ? (
            lines.map(({ words }, i) => (
              <rect
                key={i}
                x={x}
                y={y + i * line + 0.06}
                width={Math.min(inch(rect.w), words.length / hand.perInch + 0.3)}
                height={line - 0.08}
                {...SLIP}
              />
            ))
          ) : (
            <rect
              x={x}
              y={y}
              width={long}
              height={own ? Math.max(inch(own.h), lines.length * line + 0.16) : lines.length * line + 0.16}
              {...SLIP}
            />
          )}
          {lines.map((one, i) => (
            <WrittenLine key={i} line={one} x={x} foot={y + down + (i + 1) * line} long={long} size={size} />
          ))}
        </g>
      )}
    </>
  );
}
