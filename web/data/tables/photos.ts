import { TAKEN } from '../../../core/stock/things';
import { colourShare, day, id, partOfPicture, text, ticksFrom1 } from './parts';

/** JSON Schema of one record. */
export const photoSchema = {
  type: 'object',
  properties: {
    id,
    story: id,
    name: text,
    image: id,
    w: ticksFrom1,
    h: ticksFrom1,
    colours: { type: 'array', items: colourShare },
    added: day,
    taken: { type: 'string', pattern: TAKEN.source, description: 'a year, a month or a day such as 2026-11-05' },
    dots: {
      type: 'object',
      properties: { w: { type: 'integer', minimum: 1 }, h: { type: 'integer', minimum: 1 } },
      required: ['w', 'h'],
      additionalProperties: false,
    },
    crop: partOfPicture,
    isPrinted: { type: 'boolean' },
    isGrey: { type: 'boolean' },
    looks: { enum: ['left', 'right'] },
    keep: { type: 'array', items: partOfPicture },
  },
  required: ['id', 'story', 'name', 'image', 'w', 'h', 'colours', 'added'],
  additionalProperties: false,
} as const;
