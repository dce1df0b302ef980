import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches, mm } from '../../ground/length';
import type { Rule } from '../things';
import { entriesOf, lettersBut, lettersInRows, readList, readScrap, underRules } from '.';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });

describe('a scrap in one line', () => {
  test.each([
    ['4x6 leaf, red', { size: size(4, 6), name: 'leaf', kind: 'paper', count: 1, gap: null }],
    ['4x6', { size: size(4, 6), name: '', kind: 'paper' }],
    ['3 x 4x6 leaf', { size: size(4, 6), count: 3, name: 'leaf' }],
    ['2 1/2 x 7 moths / lamplight', { size: size(2.5, 7), name: 'moths', back: 'lamplight' }],
    ['3x12 ink cardstock', { size: size(3, 12), kind: 'cardstock' }],
    ['4.5x6 vellum', { size: size(4.5, 6), kind: 'vellum', name: '' }],
    ['7x5 leaf gap 2x3', { size: size(7, 5), gap: size(2, 3), name: 'leaf' }],
    ['7x5, without 2 x 3', { size: size(7, 5), gap: size(2, 3), name: '' }],
    ['3x4 journaling card', { size: size(3, 4), kind: 'card' }],
  ])('%s', (text, read) => {
    expect(readScrap(text)).toMatchObject(read);
  });
  test.each(['', 'leaf', '4x', '4x6 gap 5x5', '4x6 gap 4x6', '4x6 gap huge'])('%j is none', (text) => {
    expect(readScrap(text)).toBeNull();
  });
  test('a size without a unit is in her measures', () => {
    expect(readScrap('10x15 leaf gap 2x3', 'cm')).toMatchObject({
      size: { w: mm(100), h: mm(150) },
      gap: { w: mm(20), h: mm(30) },
    });
    expect(readScrap('4x6 in leaf', 'cm')).toMatchObject({ size: size(4, 6) });
  });
  test('the colour behind the comma is its colour, else that of its name', () => {
    expect(readScrap('4x6 leaf, red')!.colours.map(({ name }) => name)).toEqual(['red']);
    expect(readScrap('4x6 teal strip')!.colours.map(({ name }) => name)).toEqual(['teal']);
  });
  test('whatever is typed, reading it ends, and a size that is read is one', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const read = readScrap(text);
        expect(read === null || (read.size.w > 0 && read.size.h > 0 && read.count >= 1)).toBe(true);
      }),
    ));
});

describe('rules of hers', () => {
  const read = (text: string, ...rules: [string, 'embellishment' | 'paper' | null][]) =>
    readList(text).map((line) =>
      underRules(
        line,
        rules.map(([words, kind], i) => ({ id: `${i}`, words, kind })),
      ),
    );
  test('a kind for words, whole words only, either case, and no doubt of its kind is left', () => {
    const [line] = read('2 Felt moths', ['felt moths', 'paper']);
    expect(line!.things).toMatchObject([{ kind: 'paper', count: 2, doubts: [] }]);
    expect(read('feltmoths', ['felt', 'paper'])[0]!.things[0]!.kind).not.toBe('paper');
  });
  test('words to pass over', () => {
    const [line] = read('1 loyalty coupon 10', ['loyalty coupon', null]);
    expect(line).toMatchObject({ read: 'words', things: [] });
  });
  test('the longer of two rules is the one meant; what has no words of a rule stays as it was read', () => {
    const lines = read('2 felt moths\n3 paper moths', ['felt', null], ['felt moths', 'embellishment']);
    expect(lines.map(({ things }) => things.map(({ kind }) => kind))).toEqual([['embellishment'], ['paper']]);
    const before = readList('3 paper moths');
    expect(underRules(before[0]!, [{ id: 'r', words: 'felt', kind: null }])).toBe(before[0]);
  });
});

test('a line that was passed over is a thing once she takes it in', () => {
  const lines = readList('Hello my dear friends, here we are again!\n2 buttons');
  expect(lines[0]!.read).toBe('words');
  expect(entriesOf(lines).map(({ key }) => key)).toEqual(['1']);
  const taken = entriesOf(lines, { '0': { isTakenIn: true } });
  expect(taken.map(({ key, line }) => [key, line])).toEqual([
    ['0', 0],
    ['1', 1],
  ]);
});

test('what was passed over is taken in with its sizes in the unit of its list', () => {
  const passedOver: Rule = { id: 'r', words: 'not mine', kind: null };
  const lines = readList('2 x 30x30 fern, not mine', 'cm').map((line) => underRules(line, [passedOver]));
  expect(entriesOf(lines)).toEqual([]);
  const taken = entriesOf(lines, { '0': { isTakenIn: true } }, 'cm');
  expect(taken.map(({ item }) => item.size)).toEqual([{ w: mm(300), h: mm(300) }]);
});

describe('letters counted later', () => {
  test('row by row, each sign as often as it stands there', () => {
    expect(lettersInRows('AAB\nB !')).toEqual({ A: 2, B: 2, '!': 1 });
    expect(lettersInRows('e\u0301')).toEqual({ é: 1 });
  });
  test('all but those that are gone', () => {
    const left = lettersBut(2, 'eeot', false);
    expect([left['E'], left['O'], left['T'], left['A']]).toEqual([undefined, 1, 1, 2]);
    expect(Object.keys(lettersBut(1, 'ABC', true))).toHaveLength(23);
  });
});
