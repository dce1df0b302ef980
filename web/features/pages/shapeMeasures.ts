import { inches } from '../../../core/ground/length';
import type { Shape, ShapeKind } from '../../../core/ground/shapes';

/** What a shape may be told by, and what it begins with. */
export interface Measures {
  w: number;
  h: number;
  d: number;
  depth: number;
  corner: number;
  scallop: number;
  flap: number;
  border: number;
  end: 'dovetail' | 'point';
  corners: 'clipped' | 'round';
}
type Length = Exclude<keyof Measures, 'end' | 'corners'>;

export const START: Measures = {
  w: inches(2),
  h: inches(4),
  d: inches(3),
  depth: inches(0.75),
  corner: inches(0.5),
  scallop: inches(0.5),
  flap: inches(0.5),
  border: inches(0.5),
  end: 'dovetail',
  corners: 'clipped',
};
/** Usual sizes to begin with. Common practice, no source. */
export const USUAL: Partial<Record<ShapeKind, Partial<Measures>>> = {
  banner: { w: inches(1.5), h: inches(7) },
  'scallop-strip': { w: inches(12), h: inches(1.25) },
  pocket: { w: inches(3.25), h: inches(4) },
  frame: { w: inches(4.25), h: inches(6.25) },
  pennant: { w: inches(2), h: inches(3) },
};

export const FIELDS: Record<ShapeKind, readonly (readonly [Length, string])[]> = {
  rectangle: [
    ['w', 'width'],
    ['h', 'height'],
  ],
  banner: [
    ['w', 'width'],
    ['h', 'length'],
    ['depth', 'depth of its end'],
  ],
  tag: [
    ['w', 'width'],
    ['h', 'height'],
    ['corner', 'off the corners'],
  ],
  circle: [['d', 'across']],
  hexagon: [['d', 'from flat to flat']],
  'half-circle': [['d', 'across']],
  pennant: [
    ['w', 'width'],
    ['h', 'length'],
  ],
  'scallop-strip': [
    ['w', 'length'],
    ['h', 'height'],
    ['scallop', 'a scallop'],
  ],
  pocket: [
    ['w', 'width inside'],
    ['h', 'height inside'],
    ['flap', 'flap'],
  ],
  frame: [
    ['w', 'width'],
    ['h', 'height'],
    ['border', 'border'],
  ],
};

/** A shape without the measures that its kind does not know. */
export function onlyItsOwn(shape: Shape): Shape {
  const known = new Set<string>([
    'kind',
    ...FIELDS[shape.kind].map(([field]) => field),
    ...(shape.kind === 'banner' ? ['end'] : shape.kind === 'tag' ? ['corners'] : []),
  ]);
  return Object.fromEntries(Object.entries(shape).filter(([key]) => known.has(key))) as unknown as Shape;
}
