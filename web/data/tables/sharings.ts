import { day, id, text } from './parts';

/** JSON Schema of one record. */
export const sharingSchema = {
  type: 'object',
  properties: {
    id,
    day,
    kits: { type: 'array', items: id },
    wanted: { type: 'integer', minimum: 0 },
    pages: {
      type: 'array',
      items: {
        type: 'object',
        properties: {
          page: id,
          title: text,
          papers: {
            type: 'array',
            items: {
              type: 'object',
              properties: { piece: id, area: { type: 'integer', minimum: 0 } },
              required: ['piece', 'area'],
              additionalProperties: false,
            },
          },
        },
        required: ['page', 'title', 'papers'],
        additionalProperties: false,
      },
    },
  },
  required: ['id', 'day', 'kits', 'pages', 'wanted'],
  additionalProperties: false,
} as const;
