import { formatLength, type MeasureSystem } from '../../core/ground/length';
import type { Shape, ShapeError, ShapeKind, ShapePart } from '../../core/ground/shapes';
import { countWords } from '../words/countWords';

const NAMES: Record<ShapeKind, string> = {
  rectangle: 'Rectangle',
  banner: 'Banner',
  tag: 'Tag',
  circle: 'Circle',
  hexagon: 'Hexagon',
  'half-circle': 'Half circle',
  pennant: 'Pennant',
  'scallop-strip': 'Scalloped strip',
  pocket: 'Pocket',
  frame: 'Frame',
};

export const SHAPE_KINDS = Object.keys(NAMES) as ShapeKind[];
export const shapeName = (kind: ShapeKind): string => NAMES[kind];

/** How a shape is made from its blank once that is cut; null: nothing is left to do. */
export function shapingWords(shape: Shape | ShapePart, system: MeasureSystem): string | null {
  const is = (length: number): string => formatLength(length, system);
  switch (shape.kind) {
    case 'rectangle':
      return null;
    case 'banner':
      return shape.end === 'dovetail'
        ? `Mark the middle of the foot ${is(shape.depth)} up, and cut to it from both lower corners.`
        : `Mark both sides ${is(shape.depth)} up from the foot, and cut from each to the foot's middle.`;
    case 'tag':
      return shape.corners === 'clipped'
        ? `Clip ${is(shape.corner)} off both upper corners.`
        : `Round all four corners, ${is(shape.corner)} in.`;
    case 'circle':
      return `Draw round something of ${is(shape.d)}, or punch it.`;
    case 'hexagon':
      return `Draw a circle round the middle of the blank, step its radius round it six times, and cut from mark to mark; or punch it.`;
    case 'half-circle':
      return `Draw a circle of ${is(shape.d)} from the middle of the foot, and cut along it.`;
    case 'pennant':
      return 'Cut from both upper corners to the middle of the foot.';
    case 'scallop-strip':
      return `Punch ${countWords(Math.floor(shape.w / shape.scallop), 'scallop')} of ${is(shape.scallop)} along the foot, from ${is(Math.round((shape.w % shape.scallop) / 2))} in.`;
    case 'pocket':
      return `Score and fold ${is(shape.flap)} in from both sides and up from the foot; slant the flaps' corners. Glue on the flaps only, so that what goes in slides.`;
    case 'part': {
      const whole = shapingWords(shape.of, system);
      const how =
        whole === null
          ? 'Lay the blank as it lies on the page and cut along the gutter.'
          : 'Make the whole of scrap, lay it over the blank with the gutter at its straight side, and cut round it.';
      const andWhole = whole === null ? '' : ` The whole: ${whole}`;
      return `The ${shape.page} page's piece of what crosses the gutter. ${how}${andWhole}`;
    }
    case 'frame':
      return `Cut the middle out, ${is(shape.border)} in from every edge.`;
  }
}

const MEASURES: Record<ShapeError['measure'], string> = {
  depth: 'depth',
  corner: 'corner',
  scallop: 'scallop',
  flap: 'flap',
  border: 'border',
};

export const shapeErrorWords = ({ measure, most }: ShapeError, system: MeasureSystem): string =>
  `The ${MEASURES[measure]} is too much for the rest: ${formatLength(most, system)} at the most.`;
