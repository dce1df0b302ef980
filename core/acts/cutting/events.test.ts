import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts } from '../../trimmer/cutting';
import { restAround } from '../../ground/geometry';
import { balanceOf, fold, type Ledger, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { punchSpots } from '../../trimmer/punching';
import { cutEvent, machineEvent, punchEvent } from '..';
import { entry } from '../test/entry';
import {
  cutJobFor,
  cutListOf,
  cutSteps,
  NUBBIN,
  purposed,
  wantedKey,
  without,
  withSheets,
  type WantedPiece,
} from '../../page/cutlist';
import { designOf, layOut } from '../../page/design';

const DAY = '2026-11-03';
const received = (...pieces: { id: string; w: number; h: number }[]): Ledger =>
  fold([{ id: 'e', day: DAY, type: 'received', lot: 'l', pieces }]).value!;
const stockOf = (ledger: Ledger) =>
  [...ledger.pieces.values()].map(({ id, w, h, missing }) => ({
    id,
    w,
    h,
    missing,
    count: 1,
    front: null,
    back: null,
    upright: false,
    fresh: true,
    since: null,
  }));
const wanted = (slot: string, w: number, h: number, count = 1, page = 'p'): WantedPiece => ({
  id: wantedKey(page, slot, { w, h }),
  page,
  slot,
  w,
  h,
  count,
  face: null,
});

test('whatever is punched out, areas add up and the rest has its holes', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 8000, max: 40_000 }),
      fc.integer({ min: 8000, max: 40_000 }),
      fc.constantFrom('circle' as const, 'hexagon' as const),
      fc.integer({ min: 5000, max: 12_000 }),
      (w, h, shape, size) => {
        const before = received({ id: 'a', w, h });
        const holes = punchSpots({ w, h, missing: [], upright: false }, { shape, size, reach: null }).slice(0, 6);
        if (holes.length === 0) return;
        const after = fold([entry(punchEvent(before.pieces.get('a')!, holes), 'p')], before);
        expect(after.error).toBeNull();
        const { area } = balanceOf(after.value!, 'l');
        expect(area.left + area.wasted).toBe(area.received);
        expect(after.value!.pieces.get('a-rest')!.missing.length).toBeGreaterThan(0);
        expect(
          [...after.value!.pieces.values()].filter(({ from, where }) => from === 'a' && where === 'here'),
        ).toHaveLength(holes.length + 1);
      },
    ),
    { numRuns: 30 },
  ));

describe('a machine', () => {
  const ledger = (() => {
    const here = received({ id: 'm', w: inches(12), h: inches(12) });
    return fold([{ id: 'c', day: DAY, type: 'claimed', piece: 'm', page: 'p' }], here).value!;
  })();
  const list = [wanted('mat', inches(4), inches(6), 2), wanted('tag', inches(2), inches(4))];
  const plan = purposed(planCuts(cutJobFor(list, stockOf(ledger), ANY_TRIMMER), 2_000), list);
  const sheet = plan.sheets[0]!;

  test.each([[[true, true, true]], [[true, false, false]]])(
    'that cut %j: pieces to the page, whole rectangles to the stash, areas add up',
    (cut) => {
      const left = restAround(ledger.pieces.get('m')!, sheet.pieces, NUBBIN);
      const after = fold([entry(machineEvent(sheet, ledger.pieces.get('m')!, { cut, left }), 'k')], ledger);
      expect(after.error).toBeNull();
      const { area } = balanceOf(after.value!, 'l');
      expect(area.onBench + area.left + area.wasted).toBe(area.received);
      expect(
        [...after.value!.pieces.values()].filter(({ where, page }) => where === 'claimed' && page === 'p'),
      ).toHaveLength(cut.filter((ok) => ok).length);
    },
  );
});

describe('several pages cut together', () => {
  const list = [wanted('mat', inches(4), inches(6)), wanted('mat', inches(4), inches(5), 1, 'q')];
  const start = fold(
    [{ id: 'c', day: DAY, type: 'claimed', piece: 'm', page: 'p' }],
    received({ id: 'm', w: inches(12), h: inches(12) }),
  ).value!;
  const plan = purposed(planCuts(cutJobFor(list, stockOf(start), ANY_TRIMMER), 2_000), list);

  test('each piece goes to its own page, and undoing takes it back', () => {
    const events: LedgerEvent[] = [];
    let ledger = start;
    cutSteps(plan.sheets, ledger).forEach((step, i) => {
      const event = entry(cutEvent(step, ledger), `k${i}`);
      events.push(event);
      ledger = fold([event], ledger).value!;
    });
    const pages = [...ledger.pieces.values()]
      .filter(({ where, slot }) => where === 'claimed' && slot === 'mat')
      .map(({ page }) => page);
    expect(pages.sort()).toEqual(['p', 'q']);
    const back = fold(
      [...events].reverse().map((event, i): LedgerEvent => ({ ...event, id: `u${i}`, undoes: event.id })),
      ledger,
    );
    expect(back.value!.pieces.get('m')).toMatchObject({ where: 'claimed', page: 'p' });
  });
});

test('sheets kept as drawn: their pieces are planned no more, and the figures are those of all', () => {
  const ledger = received({ id: 'm', w: inches(12), h: inches(12) }, { id: 'n', w: inches(12), h: inches(12) });
  const list = [wanted('ground', inches(11), inches(11)), wanted('mat', inches(4), inches(6), 3)];
  const stock = stockOf(ledger);
  const first = purposed(planCuts(cutJobFor(list, stock, ANY_TRIMMER), 2_000), list);
  const kept = first.sheets.filter(({ pieces }) => pieces.some(({ id }) => id.includes('ground')));
  const rest = without(list, kept);
  expect(rest.reduce((sum, { count }) => sum + count, 0)).toBe(4 - kept.flatMap(({ pieces }) => pieces).length);
  const others = stock.filter(({ id }) => !kept.some((sheet) => sheet.stock === id));
  const again = withSheets(purposed(planCuts(cutJobFor(rest, others, ANY_TRIMMER), 2_000), rest), kept, stock);
  expect(again.stats).toMatchObject({
    pieces: 4,
    fresh: first.stats.fresh,
    pieceArea: first.stats.pieceArea,
    optimal: false,
  });
  expect(again.stats.pieceArea + again.stats.nubbinArea + again.stats.wasteArea).toBe(2 * inches(12) ** 2);
});

test('pieces beyond the design are on the cut list as their blanks', () => {
  const layout = layOut(designOf('framed-ground')!, {
    format: { w: inches(12), h: inches(12), spread: false },
    photos: [{ photo: null, w: inches(4), h: inches(6) }],
    mat: inches(1 / 8),
  }).value!;
  const list = cutListOf(layout, {
    id: 'p',
    papers: {},
    more: [
      {
        id: 'a',
        name: 'Pocket',
        shape: { kind: 'pocket', w: inches(3), h: inches(4), flap: inches(0.5) },
        face: 'moths',
        count: 2,
      },
      {
        id: 'b',
        name: 'Wrong',
        shape: { kind: 'frame', w: inches(3), h: inches(4), border: inches(2) },
        face: null,
        count: 1,
      },
    ],
  });
  expect(list.filter(({ slot }) => slot.startsWith('more-'))).toEqual([
    expect.objectContaining({ slot: 'more-a', w: inches(4), h: inches(4.5), count: 2, face: 'moths' }),
  ]);
});
