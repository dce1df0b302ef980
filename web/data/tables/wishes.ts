import { day, id, text } from './parts';

/** JSON Schema of one record. */
export const wishSchema = {
  type: 'object',
  properties: { id, line: text, noted: day },
  required: ['id', 'line', 'noted'],
  additionalProperties: false,
} as const;
