import { area, type Point, type Rect, type Size } from '../geometry';
import { err, ok, type Result } from '../result';
import { clipPath, pathBounds } from './clipPath';
import { pathArea } from './pathArea';
import type { DrawnShape, Line, Path, Shape, ShapeError, ShapeKind, ShapePart, Stroke } from './shape';

interface Drawing {
  blank: Size;
  outline: Path;
  folds?: readonly Line[];
  givesBack?: Rect | null;
}
type Drawn = Result<Drawing, ShapeError>;
type Of<K extends ShapeKind> = Extract<Shape, { kind: K }>;

const corner = (x: number, y: number): Point => ({ x, y });
const box = (w: number, h: number): Path => [corner(0, 0), corner(w, 0), corner(w, h), corner(0, h)];
const round = (x: number, y: number, r: number): Stroke => ({ x, y, arc: { r, bulges: 'left' } });

const tooMuch = (measure: ShapeError['measure'], most: number): Drawn => err({ kind: 'too-much', measure, most });

/** Every kind of shape in its blank. A new one is a type in `shape.ts` and an entry here. */
const KINDS: { readonly [K in ShapeKind]: (shape: Of<K>) => Drawn } = {
  rectangle: ({ w, h }) => ok({ blank: { w, h }, outline: box(w, h) }),
  banner: ({ w, h, end, depth }) => {
    if (depth >= h) return tooMuch('depth', h - 1);
    const foot =
      end === 'dovetail'
        ? [corner(w, h), corner(w / 2, h - depth), corner(0, h)]
        : [corner(w, h - depth), corner(w / 2, h), corner(0, h - depth)];
    return ok({ blank: { w, h }, outline: [corner(0, 0), corner(w, 0), ...foot] });
  },
  tag: ({ w, h, corners, corner: c }) => {
    const most = Math.floor(Math.min(w, h) / 2);
    if (c > most) return tooMuch('corner', most);
    const outline =
      corners === 'clipped'
        ? [corner(c, 0), corner(w - c, 0), corner(w, c), corner(w, h), corner(0, h), corner(0, c)]
        : [
            round(c, 0, c),
            corner(w - c, 0),
            round(w, c, c),
            corner(w, h - c),
            round(w - c, h, c),
            corner(c, h),
            round(0, h - c, c),
            corner(0, c),
          ];
    return ok({ blank: { w, h }, outline });
  },
  circle: ({ d }) => ok({ blank: { w: d, h: d }, outline: [round(d, d / 2, d / 2), round(0, d / 2, d / 2)] }),
  hexagon: ({ d }) => {
    const h = Math.ceil((2 * d) / Math.sqrt(3));
    const [upper, lower] = [h / 4, (3 * h) / 4];
    return ok({
      blank: { w: d, h },
      outline: [
        corner(d / 2, 0),
        corner(d, upper),
        corner(d, lower),
        corner(d / 2, h),
        corner(0, lower),
        corner(0, upper),
      ],
    });
  },
  'half-circle': ({ d }) =>
    ok({
      blank: { w: d, h: Math.ceil(d / 2) },
      outline: [corner(0, Math.ceil(d / 2)), round(d, Math.ceil(d / 2), d / 2)],
    }),
  pennant: ({ w, h }) => ok({ blank: { w, h }, outline: [corner(0, 0), corner(w, 0), corner(w / 2, h)] }),
  'scallop-strip': ({ w, h, scallop }) => {
    const most = Math.min(w, 2 * h - 1);
    if (scallop > most) return tooMuch('scallop', most);
    const n = Math.floor(w / scallop);
    const end = (w + n * scallop) / 2;
    const foot = h - scallop / 2;
    return ok({
      blank: { w, h },
      outline: [
        corner(0, 0),
        corner(w, 0),
        corner(w, foot),
        corner(end, foot),
        ...Array.from({ length: n }, (_, i) => round(end - (i + 1) * scallop, foot, scallop / 2)),
        corner(0, foot),
      ],
    });
  },
  pocket: ({ w, h, flap: f }) => {
    const most = Math.floor(Math.min(w, h) / 2);
    if (f > most) return tooMuch('flap', most);
    const slant = f / 2;
    return ok({
      blank: { w: w + 2 * f, h: h + f },
      outline: [
        corner(0, 0),
        corner(w + 2 * f, 0),
        corner(w + 2 * f, h - slant),
        corner(w + f, h),
        corner(w + f - slant, h + f),
        corner(f + slant, h + f),
        corner(f, h),
        corner(0, h - slant),
      ],
      folds: [
        { from: corner(f, 0), to: corner(f, h) },
        { from: corner(w + f, 0), to: corner(w + f, h) },
        { from: corner(f, h), to: corner(w + f, h) },
      ],
    });
  },
  frame: ({ w, h, border: b }) => {
    const most = Math.floor((Math.min(w, h) - 1) / 2);
    if (b > most) return tooMuch('border', most);
    return ok({ blank: { w, h }, outline: box(w, h), givesBack: { x: b, y: b, w: w - 2 * b, h: h - 2 * b } });
  },
};

const finished = ({ blank, outline, folds = [], givesBack = null }: Drawing): DrawnShape => {
  const whole = pathArea(outline);
  return {
    blank,
    outline,
    folds,
    givesBack,
    area: whole - (givesBack ? area(givesBack) : 0),
    waste: area(blank) - whole,
  };
};

/**
 * One of the two pieces of a shape that crosses the gutter; null where nothing of it lies on that page. Its folds and
 * its middle are not told.
 * @returns the piece, and where its blank lies in the whole shape's
 */
export function drawPart({ of, page, gutter }: ShapePart): { drawn: DrawnShape; at: Rect } | null {
  const whole = drawShape(of);
  if (!whole.ok) return null;
  // From head to foot, the right page is to the left of the way.
  const kept = clipPath(whole.value.outline, gutter, page === 'left' ? 'right' : 'left');
  if (kept.length < 2) return null;
  const at = pathBounds(kept);
  const outline = kept.map((stroke): Stroke => ({ ...stroke, x: stroke.x - at.x, y: stroke.y - at.y }));
  return { drawn: finished({ blank: { w: at.w, h: at.h }, outline }), at };
}

/**
 * A shape in the rectangle that it is cut from: its outline, the lines to fold, what it gives back and what is wasted.
 * @returns why it cannot be, where a measure is too much for the others
 */
export function drawShape(shape: Shape): Result<DrawnShape, ShapeError> {
  const drawn = (KINDS[shape.kind] as (shape: Shape) => Drawn)(shape);
  return drawn.ok ? ok(finished(drawn.value)) : drawn;
}
