import { day, id } from './parts';

const month = { type: 'string', pattern: '^\\d{4}-(0[1-9]|1[0-2])$', description: 'a month such as 2027-05' } as const;

/** JSON Schema of one record. */
export const monthAimSchema = {
  type: 'object',
  required: ['kind'],
  discriminator: { propertyName: 'kind' },
  oneOf: [
    {
      type: 'object',
      properties: { id, month, kind: { const: 'pages' }, atLeast: { type: 'integer', minimum: 1 } },
      required: ['id', 'month', 'kind', 'atLeast'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        id,
        month: { ...month, description: 'nothing new is taken in till this month, such as 2027-05' },
        kind: { const: 'nothing-new' },
        since: day,
      },
      required: ['id', 'month', 'kind', 'since'],
      additionalProperties: false,
    },
  ],
} as const;
