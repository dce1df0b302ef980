import { expect, test } from 'vitest';
import { boxAct } from './boxAct';

const two = { count: 2, here: null, damaged: 0 };

test.each([
  [' ', two, { kind: 'here', n: 2, on: 1 }],
  ['1', two, { kind: 'here', n: 1, on: 1 }],
  ['0', two, { kind: 'here', n: 0, on: 1 }],
  ['9', two, { kind: 'here', n: 2, on: 1 }],
  ['+', two, { kind: 'here', n: 3, on: 0 }],
  ['+', { ...two, here: 3 }, { kind: 'here', n: 4, on: 0 }],
  ['d', two, { kind: 'damaged', n: 1, on: 0 }],
  ['D', { ...two, damaged: 2 }, { kind: 'damaged', n: 0, on: 0 }],
  ['w', two, { kind: 'instead', on: 0 }],
  ['ArrowUp', two, { kind: 'go', on: -1 }],
  ['ArrowDown', two, { kind: 'go', on: 1 }],
  ['e', two, { kind: 'edit', on: 0 }],
  ['2', { ...two, count: 24 }, { kind: 'here', n: 2, on: 0 }],
  ['1', { ...two, count: 24, typed: '2' }, { kind: 'here', n: 21, on: 0 }],
  ['9', { ...two, count: 24, typed: '2' }, { kind: 'here', n: 24, on: 0 }],
  ['x', two, null],
  ['Tab', two, null],
] as const)('%j', (key, count, act) => {
  expect(boxAct(key, count)).toEqual(act);
});
