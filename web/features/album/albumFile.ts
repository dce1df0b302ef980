import type { Leaf, Opening } from '../../../core/kit/album';
import { toInches } from '../../../core/ground/length';
import type { Album, Page } from '../../../core/stock/things';
import { leafName } from './leafName';

/** JSON Schema of an album as open files: what each opening shows, with its pages' pictures beside it in the zip. */
const side = {
  type: ['object', 'null'],
  properties: {
    name: { type: 'string' },
    kind: { enum: ['page', 'title', 'gap'] },
    picture: { type: 'string', description: 'its path in the zip; absent: a title page or a gap' },
    date: { type: 'string' },
    place: { type: 'string' },
    writing: { type: 'string' },
    photos: { type: 'integer', minimum: 0 },
  },
  required: ['name', 'kind'],
  additionalProperties: false,
} as const;

export const ALBUM_FILE_SCHEMA = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'An album of Nubbin, as open files',
  type: 'object',
  properties: {
    format: { const: 'nubbin-album' },
    version: { const: 1 },
    name: { type: 'string' },
    size: {
      type: 'object',
      description: 'of one page, inches',
      properties: { w: { type: 'number', exclusiveMinimum: 0 }, h: { type: 'number', exclusiveMinimum: 0 } },
      required: ['w', 'h'],
      additionalProperties: false,
    },
    openings: {
      type: 'array',
      items: {
        type: 'object',
        description: 'two sides, or a spread over both',
        properties: { left: side, right: side, spread: side },
        required: ['left', 'right', 'spread'],
        additionalProperties: false,
      },
    },
  },
  required: ['format', 'version', 'name', 'size', 'openings'],
  additionalProperties: false,
} as const;

export interface AlbumFile {
  readonly json: object;
  /** Where the picture of each place goes, by the place's id. */
  readonly pictures: ReadonlyMap<string, string>;
}

const pageFields = ({ date, place, journaling, photos }: Page) => ({
  date,
  place,
  writing: journaling,
  photos: photos.length,
});

/** An album as it is written: its openings in order, and what its pictures are called. */
export function albumFile({ name, size }: Album, openings: readonly Opening[]): AlbumFile {
  const pictures = new Map<string, string>();
  const asSide = (leaf: Leaf | null): object | null => {
    if (!leaf) return null;
    const { page, place } = leaf;
    if (!page) return { name: leafName(leaf), kind: 'title' in place ? 'title' : 'gap' };
    const picture = `pages/${String(pictures.size + 1).padStart(3, '0')}.png`;
    pictures.set(place.id, picture);
    return { name: leafName(leaf), kind: 'page', picture, ...pageFields(page) };
  };
  return {
    json: {
      format: 'nubbin-album',
      version: 1,
      name,
      size: { w: toInches(size.w), h: toInches(size.h) },
      openings: openings.map(({ left, right, spread }) => ({
        left: asSide(left),
        right: asSide(right),
        spread: asSide(spread),
      })),
    },
    pictures,
  };
}
