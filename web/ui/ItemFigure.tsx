import { hexToLab, isLight, labToHex } from '../../core/colour';
import { TICKS_PER_INCH } from '../../core/length';
import { edgeOf, outlineOf, type Outline, type OutlinePart, type SmallThing } from '../../core/placing';
import { heading } from './theme';

const PAPER = '#fffaf0';
const INK = '#2b1d33';
/** The edge that a die leaves round a motif, inches. */
const EDGE = 0.045;
/** How far a thing's shadow falls, inches: flat, or raised. */
const SHADOW = { flat: 0.02, raised: 0.06 };

/** A second colour for a thing of one colour: darker where it is light, lighter where it is dark. */
function besides(hex: string): string {
  const lab = hexToLab(hex);
  return labToHex({ ...lab, l: lab.l > 55 ? lab.l - 22 : lab.l + 26 });
}

function paintOf({ colours }: Pick<SmallThing, 'colours'>): Record<OutlinePart['tone'], string> {
  const [one, two] = colours;
  if (one === undefined) return { first: PAPER, second: '#d9cdb3', ink: INK, paper: '#efe6d2' };
  return { first: one, second: two ?? besides(one), ink: INK, paper: PAPER };
}

export interface ItemFigureProps {
  thing: SmallThing;
  /** Where its middle is, inches, and how it is turned. @default 0 */
  x?: number;
  y?: number;
  turn?: number;
  isRaised?: boolean;
}

/** The words on a thing, as large as its place allows. */
function Words({ words, write, hex }: { words: string; write: NonNullable<Outline['write']>; hex: string }) {
  const [x, y, w, h] = write;
  const size = Math.min(h * 0.7, (w / words.length) * 1.75);
  return (
    <text
      x={x + w / 2}
      y={y + h / 2 + size * 0.35}
      fontSize={size}
      textAnchor="middle"
      fontFamily={heading}
      fontWeight={650}
      fill={isLight(hex) ? INK : PAPER}
    >
      {words}
    </text>
  );
}

/** A small thing by its outline, in its colours and at its size: a part of a drawing that is in inches. */
export function ItemFigure({ thing, x = 0, y = 0, turn = 0, isRaised = thing.isRaised }: ItemFigureProps) {
  const outline: Outline = outlineOf(thing.outline);
  const [bw, bh] = outline.box;
  const [w, h] = [thing.size.w / TICKS_PER_INCH, thing.size.h / TICKS_PER_INCH];
  const paint = paintOf(thing);
  const edge = { d: edgeOf(outline), line: outline.parts[0].line };
  const unit = bw / w;
  const fall = SHADOW[isRaised ? 'raised' : 'flat'];
  // The light comes from the upper left, however the thing is turned.
  const back = (-turn * Math.PI) / 180;
  const shade = {
    x: fall * (Math.cos(back) - Math.sin(back)) * unit,
    y: fall * (Math.sin(back) + Math.cos(back)) * (bh / h),
  };
  const line = edge.line ?? 0;
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn}) scale(${w / bw} ${h / bh}) translate(${-bw / 2} ${-bh / 2})`}>
      <path
        d={edge.d}
        transform={`translate(${shade.x} ${shade.y})`}
        fill={line > 0 ? 'none' : 'rgba(40,20,30,.34)'}
        stroke="rgba(40,20,30,.34)"
        strokeWidth={line > 0 ? line : EDGE * unit}
      />
      <path
        d={edge.d}
        fill={line > 0 ? 'none' : PAPER}
        stroke={line > 0 ? 'rgba(40,20,30,.45)' : PAPER}
        strokeWidth={line + EDGE * unit}
        strokeLinejoin="round"
      />
      {outline.parts.map(({ d, tone, line: width }, i) =>
        width === undefined ? (
          <path key={i} d={d} fill={paint[tone]} />
        ) : (
          <path
            key={i}
            d={d}
            fill="none"
            stroke={paint[tone]}
            strokeWidth={width}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ),
      )}
      <path d={edge.d} fill="none" stroke="rgba(40,20,30,.28)" strokeWidth={line > 0 ? 0 : 0.012 * unit} />
      {thing.words !== '' && outline.write && (
        <Words words={thing.words} write={outline.write} hex={paint[outline.writesOn ?? 'first']} />
      )}
    </g>
  );
}

/** A small thing by itself. @param scale pixels to an inch */
export function ItemDrawing({ thing, scale }: { thing: SmallThing; scale: number }) {
  const pad = 0.08;
  const [w, h] = [thing.size.w / TICKS_PER_INCH + 2 * pad, thing.size.h / TICKS_PER_INCH + 2 * pad];
  return (
    <svg
      width={w * scale}
      height={h * scale}
      viewBox={`${-w / 2} ${-h / 2} ${w} ${h}`}
      aria-hidden
      style={{ flex: 'none' }}
    >
      <ItemFigure thing={thing} />
    </svg>
  );
}
