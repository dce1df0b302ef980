import { expect, test } from 'vitest';
import { inches } from '../../../core/length';
import { reasonWords } from './reasonWords';

test.each([
  [{ kind: 'pieces', leftovers: 6, sheets: 0 }, ['Uses 6 leftovers, and opens nothing of the new kit.']],
  [
    { kind: 'pieces', leftovers: 1, sheets: 1 },
    ['Uses one leftover and one whole sheet of an older kit, and opens nothing of the new kit.'],
  ],
  [
    { kind: 'pieces', leftovers: 0, sheets: 2 },
    ['Uses 2 whole sheets of older kits, and opens nothing of the new kit.'],
  ],
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
