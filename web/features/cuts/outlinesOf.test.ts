import { expect, test } from 'vitest';
import { inches } from '../../../core/ground/length';
import { wantedKey } from '../../../core/page/cutlist';
import type { Page } from '../../../core/stock/things';
import { outlinesOf } from './outlinesOf';

const size = { w: inches(4), h: inches(6) };
const page = (id: string, more: Page['more']): Page => ({
  id,
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'box-stack',
  mat: 0,
  photos: [],
  papers: {},
  more: more ?? [],
  title: '',
  date: '',
  place: '',
  journaling: '',
  started: '2026-11-05',
  glued: null,
  finished: null,
});
const lead = page('p', [
  { id: 't', name: 'Frame', shape: { kind: 'frame', ...size, border: inches(0.5) }, face: null, count: 1 },
]);
const other = page('q', [{ id: 't', name: 'Pennant', shape: { kind: 'pennant', ...size }, face: null, count: 1 }]);
const pages = new Map([
  ['p', lead],
  ['q', other],
]);

test('a frame is two lines, a pennant one, each of its own page; a piece of the design has none but its rectangle', () => {
  const wanted = (id: string, slot: string) => ({ id: wantedKey(id, slot, size), page: id });
  expect(outlinesOf(wanted('p', 'more-t'), pages)).toHaveLength(2);
  expect(outlinesOf(wanted('q', 'more-t'), pages)).toHaveLength(1);
  expect(outlinesOf(wanted('p', 'ground'), pages)).toBeNull();
});
