import { describe, expect, test } from 'vitest';
import { inches, mm } from '../length';
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
  test.each(['12', '3 mk2 moths', '0 moths', '3 x'])('%s is not taken for something it is not', (text) => {
    expect(readItems(text)).toEqual({ items: [], unread: [text] });
  });
  test('a size without a unit in her measures', () => {
    expect(readItems('3 moths 5x4, 2 jars 2x1 in', 'cm').items.map(({ size }) => size)).toEqual([
      { w: mm(50), h: mm(40) },
      { w: inches(2), h: inches(1) },
    ]);
  });
  test('nothing', () => expect(readItems(' , ;')).toEqual({ items: [], unread: [] }));
});
