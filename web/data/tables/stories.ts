import { id, text } from './parts';
import { table } from './table';

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

export const stories = table({ name: 'stories', schema: storySchema, indexes: 'id' });
