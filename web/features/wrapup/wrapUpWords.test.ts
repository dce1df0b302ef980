import { expect, test } from 'vitest';
import type { Chance, LeftThing } from '../../../core/kits';
import { inches } from '../../../core/length';
import type { Fate } from '../../../core/things';
import { chanceWords } from '../../ui/chanceWords';
import { fateWords } from './fateWords';
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
