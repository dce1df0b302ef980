import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../length';
import { SMALL_HAND, tapeOf, titleIn, wrap, writtenIn } from '.';

const place = (w: number, h: number) => ({ w: inches(w), h: inches(h) });

describe('lines', () => {
  test('break between words, and where she broke them', () => {
    expect(wrap('the lamp was lit at ten', 12)).toEqual(['the lamp was', 'lit at ten']);
    expect(wrap('the lamp\n\nwas lit', 40)).toEqual(['the lamp', 'was lit']);
    expect(wrap('unmistakably so', 6)).toEqual(['unmistakably', 'so']);
    expect(wrap('   ', 6)).toEqual([]);
  });

  test('no word is lost, and no line is longer than asked unless it is one word', () =>
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[a-z]{1,12}$/)), fc.integer({ min: 1, max: 30 }), (words, most) => {
        const lines = wrap(words.join(' '), most);
        expect(lines.join(' ').split(' ').filter(Boolean)).toEqual(words);
        for (const line of lines) expect(line.length <= most || !line.includes(' ')).toBe(true);
      }),
    ));

  test('writing has as many lines as it needs; there is room for four to the inch', () => {
    const text = Array.from({ length: 40 }, () => 'moth').join(' ');
    const { lines, room } = writtenIn(text, place(3, 1), SMALL_HAND);
    // 36 letters a line: seven words of four letters with their spaces.
    expect(lines).toHaveLength(6);
    expect(room).toBe(4);
  });
});

describe('a title', () => {
  test('stands in the tallest letters that fit in one line', () => {
    expect(titleIn('MOTHS', place(6, 1.5), null)).toMatchObject({ height: inches(1.5), lines: ['MOTHS'], fits: true });
    expect(titleIn('NIGHT SHIFT', place(6, 1.5), null)).toMatchObject({ height: inches(0.75), lines: ['NIGHT SHIFT'] });
  });

  test('breaks into lines before it gets smaller than letters come', () => {
    const { height, lines, fits } = titleIn('THE HEAVIEST MARROW', place(4, 2), null);
    expect(lines.length).toBeGreaterThan(1);
    expect(height).toBeGreaterThanOrEqual(inches(0.5));
    expect(fits).toBe(true);
  });

  test('is as high as its set, whether that fits or not', () => {
    expect(titleIn('NIGHT SHIFT', place(3, 0.5), inches(1))).toMatchObject({
      height: inches(1),
      lines: ['NIGHT', 'SHIFT'],
      fits: false,
    });
  });
});

describe('along a ruler', () => {
  test('letters stand one after the other, as wide as they are, with gaps between', () => {
    const { marks, width } = tapeOf('NI MM', inches(1));
    expect(marks.map(({ glyph }) => glyph).join('')).toBe('NIMM');
    const [n, i, m, last] = marks;
    expect(n!.x).toBe(0);
    expect(i!.w).toBeLessThan(n!.w);
    expect(m!.w).toBeGreaterThan(n!.w);
    // A space is wider than the gap between two letters.
    expect(m!.x - i!.x - i!.w).toBeGreaterThan(last!.x - m!.x - m!.w);
    expect(width).toBe(last!.x + last!.w);
  });

  test('never over one another, whatever is written, and in proportion to their height', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 20 }), fc.integer({ min: 500, max: 20_000 }), (line, height) => {
        const { marks, width } = tapeOf(line, height);
        marks.slice(1).forEach((mark, i) => expect(mark.x).toBeGreaterThanOrEqual(marks[i]!.x + marks[i]!.w));
        expect(Math.abs(tapeOf(line, 2 * height).width - 2 * width)).toBeLessThanOrEqual(4 * line.length + 4);
      }),
    ));
});
