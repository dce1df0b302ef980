import { expect, test } from 'vitest';
import { inches } from '../../../core/ground/length';
import { designOf, layOut } from '../../../core/page/design';
import { wantedKey } from '../../../core/page/cutlist';
import type { Page } from '../../../core/stock/things';
import { lackingOnPage } from './lackingOnPage';

const page = { id: 'p', papers: {}, format: { w: inches(12), h: inches(12), spread: false } } as unknown as Page;
const layout = layOut(designOf('strip-bands')!, {
  format: { w: inches(12), h: inches(12), spread: false },
  photos: [{ photo: null, w: inches(4), h: inches(6) }],
  mat: inches(1 / 8),
}).value!;

test.each([
  [
    { kind: 'no-room' as const, slot: wantedKey('p', 'upper', { w: inches(12), h: inches(3) }) },
    'No room is left for the upper strip.',
  ],
  [
    { kind: 'no-design' as const, slot: wantedKey('p', 'ground', { w: inches(12), h: inches(12) }) },
    'No paper here will do for the ground.',
  ],
  [
    { kind: 'too-large' as const, slot: 'p/more-t:1x2' },
    'No paper here is large enough for the pieces beyond the design.',
  ],
  [{ kind: 'rules' as const, slot: null }, 'No choice of papers here tells its layers apart.'],
])('%o is told as %s', (why, words) => {
  expect(lackingOnPage(why, { page, layout, colours: [] })).toBe(words);
});
