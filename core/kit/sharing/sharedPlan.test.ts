import { describe, expect, test } from 'vitest';
import { cutSteps, promisedOf, wantedKey } from '../../page/cutlist';
import type { Layout } from '../../page/design';
import { balanceOf, fold, type Ledger, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { cutEvent } from '../../acts';
import { entry } from '../../acts/test/entry';
import { shareOut, type ShareJob, type SharePlan } from '../shareout';
import type { Page, PlanSheet, Sharing } from '../../stock/things';
import { againstFact, sharingOf, sheetsOfShare, type SharingPage } from '.';

const DAY = '2026-11-25';
const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const grounds: readonly (readonly [string, { w: number; h: number }])[] = [
  ['a', size(12, 6)],
  ['b', size(12, 6)],
  ['c', size(9, 9)],
];
const slot = (page: string, ground: { w: number; h: number }) => ({
  id: wantedKey(page, 'ground', ground),
  ...ground,
  count: 1,
  of: ['moths'],
  turn: null,
  like: [],
  unlike: [],
});
const job: ShareJob = {
  stock: ['m1', 'm2'].map((id) => ({
    id,
    ...size(12, 12),
    count: 1,
    front: 'moths',
    back: null,
    upright: false,
    fresh: true,
    since: null,
    missing: [],
  })),
  pages: grounds.map(([id, ground]) => ({ id, worth: 1, atLeast: 0, atMost: Infinity, slots: [slot(id, ground)] })),
  keepAtLeast: size(1, 1),
  longestCut: null,
};
let plan!: SharePlan;
for (const progress of shareOut(job, null, 40_000)) plan = progress.plan;
const shared = plan.sheets.find(({ pieces }) => pieces.length === 2)!.stock;
const alone = plan.sheets.find(({ pieces }) => pieces.length === 1)!.stock;
const page = (id: string, some: Partial<Page> = {}): Page => ({
  id,
  format: { ...size(12, 12), spread: false },
  design: 'strip-bands',
  mat: 0,
  photos: [],
  papers: {},
  title: id,
  date: '',
  place: '',
  journaling: '',
  started: DAY,
  glued: null,
  finished: null,
  ...some,
});
const pages = new Map(grounds.map(([id]) => [id, page(id)]));
const layoutOf = (ground: { w: number; h: number }): Layout =>
  ({ layers: [{ slot: 'ground', ...ground }], slots: [] }) as unknown as Layout;
const laid = grounds.map(([id, ground]): SharingPage => ({ page: page(id), layout: layoutOf(ground), colours: [] }));
const sheets = sheetsOfShare(plan, laid);
const plans = new Map([['plan', { id: 'plan', sheets }]]);
const start = fold([
  { id: 'r', day: DAY, type: 'received', lot: 'moths', pieces: job.stock.map(({ id, w, h }) => ({ id, w, h })) },
  ...job.stock.map(({ id }): LedgerEvent => ({
    id: `c-${id}`,
    day: DAY,
    type: 'claimed',
    piece: id,
    page: 'plan',
    slot: null,
  })),
]).value!;

/** Makes all cuts of a plan's sheets. */
const cutAll = (of: readonly PlanSheet[], from: Ledger): Ledger =>
  cutSteps(of, from).reduce((ledger, step, i) => fold([entry(cutEvent(step, ledger), `k${i}`)], ledger).value!, from);

describe('a share-out taken up', () => {
  test('is cut as it was drawn: each page gets its pieces, areas add up', () => {
    const ledger = cutAll(sheets, start);
    for (const [id] of grounds)
      expect([...ledger.pieces.values()].filter((piece) => piece.page === id && piece.slot === 'ground')).toHaveLength(
        1,
      );
    const { area } = balanceOf(ledger, 'moths');
    expect(area.received).toBe(area.onBench + area.left + area.wasted);
  });
  test('is promised page by page until it is cut', () => {
    expect(promisedOf(shared, plans, start).map(({ page: id, count }) => [id, count])).toEqual([
      ['a', 1],
      ['b', 1],
    ]);
    expect(promisedOf(alone, plans, start)).toEqual([{ page: 'c', ...size(9, 9), count: 1 }]);
    expect(promisedOf(shared, plans, cutAll(sheets, start))).toEqual([]);
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
    const done = new Map([
      ['a', page('a', { finished: DAY })],
      ['b', page('b')],
    ]);
    expect(againstFact(sharing, { ledger: start, plans, pages: done }).pages.map(({ state }) => state)).toEqual([
      'done',
      'promised',
      'given-up',
    ]);
    const fact = againstFact(sharing, { ledger: cutAll(sheets, start), plans, pages: done });
    expect(fact.elsewhere).toEqual([]);
  });
  test('promised paper that went to another page, or was given away, is told', () => {
    const went = fold(
      [
        { id: 'x1', day: DAY, type: 'released', piece: alone, page: 'plan' },
        { id: 'x2', day: DAY, type: 'given', piece: alone },
        { id: 'x3', day: DAY, type: 'released', piece: shared, page: 'plan' },
        { id: 'x4', day: DAY, type: 'claimed', piece: shared, page: 'z' },
      ],
      start,
    ).value!;
    expect(againstFact(sharing, { ledger: went, plans, pages }).elsewhere).toEqual(
      [
        { piece: alone, where: 'given', page: null, area: inches(12) ** 2 },
        { piece: shared, where: 'other-page', page: 'z', area: inches(12) ** 2 },
      ].sort((a, b) => a.piece.localeCompare(b.piece)),
    );
  });
});
