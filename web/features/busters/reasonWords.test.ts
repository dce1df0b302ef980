import { expect, test } from 'vitest';
import { inches } from '../../../core/ground/length';
import type { Lot } from '../../../core/stock/things';
import { reasonWords, titleWords } from './reasonWords';

test.each([
  [{ kind: 'pieces', leftovers: 6, sheets: 0, fresh: 0 }, ['Uses 6 leftovers, and opens nothing of the new kit.']],
  [
    { kind: 'pieces', leftovers: 1, sheets: 1, fresh: 0 },
    ['Uses one leftover and one whole sheet of an older kit, and opens nothing of the new kit.'],
  ],
  [
    { kind: 'pieces', leftovers: 0, sheets: 2, fresh: 0 },
    ['Uses 2 whole sheets of older kits, and opens nothing of the new kit.'],
  ],
  [{ kind: 'pieces', leftovers: 2, sheets: 0, fresh: 1 }, ['Uses 2 leftovers, and opens one sheet of the new kit.']],
  [{ kind: 'pieces', leftovers: 0, sheets: 0, fresh: 2 }, ['It opens 2 sheets of the new kit.']],
  [{ kind: 'finishes', names: ['clay', 'ash'] }, ['Uses up clay, ash: nothing worth a page is left then.']],
  [{ kind: 'shapes', of: 'strips', count: 12, there: 1 }, ['12 strips on it; one strip lies about.']],
  [{ kind: 'shapes', of: 'boxes', count: 1, there: 9 }, ['One box on it; 9 boxes lie about.']],
  [
    { kind: 'together', pairs: ['ambers+blues'], liking: 0.4 },
    ['Colours that you like together: lamp, clay, bronze + ink and night.'],
  ],
  [{ kind: 'together', pairs: [], liking: -0.4 }, []],
  [{ kind: 'hues', names: ['rope', 'amber', 'leaf'] }, ['A run of colours: rope, amber, leaf.']],
  [
    { kind: 'oldest', month: '2025-10', kit: 'Ringing Chamber' },
    ['The oldest has lain since October 2025 (Ringing Chamber).'],
  ],
  [{ kind: 'kits', names: ['Ringing Chamber', 'Seed Drawer'] }, ['Brings Ringing Chamber, Seed Drawer together.']],
  [{ kind: 'kits', names: ['Seed Drawer'] }, []],
  [{ kind: 'frees', area: inches(1) ** 2 * 120.5 }, ['120.5 sq in less in the stash.']],
  [{ kind: 'colours', difference: 9 }, ['The papers take up the photo’s colours.']],
  [{ kind: 'colours', difference: 20 }, ['The papers go with the photo.']],
  [{ kind: 'colours', difference: 40 }, ['The papers are a contrast to the photo.']],
] as const)('%j', (reason, expected) => {
  expect(reasonWords([reason], 'in')).toEqual(expected);
});

test('the title that a page could have, and what spells it', () => {
  const lots = new Map([['a', { name: 'chipboard alpha' } as Lot]]);
  const found = { text: 'Firing', from: 'story', sets: ['a'], times: 1 } as const;
  expect(titleWords(found, lots)).toBe('“Firing” can be spelt from chipboard alpha.');
  expect(titleWords({ ...found, from: 'thing', thing: 'straw label', sets: [] }, lots)).toBe(
    '“Firing” is printed on straw label.',
  );
  expect(titleWords(null, lots)).toBe('No title that goes with it can be spelt from what is left.');
});
