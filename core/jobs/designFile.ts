import { formatLength, TICKS_PER_INCH, TICKS_PER_MM, type Unit } from '../ground/length';
import type { Rect, Size } from '../ground/geometry';
import { ok, type Result } from '../ground/result';
import { drawShape, type Shape } from '../ground/shapes';
import type { MeasuredDesign, MeasuredLayer } from '../stock/things';
import { refuse, type JobError } from './jobError';
import { readEach, readLengths, readPosition, readSide, type JsonLength } from './readLength';
import { nth } from '../ground/nth';

interface JsonRect {
  x: JsonLength;
  y: JsonLength;
  w: JsonLength;
  h: JsonLength;
}
/** What a layer is cut to beyond its own width and height. */
type JsonShape =
  | { kind: 'banner'; end: 'dovetail' | 'point'; depth: JsonLength }
  | { kind: 'tag'; corners: 'clipped' | 'round'; corner: JsonLength }
  | { kind: 'circle' }
  | { kind: 'half-circle' }
  | { kind: 'pennant' }
  | { kind: 'scallop-strip'; scallop: JsonLength }
  | { kind: 'pocket'; flap: JsonLength };
interface JsonLayer extends JsonRect {
  name: string;
  turn?: number;
  shape?: JsonShape;
  mat?: boolean;
}

/** A design as JSON, already found to match `docs/formats/design.schema.json`. */
export interface JsonDesignFile {
  format: 'nubbin-design';
  version: 1;
  unit?: Unit;
  name: string;
  page: { w: JsonLength; h: JsonLength; spread?: boolean };
  layers: JsonLayer[];
  title?: JsonRect;
  journaling?: JsonRect;
}

function readRect(rect: JsonRect, unit: Unit, at: string): Result<Rect, JobError> {
  const corner = readLengths(rect, ['x', 'y'], readPosition, unit, at);
  if (!corner.ok) return corner;
  const size = readLengths(rect, ['w', 'h'], readSide, unit, at);
  return size.ok ? ok({ ...corner.value, ...size.value }) : size;
}

function toShape(shape: JsonShape, { w, h }: Size, unit: Unit, at: string): Result<Shape, JobError> {
  const one = <K extends string>(key: K, value: JsonLength): Result<Record<K, number>, JobError> =>
    readLengths({ [key]: value } as Record<K, JsonLength>, [key], readSide, unit, at);
  const withSize = (read: Result<object, JobError>): Result<Shape, JobError> =>
    read.ok ? ok({ ...shape, w, h, ...read.value } as Shape) : read;
  switch (shape.kind) {
    case 'circle':
      return w === h ? ok({ kind: 'circle', d: w }) : refuse('bad-shape', at, 'a circle is as wide as it is high');
    case 'half-circle':
      return h === Math.ceil(w / 2)
        ? ok({ kind: 'half-circle', d: w })
        : refuse('bad-shape', at, 'a half circle is half as high as it is wide');
    case 'pennant':
      return ok({ kind: 'pennant', w, h });
    case 'banner':
      return withSize(one('depth', shape.depth));
    case 'tag':
      return withSize(one('corner', shape.corner));
    case 'scallop-strip':
      return withSize(one('scallop', shape.scallop));
    case 'pocket':
      return withSize(one('flap', shape.flap));
  }
}

function readLayer(layer: JsonLayer, unit: Unit, at: string): Result<MeasuredLayer, JobError> {
  const rect = readRect(layer, unit, at);
  if (!rect.ok) return rect;
  const shape = layer.shape ? toShape(layer.shape, rect.value, unit, `${at}/shape`) : ok(null);
  if (!shape.ok) return shape;
  const drawn = shape.value ? drawShape(shape.value) : null;
  if (drawn && !drawn.ok)
    return refuse(
      'bad-shape',
      `${at}/shape/${drawn.error.measure}`,
      `the ${drawn.error.measure} is too much for the layer's size`,
    );
  return ok({
    name: layer.name,
    ...rect.value,
    turn: layer.turn ?? 0,
    ...(shape.value ? { shape: shape.value } : {}),
    ...(layer.mat === false ? { isBare: true } : {}),
  });
}

/** Reads a design of measured layers; every check that its schema cannot make. */
export function readDesignFile(json: JsonDesignFile): Result<Omit<MeasuredDesign, 'id'>, JobError> {
  const unit = json.unit ?? 'in';
  const page = readLengths(json.page, ['w', 'h'], readSide, unit, '/page');
  if (!page.ok) return page;
  const layers = readEach(json.layers, (layer, i) => readLayer(layer, unit, `/layers/${i}`));
  if (!layers.ok) return layers;
  const words = readEach([json.title, json.journaling], (rect, i): Result<Rect | null, JobError> =>
    rect ? readRect(rect, unit, i === 0 ? '/title' : '/journaling') : ok(null),
  );
  if (!words.ok) return words;
  return ok({
    name: json.name,
    page: { ...page.value, spread: json.page.spread ?? false },
    layers: layers.value,
    title: nth(words.value, 0),
    journaling: nth(words.value, 1),
  });
}

/** A length as text with its unit, exact: inches where a trimmer's fraction says it, else millimetres. */
const lengthText = (length: number): string =>
  length % (TICKS_PER_INCH / 64) === 0 && length >= 0
    ? `${formatLength(length, 'in').replace('″', '')}in`
    : `${length / TICKS_PER_MM}mm`;

/** Text has no sign: what lies over the page's left or head is a number of inches. */
const positionOf = (length: number): JsonLength => (length < 0 ? length / TICKS_PER_INCH : lengthText(length));

const rectJson = ({ x, y, w, h }: Rect): JsonRect => ({
  x: positionOf(x),
  y: positionOf(y),
  w: lengthText(w),
  h: lengthText(h),
});

function shapeJson(shape: Shape): JsonShape | null {
  switch (shape.kind) {
    case 'banner':
      return { kind: 'banner', end: shape.end, depth: lengthText(shape.depth) };
    case 'tag':
      return { kind: 'tag', corners: shape.corners, corner: lengthText(shape.corner) };
    case 'scallop-strip':
      return { kind: 'scallop-strip', scallop: lengthText(shape.scallop) };
    case 'pocket':
      return { kind: 'pocket', flap: lengthText(shape.flap) };
    case 'circle':
    case 'half-circle':
    case 'pennant':
      return { kind: shape.kind };
    default:
      return null;
  }
}

/** A design as its file gives it: reading it again gives the same. */
export function writeDesignFile({ name, page, layers, title, journaling }: Omit<MeasuredDesign, 'id'>): JsonDesignFile {
  return {
    format: 'nubbin-design',
    version: 1,
    unit: 'in',
    name,
    page: { w: lengthText(page.w), h: lengthText(page.h), spread: page.spread },
    layers: layers.map(({ name: layer, turn, shape, isBare, ...rect }) => {
      const cut = shape ? shapeJson(shape) : null;
      return {
        name: layer,
        ...rectJson(rect),
        ...(turn === 0 ? {} : { turn }),
        ...(cut ? { shape: cut } : {}),
        ...(isBare ? { mat: false } : {}),
      };
    }),
    ...(title ? { title: rectJson(title) } : {}),
    ...(journaling ? { journaling: rectJson(journaling) } : {}),
  };
}
