import { day, id, notes, text } from './parts';

/** JSON Schema of one record. */
export const kitSchema = {
  type: 'object',
  properties: {
    id,
    club: text,
    name: text,
    month: {
      type: 'string',
      pattern: '^(\\d{4}(-(0[1-9]|1[0-2]))?)?$',
      description: 'a month such as 2026-11, about a year such as 2022, or empty: not known',
    },
    theme: { type: 'array', items: text },
    list: text,
    price: { type: 'number', minimum: 0, description: 'what it cost, in her money' },
    gathered: { type: 'string', description: 'she gathered it herself from what was left: what it was begun with' },
    notes,
    fates: {
      type: 'object',
      description: 'what was decided of things that are left of it, by the ids of pieces and lots',
      additionalProperties: {
        type: 'object',
        required: ['for'],
        discriminator: { propertyName: 'for' },
        oneOf: [
          {
            type: 'object',
            properties: { for: { enum: ['kit', 'stash'] } },
            required: ['for'],
            additionalProperties: false,
          },
          {
            type: 'object',
            properties: {
              for: { const: 'month' },
              month: { type: 'string', pattern: '^\\d{4}-(0[1-9]|1[0-2])$', description: 'a month such as 2027-03' },
              whom: text,
            },
            required: ['for', 'month'],
            additionalProperties: false,
          },
        ],
      },
    },
    aims: {
      type: 'array',
      description: 'what she means to do with it',
      items: {
        type: 'object',
        required: ['kind'],
        discriminator: { propertyName: 'kind' },
        oneOf: [
          {
            type: 'object',
            properties: {
              id,
              kind: { const: 'use' },
              lot: id,
              atLeast: { type: ['integer', 'null'], minimum: 1, description: 'so many of it; null: all' },
            },
            required: ['id', 'kind', 'lot', 'atLeast'],
            additionalProperties: false,
          },
          {
            type: 'object',
            properties: { id, kind: { const: 'pages' }, atLeast: { type: 'integer', minimum: 1 } },
            required: ['id', 'kind', 'atLeast'],
            additionalProperties: false,
          },
        ],
      },
    },
    closed: { ...day, description: 'the day on which nothing of it was left undecided' },
    isOpened: { type: 'boolean', description: 'it was taken in as it was by then, half used' },
  },
  required: ['id', 'club', 'name', 'month', 'theme', 'list'],
  additionalProperties: false,
} as const;
