import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { balanceOf, emptyLedger, fold, historyOf, opposite, sumOfBalances, type Balance, type LedgerEvent } from '.';
import { steps, tell } from './test/arbitraries';

const adds = (b: Balance): boolean =>
  b.received + b.corrected ===
  b.onPages + b.onBench + b.left + b.gathered + b.wasted + b.given + b.sold + b.lent + b.recycled;

test('areas and counts balance after any sequence of events', () =>
  fc.assert(
    fc.property(steps, (s) => {
      const { ledger } = tell(s, emptyLedger);
      for (const lot of ['lot0', 'lot1', 'lot2']) {
        const { area, count } = balanceOf(ledger, lot);
        expect(adds(area) && adds(count) && adds(sumOfBalances([area, count]))).toBe(true);
      }
    }),
    { numRuns: 300 },
  ));

test('undoing every event, the last first, restores what was before each', () =>
  fc.assert(
    fc.property(steps, (s) => {
      const { events } = tell(
        s.map((one) => (one.what === 8 ? { ...one, what: 0 } : one)),
        emptyLedger,
      );
      const before = events.map((_, i) => fold(events.slice(0, i)).value!);
      let ledger = fold(events).value!;
      for (let i = events.length - 1; i >= 0; i--) {
        ledger = fold([opposite(events[i]!, `u${i}`, '2026-11-06')], ledger).value!;
        expect(ledger.pieces).toEqual(before[i]!.pieces);
        for (const [id, lot] of before[i]!.lots) expect(ledger.lots.get(id)).toEqual(lot);
      }
      expect(
        [...ledger.lots.values()].every(
          (lot) => Object.keys({ ...lot.received, ...lot.here, ...lot.owed }).length === 0,
        ),
      ).toBe(true);
    }),
    { numRuns: 100 },
  ));

test('undoing and doing again is as if nothing had been undone', () =>
  fc.assert(
    fc.property(steps, (s) => {
      const { events, ledger } = tell(s, emptyLedger);
      const last = events.at(-1);
      if (!last || last.undoes) return;
      const undo = opposite(last, 'u', '2026-11-06');
      const again = fold([undo, opposite(undo, 'r', '2026-11-06')], ledger).value!;
      expect(again.pieces).toEqual(ledger.pieces);
      expect(again.lots).toEqual(ledger.lots);
    }),
  ));

test('a refused event leaves no trace', () =>
  fc.assert(
    fc.property(steps, (s) => {
      const { events, refused, ledger } = tell(s, emptyLedger);
      const copy = structuredClone(ledger);
      for (const event of refused) fold([event], ledger);
      expect(ledger).toEqual(copy);
      expect(fold(events)).toEqual({ ok: true, value: ledger, error: null });
    }),
  ));

test('with nothing to fold it is the same ledger', () => {
  expect(fold([], emptyLedger).value).toBe(emptyLedger);
});

test('folding in two batches is folding once', () =>
  fc.assert(
    fc.property(steps, fc.nat(), (s, n) => {
      const { events, ledger } = tell(s, emptyLedger);
      const at = n % (events.length + 1);
      expect(fold(events.slice(at), fold(events.slice(0, at)).value!).value).toEqual(ledger);
    }),
  ));

describe('what is refused, and why', () => {
  const sheet: LedgerEvent = {
    id: 'e1',
    day: '2026-11-03',
    type: 'received',
    lot: 'moths',
    pieces: [{ id: 'm1', w: 12, h: 12 }],
  };
  const dots: LedgerEvent = { id: 'e2', day: '2026-11-03', type: 'received', lot: 'dots', amounts: { '': 24 } };
  const start = fold([sheet, dots]).value!;
  const on = (event: object): unknown => fold([{ id: 'x', day: '2026-11-04', ...event } as LedgerEvent], start);
  const half = (id: string, x: number, w: number) => ({ id, x, y: 0, w, h: 12, role: 'nubbin' as const });

  test.each([
    ['a part used twice', { type: 'used', piece: 'm1', page: 'p' }, 'piece-not-here'],
    ['a count below zero', { type: 'given', lot: 'dots', amounts: { '': 25 } }, 'below-zero'],
    ['a broken count', { type: 'given', lot: 'dots', amounts: { '': 0.5 } }, 'not-whole'],
    [
      'areas that do not add up',
      { type: 'cut', piece: 'm1', page: null, into: [half('a', 0, 5), half('b', 5, 6)] },
      'areas-do-not-add-up',
    ],
    [
      'parts that overlap',
      { type: 'cut', piece: 'm1', page: null, into: [half('a', 0, 7), half('b', 6, 5)] },
      'parts-overlap',
    ],
    [
      'a part off the piece',
      { type: 'cut', piece: 'm1', page: null, into: [half('a', 0, 7), half('b', 7, 6)] },
      'part-off-the-piece',
    ],
    ['a cut into nothing', { type: 'cut', piece: 'm9', page: null, into: [] }, 'no-such-piece'],
    [
      'a second receipt of a sheet',
      { type: 'received', lot: 'moths', pieces: [{ id: 'm1', w: 1, h: 1 }] },
      'same-piece-twice',
    ],
    ['an entry of the same id', { ...sheet }, 'same-event-twice'],
    [
      'undoing what never was',
      { type: 'counted', lot: 'dots', change: { '': 1 }, reason: '', undoes: 'e9' },
      'nothing-to-undo',
    ],
    [
      'a piece taken out of a kit that it is not in',
      { type: 'gathered', piece: 'm1', from: 'own', to: null },
      'not-in-that-kit',
    ],
    [
      'so many of a thing gathered, and not all of it',
      { type: 'gathered', lot: 'dots', amounts: { '': 20 }, from: null, to: 'own' },
      'not-all-of-it',
    ],
    ['a move from elsewhere', { type: 'moved', lot: 'dots', from: 'tray 1', to: 'tray 2' }, 'moved-from-elsewhere'],
  ])('%s', (_, event, kind) => expect(on(event)).toMatchObject({ ok: false, error: { kind } }));

  test('a cut into something already gone, and undoing under a part that is gone', () => {
    const cut: LedgerEvent = {
      id: 'c',
      day: '2026-11-04',
      type: 'cut',
      piece: 'm1',
      page: null,
      into: [half('a', 0, 5), half('b', 5, 7)],
    };
    const after = fold([cut, { id: 'g', day: '2026-11-04', type: 'given', piece: 'a' }], start).value!;
    expect(fold([{ ...cut, id: 'c2' }], after)).toMatchObject({ error: { kind: 'piece-not-here' } });
    expect(fold([opposite(cut, 'u', '2026-11-05')], after)).toMatchObject({
      error: { kind: 'parts-are-gone', subject: 'a' },
    });
  });

  test('what is cut of something in a kit of her own is in that kit, and cannot be uncut once it went back', () => {
    const into = [half('a', 0, 5), half('b', 5, 7)];
    const cut: LedgerEvent = { id: 'c', day: '2026-11-04', type: 'cut', piece: 'm1', page: null, into };
    const put = (id: string, piece: string, from: string | null, to: string | null): LedgerEvent => ({
      id,
      day: '2026-11-04',
      type: 'gathered',
      piece,
      from,
      to,
    });
    const after = fold([put('g', 'm1', null, 'own'), cut], start).value!;
    expect(['a', 'b'].map((id) => after.pieces.get(id)!.kit)).toEqual(['own', 'own']);
    expect(balanceOf(after, 'moths').area).toMatchObject({ received: 144, left: 0, gathered: 144 });
    const back = fold([put('h', 'a', 'own', null)], after).value!;
    expect(balanceOf(back, 'moths').area).toMatchObject({ left: 60, gathered: 84 });
    expect(fold([opposite(cut, 'u', '2026-11-05')], back)).toMatchObject({ error: { kind: 'parts-are-gone' } });
    expect(historyOf(back, 'a').map(({ id }) => id)).toEqual(['e1', 'g', 'c', 'h']);
  });

  test('a window cut out leaves a frame, and both have their areas', () => {
    const window: LedgerEvent = {
      id: 'c',
      day: '2026-11-04',
      type: 'cut',
      piece: 'm1',
      page: null,
      into: [
        { id: 'frame', x: 0, y: 0, w: 12, h: 12, role: 'nubbin', missing: [{ x: 2, y: 2, w: 8, h: 8 }] },
        { id: 'middle', x: 2, y: 2, w: 8, h: 8, role: 'nubbin' },
      ],
    };
    const after = fold([window], start).value!;
    expect(after.pieces.get('frame')!.solid).toBe(80);
    expect(historyOf(after, 'middle').map(({ id }) => id)).toEqual(['e1', 'c']);
  });

  test('what is owed arrives', () => {
    const owed = fold([{ id: 'o', day: '2026-11-03', type: 'owed', lot: 'tags', amounts: { '': 2 } }], start).value!;
    expect(owed.lots.get('tags')!.owed).toEqual({ '': 2 });
    const arrived = fold(
      [{ id: 'a', day: '2026-12-03', type: 'arrived', lot: 'tags', amounts: { '': 2 } }],
      owed,
    ).value!;
    expect(arrived.lots.get('tags')).toMatchObject({ owed: {}, here: { '': 2 } });
  });
});
