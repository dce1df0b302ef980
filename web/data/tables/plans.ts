import { id, rect, ticksFrom1 } from './parts';

const part = { type: 'string', minLength: 1, description: 'the name of a part of the sheet' } as const;
const place = rect.properties;

const planPart = {
  type: 'object',
  properties: { part, ...place },
  required: ['part', 'x', 'y', 'w', 'h'],
  additionalProperties: false,
} as const;

const hole = {
  type: 'object',
  properties: {
    x: { type: 'number', minimum: 0 },
    y: { type: 'number', minimum: 0 },
    size: ticksFrom1,
    height: ticksFrom1,
    lie: { enum: ['round', 'point-up', 'flat-up', 'upright', 'across'] },
  },
  required: ['x', 'y', 'size', 'lie'],
  additionalProperties: false,
} as const;

const planWindow = {
  type: 'object',
  properties: { part, ...place, from: part },
  required: ['part', 'x', 'y', 'w', 'h', 'from'],
  additionalProperties: false,
} as const;

const planPiece = {
  type: 'object',
  properties: {
    part,
    ...place,
    id,
    copy: { type: 'integer', minimum: 1, maximum: 10_000 },
    turned: { type: 'boolean' },
    face: { enum: ['front', 'back'] },
    page: id,
    slot: { type: 'string' },
    punched: {
      type: 'object',
      description: 'it is punched: out of which part, and where its hole lies on the sheet',
      properties: { from: part, hole },
      required: ['from', 'hole'],
      additionalProperties: false,
    },
  },
  required: ['part', 'x', 'y', 'w', 'h', 'id', 'copy', 'turned', 'face', 'page', 'slot'],
  additionalProperties: false,
} as const;

const cut = {
  type: 'object',
  properties: {
    part,
    axis: { enum: ['x', 'y'] },
    at: ticksFrom1,
    lost: { ...ticksFrom1, description: 'what the cut takes away beside it' },
    gives: { type: 'array', items: [part, part], minItems: 2, maxItems: 2 },
  },
  required: ['part', 'axis', 'at', 'gives'],
  additionalProperties: false,
} as const;

const planSheet = {
  type: 'object',
  properties: {
    stock: id,
    copy: { type: 'integer', minimum: 1 },
    cuts: { type: 'array', maxItems: 10_000, items: cut },
    pieces: { type: 'array', maxItems: 10_000, items: planPiece },
    nubbins: { type: 'array', maxItems: 10_000, items: planPart },
    waste: { type: 'array', maxItems: 10_000, items: planPart },
    windows: {
      type: 'array',
      description: 'hidden middles cut out of pieces, for other pieces to be cut from',
      maxItems: 100,
      items: planWindow,
    },
  },
  required: ['stock', 'copy', 'cuts', 'pieces', 'nubbins', 'waste'],
  additionalProperties: false,
} as const;

/** JSON Schema of one record. */
export const planSchema = {
  type: 'object',
  properties: { id, sheets: { type: 'array', minItems: 1, maxItems: 10_000, items: planSheet } },
  required: ['id', 'sheets'],
  additionalProperties: false,
} as const;
