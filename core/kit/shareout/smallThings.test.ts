import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shareSmallThings, type SmallThing } from '.';

const amber = [{ hex: '#eda437', share: 1 }];
const night = [{ hex: '#22314f', share: 1 }];
const wish = (page: string, words: string[] = [], colours = amber) => ({ page, words, colours });
const thing = (lot: string, count: number, words: string[] = [], colours = amber): SmallThing => ({
  lot,
  part: '',
  role: 'small',
  count,
  words,
  colours,
});
const THEMES = ['moth', 'garden', 'clay', 'bells'];

describe('embellishments', () => {
  test('go out in fives, threes or ones, as many to each page as there is for all', () => {
    const pages = ['a', 'b', 'c'].map((id) => wish(id));
    const counts = (n: number) => shareSmallThings([thing('dots', n)], pages, THEMES).gifts.map(({ count }) => count);
    expect(counts(24)).toEqual([5, 5, 5]);
    expect(counts(14)).toEqual([3, 3, 3]);
    expect(counts(8)).toEqual([1, 1, 1]);
    expect(counts(2)).toEqual([1, 1]);
    expect(counts(0)).toEqual([]);
  });
  test("what is off a page's theme is left out, with the word; what also shows its own is not", () => {
    const { gifts, offTheme } = shareSmallThings(
      [thing('ephemera', 20, ['moths', 'jars'])],
      [wish('raku', ['clay', 'firing']), wish('night', ['moth-trapping'])],
      THEMES,
    );
    expect(offTheme).toEqual([{ page: 'raku', lot: 'ephemera', part: '', word: 'moths' }]);
    expect(gifts.map(({ page }) => page)).toEqual(['night']);
    expect(shareSmallThings([thing('pots', 3, ['clay', 'moth'])], [wish('night', ['moth'])], THEMES).offTheme).toEqual(
      [],
    );
  });
  test('things that say nothing, and pages that say nothing, go together', () => {
    expect(shareSmallThings([thing('dots', 3)], [wish('night', ['moth'])], THEMES).gifts).toHaveLength(1);
    expect(shareSmallThings([thing('moths', 3, ['moth'])], [wish('any')], THEMES).gifts).toHaveLength(1);
  });
  test('no two pages have the same three while there are others', () => {
    const things = (['large', 'middle', 'small'] as const).flatMap((role) =>
      ['a', 'b', 'c'].map((name) => ({ ...thing(`${role} ${name}`, 20), role })),
    );
    const pages = ['p', 'q', 'r'].map((id) => wish(id));
    const { gifts } = shareSmallThings(things, pages, THEMES);
    const trios = pages.map(({ page }) =>
      gifts
        .filter((gift) => gift.page === page)
        .map(({ lot }) => lot)
        .sort()
        .join(', '),
    );
    expect(trios.every((trio) => trio.split(', ').length === 3)).toBe(true);
    expect(new Set(trios).size).toBe(3);
    // Where there is nothing else the same again is better than none.
    const few = things.filter(({ lot }) => lot.endsWith(' a'));
    expect(shareSmallThings(few, pages, THEMES).gifts).toHaveLength(9);
  });
  test('what is nearest to a page is given to it, whatever its lot is called', () => {
    const near = [{ hex: '#e9a53c', share: 1 }];
    const nearer = ['z', 'y', 'x'].map((lot) => thing(lot, 5));
    const farther = ['a', 'b', 'c'].map((lot) => thing(lot, 5, [], near));
    const { gifts } = shareSmallThings([...farther, ...nearer], [wish('p')], THEMES);
    expect(gifts.map(({ lot }) => lot)).toEqual(['z', 'y', 'x']);
  });
  test('a thing goes to another page again after others about as near, and is not kept back for pages that do not take it', () => {
    const pages = ['p', 'q'].map((id) => wish(id));
    const of = (lot: string, role: SmallThing['role']) => ({ ...thing(lot, 5), role });
    const all = [
      of('moths', 'large'),
      of('jars', 'large'),
      of('leaves', 'middle'),
      of('keys', 'middle'),
      thing('dots', 9),
    ];
    const { gifts } = shareSmallThings(all, pages, THEMES);
    expect(gifts.map(({ page, lot, count }) => `${page} ${lot} ${count}`).sort()).toEqual([
      'p dots 3',
      'p leaves 3',
      'p moths 3',
      'q dots 3',
      'q jars 3',
      'q keys 3',
    ]);
  });
  test('what lots and pages are called decides nothing', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ count: fc.integer({ min: 0, max: 12 }), isNight: fc.boolean() }), { maxLength: 7 }),
        fc.array(fc.boolean(), { maxLength: 4 }),
        fc.array(fc.string({ minLength: 1, maxLength: 6 }), { minLength: 11, maxLength: 11 }),
        (kinds, nights, names) => {
          const given = (name: (i: number) => string) => {
            const things = kinds.map(({ count, isNight }, i) => thing(name(i), count, [], isNight ? night : amber));
            const wishes = nights.map((isNight, p) => wish(name(7 + p), [], isNight ? night : amber));
            return shareSmallThings(things, wishes, THEMES).gifts.map(({ lot, page, count }) => [
              things.findIndex((one) => one.lot === lot),
              wishes.findIndex((one) => one.page === page),
              count,
            ]);
          };
          expect(given((i) => `${names[i] ?? ''}${i}`)).toEqual(given((i) => `n${i}`));
        },
      ),
    ));
  test('colours far off do not go on a page', () => {
    expect(
      shareSmallThings([thing('dots', 9, [], night)], [wish('lamp'), wish('dark', [], night)], THEMES).gifts.map(
        ({ page }) => page,
      ),
    ).toEqual(['dark']);
  });
  test('what shows the page’s theme goes there before what is a little nearer in colour', () => {
    const far = [{ hex: '#e6ab3e', share: 1 }];
    const pages = [wish('plain', ['rope']), wish('night', ['moth'], far)];
    const { gifts } = shareSmallThings([thing('moths', 1, ['moths'])], pages, []);
    expect(gifts.map(({ page }) => page)).toEqual(['night']);
  });
  test('where there are large, middle and small things, a page gets one of each', () => {
    const of = (lot: string, role: SmallThing['role']) => ({ ...thing(lot, 9), role });
    const all = [
      of('moths', 'large'),
      of('jars', 'large'),
      of('leaves', 'middle'),
      of('dots', 'small'),
      of('stars', 'small'),
    ];
    const { gifts } = shareSmallThings(all, [wish('a')], THEMES);
    expect(gifts.map(({ lot }) => all.find((one) => one.lot === lot)?.role).sort()).toEqual([
      'large',
      'middle',
      'small',
    ]);
  });
  test('never more is given than there is, no page gets more than three kinds, counts are odd', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ count: fc.integer({ min: 0, max: 40 }), words: fc.subarray(['moth', 'clay', 'jar']) }), {
          maxLength: 8,
        }),
        fc.array(fc.subarray(THEMES), { maxLength: 6 }),
        (kinds, wishes) => {
          const things = kinds.map(({ count, words }, i) => thing(`t${i}`, count, words));
          const { gifts } = shareSmallThings(
            things,
            wishes.map((words, p) => wish(`p${p}`, words)),
            THEMES,
          );
          for (const one of things)
            expect(
              gifts.filter((gift) => gift.lot === one.lot).reduce((sum, { count }) => sum + count, 0),
            ).toBeLessThanOrEqual(one.count);
          wishes.forEach((_, p) => expect(gifts.filter(({ page }) => page === `p${p}`).length).toBeLessThanOrEqual(3));
          expect(gifts.every(({ count }) => count % 2 === 1)).toBe(true);
        },
      ),
    ));
});
