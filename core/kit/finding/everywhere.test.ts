import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { decided, nameItems, put } from '../../acts';
import { unpackedWorld } from '../../acts/test/world';
import { findPlaces, hasAll, placesOf, plainWords, wordsAsked } from '.';

const world = unpackedWorld();
world.do(() =>
  decided('added-photos', '', {
    records: [
      put('stories', { id: 's', name: 'Café évening', date: '2026-08', place: 'Zürich road' }),
      put('kits', { id: 'old', club: '', name: 'Older paper', month: '', theme: ['rope'], list: '' }),
      put('albums', {
        id: 'a',
        name: 'Oddments',
        size: { w: 1, h: 1 },
        startsOn: 'right',
        places: [{ id: '1', title: 'Autumn' }],
      }),
      put('wishes', { id: 'w', line: '1 x 12x12 slate', noted: '2026-11-05' }),
    ],
  }),
);
world.do(nameItems('dots', [{ name: 'brass owls', count: 2 }]));
const places = placesOf(world.bench);
const found = (text: string) => findPlaces(places, text, 9).map(({ kind, name }) => `${kind} ${name}`);

describe('found from anywhere', () => {
  test.each([
    ['cafe', ['story Café évening']],
    ['ROAD zurich', ['story Café évening']],
    ['lamps', ['paper lamps']],
    ['moth', ['kit Moth Lantern', 'paper inks', 'paper lamps', 'paper blushes', 'thing dots', 'thing letters']],
    ['slate', ['wish 1 x 12x12 slate']],
    ['rope', ['kit Older paper']],
    ['oddments', ['album Oddments']],
    ['autumn', ['album Oddments']],
    ['owls', ['thing dots']],
    ['nothing like it', []],
    ['', []],
  ])('%j', (text, all) => {
    expect(found(text)).toEqual(all);
  });
  test('what is used up or given away is not among them', () => {
    expect(found('dots')).toEqual(['thing dots']);
    const { bench } = world;
    const lots = new Map(bench.lots).set('gone', { ...bench.lots.get('dots')!, id: 'gone', name: 'gone dots' });
    expect(findPlaces(placesOf({ ...bench, lots }), 'gone', 9)).toEqual([]);
  });
  test('no more than asked for', () => {
    expect(findPlaces(places, 'm', 2)).toHaveLength(2);
  });
});

test('accents, case and order make no difference', () =>
  fc.assert(
    fc.property(fc.array(fc.constantFrom('Über', 'naïve', 'STRAẞE', 'moth', 'Ærø'), { minLength: 1 }), (words) => {
      const text = words.join(' ');
      expect(hasAll(plainWords(text), wordsAsked([...words].reverse().join('  ').toUpperCase()))).toBe(true);
    }),
  ));
