import { lotSchema } from './lots';
import { id, text } from './parts';

/** JSON Schema of one record. */
export const draftSchema = {
  type: 'object',
  properties: {
    id,
    club: text,
    name: text,
    month: text,
    list: text,
    unit: { enum: ['in', 'cm', 'mm'], description: 'what a size without a unit is in, inches where this is absent' },
    here: { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
    damaged: {
      type: 'object',
      additionalProperties: { type: 'integer', minimum: 0 },
      description: 'how many of what is here are damaged, by the line',
    },
    corrected: {
      type: 'object',
      additionalProperties: {
        type: 'object',
        properties: {
          kind: lotSchema.properties.kind,
          count: { type: 'integer', minimum: 1, maximum: 10000 },
          name: text,
          size: text,
          colours: text,
          letters: text,
          isTakenIn: { type: 'boolean' },
          isLeftOut: { type: 'boolean' },
        },
        additionalProperties: false,
      },
      description: 'what she says of a thing of the list, by the line, where it was read otherwise',
    },
    isOpened: { type: 'boolean', description: 'half used: what is here is what is left, and nothing is owed' },
  },
  required: ['id', 'club', 'name', 'month', 'list', 'here'],
  additionalProperties: false,
} as const;
