import { expect, test } from 'vitest';
import { fold } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Lot } from '../../stock/things';
import { designOf, layOut } from '../design';
import { plainGrounds } from '.';

const lot = (id: string, kind: Lot['kind']): Lot => ({
  id,
  kit: 'k',
  kind,
  name: id,
  measure: 'sheets',
  size: null,
  front: id,
  back: null,
  upright: false,
  note: '',
  line: 1,
});
const lots = new Map([
  ['moths', lot('moths', 'paper')],
  ['slate', lot('slate', 'cardstock')],
]);
const shelf = (slates: number) => ({
  lots,
  kits: new Map(),
  ledger: fold([
    { id: 'e', day: '2026-11-03', type: 'received', lot: 'moths', pieces: [{ id: 'm', w: inches(12), h: inches(12) }] },
    {
      id: 'f',
      day: '2026-11-03',
      type: 'received',
      lot: 'slate',
      pieces: Array.from({ length: slates }, (_, i) => ({ id: `s${i}`, w: inches(12), h: inches(12) })),
    },
  ]).value!,
});
const layout = layOut(designOf('framed-ground')!, {
  format: { w: inches(12), h: inches(12), spread: false },
  photos: [{ photo: null, w: inches(4), h: inches(6) }],
  mat: inches(1 / 8),
}).value!;

test('a frame of which 1/2 in shows: four 1 in strips on plain cardstock do, worked by hand', () => {
  const [found, ...others] = plainGrounds(layout, { frame: 'moths', ground: 'slate' }, shelf(2), inches(0.5));
  expect(others).toEqual([]);
  expect(found).toMatchObject({ slot: 'frame', face: 'slate', now: inches(12) ** 2, then: 4 * inches(12) * inches(1) });
  expect(found!.strips.map(({ w, h, count }) => [w / 8128, h / 8128, count])).toEqual([[12, 1, 4]]);
});

test('nothing is proposed without cardstock, for cardstock itself, or where most of it shows', () => {
  expect(plainGrounds(layout, { frame: 'moths', ground: 'slate' }, shelf(0), inches(0.5))).toEqual([]);
  expect(plainGrounds(layout, { frame: 'slate' }, shelf(2), inches(0.5))).toEqual([]);
  expect(plainGrounds(layout, { ground: 'moths' }, shelf(2), inches(0.5))).toEqual([]);
});
