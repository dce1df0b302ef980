import { describe, expect, test } from 'vitest';
import type { Chance, LeftThing } from '../../../core/kit/closing';
import { inches } from '../../../core/ground/length';
import type { Fate } from '../../../core/stock/things';
import { chanceWords } from '../../ui/chanceWords';
import { fateWords } from './fateWords';
import { ALL, amountsMeant } from './HowMany';
import { nextUndecided } from './nextUndecided';

const photo = { w: inches(4), h: inches(6) };

test.each<[Chance, string]>([
  [{ kind: 'mats', count: 1, photo }, '1 mat for a 4 × 6 photo'],
  [{ kind: 'mats', count: 2, photo }, '2 mats for 4 × 6 photos'],
  [{ kind: 'cards', count: 3, size: photo }, '3 cards of 4 × 6'],
  [{ kind: 'strips', count: 1, length: inches(12) }, '1 strip, 12″ long'],
  [
    { kind: 'shapes', count: 4, punch: { shape: 'circle', size: inches(1), reach: null } },
    '4 circles of 1″ with your punch',
  ],
])('%j is told as it is', (chance, words) => expect(chanceWords(chance, 'in')).toBe(words));

test.each<[Fate | null, string]>([
  [null, 'not decided yet'],
  [{ for: 'kit' }, 'stays with the kit'],
  [{ for: 'stash' }, 'to the stash'],
  [{ for: 'month', month: '2027-03' }, 'for March 2027'],
  [{ for: 'month', month: '2027-03', whom: 'Wren' }, 'for March 2027, Wren'],
])('what was decided: %j', (fate, words) => expect(fateWords(fate)).toBe(words));

test('after a thing comes the next that is not decided, then the first; none is left at the end', () => {
  const left = (fates: Record<string, Fate | null>): LeftThing[] =>
    Object.entries(fates).map(([key, fate]) => ({ key, keys: [key], fate }) as unknown as LeftThing);
  const kit: Fate = { for: 'kit' };
  expect(nextUndecided(left({ a: null, b: kit, c: null }), 'a')).toBe('c');
  expect(nextUndecided(left({ a: null, b: kit, c: null }), 'c')).toBe('a');
  expect(nextUndecided(left({ a: null, b: kit }), 'a')).toBeNull();
});

describe('how much of a thing is meant to leave', () => {
  const thing = (measure: string, amounts: object) =>
    ({ lot: { measure }, pieces: [], amounts }) as unknown as Parameters<typeof amountsMeant>[1];
  test.each([
    ['all where nothing is said', thing('count', { '': 5 }), {}, null],
    ['so many', thing('count', { '': 5 }), { some: '2' }, { '': 2 }],
    ['more than there is', thing('count', { '': 5 }), { some: '6' }, 'mistyped'],
    ['no number', thing('count', { '': 5 }), { some: 'two' }, 'mistyped'],
    ['one kind of a pack', thing('count', { a: 3, b: 1 }), { part: 'a' }, { a: 3 }],
    ['some of one kind', thing('count', { a: 3, b: 1 }), { part: 'a', some: '2' }, { a: 2 }],
    ['so many of a pack, of no kind', thing('count', { a: 3, b: 1 }), { some: '2' }, 'mistyped'],
    ['so much of a roll', thing('length', { '': inches(12) }), { some: '3 1/4' }, { '': inches(3.25) }],
    ['so many yards of a roll', thing('length', { '': inches(100) }), { some: '2 yd' }, { '': inches(72) }],
    ['a whole roll', thing('length', { '': inches(12) }), { some: '12' }, null],
    ['more than the roll', thing('length', { '': inches(12) }), { some: '12 1/8' }, 'mistyped'],
    ['no length of a roll', thing('length', { '': inches(12) }), { some: '3x' }, 'mistyped'],
    ['some letters', thing('letters', { A: 2, B: 1 }), { some: 'ABA' }, { A: 2, B: 1 }],
    ['letters that are not there', thing('letters', { A: 2 }), { some: 'B' }, 'mistyped'],
  ] as const)('%s', (_, one, meant, expected) => {
    expect(amountsMeant({ ...ALL, ...meant }, one, 'in')).toEqual(expected);
  });
});
