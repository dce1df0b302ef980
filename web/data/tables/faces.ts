import { PATTERNS } from '../../../core/stock/things';
import { colourShare, id, text, ticksFrom1 } from './parts';

/** JSON Schema of one record. */
export const faceSchema = {
  type: 'object',
  properties: {
    id,
    name: text,
    pattern: { enum: PATTERNS },
    colours: { type: 'array', items: colourShare },
    repeat: {
      type: 'object',
      properties: { x: ticksFrom1, y: ticksFrom1 },
      required: undefined,
      additionalProperties: false,
    },
    picture: {
      type: 'object',
      properties: { image: id, w: ticksFrom1, h: ticksFrom1 },
      required: ['image', 'w', 'h'],
      additionalProperties: false,
    },
    words: { type: 'array', items: { type: 'string', minLength: 1 } },
    scale: { enum: ['quiet', 'busy'] },
    base: { enum: ['white', 'cream'] },
  },
  required: ['id', 'name', 'pattern', 'colours'],
  additionalProperties: false,
} as const;
