import { id, size, text, ticksFrom1 } from './parts';

/** JSON Schema of one record. */
export const albumSchema = {
  type: 'object',
  properties: {
    id,
    name: text,
    size,
    startsOn: { enum: ['left', 'right'], description: 'the side on which its first page falls' },
    closesAt: { ...ticksFrom1, description: 'how thick it may be to close, ticks' },
    places: {
      type: 'array',
      items: {
        oneOf: [
          { type: 'object', properties: { id, page: id }, required: ['id', 'page'], additionalProperties: false },
          { type: 'object', properties: { id, gap: text }, required: ['id', 'gap'], additionalProperties: false },
          { type: 'object', properties: { id, title: text }, required: ['id', 'title'], additionalProperties: false },
        ],
      },
    },
  },
  required: ['id', 'name', 'size', 'startsOn', 'places'],
  additionalProperties: false,
} as const;
