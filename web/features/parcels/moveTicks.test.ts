import { expect, test } from 'vitest';
import { moveTicks } from './moveTicks';

const ticked = { list: 'moths\nrows\ndots', here: { 0: 2, 1: 1, 2: 24 } };

test.each([
  ['nothing changed', 'moths\nrows\ndots', { 0: 2, 1: 1, 2: 24 }],
  ['a line put in above moves the ticks below', 'moths\nwashi\nrows\ndots', { 0: 2, 2: 1, 3: 24 }],
  ['a line put in at the head', 'washi\nmoths\nrows\ndots', { 1: 2, 2: 1, 3: 24 }],
  ['a line put on at the foot', 'moths\nrows\ndots\nwashi', { 0: 2, 1: 1, 2: 24 }],
  ['a line typed anew loses its own tick only', 'moths\nrow\ndots', { 0: 2, 2: 24 }],
  ['a line taken out takes its tick along', 'moths\ndots', { 0: 2, 1: 24 }],
  ['all taken out', '', {}],
])('%s', (_, next, expected) => {
  expect(moveTicks({ ...ticked, damaged: ticked.here }, next)).toEqual({ here: expected, damaged: expected });
});
