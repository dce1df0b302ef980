import { day, id, text } from './parts';
import { table } from './table';

/** JSON Schema of one record. */
export const wishSchema = {
  type: 'object',
  properties: { id, line: text, noted: day },
  required: ['id', 'line', 'noted'],
  additionalProperties: false,
} as const;

export const wishes = table({ name: 'wishes', schema: wishSchema, indexes: 'id' });
