import { expect, test } from 'vitest';
import type { DesignReason } from '../../../core/page/papers';
import { designReasons } from './designReasons';
import { lineWords } from './lineWords';

const nameOf = (id: string): string => ({ m: 'moths', l: 'lamplight' })[id] ?? '';

test.each<[DesignReason, string | null]>([
  [{ kind: 'colours', difference: 8 }, 'Takes up the photos’ colours.'],
  [{ kind: 'colours', difference: 18 }, 'Goes with the photos.'],
  [{ kind: 'colours', difference: 40 }, 'A contrast to the photos.'],
  [{ kind: 'faces', busy: 1, quiet: 2 }, 'One busy paper with quiet ones.'],
  [{ kind: 'faces', busy: 0, quiet: 2 }, 'Quiet papers only.'],
  [{ kind: 'faces', busy: 2, quiet: 1 }, '2 busy papers, 1 quiet.'],
  [{ kind: 'faces', busy: 3, quiet: 0 }, '3 busy papers together.'],
  [{ kind: 'opens', sheets: 0, leftovers: 4 }, 'All from leftovers; opens no whole sheet.'],
  [{ kind: 'opens', sheets: 1, leftovers: 1 }, 'Opens one whole sheet, the rest from one leftover.'],
  [{ kind: 'opens', sheets: 2, leftovers: 0 }, 'Opens 2 whole sheets.'],
  [{ kind: 'scarce', faces: [] }, null],
  [{ kind: 'scarce', faces: ['m', 'l'] }, 'Takes the last of moths, lamplight.'],
  [{ kind: 'age', months: null }, null],
  [{ kind: 'age', months: 1.4 }, null],
  [{ kind: 'age', months: 8.6 }, 'Its papers have lain 9 months on average.'],
])('%j is told as %s', (reason, words) => {
  expect(designReasons([reason], nameOf)).toEqual(words === null ? [] : [words]);
});

test.each([
  ['no-size', 'Line 3: how large is it? Write width x height, such as 12 x 3.'],
  ['bad-size', 'Line 3: x is no size that can be cut.'],
  ['bad-length', 'Line 3: x cannot be read as a measure.'],
  ['not-understood', 'Line 3: “x” is not understood. Say how far from the head, the foot, the left or the right.'],
  ['off-page', 'Line 3 lies wholly off the page.'],
  ['page-not-first', "Line 3: the page's size comes first."],
  ['nothing', 'There is no layer yet.'],
] as const)('a line that is %s is told so', (kind, words) => {
  expect(lineWords({ line: 3, kind, text: 'x' })).toBe(words);
});
