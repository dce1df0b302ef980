import { ANY_TRIMMER } from '../../trimmer/cutting';
import { describe, expect, test } from 'vitest';
import { DESIGNS, pageLayout } from '../../page/design';
import { inches } from '../../ground/length';
import type { Photo } from '../../stock/things';
import {
  beginPage,
  beginRound,
  gluePage,
  heartOf,
  nearestFirst,
  pagesRound,
  photosFor,
  type Heart,
  type RoundPage,
} from '..';
import { smallPage, unbalanced, unpackedWorld, type World } from '../test/world';

const wish = { format: smallPage().format, mat: inches(1 / 8), trimmer: ANY_TRIMMER };
const photo = (id: string, hex: string, name = id): Photo => ({
  id,
  story: 's',
  name,
  image: id,
  w: inches(3),
  h: inches(4),
  colours: [{ hex, share: 1 }],
  added: '2026-11-01',
});

/** The kit unpacked, and two photos: one blue, one amber. */
function withPhotos(): World {
  const world = unpackedWorld();
  world.bench = {
    ...world.bench,
    stories: new Map([['s', { id: 's', name: 'a raku firing', date: '', place: '' }]]),
    photos: new Map([photo('blue', '#22314f'), photo('amber', '#f6d27a')].map((one) => [one.id, one])),
  };
  return world;
}

const roundOf = (heart: Heart | null, { bench }: World): RoundPage[] =>
  [...pagesRound(heart!, bench, wish)].flatMap((one) => one ?? []).sort(nearestFirst);

describe('what can be made round something', () => {
  test('round a paper: it is on the pages offered first, each a page that can be laid out', () => {
    const world = withPhotos();
    const pages = roundOf(heartOf({ face: 'lamp' }, world.bench), world);
    expect(pages.length).toBeGreaterThan(3);
    expect(new Set(pages.map(({ design }) => design)).size).toBe(pages.length);
    expect(Object.values(pages[0]!.papers)).toContain('lamp');
    for (const one of pages) expect(pageLayout(one).ok).toBe(true);
  });

  test('round a scrap: only where the scrap itself serves is it on the page', () => {
    const world = withPhotos();
    const heart = heartOf({ piece: 'blushes-2' }, world.bench)!;
    expect(heart).toMatchObject({ face: 'blush', piece: 'blushes-2' });
    const [first] = roundOf(heart, world);
    world.do(beginRound('p', first!, heart));
    expect(world.bench.ledger.pieces.get('blushes-2')).toMatchObject({ where: 'claimed', page: 'p' });
    expect(unbalanced(world.bench)).toEqual([]);
  });

  test('round a photo: it is on every page that is offered first, with the other of its story', () => {
    const world = withPhotos();
    const pages = roundOf(heartOf({ photo: 'amber' }, world.bench), world);
    expect(pages[0]!.photos[0]).toMatchObject({ photo: 'amber' });
  });

  test('round colours: the photo nearest to them comes first', () => {
    const { bench } = withPhotos();
    expect(photosFor(heartOf({ colours: ['#20304a'] }, bench)!, bench)[0]!.id).toBe('blue');
    expect(photosFor(heartOf({ colours: ['#f0d080'] }, bench)!, bench)[0]!.id).toBe('amber');
  });

  test('round words: a thing called so lies on the page, and is out for it', () => {
    const world = withPhotos();
    const heart = heartOf({ words: 'dots' }, world.bench)!;
    expect(heart.what).toEqual({ lot: 'dots', part: '' });
    const [first] = roundOf(heart, world);
    world.do(beginRound('p', first!, heart));
    const page = world.bench.pages.get('p')!;
    expect(page.placed!.length).toBeGreaterThan(0);
    expect(world.bench.ledger.lots.get('dots')!.claimed['p']).toEqual({ '': page.placed!.length });
    expect(world.undo()).toBe(true);
    expect(world.bench.pages.size).toBe(0);
  });

  test('words that nothing says still make pages, of her photos', () => {
    const world = withPhotos();
    const heart = heartOf({ words: 'zeppelin' }, world.bench)!;
    expect(heart).toMatchObject({ what: null, face: null, name: 'zeppelin' });
    expect(roundOf(heart, world).length).toBeGreaterThan(0);
  });

  test('an empty page becomes the page; one on which something lies is left alone', () => {
    const world = withPhotos();
    const layers = [{ name: 'Ground', x: 0, y: 0, turn: 0, ...smallPage().format }];
    const own = { id: 'own', name: 'own', page: smallPage().format, layers, title: null, journaling: null };
    world.do(beginPage('p', smallPage({ photos: [], title: 'Mine', design: 'own', own })));
    world.do(beginPage('q', smallPage()));
    const heart = heartOf({ face: 'ink' }, world.bench)!;
    const [first] = roundOf(heart, world);
    expect(world.do(beginRound('p', first!, heart))).toBe(true);
    expect(world.bench.pages.get('p')).toMatchObject({ title: 'Mine', design: first!.design });
    expect(pageLayout(world.bench.pages.get('p')!).value).toEqual(first!.layout);
    expect(world.do(beginRound('q', first!, heart))).toBe(false);
  });

  test('a photo on a glued page is not offered, one that is only tried elsewhere comes after the others', () => {
    const world = withPhotos();
    const heart = heartOf({ colours: ['#20304a'] }, world.bench)!;
    world.do(beginPage('p', smallPage({ photos: [{ photo: 'blue', w: inches(3), h: inches(4) }] })));
    expect(photosFor(heart, world.bench).map(({ id }) => id)).toContain('blue');
    world.do(gluePage('p', []));
    expect(photosFor(heart, world.bench).map(({ id }) => id)).toEqual(['amber']);
  });

  test('what is no longer there has no heart', () => {
    const { bench } = unpackedWorld();
    expect(heartOf({ lot: 'gone' }, bench)).toBeNull();
    expect(heartOf({ face: 'gone' }, bench)).toBeNull();
    expect(heartOf({ photo: 'gone' }, bench)).toBeNull();
    expect(DESIGNS.length).toBe([...pagesRound(heartOf({ words: 'dots' }, bench)!, bench, wish)].length);
  });
});
