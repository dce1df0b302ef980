import { id, text } from './parts';

/** JSON Schema of one record. */
export const storySchema = {
  type: 'object',
  properties: {
    id,
    name: text,
    date: text,
    place: text,
    people: text,
    pages: { type: 'integer', minimum: 1, maximum: 99 },
  },
  required: ['id', 'name', 'date', 'place'],
  additionalProperties: false,
} as const;
