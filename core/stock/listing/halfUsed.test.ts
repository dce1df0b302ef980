import { expect, test } from 'vitest';
import { entriesOf, readLine } from '.';

const read = (text: string) => {
  const [first] = entriesOf([readLine(text)]);
  return first && { ...first.item, why: first.doubts.map(({ why }) => why) };
};

test.each([
  ['ephemera, 18 left of 40', { kind: 'ephemera', measure: 'count', count: 18 }],
  ['6x8 pad - 13 of 24 sheets left', { kind: 'paper', count: 13 }],
  ['puffy stickers (9 left)', { kind: 'stickers', name: 'puffy stickers', count: 9 }],
  ['6 brads left', { name: 'brads', count: 6 }],
  ['ribbon (18" left)', { name: 'ribbon', length: 18 * 8128 }],
  ['Windfall paper, 12 x 7 1/2 left', { name: 'Windfall', count: 1, size: { w: 12 * 8128, h: 7.5 * 8128 } }],
  ['half sheet 6x12 of Windfall', { kind: 'paper', name: 'Windfall', size: { w: 6 * 8128, h: 12 * 8128 } }],
  ['two thirds of a roll of ribbon', { kind: 'ribbon', measure: 'share', level: 67 }],
  ['alphas, half gone', { kind: 'alpha', measure: 'share', level: 50 }],
  ['some die cuts', { kind: 'ephemera', name: 'die cuts', measure: 'share', level: 50 }],
  ['a few of the labels', { name: 'labels', measure: 'share', level: 20 }],
  ['lots of sequins', { name: 'sequins', measure: 'share' }],
])('%s: what is left of it', (text, expected) => {
  expect(read(text)).toMatchObject({ ...expected, why: [] });
});

test.each([
  ['3 half sheets of moths / lamplight', 'Half a sheet: how large is it?'],
  ['half a sheet of moss cardstock', 'Part of a sheet: how large is it?'],
  ['12x12 Moss paper, 1/2', 'Part of a sheet: how large is it?'],
  ['paper: Ticking, some', 'Part of a sheet: how large is it?'],
  ['partial sheet Windfall', 'Not whole? Say how many there are, or how large it is.'],
  ['brads (some used)', 'Not whole? Say how many there are, or how large it is.'],
  ['alphas - mostly vowels gone', 'Not whole? Say how many there are, or how large it is.'],
  ['die cuts - minus the apples', 'Not whole? Say how many there are, or how large it is.'],
  ['12x12 cardstock plum, one corner missing', 'Not whole? Say how many there are, or how large it is.'],
  ['12x12 Moss paper, already cut', 'Not whole? Say how many there are, or how large it is.'],
  ['bag of scraps', 'Scraps are taken in by their sizes, in the stash.'],
  ['2 yards each of ribbon', 'Of each: of how many?'],
  ['2 sheets of orchard rows', 'What kind of thing is it?'],
])('%s: in doubt', (text, why) => {
  expect(read(text)?.why).toContain(why);
});

test.each([
  'Half Moon die cuts, 12',
  '12x12 paper Half Past Nine',
  'Left Bank stickers, 8',
  'The Rest Is Rain washi',
  '12x12 paper "Mostly Moss"',
])('%s: what is only called so is whole', (text) => {
  expect(read(text)?.why).toEqual([]);
});
