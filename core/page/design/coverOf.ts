import { coverLayers, type CoverLayer, type LayerCover } from '../../trimmer/covering';
import type { Rect } from '../../ground/geometry';
import { inches, type Ticks } from '../../ground/length';
import { drawPart, pathHolds, type ShapePart } from '../../ground/shapes';
import type { Layout, PageLayer } from './design';

/** Paper that stays under whatever covers a cut-out middle: at least 1/2 in. Common practice, no source. */
export const HOLD = inches(1 / 2);

/** How many sizes of a piece's own rectangle are tried. */
const STEPS = 32;

/**
 * Of a shape's piece at the gutter: the largest rectangle of the blank's proportions about its middle that is paper.
 */
function solidIn(part: ShapePart): Rect {
  const piece = drawPart(part)?.drawn;
  const corners = piece?.outline ?? [];
  const middle = {
    x: corners.reduce((sum, { x }) => sum + x, 0) / Math.max(1, corners.length),
    y: corners.reduce((sum, { y }) => sum + y, 0) / Math.max(1, corners.length),
  };
  for (let step = STEPS; piece && step > 0; step--) {
    const [w, h] = [(piece.blank.w * step) / STEPS, (piece.blank.h * step) / STEPS];
    const rect = {
      x: Math.round(middle.x - w / 2),
      y: Math.round(middle.y - h / 2),
      w: Math.floor(w),
      h: Math.floor(h),
    };
    if (pathHolds(piece.outline, rect)) return rect;
  }
  return { x: Math.round(middle.x), y: Math.round(middle.y), w: 1, h: 1 };
}

/** Of a layer that is no rectangle, one that is paper all over, within its own corners: what it surely covers. */
function solidPart({ w, h, shape }: PageLayer): Rect {
  switch (shape?.kind) {
    case 'banner':
      return { x: 0, y: 0, w, h: h - shape.depth };
    case 'tag':
      return { x: 0, y: shape.corner, w, h: h - 2 * shape.corner };
    case 'scallop-strip':
      return { x: 0, y: 0, w, h: Math.floor(h - shape.scallop / 2) };
    // The largest rectangle in a half circle of radius r is r√2 wide and r/√2 high.
    case 'half-circle':
      return {
        x: Math.ceil((w - w / Math.SQRT2) / 2),
        y: Math.ceil(h - h / Math.SQRT2),
        w: Math.floor(w / Math.SQRT2),
        h: Math.floor(h / Math.SQRT2),
      };
    // Between the upper and the lower corners of its sides it is as wide as its flats are apart.
    case 'hexagon':
      return { x: 0, y: Math.ceil(h / 4), w, h: Math.floor(h / 2) };
    case 'pennant':
      return { x: Math.ceil(w / 4), y: 0, w: Math.floor(w / 2), h: Math.floor(h / 2) };
    case 'part':
      return solidIn(shape);
    default:
      return { x: 0, y: 0, w, h };
  }
}

/** A part of a layer that is turned about the layer's middle, as a rectangle turned about its own. */
function turnedPart(layer: PageLayer, part: Rect): Rect {
  const angle = (layer.turn * Math.PI) / 180;
  const [dx, dy] = [part.x + part.w / 2 - layer.w / 2, part.y + part.h / 2 - layer.h / 2];
  const [x, y] = [
    layer.x + layer.w / 2 + dx * Math.cos(angle) - dy * Math.sin(angle),
    layer.y + layer.h / 2 + dx * Math.sin(angle) + dy * Math.cos(angle),
  ];
  return { x: Math.round(x - part.w / 2), y: Math.round(y - part.h / 2), w: part.w, h: part.h };
}

const toCover = (layer: PageLayer): CoverLayer =>
  layer.shape?.kind === 'circle'
    ? { id: layer.id, shape: 'circle', cx: layer.x + layer.w / 2, cy: layer.y + layer.h / 2, d: layer.w }
    : { id: layer.id, shape: 'rect', turn: layer.turn, ...turnedPart(layer, solidPart(layer)) };

/**
 * What each layer of a layout hides of those below and what could be cut out of it first; areas in square ticks. Layers
 * that are neither rectangle nor circle count with the rectangle that is paper all over.
 */
export function coverOf({ size, layers }: Layout, hold: Ticks = HOLD): LayerCover[] {
  return coverLayers(size, layers.map(toCover), hold);
}
