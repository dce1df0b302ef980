import { describe, expect, test } from 'vitest';
import { inches, mm } from '../../ground/length';
import { readItems } from '.';

describe('what is in a pack', () => {
  test('counts, sizes, words in quotes', () => {
    expect(readItems('3 moths 2x1 1/2, 2 jars, 1 label "night, shift"')).toEqual({
      items: [
        { name: 'moths', count: 3, size: { w: inches(2), h: inches(1.5) } },
        { name: 'jars', count: 2 },
        { name: 'label "night, shift"', count: 1, words: 'night, shift' },
      ],
      unread: [],
    });
  });
  test('one where no count is told, words for numbers, counts behind, colours, millimetres', () => {
    expect(readItems('a frame, two puffy stars; leaves x4, 2 red bows 30 x 20 mm').items).toEqual([
      { name: 'frame', count: 1 },
      { name: 'puffy stars', count: 2 },
      { name: 'leaves', count: 4 },
      { name: 'red bows', count: 2, size: { w: mm(30), h: mm(20) }, colours: [expect.stringMatching(/^#/)] },
    ]);
  });
  test('one joined to the next', () => {
    expect(readItems('3 moths and 2 jars, a frame & two bows + 1 label "moth and 2 stars"').items).toMatchObject([
      { name: 'moths', count: 3 },
      { name: 'jars', count: 2 },
      { name: 'frame', count: 1 },
      { name: 'bows', count: 2 },
      { count: 1, words: 'moth and 2 stars' },
    ]);
    expect(readItems('2 salt and pepper pots, a dozen pearls, two pairs of wings').items).toEqual([
      { name: 'salt and pepper pots', count: 2 },
      { name: 'pearls', count: 12 },
      { name: 'wings', count: 4 },
    ]);
  });
  test.each(['12', '3 mk2 moths', '0 moths', '3 x', 'some leaves', 'a few leaves', '2 of them folded', 'moths, two'])(
    '%s is not taken for something it is not',
    (text) => {
      expect(readItems(text).unread.join()).toContain(text.split(', ').at(-1));
    },
  );
  test('a size without a unit in her measures', () => {
    expect(readItems('3 moths 5x4, 2 jars 2x1 in', 'cm').items.map(({ size }) => size)).toEqual([
      { w: mm(50), h: mm(40) },
      { w: inches(2), h: inches(1) },
    ]);
  });
  test('nothing', () => expect(readItems(' , ;')).toEqual({ items: [], unread: [] }));
});
