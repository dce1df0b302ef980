import { hexToLab, isLight, labToHex } from '../../core/ground/colour';
import { contourPath } from '../../core/trimmer/contours';
import { TICKS_PER_INCH } from '../../core/ground/length';
import { edgeOf, outlineOf, type Outline, type OutlinePart, type SmallThing } from '../../core/page/placing';
import type { ItemPicture } from '../../core/stock/things';
import { usePictureInSight } from './facesInSight';
import { heading } from './theme';
import { thingPictureId } from './ThingPictures';

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

/** How far a thing's shadow falls to the lower right, as it is turned, inches. */
function shadeOf(turn: number, isRaised: boolean): { x: number; y: number } {
  const fall = SHADOW[isRaised ? 'raised' : 'flat'];
  // The light comes from the upper left, however the thing is turned.
  const back = (-turn * Math.PI) / 180;
  return { x: fall * (Math.cos(back) - Math.sin(back)), y: fall * (Math.sin(back) + Math.cos(back)) };
}

/** A thing by the picture that was taken of it, along the line round it. */
function Pictured({ thing, shade }: { thing: SmallThing & { picture: ItemPicture }; shade: { x: number; y: number } }) {
  const { image, outline } = thing.picture;
  usePictureInSight(image);
  const [w, h] = [thing.size.w / TICKS_PER_INCH, thing.size.h / TICKS_PER_INCH];
  const d = contourPath([outline.map((p) => ({ x: (p.x - 0.5) * w, y: (p.y - 0.5) * h }))], 1);
  return (
    <>
      <path d={d} fill="rgba(40,20,30,.34)" transform={`translate(${shade.x} ${shade.y})`} />
      <path d={d} fill={thing.colours[0] ?? PAPER} stroke={PAPER} strokeWidth={EDGE} strokeLinejoin="round" />
      <path d={d} fill={`url(#${thingPictureId(image)})`} stroke="rgba(40,20,30,.28)" strokeWidth={0.012} />
    </>
  );
}

/** A small thing as it lies there, in its colours and at its size: a part of a drawing that is in inches. */
export function ItemFigure({ thing, x = 0, y = 0, turn = 0, isRaised = thing.isRaised }: ItemFigureProps) {
  const { picture } = thing;
  const shade = shadeOf(turn, isRaised);
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      {picture ? <Pictured thing={{ ...thing, picture }} shade={shade} /> : <Outlined thing={thing} shade={shade} />}
    </g>
  );
}

/** A small thing by its outline. */
function Outlined({ thing, shade }: { thing: SmallThing; shade: { x: number; y: number } }) {
  const outline: Outline = outlineOf(thing.outline);
  const [bw, bh] = outline.box;
  const [w, h] = [thing.size.w / TICKS_PER_INCH, thing.size.h / TICKS_PER_INCH];
  const paint = paintOf(thing);
  const edge = { d: edgeOf(outline), line: outline.parts[0].line };
  const unit = bw / w;
  const line = edge.line ?? 0;
  // Drawn the other way round where it looks the other way.
  const isTurned = outline.looksRight === true && thing.looks === 'left';
  const flip = isTurned ? `scale(-1 1) translate(${-bw} 0)` : undefined;
  const fall = { x: (isTurned ? -1 : 1) * shade.x * unit, y: shade.y * (bh / h) };
  return (
    <g transform={`scale(${w / bw} ${h / bh}) translate(${-bw / 2} ${-bh / 2})`}>
      <g transform={flip}>
        <path
          d={edge.d}
          transform={`translate(${fall.x} ${fall.y})`}
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
      </g>
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
