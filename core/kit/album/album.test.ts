import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { newPage } from '../../acts/pages/pages';
import { unpackedWorld } from '../../acts/test/world';
import { emptyLedger } from '../../stock/ledger';
import type { Album, AlbumPlace, Page, Photo, Story } from '../../stock/things';
import {
  albumRemarks,
  companionsOf,
  leavesOf,
  moved,
  openingsOf,
  ordered,
  pushed,
  swapped,
  thicknessOf,
  type Thickness,
} from '.';

const SIZE = { w: inches(12), h: inches(12) };

const plainPage = (id: string): Page =>
  newPage(
    id,
    { format: { ...SIZE, spread: false }, design: 'framed-ground', mat: 0, photos: [], papers: {} },
    '2026-11-05',
  );

/** Pages by what they are: `s` a spread, else so many photos on a single page. */
function albumOf(kinds: readonly (number | 's' | 'gap' | 'title')[], startsOn: 'left' | 'right' = 'right') {
  const pages = new Map<string, Page>();
  const places = kinds.map((kind, i): AlbumPlace => {
    if (kind === 'gap') return { id: `${i}`, gap: 'the heron' };
    if (kind === 'title') return { id: `${i}`, title: 'Autumn' };
    const photos = Array.from({ length: kind === 's' ? 2 : kind }, () => ({ photo: null, w: 1, h: 1 }));
    const format = { ...SIZE, spread: kind === 's' };
    const plan = { format, design: 'framed-ground', mat: 0, photos, papers: {}, title: `${i}` };
    pages.set(`p${i}`, newPage(`p${i}`, plan, '2026-11-05'));
    return { id: `${i}`, page: `p${i}` };
  });
  const album: Album = { id: 'a', name: 'Autumn', size: SIZE, startsOn, places };
  return { album, pages };
}

/** What lies open, by places. */
const open = ({ album, pages }: ReturnType<typeof albumOf>): string[] =>
  openingsOf(album, pages).map(({ left, right, spread }) =>
    spread ? `[${spread.place.id}]` : `${left?.place.id ?? '-'}|${right?.place.id ?? '-'}`,
  );

const kinds = fc.array(fc.constantFrom<(number | 's' | 'gap' | 'title')[]>(1, 2, 5, 's', 'gap', 'title'), {
  maxLength: 14,
});
const sides = fc.constantFrom('left' as const, 'right' as const);

describe('how pages face each other', () => {
  test('one after the other, the first on the right; a spread opens flat', () => {
    expect(open(albumOf([1, 1, 1]))).toEqual(['-|0', '1|2']);
    expect(open(albumOf([1, 1, 's', 1]))).toEqual(['-|0', '1|-', '[2]', '3|-']);
    expect(open(albumOf([1, 's'], 'left'))).toEqual(['0|-', '[1]']);
    expect(open(albumOf(['s'], 'left'))).toEqual(['[0]']);
    expect(open(albumOf([]))).toEqual([]);
  });

  test('in any order: every place once and in order, sides empty only before a spread, at the start and at the end', () =>
    fc.assert(
      fc.property(kinds, sides, (list, startsOn) => {
        const { album, pages } = albumOf(list, startsOn);
        const openings = openingsOf(album, pages);
        const told = openings.flatMap(({ left, right, spread }) => [left, right, spread].flatMap((leaf) => leaf ?? []));
        expect(told.map(({ place }) => place)).toEqual(album.places);
        openings.forEach(({ left, right, spread }, i) => {
          if (spread) {
            expect([left, right, spread.page?.format.spread]).toEqual([null, null, true]);
            return;
          }
          expect([left, right].every((leaf) => !leaf?.page?.format.spread)).toBe(true);
          if (left === null) expect([i, startsOn]).toEqual([0, 'right']);
          if (right === null) expect(openings[i + 1] === undefined || openings[i + 1]?.spread !== null).toBe(true);
        });
      }),
    ));

  test('pages dropped since are passed over', () => {
    const { album, pages } = albumOf([1, 1, 1]);
    pages.delete('p1');
    expect(leavesOf(album, pages).map(({ place }) => place.id)).toEqual(['0', '2']);
  });
});

describe('another order', () => {
  const orderOf = ({ places }: Album): string[] => places.map(({ id }) => id);
  test('moved before another or to the end, pushed, exchanged', () => {
    const { album } = albumOf([1, 1, 1, 1]);
    expect(orderOf(moved(album, '3', '1'))).toEqual(['0', '3', '1', '2']);
    expect(orderOf(moved(album, '0', null))).toEqual(['1', '2', '3', '0']);
    expect(orderOf(pushed(album, '1', 1))).toEqual(['0', '2', '1', '3']);
    expect(orderOf(swapped(album, '0', '3'))).toEqual(['3', '1', '2', '0']);
    for (const same of [
      moved(album, '1', '1'),
      moved(album, 'x', null),
      pushed(album, '0', -1),
      swapped(album, '0', 'x'),
    ])
      expect(same).toBe(album);
  });
  test('by day, a title page stays before the page that it was before; what has no day comes last', () => {
    const { album, pages } = albumOf([1, 'title', 1, 1, 'gap']);
    const days: Record<string, string> = { p0: '2026-05', p2: '2025-01', p3: '' };
    const keys = { day: ({ id }: Page) => days[id] ?? '', kit: () => '', story: () => 'one' };
    expect(orderOf(ordered(album, 'day', keys, pages))).toEqual(['1', '2', '0', '3', '4']);
    expect(orderOf(ordered(album, 'story', keys, pages))).toEqual(['1', '2', '0', '3', '4']);
  });
  test('whatever is done to the order, the places stay the same', () =>
    fc.assert(
      fc.property(kinds, fc.nat(), fc.nat(), (list, a, b) => {
        const { album, pages } = albumOf(list);
        const id = (n: number): string => `${n % Math.max(1, list.length)}`;
        const keys = { day: (page: Page) => page.id, kit: () => '', story: () => '' };
        for (const now of [
          moved(album, id(a), id(b)),
          moved(album, id(a), null),
          pushed(album, id(a), 1),
          swapped(album, id(a), id(b)),
          ordered(album, 'day', keys, pages),
        ])
          expect(orderOf(now).sort()).toEqual(orderOf(album).sort());
      }),
    ));
});

describe('what would be better', () => {
  test('a side that stays empty before a spread is filled by the single page beside it', () => {
    const one = albumOf([1, 1, 's', 1]);
    const [remark] = albumRemarks(one.album, one.pages);
    expect(remark).toMatchObject({ kind: 'empty-side', before: { id: 'p2' }, moves: { id: 'p3' } });
    expect(open({ ...one, album: remark!.album })).toEqual(['-|0', '1|3', '[2]']);
  });
  test('many photos facing many and one facing one are exchanged', () => {
    const one = albumOf([5, 5, 1, 1], 'left');
    const [remark] = albumRemarks(one.album, one.pages);
    expect(remark).toMatchObject({ kind: 'pair', many: { id: 'p1' }, one: { id: 'p3' } });
    expect(albumRemarks(remark!.album, one.pages)).toEqual([]);
  });
  test('every remark leaves fewer of its kind, and no place is lost', () =>
    fc.assert(
      fc.property(kinds, sides, (list, startsOn) => {
        const { album, pages } = albumOf(list, startsOn);
        const sidesEmpty = (one: Album): number =>
          openingsOf(one, pages).filter(({ right, spread }) => right === null && spread === null).length;
        for (const remark of albumRemarks(album, pages)) {
          expect(remark.album.places).toHaveLength(album.places.length);
          if (remark.kind === 'empty-side')
            // The last side may stay empty instead: single pages close an album.
            expect(sidesEmpty(remark.album)).toBeLessThanOrEqual(sidesEmpty(album));
        }
      }),
    ));
});

describe('how thick an album lies', () => {
  const things = { lots: new Map(), faces: new Map(), ledger: emptyLedger };
  const raised = (id: string, x: number, y: number): Page => ({
    ...plainPage(id),
    placed: [
      {
        id: 'a',
        what: { drawn: 'stamp', name: 'moth', w: inches(1), h: inches(1), colour: '#2b1d33' },
        x: inches(x),
        y: inches(y),
        turn: 0,
        isOnFoam: true,
      },
    ],
  });
  const thick = (...pages: Page[]): Thickness =>
    thicknessOf(
      {
        id: 'a',
        name: '',
        size: { w: inches(12), h: inches(12) },
        startsOn: 'right',
        places: pages.map(({ id }) => ({ id, page: id })),
      },
      { ...things, pages: new Map(pages.map((page) => [page.id, page])) },
    );
  test('raised things in one quarter lie over each other, in different ones beside each other', () => {
    const [one, apart, together] = [
      thick(raised('p', 1, 1)),
      thick(raised('p', 1, 1), raised('q', 11, 11)),
      thick(raised('p', 1, 1), raised('q', 2, 2)),
    ];
    expect(one.quarter).toBe('head left');
    expect(apart.most).toBeLessThan(together.most);
    expect(together.most).toBe(2 * one.most);
  });
  test('more pages never make it thinner, whatever lies on them', () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(11), fc.nat(11)), { minLength: 1, maxLength: 12 }), (at) => {
        const pages = at.map(([x, y], i) => raised(`p${i}`, x, y));
        expect(thick(...pages).most).toBeGreaterThanOrEqual(thick(...pages.slice(1)).most);
      }),
    ));
  test('an empty album is as thick as nothing', () => {
    expect(thick()).toMatchObject({ most: 0, page: null });
  });
});

test('a story of which photos wait wants what is left of its papers; one that is told wholly does not', () => {
  const world = unpackedWorld();
  const photo = (id: string, story: string): Photo => ({
    id,
    story,
    name: id,
    image: 'i',
    w: 1,
    h: 1,
    colours: [],
    added: '',
  });
  const story = (id: string): Story => ({ id, name: id, date: '', place: '' });
  const withPhoto = (id: string, of: string): Page => ({
    ...plainPage(id),
    photos: [{ photo: of, w: 1, h: 1 }],
    papers: { ground: 'ink' },
  });
  const pages = new Map([withPhoto('p', 'one'), withPhoto('q', 'only')].map((page) => [page.id, page]));
  const shelf = {
    ...world.bench,
    pages,
    photos: new Map([photo('one', 's'), photo('two', 's'), photo('only', 't')].map((one) => [one.id, one])),
    stories: new Map([story('s'), story('t')].map((one) => [one.id, one])),
  };
  const album: Album = {
    id: 'a',
    name: '',
    size: { w: 1, h: 1 },
    startsOn: 'left',
    places: [...pages.keys()].map((id) => ({ id, page: id })),
  };
  const [only, ...more] = companionsOf(album, shelf);
  expect(more).toEqual([]);
  expect(only).toMatchObject({ story: { id: 's' }, waiting: 1, page: { id: 'p' } });
  expect(only?.papers.map(({ lot, pieces }) => [lot.name, pieces.length])).toEqual([
    ['inks', 2],
    ['blushes', 2],
  ]);
});
