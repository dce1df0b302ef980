import { id, idOrNull, notes, size, text, ticksFrom1, ticksOrNull } from './parts';
import { table } from './table';

/** JSON Schema of one record. */
export const lotSchema = {
  type: 'object',
  properties: {
    id,
    kit: id,
    kind: {
      enum: [
        'paper',
        'cardstock',
        'vellum',
        'acetate',
        'cut-apart',
        'card',
        'stickers',
        'alpha',
        'washi',
        'ribbon',
        'twine',
        'ephemera',
        'dots',
        'embellishment',
        'packaging',
        'tool',
        'medium',
      ],
    },
    name: text,
    measure: { enum: ['sheets', 'count', 'length', 'letters', 'share'] },
    size: {
      type: ['object', 'null'],
      properties: { w: ticksFrom1, h: ticksFrom1 },
      required: ['w', 'h'],
      additionalProperties: false,
    },
    front: idOrNull,
    back: idOrNull,
    upright: { type: 'boolean' },
    note: text,
    material: { enum: ['paper', 'see-through', 'not-paper'] },
    forLayout: { type: 'integer', minimum: 1, maximum: 9, description: 'the kit marks it for its so-manieth layout' },
    isLeftover: { type: 'boolean', description: 'its pieces were typed in as scraps or leftovers' },
    line: { type: 'integer', minimum: 1 },
    height: ticksFrom1,
    notes,
    worn: {
      type: 'object',
      description: 'of letters, how many of each are worn',
      additionalProperties: { type: 'integer', minimum: 1 },
    },
    items: {
      type: 'array',
      description: 'what is in a pack, as far as it was named; the ledger counts each under its id',
      items: {
        type: 'object',
        properties: {
          id,
          name: text,
          size,
          colours: { type: 'array', items: { type: 'string', pattern: '^#[0-9a-f]{6}$' }, maxItems: 12 },
          words: text,
          isRaised: { type: 'boolean' },
          looks: { enum: ['left', 'right', 'straight'] },
          picture: {
            type: 'object',
            description: 'a picture cropped to the thing, and the line round it in parts of the picture',
            properties: {
              image: id,
              outline: {
                type: 'array',
                minItems: 3,
                maxItems: 1000,
                items: {
                  type: 'object',
                  properties: {
                    x: { type: 'number', minimum: 0, maximum: 1 },
                    y: { type: 'number', minimum: 0, maximum: 1 },
                  },
                  required: ['x', 'y'],
                  additionalProperties: false,
                },
              },
            },
            required: ['image', 'outline'],
            additionalProperties: false,
          },
        },
        required: ['id', 'name'],
        additionalProperties: false,
      },
    },
    punch: {
      type: 'object',
      properties: {
        shape: { enum: ['circle', 'hexagon', 'tag'] },
        size: ticksFrom1,
        height: ticksFrom1,
        reach: ticksOrNull,
      },
      required: ['shape', 'size', 'reach'],
      additionalProperties: false,
    },
  },
  required: ['id', 'kit', 'kind', 'name', 'measure', 'size', 'front', 'back', 'upright', 'note', 'line'],
  additionalProperties: false,
} as const;

export const lots = table({ name: 'lots', schema: lotSchema, indexes: 'id, kit' });
