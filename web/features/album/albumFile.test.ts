import Ajv2020 from 'ajv/dist/2020';
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { openingsOf } from '../../../core/kit/album';
import { inches } from '../../../core/ground/length';
import { newPage } from '../../../core/acts';
import type { Album } from '../../../core/stock/things';
import { ALBUM_FILE_SCHEMA, albumFile } from './albumFile';

const size = { w: inches(12), h: inches(8.5) };
const page = (id: string, spread: boolean) =>
  newPage(id, { format: { ...size, spread }, design: 'grid', mat: 0, photos: [], papers: {}, title: id }, '2026-11-05');
const pages = new Map([page('one', false), page('wide', true)].map((one) => [one.id, one]));
const album: Album = {
  id: 'a',
  name: 'Oddments',
  size,
  startsOn: 'right',
  places: [
    { id: '1', title: 'Autumn' },
    { id: '2', page: 'one' },
    { id: '3', gap: 'the heron' },
    { id: '4', page: 'wide' },
  ],
};

test('an album as open files is as its schema says, with a picture for each page', () => {
  const { json, pictures } = albumFile(album, openingsOf(album, pages));
  const check = new Ajv2020({ allowUnionTypes: true }).compile(ALBUM_FILE_SCHEMA);
  expect(check(JSON.parse(JSON.stringify(json))) || check.errors).toBe(true);
  expect([...pictures]).toEqual([
    ['2', 'pages/001.png'],
    ['4', 'pages/002.png'],
  ]);
  expect(json).toMatchObject({
    size: { w: 12, h: 8.5 },
    openings: [
      { left: null, right: { name: 'Autumn', kind: 'title' } },
      { left: { name: 'one', picture: 'pages/001.png' }, right: { name: 'kept for the heron', kind: 'gap' } },
      { spread: { name: 'wide', picture: 'pages/002.png' } },
    ],
  });
});

test('its published schema is this one', () => {
  const published = readFileSync(new URL('../../../docs/formats/album.schema.json', import.meta.url), 'utf8');
  expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(ALBUM_FILE_SCHEMA)));
});
