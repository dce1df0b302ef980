import type { Point, Size } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { drawPart, drawShape, type Shape, type ShapePart } from '../../../ground/shapes';
import type { MeasuredLayer } from '../../../stock/things';
import type { PageLayer } from '../design';

type LayerPart = Omit<MeasuredLayer, 'shape'> & { readonly shape: ShapePart };

/** What reaches less far over the gutter lies on one page whole. Common practice, no source. */
const LEAST = inches(1 / 16);

/** A layer's shape, its rectangle where it has none. */
const shapeOf = ({ shape, w, h }: MeasuredLayer): Shape => shape ?? { kind: 'rectangle', w, h };

/** A point turned about another, degrees clockwise. */
function turned({ x, y }: Point, about: Point, degrees: number): Point {
  const angle = (degrees * Math.PI) / 180;
  const [dx, dy] = [x - about.x, y - about.y];
  return {
    x: about.x + dx * Math.cos(angle) - dy * Math.sin(angle),
    y: about.y + dx * Math.sin(angle) + dy * Math.cos(angle),
  };
}

const middleOf = ({ x, y, w, h }: Point & Size): Point => ({ x: x + w / 2, y: y + h / 2 });

/** The gutter as it runs over a layer, told from the layer's own corner as if it were not turned. */
function gutterOver(layer: MeasuredLayer, page: Size): ShapePart['gutter'] {
  const seen = (y: number): Point => {
    const at = turned({ x: page.w, y }, middleOf(layer), -layer.turn);
    return { x: at.x - layer.x, y: at.y - layer.y };
  };
  return { from: seen(0), to: seen(page.h) };
}

/**
 * The two pieces of a shape, or of a turned layer, that crosses the gutter; null where it does not.
 * @param page one page of the spread; places are told from the spread's left
 */
export function partsAtGutter(layer: MeasuredLayer, page: Size): readonly [LayerPart, LayerPart] | null {
  const gutter = gutterOver(layer, page);
  const [left, right] = (['left', 'right'] as const).map((side) => {
    const shape: ShapePart = { kind: 'part', of: shapeOf(layer), page: side, gutter };
    const at = drawPart(shape)?.at;
    if (!at || Math.min(at.w, at.h) < LEAST) return null;
    // Turned about its own middle, the piece lies where it lay in the whole that is turned about the whole's.
    const middle = turned(middleOf({ ...at, x: layer.x + at.x, y: layer.y + at.y }), middleOf(layer), layer.turn);
    const place = { x: Math.round(middle.x - at.w / 2), y: Math.round(middle.y - at.h / 2), w: at.w, h: at.h };
    return { ...layer, ...place, shape };
  });
  return left && right ? [left, right] : null;
}

/** The whole of which a layer is the left page's piece, where it lay; null for the right page's. */
export function wholeOf(
  layer: Omit<PageLayer, 'shape'> & { readonly shape: ShapePart },
): Omit<MeasuredLayer, 'name'> | null {
  const { of, page } = layer.shape;
  const at = drawPart(layer.shape)?.at;
  const drawn = drawShape(of);
  if (page === 'right' || !at || !drawn.ok) return null;
  const { w, h } = drawn.value.blank;
  const piece = middleOf(layer);
  const [dx, dy] = [w / 2 - at.x - at.w / 2, h / 2 - at.y - at.h / 2];
  const middle = turned({ x: piece.x + dx, y: piece.y + dy }, piece, layer.turn);
  return {
    x: Math.round(middle.x - w / 2),
    y: Math.round(middle.y - h / 2),
    w,
    h,
    turn: layer.turn,
    ...(of.kind === 'rectangle' ? {} : { shape: of }),
  };
}
