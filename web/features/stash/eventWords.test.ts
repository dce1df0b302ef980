import { describe, expect, test } from 'vitest';
import type { LedgerEvent } from '../../../core/stock/ledger';
import { inches } from '../../../core/ground/length';
import { eventWords } from './eventWords';

const names = {
  page: (id: string) => (id === 'p' ? 'Stand' : 'another page'),
  kit: () => 'Sloe',
  system: 'in' as const,
};
const line = new Set(['m1', 'm1-C']);
const event = (some: object): LedgerEvent => ({ id: 'e', day: '2026-11-05', ...some }) as LedgerEvent;
const part = (id: string, x: number, y: number, w: number, h: number) => ({
  id,
  x: inches(x),
  y: inches(y),
  w: inches(w),
  h: inches(h),
  role: 'piece',
});

describe('what happened to a piece, in words', () => {
  test.each<[object, string]>([
    [{ type: 'received', lot: 'l' }, 'came in the parcel'],
    [{ type: 'arrived', lot: 'l' }, 'came later, owed till then'],
    [{ type: 'owed', lot: 'l', amounts: {} }, 'put down as owed'],
    [{ type: 'counted', lot: 'l', change: {}, reason: 'one was torn' }, 'counted anew: one was torn'],
    [{ type: 'claimed', piece: 'm1', page: 'p' }, 'taken out for Stand'],
    [{ type: 'released', piece: 'm1', page: 'p' }, 'put away again'],
    [{ type: 'used', piece: 'm1', page: 'p' }, 'glued on Stand'],
    [{ type: 'returned', piece: 'm1', page: 'p' }, 'came back from Stand'],
    [{ type: 'given', piece: 'm1' }, 'given away'],
    [{ type: 'recycled', piece: 'm1' }, 'recycled'],
    [{ type: 'sold', piece: 'm1' }, 'sold'],
    [{ type: 'lent', piece: 'm1', to: 'a neighbour' }, 'lent to a neighbour'],
    [{ type: 'back', piece: 'm1' }, 'came back from being lent'],
    [{ type: 'counted', piece: 'm1', isFound: false, reason: 'stock take' }, 'not found: stock take'],
    [{ type: 'counted', piece: 'm1', isFound: true, reason: 'behind the tray' }, 'found again: behind the tray'],
    [{ type: 'gathered', piece: 'm1', from: null, to: 'own' }, 'put into Sloe'],
    [{ type: 'gathered', piece: 'm1', from: 'own', to: null }, 'put back with what it came with'],
    [{ type: 'moved', lot: 'l', from: '', to: 'tray 2' }, 'moved to tray 2'],
    [
      { type: 'cut', piece: 'm1', page: 'p', into: [part('m1-B', 0, 0, 3.25, 12), part('m1-C', 3.25, 0, 8.75, 12)] },
      'cut at 3 1/4″: 3 1/4 × 12 taken off for Stand',
    ],
    [
      { type: 'cut', piece: 'm1', page: null, into: [part('m1-C', 0, 0, 12, 9), part('m1-D', 0, 9, 12, 3)] },
      'cut at 9″: 12 × 3 taken off',
    ],
  ])('%j', (some, expected) => {
    expect(eventWords(event(some), line, names)).toBe(expected);
  });

  test.each<[object, string]>([
    [{ type: 'received', lot: 'l', amounts: { '': 4 } }, '4 came in the parcel'],
    [{ type: 'used', lot: 'l', amounts: { '': 2 }, page: 'p' }, '2 glued on Stand'],
    [{ type: 'counted', lot: 'l', change: { '': -2 }, reason: 'lost' }, '−2, counted anew: lost'],
    [{ type: 'lent', lot: 'l', amounts: { '': 1 }, to: '' }, '1 lent'],
  ])('of a lot, with how much: %j', (some, expected) => {
    expect(eventWords(event(some), new Set(), { ...names, amount: (amounts) => String(amounts['']) })).toBe(expected);
  });

  test('in centimetres too', () => {
    const cut = event({
      type: 'cut',
      piece: 'm1',
      page: null,
      into: [part('m1-B', 0, 0, 2, 12), part('m1-C', 2, 0, 10, 12)],
    });
    expect(eventWords(cut, line, { ...names, system: 'cm' })).toBe('cut at 5.08 cm: 5.08 × 30.48 cm taken off');
  });
});
