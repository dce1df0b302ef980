import { id, measuredLayer, measuredRect, pageFormat } from './parts';

/** JSON Schema of one record. */
export const designSchema = {
  type: 'object',
  properties: {
    id,
    name: { type: 'string', minLength: 1 },
    page: pageFormat,
    layers: { type: 'array', items: measuredLayer, minItems: 1 },
    title: { anyOf: [measuredRect, { type: 'null' }] },
    journaling: { anyOf: [measuredRect, { type: 'null' }] },
  },
  required: ['id', 'name', 'page', 'layers', 'title', 'journaling'],
  additionalProperties: false,
} as const;
