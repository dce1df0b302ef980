import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import type { PageWritten } from '../../stock/things';
import {
  letterPlaces,
  measuredHand,
  ON_LINES,
  roomFor,
  SAMPLE,
  tapeOf,
  titleIn,
  wrap,
  writtenOn,
  type TitleShape,
} from '.';

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
});

describe('writing', () => {
  const page = { w: inches(12), h: inches(12), spread: false };
  const moths = (n: number): string => Array.from({ length: n }, () => 'moth').join(' ');
  const on = (text: string, written: PageWritten, room = place(3, 1)) => writtenOn(text, written, room, page);

  test('has as many lines as it needs; there is room for four to the inch', () => {
    // 36 letters a line: seven words of four letters with their spaces.
    expect(on(moths(40), ON_LINES)).toMatchObject({ lines: 4, text: { length: 6 } });
    expect(on(moths(40), ON_LINES).over).toBe(12 * 5 - 1);
  });
  test('begins so that as much is free above as below', () => {
    expect(on(moths(7), ON_LINES).beginsOn).toBe(2);
    expect(on(moths(28), ON_LINES).beginsOn).toBe(1);
    expect(on('', ON_LINES)).toMatchObject({ text: [], beginsOn: 1, over: 0 });
  });
  test('too long, the shortest sentence without which it fits is told', () => {
    const text = `${moths(25)}. Ten of them. ${moths(8)}. So many.`;
    expect(on(text, ON_LINES).over).toBeGreaterThan(0);
    const { leaveOut } = on(text, ON_LINES);
    expect(on(text.replace(leaveOut!, ''), ON_LINES).over).toBe(0);
    expect(on(moths(80), ON_LINES).leaveOut).toBeNull();
  });
  test('a tag has both its sides, a label as many lines as are printed on it', () => {
    expect(roomFor({ on: 'tag' }, place(3, 1), page)).toMatchObject({ perSide: 15, lines: 30 });
    expect(roomFor({ on: 'label', lines: 2 }, place(3, 1), page).lines).toBe(2);
    expect(roomFor({ on: 'card', size: place(6, 4) }, place(3, 1), page)).toMatchObject({
      width: inches(5.75),
      lines: 15,
    });
  });
  // About 44 to 46 in on a page of 12 x 12 in: common practice, no source.
  test('round the edge there is one line as long as the way round', () => {
    expect(roomFor({ on: 'edge' }, place(3, 1), page)).toMatchObject({ width: inches(45), lines: 1 });
    expect(roomFor({ on: 'edge' }, place(3, 1), { ...page, spread: true }).width).toBe(inches(69));
  });
  test('on strips fewer lines have room, with paper between them', () => {
    expect(roomFor({ on: 'strips' }, place(3, 1), page).lines).toBe(3);
  });
  test('her hand is measured by one line of known letters', () => {
    // Five inches for the sample's letters.
    const hand = measuredHand('fine pen', inches(5), inches(3 / 8));
    expect(hand.perInch).toBeCloseTo(SAMPLE.length / 5, 2);
    expect(on(SAMPLE, { on: 'lines', hand }, place(5.1, 1)).text).toHaveLength(1);
    expect(on(SAMPLE, { on: 'lines', hand }, place(4.8, 1)).text).toHaveLength(2);
  });
  test('no word is lost, wherever it is written', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('lines', 'strips', 'card', 'tag', 'label', 'edge', 'pocket'),
        fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { maxLength: 60 }),
        (where, words) => {
          const { text, over, lines } = on(words.join(' '), { on: where });
          expect(text.join(' ')).toBe(words.join(' '));
          expect(over > 0).toBe(text.length > lines);
        },
      ),
    ));
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

const inLetters = (line: string, height: number) =>
  line.split(' ').map((word) => [...word].map((glyph) => ({ glyph, height })));

describe('where letters stand', () => {
  const words = inLetters('NINE MOTHS', inches(1));
  const title = { x: inches(1), y: inches(2), w: inches(10), h: inches(3) };
  const page = { w: inches(12), h: inches(12) };
  const at = (shape: TitleShape, from: 'middle' | 'left' = 'middle') =>
    letterPlaces(words, title, page, { shape, from });
  const middleOf = (xs: readonly number[]): number => (Math.min(...xs) + Math.max(...xs)) / 2;

  test('in the middle of its place as much is free on the left as on the right; from the left it begins there', () => {
    const { lines, places, fits } = at('line');
    const [{ tape, start }] = lines as [(typeof lines)[0]];
    expect(Math.abs(start - title.x - (title.x + title.w - start - tape.width))).toBeLessThanOrEqual(1);
    expect(places.every(({ y, turn }) => y === title.y + title.h / 2 && turn === 0)).toBe(true);
    expect(fits).toBe(true);
    expect(at('line', 'left').lines[0]!.start).toBe(title.x);
  });
  test('on two lines each word has its own, one below the other', () => {
    const { lines, places } = at('lines');
    expect(lines.map(({ tape }) => tape.marks.map(({ glyph }) => glyph).join(''))).toEqual(['NINE', 'MOTHS']);
    expect(places[4]!.y - places[3]!.y).toBe(inches(1.2));
  });
  test('along a curve the ends lie lower than the middle, turned outward, alike on both sides', () => {
    const { places } = at('curve');
    const [first, last] = [places[0]!, places.at(-1)!];
    expect(Math.min(...places.map(({ y }) => y))).toBeLessThan(Math.min(first.y, last.y) - inches(1 / 4));
    expect([first.turn > 180, last.turn < 180]).toEqual([true, true]);
    expect(Math.abs(middleOf(places.map(({ x }) => x)) - (title.x + title.w / 2))).toBeLessThan(inches(1 / 8));
  });
  test('up the side the first letter is the lowest, and all are turned', () => {
    const { places, fits } = at('side');
    expect(places.map(({ y }) => y)).toEqual([...places.map(({ y }) => y)].sort((a, b) => b - a));
    expect(new Set(places.map(({ turn }) => turn))).toEqual(new Set([270]));
    expect(fits).toBe(true);
    expect(letterPlaces(inLetters('N'.repeat(20), inches(1)), title, page, { shape: 'side', from: 'left' }).fits).toBe(
      false,
    );
  });
});

describe('along a ruler', () => {
  test('letters stand one after the other, as wide as they are, with gaps between', () => {
    const { marks, width } = tapeOf(inLetters('NI MM', inches(1)));
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
        const { marks, width } = tapeOf(inLetters(line, height));
        marks.slice(1).forEach((mark, i) => expect(mark.x).toBeGreaterThanOrEqual(marks[i]!.x + marks[i]!.w));
        expect(Math.abs(tapeOf(inLetters(line, 2 * height)).width - 2 * width)).toBeLessThanOrEqual(
          4 * line.length + 4,
        );
      }),
    ));
});
