import { lotSchema } from './lots';
import { id } from './parts';

/** JSON Schema of one record. */
export const ruleSchema = {
  type: 'object',
  properties: {
    id,
    words: { type: 'string', minLength: 1, description: 'of every line of a list that has these words' },
    kind: {
      anyOf: [lotSchema.properties.kind, { type: 'null' }],
      description: 'the kind of what it tells of; null: it is passed over',
    },
  },
  required: ['id', 'words', 'kind'],
  additionalProperties: false,
} as const;
