import { describe, expect, test } from 'vitest';
import { balanceOf, fold, type Ledger, type LedgerEvent } from '../ledger';
import { inches } from '../length';
import { shareOut, type ShareJob, type SharePlan } from '../shareout';
import type { Page, Sharing } from '../things';
import { againstFact, cutPlanOf, promisedOf, sharingOf, withoutPage } from '.';
import { cutEvent } from '../making';
import { cutSteps } from '../cutlist';

const DAY = '2026-11-25';
const slot = (name: string, w: number, h: number) => ({
  id: `${name}:${inches(w)}x${inches(h)}`,
  w: inches(w),
  h: inches(h),
  count: 1,
  of: ['moths'],
  turn: null,
  like: [],
  unlike: [],
});
const job: ShareJob = {
  stock: ['m1', 'm2'].map((id) => ({
    id,
    w: inches(12),
    h: inches(12),
    count: 1,
    front: 'moths',
    back: null,
    upright: false,
    fresh: true,
    since: null,
    missing: [],
  })),
  pages: [
    ['a', [slot('ground', 12, 6)]],
    ['b', [slot('ground', 12, 6)]],
    ['c', [slot('ground', 9, 9)]],
  ].map(([id, slots]) => ({
    id: id as string,
    worth: 1,
    atLeast: 0,
    atMost: Infinity,
    slots: slots as ShareJob['pages'][number]['slots'],
  })),
  keepAtLeast: { w: inches(1), h: inches(1) },
  longestCut: null,
};
let plan!: SharePlan;
for (const progress of shareOut(job, null, 40_000)) plan = progress.plan;
const cutPlan = cutPlanOf(plan);
const shared = plan.sheets.find(({ pieces }) => pieces.length === 2)!.stock;
const alone = plan.sheets.find(({ pieces }) => pieces.length === 1)!.stock;
const page = (id: string, some: Partial<Page> = {}): Page => ({
  id,
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'strip-bands',
  mat: 0,
  photos: [],
  papers: {},
  state: 'planned',
  title: id,
  date: '',
  place: '',
  journaling: '',
  plan: cutPlan,
  together: ['a', 'b', 'c'],
  started: DAY,
  finished: null,
  ...some,
});
const pages = new Map(['a', 'b', 'c'].map((id) => [id, page(id)]));
const start = fold([
  { id: 'r', day: DAY, type: 'received', lot: 'moths', pieces: job.stock.map(({ id, w, h }) => ({ id, w, h })) },
  ...job.stock.map(({ id }): LedgerEvent => ({ id: `c-${id}`, day: DAY, type: 'claimed', piece: id, page: 'a' })),
]).value!;

/** Makes all cuts of a plan led by a page. */
function cutAll(of: typeof cutPlan, lead: string, from: Ledger): Ledger {
  return cutSteps(of, from).reduce(
    (ledger, step, i) => fold([cutEvent(step, ledger, lead, `k${i}`, DAY)], ledger).value!,
    from,
  );
}

describe('a share-out taken up', () => {
  test('is cut as it was drawn: each page gets its pieces, areas add up', () => {
    const ledger = cutAll(cutPlan, 'a', start);
    for (const id of ['a', 'b', 'c'])
      expect([...ledger.pieces.values()].filter((piece) => piece.page === id && piece.slot === 'ground')).toHaveLength(
        1,
      );
    const { area } = balanceOf(ledger, 'moths');
    expect(area.received).toBe(area.onBench + area.left + area.wasted);
  });
  test('is promised page by page until it is cut', () => {
    expect(promisedOf(shared, pages.values()).map(({ page: id, count }) => [id, count])).toEqual([
      ['a', 1],
      ['b', 1],
    ]);
    expect(promisedOf(alone, pages.values())).toEqual([{ page: 'c', w: inches(9), h: inches(9), count: 1 }]);
    expect(promisedOf(shared, [page('a', { state: 'cut' })])).toEqual([]);
  });
  test('a page given up gives its part back; a sheet only for it is not opened', () => {
    const withoutC = withoutPage(cutPlan, 'c', 'a');
    expect(withoutC.released).toEqual([alone]);
    expect(withoutC.plan.sheets.map(({ stock }) => stock)).toEqual([shared]);
    const withoutB = withoutPage(cutPlan, 'b', 'a');
    expect(withoutB.released).toEqual([]);
    const ledger = cutAll(withoutB.plan, 'a', start);
    expect([...ledger.pieces.values()].filter((piece) => piece.page === 'b')).toEqual([]);
    const { area } = balanceOf(ledger, 'moths');
    expect(area.received).toBe(area.onBench + area.left + area.wasted);
  });
});

describe('plan against fact', () => {
  const sharing: Sharing = sharingOf(plan, [...pages.values()], ['k'], 's', DAY);

  test('the record says what each page was promised', () => {
    expect(sharing).toMatchObject({
      wanted: 3,
      kits: ['k'],
      pages: [{ page: 'a', papers: [{ piece: shared, area: inches(12) * inches(6) }] }, { page: 'b' }, { page: 'c' }],
    });
  });
  test('states follow the pages; what is done as planned went nowhere else', () => {
    const cut = cutAll(cutPlan, 'a', start);
    const done = new Map([
      ['a', page('a', { state: 'done' })],
      ['b', page('b', { state: 'cut' })],
    ]);
    const fact = againstFact(sharing, cut, done);
    expect(fact.pages.map(({ state }) => state)).toEqual(['done', 'cut', 'given-up']);
    expect(fact.elsewhere).toEqual([]);
  });
  test('promised paper that went to another page, or was given away, is told', () => {
    const went = fold(
      [
        { id: 'x1', day: DAY, type: 'released', piece: alone, page: 'a' },
        { id: 'x2', day: DAY, type: 'given', piece: alone },
        { id: 'x3', day: DAY, type: 'released', piece: shared, page: 'a' },
        { id: 'x4', day: DAY, type: 'claimed', piece: shared, page: 'z' },
      ],
      start,
    ).value!;
    expect(againstFact(sharing, went, pages).elsewhere).toEqual(
      [
        { piece: alone, where: 'given', page: null, area: inches(12) ** 2 },
        { piece: shared, where: 'other-page', page: 'z', area: inches(12) ** 2 },
      ].sort((a, b) => a.piece.localeCompare(b.piece)),
    );
  });
});
