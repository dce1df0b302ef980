import { expect, test } from 'vitest';
import { own, totalOf } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { isSpeltBy, lettersFor } from '../../page/titles';
import type { Photo, Story } from '../../stock/things';
import { addPhotos, beginFurnished, furnish, furnishTogether, gatherKit, nameItems, type Bare } from '..';
import { unpackedWorld } from '../test/world';

const story = (id: string, name: string): Story => ({ id, name, date: '2026-10', place: '' });
const photo = (id: string, of: string): Photo => ({
  id,
  story: of,
  name: id,
  image: 'i',
  w: inches(4),
  h: inches(3),
  colours: [{ hex: '#22314f', share: 1 }],
  added: '2026-11-02',
});
const bare = (of: string): Bare => ({
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'framed-ground',
  photos: [{ photo: of, w: inches(4), h: inches(3) }],
  papers: { ground: 'ink', frame: 'lamp', mat: 'blush' },
  sizes: {},
  without: [],
});

/** Of its letters A2 B1 C3: “cab” can be spelt once, and “acc” after it. */
function world() {
  const made = unpackedWorld();
  made.do(
    addPhotos(
      [photo('one', 's'), photo('two', 't'), photo('three', 'u')],
      [story('s', 'Cab'), story('t', 'Cab B'), story('u', 'Acc')],
    ),
  );
  made.do(
    nameItems('dots', [
      { name: 'moth', count: 4 },
      { name: 'lantern', count: 4 },
      { name: 'label', count: 4 },
    ]),
  );
  return made;
}
const WISH = { mat: 0, mayTake: () => true };

test('a page is furnished with things that are there and a title that can be spelt', () => {
  const { bench } = world();
  const { things, title } = furnish(bare('one'), bench, { ...WISH, elsewhere: new Set() });
  expect(title).toMatchObject({ text: 'Cab', sets: ['letters'] });
  expect(things.length).toBeGreaterThan(0);
  expect(things.every(({ what }) => 'lot' in what && what.lot === 'dots')).toBe(true);
  // Nothing of a kit that is not to be touched.
  const none = furnish(bare('one'), bench, { mat: 0, mayTake: () => false, elsewhere: new Set() });
  expect(none).toMatchObject({ things: [], title: null });
});

test('pages furnished together take each letter and each thing once, and can all be begun', () => {
  const made = world();
  const bares = ['one', 'two', 'three'].map(bare);
  const all = furnishTogether(bares, made.bench, WISH);
  expect(all.map(({ title }) => title?.text ?? null)).toEqual(['Cab', null, 'Acc']);
  const [letters] = lettersFor('', made.bench);
  expect(isSpeltBy(all.map(({ title }) => title?.text ?? '').join(''), letters!, true)).toBe(true);
  const dots = all.flatMap(({ things }) => things).length;
  expect(dots).toBeGreaterThan(0);
  expect(dots).toBeLessThanOrEqual(totalOf(made.bench.ledger.lots.get('dots')!.here));
  const pages = all.map(({ things, title }, i) => ({
    ...bares[i]!,
    mat: 0,
    id: `p${i}`,
    things,
    title: title?.text ?? '',
    meantFor: '2026-12-04',
  }));
  expect(made.do(beginFurnished(pages))).toBe(true);
  expect([...made.bench.pages.values()].map(({ title, meantFor }) => [title, meantFor])).toEqual([
    ['Cab', '2026-12-04'],
    ['', '2026-12-04'],
    ['Acc', '2026-12-04'],
  ]);
  const out = [...made.bench.pages.keys()].map((id) =>
    totalOf(own(made.bench.ledger.lots.get('dots')!.claimed, id) ?? {}),
  );
  expect(out.reduce((sum, n) => sum + n, 0)).toBe(dots);
  made.undo();
  expect(made.bench.pages.size).toBe(0);
});

test('nothing to begin is refused', () => {
  expect(world().do(beginFurnished([]))).toBe(false);
});

test('of a kit of her own its letters spell, whatever set they came with', () => {
  const made = world();
  const own = { id: 'own', club: '', name: 'Sloe', month: '2026-12', theme: [], list: '', gathered: '' };
  const title = () =>
    furnish(bare('one'), made.bench, { mat: 0, mayTake: (kit) => kit === 'own', elsewhere: new Set() }).title?.text;
  expect(title()).toBeUndefined();
  made.do(gatherKit(own, [{ lot: 'letters', parts: ['A', 'B', 'C'] }]));
  expect(title()).toBe('Cab');
});
