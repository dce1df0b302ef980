import { TECHNIQUES } from '../../../core/things';
import { day, dayOrNull, id, idOrNull, notes, pageFormat, partOfPicture, shape, text, ticks, ticksFrom0, ticksFrom1 } from './parts';
import { designSchema as measuredDesign } from './designs';
import { table } from './table';

/** JSON Schema of one record. */
export const pageSchema = {
  type: 'object',
  properties: {
    id,
    format: pageFormat,
    design: id,
    mat: ticksFrom0,
    photos: {
      type: 'array',
      items: {
        type: 'object',
        properties: {
          photo: idOrNull,
          w: ticksFrom1,
          h: ticksFrom1,
          mats: { type: 'array', maxItems: 2, items: ticksFrom1, description: 'margins of its own mats, from it outwards' },
          rounded: { enum: ['all', 'outer'] },
        },
        required: ['photo', 'w', 'h'],
        additionalProperties: false,
      },
    },
    papers: { type: 'object', additionalProperties: id },
    title: text,
    date: text,
    place: text,
    journaling: text,
    started: day,
    glued: dayOrNull,
    finished: dayOrNull,
    more: {
      type: 'array',
      items: {
        type: 'object',
        properties: { id, name: text, shape, face: idOrNull, count: { type: 'integer', minimum: 1, maximum: 99 } },
        required: ['id', 'name', 'shape', 'face', 'count'],
        additionalProperties: false,
      },
    },
    placed: {
      type: 'array',
      description: 'what is laid on it, the lowest first; x and y are the middle',
      items: {
        type: 'object',
        properties: {
          id,
          what: {
            oneOf: [
              {
                type: 'object',
                properties: {
                  lot: id,
                  part: { type: 'string' },
                  count: { type: 'integer', minimum: 2, maximum: 9, description: 'a stack of so many' },
                  shows: { type: 'string', minLength: 1, description: 'of a letter cut to another, that one' },
                },
                required: ['lot', 'part'],
                additionalProperties: false,
              },
              {
                type: 'object',
                properties: { lot: id, length: ticksFrom1 },
                required: ['lot', 'length'],
                additionalProperties: false,
              },
              { type: 'object', properties: { piece: id }, required: ['piece'], additionalProperties: false },
              {
                type: 'object',
                properties: {
                  drawn: { enum: ['pen', 'stitch'] },
                  length: ticksFrom1,
                  colour: { type: 'string', pattern: '^#[0-9a-f]{6}$' },
                },
                required: ['drawn', 'length', 'colour'],
                additionalProperties: false,
              },
              {
                type: 'object',
                description: 'the picture of a stamp, stamped on the page itself',
                properties: {
                  drawn: { const: 'stamp' },
                  name: text,
                  w: ticksFrom1,
                  h: ticksFrom1,
                  colour: { type: 'string', pattern: '^#[0-9a-f]{6}$' },
                },
                required: ['drawn', 'name', 'w', 'h', 'colour'],
                additionalProperties: false,
              },
              {
                type: 'object',
                description: 'a letter stamped, written or cut with a die',
                properties: {
                  drawn: { const: 'letter' },
                  glyph: { type: 'string', minLength: 1 },
                  height: ticksFrom1,
                  colour: { type: 'string', pattern: '^#[0-9a-f]{6}$' },
                },
                required: ['drawn', 'glyph', 'height', 'colour'],
                additionalProperties: false,
              },
            ],
          },
          x: ticks,
          y: ticks,
          turn: { type: 'number' },
          isOnFoam: { type: 'boolean' },
          under: { type: 'string', description: 'the layer that it is tucked under' },
          matOf: { type: 'string', description: 'it is the mat of something else that lies there' },
          isTitle: { const: true, description: 'a letter of the page’s title' },
        },
        required: ['id', 'what', 'x', 'y', 'turn'],
        additionalProperties: false,
      },
    },
    work: {
      type: 'object',
      description: 'how it is worked on',
      properties: {
        techniques: { type: 'array', items: { enum: [...TECHNIQUES] } },
        done: {
          type: 'object',
          description: 'when a step was done, milliseconds since 1970',
          additionalProperties: { type: 'integer', minimum: 0 },
        },
        edges: { type: 'string', pattern: '^#[0-9a-f]{6}$', description: 'the colour that its edges are inked in' },
        means: {
          type: 'array',
          description: 'what she means to have on it',
          items: {
            type: 'object',
            properties: { id, words: text, isKept: { const: true } },
            required: ['id', 'words'],
            additionalProperties: false,
          },
        },
      },
      additionalProperties: false,
    },
    written: {
      type: 'object',
      description: 'what its writing stands on, and in which hand',
      properties: {
        on: { enum: ['lines', 'strips', 'card', 'tag', 'label', 'edge', 'pocket'] },
        hand: {
          type: 'object',
          properties: { name: text, perInch: { type: 'number', exclusiveMinimum: 0 }, line: ticksFrom1 },
          required: ['name', 'perInch', 'line'],
          additionalProperties: false,
        },
        size: {
          type: 'object',
          properties: { w: ticksFrom1, h: ticksFrom1 },
          required: ['w', 'h'],
          additionalProperties: false,
        },
        lines: { type: 'integer', minimum: 1, maximum: 99 },
      },
      required: ['on'],
      additionalProperties: false,
    },
    setAside: { type: 'array', items: text, description: 'remarks that she set aside for this page' },
    picture: {
      type: 'object',
      description: 'a picture of the real page; parts of it, 0 to 1, are covered before it goes out',
      properties: { image: id, covered: { type: 'array', maxItems: 99, items: partOfPicture } },
      required: ['image'],
      additionalProperties: false,
    },
    notes,
    versionOf: { type: 'string', minLength: 1, description: 'the page that it is another version of' },
    isTold: { const: true, description: 'made without a plan and told afterwards' },
    mayOverlap: { type: 'boolean', description: 'photos that find no room may lie over each other' },
    apart: { type: 'array', items: id, description: 'layers with a paper of their own' },
    without: { type: 'array', items: id, description: 'layers that are left out' },
    options: { type: 'object', additionalProperties: text },
    own: measuredDesign,
    moves: {
      type: 'object',
      additionalProperties: {
        type: 'object',
        properties: { dx: ticks, dy: ticks, turn: { type: 'number' }, lift: { type: 'integer' } },
        required: ['dx', 'dy', 'turn', 'lift'],
        additionalProperties: false,
      },
    },
  },
  required: [
    'id',
    'format',
    'design',
    'mat',
    'photos',
    'papers',
    'title',
    'date',
    'place',
    'journaling',
    'started',
    'finished',
    'glued',
  ],
  additionalProperties: false,
} as const;

export const pages = table({ name: 'pages', schema: pageSchema, indexes: 'id' });
