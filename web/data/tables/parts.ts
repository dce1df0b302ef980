/** Parts of schemas that several tables share. JSON Schema, draft 2020-12. */
const tickWords = 'a length in ticks, a whole number (1 in = 8128, 1 mm = 320)';
/** The longest side that areas stay exact for. */
const MOST_TICKS = 99_999_999;
export const text = { type: 'string' } as const;
export const id = { type: 'string', minLength: 1, description: 'an id: text that is not empty' } as const;
export const idOrNull = {
  type: ['string', 'null'],
  minLength: 1,
  description: 'an id: text that is not empty',
} as const;
export const ticks = { type: 'integer', minimum: -MOST_TICKS, maximum: MOST_TICKS, description: tickWords } as const;
export const ticksFrom0 = { type: 'integer', minimum: 0, maximum: MOST_TICKS, description: tickWords } as const;
export const ticksFrom1 = { type: 'integer', minimum: 1, maximum: MOST_TICKS, description: tickWords } as const;
export const ticksOrNull = {
  type: ['integer', 'null'],
  minimum: 1,
  maximum: MOST_TICKS,
  description: tickWords,
} as const;
const DAY = '^(1[89]|2[0-9])\\d{2}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$';
export const day = { type: 'string', pattern: DAY, description: 'a day such as 2026-11-05' } as const;
export const dayOrNull = { type: ['string', 'null'], pattern: DAY, description: 'a day such as 2026-11-05' } as const;

export const rect = {
  type: 'object',
  properties: { x: ticks, y: ticks, w: ticksFrom1, h: ticksFrom1 },
  required: ['x', 'y', 'w', 'h'],
  additionalProperties: false,
} as const;

export const size = {
  type: 'object',
  properties: { w: ticksFrom1, h: ticksFrom1 },
  required: ['w', 'h'],
  additionalProperties: false,
} as const;

const point = {
  type: 'object',
  properties: { x: ticks, y: ticks },
  required: ['x', 'y'],
  additionalProperties: false,
} as const;

export const amounts = {
  type: 'object',
  additionalProperties: { type: 'integer', minimum: -1_000_000_000, maximum: 1_000_000_000 },
  description: 'whole numbers by part, none beyond 1,000,000,000',
} as const;

export const colourShare = {
  type: 'object',
  properties: {
    hex: { type: 'string', pattern: '^#[0-9a-f]{6}$', description: 'a colour: #rrggbb in small letters' },
    share: { type: 'number', minimum: 0, maximum: 1 },
  },
  required: ['hex', 'share'],
  additionalProperties: false,
} as const;

export const newPiece = {
  type: 'object',
  properties: { id, w: ticksFrom1, h: ticksFrom1, missing: { type: 'array', maxItems: 10_000, items: rect } },
  required: ['id', 'w', 'h'],
  additionalProperties: false,
} as const;

export const cutChild = {
  type: 'object',
  properties: {
    id,
    x: ticks,
    y: ticks,
    w: ticksFrom1,
    h: ticksFrom1,
    role: { enum: ['piece', 'rest', 'nubbin', 'waste'] },
    missing: { type: 'array', maxItems: 10_000, items: rect },
    slot: text,
    page: id,
    name: text,
    outline: {
      type: 'array',
      description: 'the lines of a piece cut out by hand, from its own corner; a line within another goes round a hole',
      maxItems: 8,
      items: { type: 'array', minItems: 3, maxItems: 1000, items: point },
    },
  },
  required: ['id', 'x', 'y', 'w', 'h', 'role'],
  additionalProperties: false,
} as const;

export const shape = {
  type: 'object',
  description: 'a thing to be cut that is more, or less, than its rectangle',
  required: ['kind'],
  discriminator: { propertyName: 'kind' },
  oneOf: [
    {
      type: 'object',
      properties: { kind: { const: 'rectangle' }, w: ticksFrom1, h: ticksFrom1 },
      required: ['kind', 'w', 'h'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        kind: { const: 'banner' },
        w: ticksFrom1,
        h: ticksFrom1,
        end: { enum: ['dovetail', 'point'] },
        depth: ticksFrom1,
      },
      required: ['kind', 'w', 'h', 'end', 'depth'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        kind: { const: 'tag' },
        w: ticksFrom1,
        h: ticksFrom1,
        corners: { enum: ['clipped', 'round'] },
        corner: ticksFrom1,
      },
      required: ['kind', 'w', 'h', 'corners', 'corner'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'circle' }, d: ticksFrom1 },
      required: ['kind', 'd'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'hexagon' }, d: ticksFrom1 },
      required: ['kind', 'd'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'half-circle' }, d: ticksFrom1 },
      required: ['kind', 'd'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'pennant' }, w: ticksFrom1, h: ticksFrom1 },
      required: ['kind', 'w', 'h'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'scallop-strip' }, w: ticksFrom1, h: ticksFrom1, scallop: ticksFrom1 },
      required: ['kind', 'w', 'h', 'scallop'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'pocket' }, w: ticksFrom1, h: ticksFrom1, flap: ticksFrom1 },
      required: ['kind', 'w', 'h', 'flap'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: { kind: { const: 'frame' }, w: ticksFrom1, h: ticksFrom1, border: ticksFrom1 },
      required: ['kind', 'w', 'h', 'border'],
      additionalProperties: false,
    },
  ],
} as const;

export const partOfPicture = {
  type: 'object',
  properties: {
    x: { type: 'number', minimum: 0, maximum: 1, description: 'a part of the picture, 0 to 1' },
    y: { type: 'number', minimum: 0, maximum: 1, description: 'a part of the picture, 0 to 1' },
    w: { type: 'number', minimum: 0, maximum: 1, description: 'a part of the picture, 0 to 1' },
    h: { type: 'number', minimum: 0, maximum: 1, description: 'a part of the picture, 0 to 1' },
  },
  required: ['x', 'y', 'w', 'h'],
  additionalProperties: false,
} as const;

export const pageFormat = {
  type: 'object',
  properties: { w: ticksFrom1, h: ticksFrom1, spread: { type: 'boolean' } },
  required: ['w', 'h', 'spread'],
  additionalProperties: false,
} as const;

export const measuredRect = {
  type: 'object',
  properties: { x: ticks, y: ticks, w: ticksFrom1, h: ticksFrom1 },
  required: ['x', 'y', 'w', 'h'],
  additionalProperties: false,
} as const;

export const measuredLayer = {
  type: 'object',
  properties: {
    name: { type: 'string', minLength: 1 },
    x: ticks,
    y: ticks,
    w: ticksFrom1,
    h: ticksFrom1,
    turn: { type: 'number' },
    shape,
    isBare: { type: 'boolean' },
  },
  required: ['name', 'x', 'y', 'w', 'h', 'turn'],
  additionalProperties: false,
} as const;

/** What she noted of a page, a kit or a thing. */
export const notes = {
  type: 'array',
  items: {
    type: 'object',
    properties: {
      id,
      day,
      words: { type: 'string', minLength: 1 },
      isForNext: { const: true, description: 'brought back when the next page is begun' },
    },
    required: ['id', 'day', 'words'],
    additionalProperties: false,
  },
} as const;
