import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts } from '../../../trimmer/cutting';
import { balanceOf, fold, piecesFor, type LedgerEvent } from '../../../stock/ledger';
import { inches } from '../../../ground/length';
import { cutEvent } from '../../../acts';
import { entry } from '../../../acts/test/entry';
import type { PlanSheet } from '../../../stock/things';
import {
  cutJobFor,
  cutSteps,
  isMade,
  pruneSheet,
  punchInstead,
  purposed,
  stillWanted,
  wantedKey,
  type WantedPiece,
} from '..';

const DAY = '2026-11-03';
const line = (slot: string, w: number, h: number, count: number, page = 'p'): WantedPiece => {
  const size = { w: inches(w), h: inches(h) };
  return { id: wantedKey(page, slot, size), page, slot, ...size, count, face: 'moths' };
};
interface Paper {
  readonly id: string;
  readonly w: number;
  readonly h: number;
}

function plannedFrom(papers: readonly Paper[], list: readonly WantedPiece[], reach: number | null = inches(1.5)) {
  const sized = papers.map(({ id, w, h }) => ({ id, w: inches(w), h: inches(h) }));
  const ledger = fold([{ id: 'e', day: DAY, type: 'received', lot: 'l', pieces: sized }]).value!;
  const stock = sized.map((paper) => ({
    ...paper,
    missing: [],
    count: 1,
    front: 'moths',
    back: null,
    upright: false,
    fresh: paper.w >= inches(5) && paper.h >= inches(5),
    since: null,
  }));
  const squares = purposed(planCuts(cutJobFor(list, stock, ANY_TRIMMER), 2_000), list);
  const round = list.filter(({ w, h, slot }) => w === h && slot.startsWith('circle'));
  const punches = new Map(round.map(({ id, w }) => [id, { shape: 'circle' as const, size: w, reach }]));
  return { ledger, stock, squares, plan: punchInstead(squares, { punches, list, stock, trimmer: ANY_TRIMMER }) };
}

const copies = (sheets: readonly PlanSheet[], id: string): number =>
  sheets.flatMap(({ pieces }) => pieces).filter((piece) => piece.id === id).length;

test('eight small circles come of a strip that is waste otherwise, in one step, and no square is cut', () => {
  const list = [line('mat', 11.25, 12, 1), line('circle', 0.625, 0.625, 8)];
  const { plan, ledger } = plannedFrom([{ id: 'm', w: 12, h: 12 }], list);
  const steps = cutSteps(plan.sheets, ledger);
  expect(steps.map(({ kind }) => kind)).toEqual(['cut', 'punch']);
  expect(plan.stats).toMatchObject({ cuts: 1, fresh: 1, pieces: 9 });
});

test('a sheet that gives only circles stays shut while a scrap takes them', () => {
  const papers = [
    { id: 'sheet', w: 12, h: 12 },
    { id: 'scrap', w: 3.25, h: 3.25 },
  ];
  // Staggered, five lie in a square of 3 1/4 whose grid holds four: the squares need the sheet, the circles do not.
  const { squares, plan } = plannedFrom(papers, [line('circle', 1.25, 1.25, 5)]);
  expect(squares.sheets.map(({ stock }) => stock)).toContain('sheet');
  expect(plan.sheets.map(({ stock }) => stock)).toEqual(['scrap']);
  expect(plan.stats.fresh).toBe(0);
});

test('circles for which there are no squares are punched where a scrap takes them', () => {
  const { squares, plan } = plannedFrom([{ id: 'scrap', w: 3.25, h: 3.25 }], [line('circle', 1.25, 1.25, 5)]);
  expect(squares.notCut.length).toBeGreaterThan(0);
  expect(plan.notCut).toEqual([]);
});

test('from a whole sheet a strip is cut off and punched, the rest stays whole', () => {
  const { plan, ledger } = plannedFrom([{ id: 'sheet', w: 12, h: 12 }], [line('circle', 1, 1, 9)]);
  const [cut, punch] = cutSteps(plan.sheets, ledger);
  expect(cut).toMatchObject({ kind: 'cut', at: inches(1) });
  expect(punch).toMatchObject({ kind: 'punch', rest: 'waste', part: { w: inches(12), h: inches(1) } });
  expect(plan.sheets[0]?.nubbins).toMatchObject([{ w: inches(12), h: inches(11) }]);
});

test('what the punch does not reach is cut as before', () => {
  const list = [line('circle', 1, 1, 12)];
  const { squares, plan } = plannedFrom([{ id: 'scrap', w: 4, h: 3 }], list, inches(0.5));
  expect(plan).toEqual(squares);
});

test('the largest scrap is not opened for what a small one takes, nor a small one for one shape of many', () => {
  const papers = [
    { id: 'tiny', w: 1, h: 1 },
    { id: 'small', w: 5, h: 2.5 },
    { id: 'large', w: 6, h: 4 },
  ];
  const { plan } = plannedFrom(papers, [line('circle', 1, 1, 8)]);
  expect(plan.sheets.map(({ stock }) => stock)).toEqual(['small']);
});

const quarter = (from: number, to: number) => fc.integer({ min: from * 4, max: to * 4 }).map((n) => n / 4);
const anyPapers = fc
  .array(fc.record({ w: quarter(1, 12), h: quarter(1, 12) }), { minLength: 1, maxLength: 5 })
  .map((papers) => papers.map((paper, i): Paper => ({ id: `s${i}`, ...paper })));
const anyList = fc
  .record({
    strips: fc.array(fc.record({ w: quarter(1, 6), h: quarter(1, 6), count: fc.integer({ min: 1, max: 2 }) }), {
      maxLength: 3,
    }),
    circles: fc.array(
      fc.record({ d: fc.constantFrom(0.625, 1, 1.25, 1.5, 2), count: fc.integer({ min: 1, max: 9 }) }),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ strips, circles }) => [
    ...strips.map(({ w, h, count }, i) => line(`strip-${i}`, w, h, count)),
    ...circles.map(({ d, count }, i) => line(`circle-${i}`, d, d, count, i === 1 ? 'q' : 'p')),
  ]);

describe('any papers and any circles', () => {
  test('as many pieces as before or more, no more sheets and cuts; the steps give them, and areas add up', () =>
    fc.assert(
      fc.property(anyPapers, anyList, fc.constantFrom(null, inches(1.5)), (papers, list, reach) => {
        const { squares, plan, ledger: start, stock } = plannedFrom(papers, list, reach);
        expect(plan.notCut.length).toBeLessThanOrEqual(squares.notCut.length);
        expect(plan.stats.cuts).toBeLessThanOrEqual(squares.stats.cuts);
        if (plan.notCut.length === squares.notCut.length)
          expect(plan.stats.fresh).toBeLessThanOrEqual(squares.stats.fresh);
        for (const { id, count } of list)
          expect(copies(plan.sheets, id) + plan.notCut.filter((one) => one.id === id).length).toBe(count);
        const claims = plan.sheets.map((sheet, i): LedgerEvent => {
          const whole = sheet.pieces.find(({ part }) => part === 'A');
          const to = whole ? { page: whole.page, slot: whole.slot } : { page: 'plan', slot: null };
          return { id: `c${i}`, day: DAY, type: 'claimed', piece: sheet.stock, ...to };
        });
        let ledger = fold(claims, start).value!;
        cutSteps(plan.sheets, ledger).forEach((step, i) => {
          const after = fold([entry(cutEvent(step, ledger), `k${i}`)], ledger);
          expect(after.error).toBeNull();
          ledger = after.value!;
          expect(isMade(step, ledger)).toBe(true);
        });
        const { area } = balanceOf(ledger, 'l');
        expect(area.received).toBe(area.onBench + area.left + area.wasted);
        for (const page of ['p', 'q'])
          expect(
            stillWanted(
              list.filter((one) => one.page === page),
              ledger,
              page,
            ).reduce((sum, { count }) => sum + count, 0),
          ).toBe(plan.notCut.filter(({ id }) => list.some((one) => one.id === id && one.page === page)).length);
        expect(piecesFor(ledger, 'plan').filter(({ where }) => where === 'claimed')).toEqual([]);
        expect(stock).toHaveLength(papers.length);
      }),
      { numRuns: 25 },
    ));

  test('with a page taken off, the other keeps all of its circles, and nothing else', () =>
    fc.assert(
      fc.property(anyPapers, anyList, (papers, list) => {
        const { plan, ledger } = plannedFrom(papers, list);
        const less = plan.sheets.flatMap((sheet) => pruneSheet(sheet, ({ page }) => page === 'p', ledger).sheet ?? []);
        const own = (sheets: readonly PlanSheet[]): string[] =>
          sheets
            .flatMap(({ pieces }) => pieces)
            .filter(({ page, part }) => page === 'p' && part !== 'A')
            .map(({ id, copy }) => `${id} ${copy}`)
            .sort();
        expect(own(less)).toEqual(own(plan.sheets));
        expect(less.flatMap(({ pieces }) => pieces).every(({ page }) => page === 'p')).toBe(true);
      }),
      { numRuns: 15 },
    ));
});
