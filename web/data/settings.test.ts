import { expect, test } from 'vitest';
import { inches } from '../../core/ground/length';
import { readChoices } from './settings';

const DEFAULTS = readChoices(null);

test.each<[string, unknown, Partial<typeof DEFAULTS>]>([
  ['what is nonsense falls back, what makes sense stays', { system: 'furlong', look: 'evening' }, { look: 'evening' }],
  [
    'a measure that is none',
    { mat: '1/8', hold: -4, longestCut: Infinity, punchReach: inches(2) },
    { punchReach: inches(2) },
  ],
  ['places and pages', { lastPlace: 'https://elsewhere', pageInHand: 7 }, {}],
  ['another kind of thing altogether', 'settings', {}],
  ['keys of later versions', { later: true, gut: 'never' }, { gut: 'never' }],
])('%s', (_, stored, expected) => {
  expect(readChoices(stored)).toEqual({ ...DEFAULTS, ...expected });
});
