import { describe, expect, test } from 'vitest';
import { emptyLedger, fold, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Kit, Lot } from '../../stock/things';
import { holdsPiece } from '../../page/papers';
import { stillWanted, type WantedPiece } from '../../page/cutlist';
import { stockOnHand } from '.';
import type { Shelf } from '../../stock/bench';

const DAY = '2026-11-05';
const kit: Kit = { id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' };
const lot = (id: string, some: Partial<Lot> = {}): Lot => ({
  id,
  kit: 'k',
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: null,
  front: 'ink',
  back: 'lamp',
  upright: true,
  note: '',
  line: 1,
  ...some,
});
const sheet = (id: string, of: string, w = 12, h = 12): LedgerEvent => ({
  id: `r-${id}`,
  day: DAY,
  type: 'received',
  lot: of,
  pieces: [{ id, w: inches(w), h: inches(h) }],
});
const half = (id: string, x: number, slot?: string) => ({
  id,
  x: inches(x),
  y: 0,
  w: inches(6),
  h: inches(12),
  role: slot ? ('piece' as const) : ('nubbin' as const),
  ...(slot ? { slot } : {}),
});

const shelf = (events: readonly LedgerEvent[]): Shelf => ({
  ledger: fold(events, emptyLedger).value!,
  kits: new Map([['k', kit]]),
  lots: new Map([lot('moths'), lot('stickers', { kind: 'stickers' })].map((l) => [l.id, l])),
});

describe('stock on hand', () => {
  const events: LedgerEvent[] = [
    sheet('m1', 'moths'),
    sheet('m2', 'moths'),
    sheet('m3', 'moths'),
    sheet('card', 'moths', 3, 4),
    sheet('st', 'stickers', 6, 12),
    { id: 'c1', day: DAY, type: 'claimed', piece: 'm1', page: 'mine' },
    { id: 'c2', day: DAY, type: 'claimed', piece: 'm2', page: 'other' },
    { id: 'k1', day: DAY, type: 'cut', piece: 'm1', page: 'mine', into: [half('m1-B', 0, 'strip'), half('m1-C', 6)] },
  ];
  const ids = (page: string | null): string[] => stockOnHand(shelf(events), page).map(({ id }) => id);

  test('is what lies in the stash and what is out for this page, not what another has or what is cut for a slot', () => {
    expect(ids('mine')).toEqual(['m3', 'card', 'm1-C']);
    expect(ids('other')).toEqual(['m2', 'm3', 'card', 'm1-C']);
    expect(ids(null)).toEqual(['m3', 'card', 'm1-C']);
  });
  test('whole sheets are fresh; leftovers and small cards are not; the month grows with time', () => {
    const stock = stockOnHand(shelf(events), null);
    expect(stock.map(({ id, fresh }) => [id, fresh])).toEqual([
      ['m3', true],
      ['card', false],
      ['m1-C', false],
    ]);
    expect(stock[0]).toMatchObject({ front: 'ink', back: 'lamp', upright: true, since: 2026 * 12 + 11 });
  });
});

test('a stock holds a piece of a face it carries, turned only where it may be', () => {
  const [upright] = stockOnHand(shelf([sheet('m', 'moths', 6, 12)]), null);
  const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
  expect(holdsPiece(upright!, 'ink', size(6, 12))).toBe(true);
  expect(holdsPiece(upright!, 'lamp', size(6, 12))).toBe(true);
  expect(holdsPiece(upright!, 'ink', size(12, 6))).toBe(false);
  expect(holdsPiece({ ...upright!, upright: false }, 'ink', size(12, 6))).toBe(true);
  expect(holdsPiece(upright!, 'blush', size(1, 1))).toBe(false);
});

test('what is cut already is taken off the cut list, turned pieces too', () => {
  const ledger = fold([
    sheet('m1', 'moths'),
    { id: 'c', day: DAY, type: 'claimed', piece: 'm1', page: 'p' },
    { id: 'k', day: DAY, type: 'cut', piece: 'm1', page: 'p', into: [half('a', 0, 'strip'), half('b', 6, 'strip')] },
  ]).value!;
  const list: WantedPiece[] = [
    { id: 's', page: 'p', slot: 'strip', w: inches(12), h: inches(6), count: 3, face: 'ink' },
    { id: 'm', page: 'p', slot: 'mat', w: inches(6), h: inches(12), count: 1, face: 'ink' },
  ];
  expect(stillWanted(list, ledger, 'p').map(({ id, count }) => [id, count])).toEqual([
    ['s', 1],
    ['m', 1],
  ]);
  expect(stillWanted(list, ledger, 'other').map(({ count }) => count)).toEqual([3, 1]);
});
