import 'fake-indexeddb/auto';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import type { Subscription } from 'dexie';
import { planCuts } from '../../core/cutting';
import { restAround } from '../../core/geometry';
import { balanceOf } from '../../core/ledger';
import { inches, toMm } from '../../core/length';
import { shareOut, type ShareJob, type SharePlan } from '../../core/shareout';
import { choosePapers } from '../../core/papers';
import { coverOf, designOf, layOut } from '../../core/design';
import { cutJobFor, cutListOf, cutSteps, forPage, isMade, NUBBIN, stillWanted, windowsOf } from '../../core/cutlist';
import { stockOnHand } from '../../core/stock';
import type { Page } from '../../core/things';
import { act, db, keepDraft, noticeStore, redo, undo } from './acts';
import { shelfOf, type Bench } from './bench';
import { EMPTY_FILE, replaceBench, type BenchFile } from './benchFile';
import { benchStore, followBench } from './benchStore';
import { workOf } from './machine';
import {
  acceptPlan,
  changePage,
  cutWindow,
  dropPlan,
  finishPage,
  gluePage,
  makeCut,
  looseOn,
  newPage,
  noteMishap,
  onBench,
  pageName,
  putAway,
  releasePage,
  removePage,
  settlePapers,
  startPage,
  takeFromMachine,
} from './pageActs';
import { claimShareOut, dropSharing } from './shareActs';

const DAY = '2026-11-05';
const face = (id: string, hex: string) => ({ id, name: id, pattern: 'plain' as const, colours: [{ hex, share: 1 }] });
const lot = (id: string, front: string, line: number) => ({
  id,
  kit: 'k',
  kind: 'paper' as const,
  name: id,
  measure: 'sheets' as const,
  size: { w: inches(12), h: inches(12) },
  front,
  back: null,
  upright: false,
  note: '',
  line,
});
const file: BenchFile = {
  ...EMPTY_FILE,
  kits: [{ id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' }],
  faces: [face('ink', '#22314f'), face('lamp', '#f6d27a'), face('blush', '#f0cfcb')],
  lots: [
    lot('inks', 'ink', 1),
    lot('lamps', 'lamp', 2),
    lot('blushes', 'blush', 3),
    { ...lot('dots', 'lamp', 4), kind: 'dots', measure: 'count', size: null, front: null },
  ],
  events: [
    ...['inks', 'lamps', 'blushes'].map((id, i) => ({
      id: `e${i}`,
      day: DAY,
      type: 'received' as const,
      lot: id,
      pieces: [1, 2].map((n) => ({ id: `${id}-${n}`, w: inches(12), h: inches(12) })),
    })),
    { id: 'e9', day: DAY, type: 'received', lot: 'dots', amounts: { '': 24 } },
  ],
};

let following: Subscription;
const bench = (): Bench => benchStore.getState().bench;
const pageOf = (id: string): Page => bench().pages.get(id)!;
const notice = (): string => noticeStore.getState().notice?.text ?? '';

beforeAll(() => {
  following = followBench(db);
});
afterAll(() => following.unsubscribe());
beforeEach(async () => {
  await replaceBench(db, file);
  await expect
    .poll(() => bench().kits.size === 1 && bench().pages.size === 0 && bench().ledger.events.size === 4)
    .toBe(true);
});

async function begin(): Promise<string> {
  const id = await startPage({
    format: { w: inches(12), h: inches(12), spread: false },
    design: 'framed-ground',
    mat: inches(1 / 8),
    photos: [{ photo: null, w: inches(6), h: inches(4) }],
    papers: {},
  });
  return id!;
}

async function planned(): Promise<string> {
  const id = await begin();
  const page = pageOf(id);
  const layout = layOut(designOf(page.design)!, page).value!;
  const stock = stockOnHand(shelfOf(bench()), id);
  const papers = choosePapers(layout, { faces: [...bench().faces.values()], stock, colours: [] });
  await changePage(page, { papers }, 'Chose papers');
  await acceptPlan([pageOf(id)], planCuts(cutJobFor(cutListOf(layout, { papers }), stock), 5_000), bench().ledger);
  return id;
}

async function cutUp(id: string): Promise<number> {
  let made = 0;
  for (;;) {
    const page = pageOf(id);
    const step = cutSteps(page.plan!, bench().ledger).find((s) => !isMade(s, bench().ledger));
    if (!step) return made;
    expect(await makeCut(page, step, bench().ledger)).toBe(true);
    made++;
  }
}

describe('a page from idea to done', () => {
  test('pages stand in the order in which they were begun, of a day by title', async () => {
    const titled = async (title: string, started: string): Promise<void> => {
      await changePage(pageOf(await begin()), { title, started }, 'Told');
    };
    for (const [title, started] of [
      ['The heaviest', '2026-11-05'],
      ['At heat', '2026-11-05'],
      ['Stand', '2026-10-30'],
    ] as const)
      await titled(title, started);
    expect([...bench().pages.values()].map(({ title }) => title)).toEqual(['Stand', 'At heat', 'The heaviest']);
  });

  test('a paper chosen a moment before going to the cuts stands against the proposal shown by then', async () => {
    const shown = pageOf(await begin());
    await changePage(shown, (now) => ({ papers: { ...now.papers, frame: 'blush' } }), 'Chose blush');
    await settlePapers(shown, { ground: 'ink', frame: 'lamp' });
    expect(pageOf(shown.id).papers).toEqual({ ground: 'ink', frame: 'blush' });
  });

  test('papers are claimed, cut, glued; the rest is in the stash; everything adds up', async () => {
    const id = await planned();
    expect(pageOf(id).state).toBe('planned');
    expect(onBench(bench().ledger, id).pieces.length).toBe(pageOf(id).plan!.sheets.length);
    expect(await cutUp(id)).toBe(pageOf(id).plan!.stats.cuts);
    expect(pageOf(id).state).toBe('cut');
    const layout = layOut(designOf('framed-ground')!, pageOf(id)).value!;
    expect(
      stillWanted(cutListOf(layout, pageOf(id)), bench().ledger, id).every(({ slot }) =>
        onBench(bench().ledger, id).pieces.some((p) => p.slot === null && slot === 'frame'),
      ),
    ).toBe(true);

    expect(looseOn(pageOf(id), bench().ledger)).toEqual({ pieces: [], amounts: [] });
    await act({ label: 'Took dots', events: [{ type: 'claimed', lot: 'dots', amounts: { '': 5 }, page: id }] });
    expect(looseOn(pageOf(id), bench().ledger)).toEqual({ pieces: [], amounts: [{ lot: 'dots', amounts: { '': 5 } }] });
    await gluePage(pageOf(id), bench().ledger, [{ lot: 'dots', amounts: { '': 3 } }]);
    expect(pageOf(id).state).toBe('glued');
    expect(onBench(bench().ledger, id)).toEqual({ pieces: [], amounts: [{ lot: 'dots', amounts: { '': 2 } }] });
    await putAway(pageOf(id), onBench(bench().ledger, id));
    await finishPage(pageOf(id));
    expect(pageOf(id)).toMatchObject({ state: 'done' });
    expect(pageOf(id).finished).not.toBeNull();

    for (const name of ['inks', 'lamps', 'blushes']) {
      const { area } = balanceOf(bench().ledger, name);
      expect(area.received).toBe(area.onPages + area.left + area.wasted);
      expect(area.onBench).toBe(0);
    }
    expect(balanceOf(bench().ledger, 'dots').count).toMatchObject({ received: 24, onPages: 3, left: 21 });
  });

  test('all of it can be undone, act by act, and done again', async () => {
    const id = await planned();
    await cutUp(id);
    await gluePage(pageOf(id), bench().ledger, []);
    let acts = 0;
    while (bench().canUndo !== null) {
      await undo();
      acts++;
    }
    expect(bench().pages.size).toBe(0);
    expect([...bench().ledger.pieces.values()].every(({ where, from }) => where === 'here' && from === null)).toBe(
      true,
    );
    for (let n = 0; n < acts; n++) await redo();
    expect(pageOf(id).state).toBe('glued');
    expect(bench().canRedo).toBeNull();
    await redo();
    expect(notice()).toBe('There is nothing to do again.');
  });

  test('a plan set aside gives back what is not cut and keeps what is', async () => {
    const id = await planned();
    const [step] = cutSteps(pageOf(id).plan!, bench().ledger);
    await makeCut(pageOf(id), step!, bench().ledger);
    await dropPlan(pageOf(id), bench().ledger);
    expect(pageOf(id)).toMatchObject({ state: 'idea', plan: null });
    expect(onBench(bench().ledger, id).pieces.every(({ slot }) => slot !== null)).toBe(true);
  });

  test('a dropped page gives everything back', async () => {
    const id = await planned();
    await removePage(pageOf(id), bench().ledger);
    expect(bench().pages.has(id)).toBe(false);
    expect([...bench().ledger.pieces.values()].every(({ where }) => where === 'here')).toBe(true);
  });
});

describe('what is said', () => {
  test('an act says what it was, a refused one why, and nothing is changed', async () => {
    expect(await act({ label: 'Recycled a sheet', events: [{ type: 'recycled', piece: 'inks-1' }] })).toBe(true);
    expect(notice()).toBe('Recycled a sheet');
    const before = bench().events.length;
    expect(await act({ label: 'Again', events: [{ type: 'recycled', piece: 'inks-1' }] })).toBe(false);
    expect(notice()).toMatch(/^That cannot be: it is no longer where it was \(inks-1\)\. Nothing was changed\.$/);
    expect(await act({ label: 'Too many', events: [{ type: 'given', lot: 'dots', amounts: { '': 99 } }] })).toBe(false);
    expect(notice()).toMatch(/there are not so many/);
    expect(bench().events.length).toBe(before);
  });
  test('a page without a title is called so', () => {
    expect(pageName({ title: '  ' })).toBe('Page without a title');
    expect(pageName({ title: 'Stand' })).toBe('Stand');
  });
  test('a list being typed is kept and is no act', async () => {
    await keepDraft({ id: 'd', club: '', name: 'Heron Lock', month: '2026-12', list: '2 x', here: {} });
    expect(bench().drafts.get('d')?.list).toBe('2 x');
    expect(bench().canUndo).toBeNull();
  });
});

describe('when life goes wrong', () => {
  const totals = () =>
    ['inks', 'lamps', 'blushes']
      .map((id) => balanceOf(bench().ledger, id).area)
      .reduce(
        (sum, { received, onBench: out, left, wasted }) => ({
          received: sum.received + received,
          accounted: sum.accounted + out + left + wasted,
        }),
        { received: 0, accounted: 0 },
      );
  const nextStep = (id: string) =>
    cutSteps(pageOf(id).plan!, bench().ledger).find((step) => !isMade(step, bench().ledger))!;

  test.each([
    ['a cut at another measure', { kind: 'other-measure', at: inches(1.5) }],
    ['a spoilt part', { kind: 'spoilt' }],
    ['a lost part', { kind: 'lost' }],
  ] as const)('%s puts the plan aside, areas add up, and undo brings it back', async (_, mishap) => {
    const id = await planned();
    const before = pageOf(id);
    expect(await noteMishap(before, nextStep(id), mishap, bench().ledger)).toBe(true);
    expect(pageOf(id)).toMatchObject({ state: 'idea', plan: null });
    expect(onBench(bench().ledger, id).pieces).toEqual([]);
    const { received, accounted } = totals();
    expect(accounted).toBe(received);
    expect(await undo()).toBe(true);
    expect(pageOf(id)).toEqual(before);
    expect(await redo()).toBe(true);
    expect(pageOf(id).plan).toBeNull();
  });

  test('a mishap with a part that is cut already is refused, and nothing changes', async () => {
    const id = await planned();
    const step = nextStep(id);
    await makeCut(pageOf(id), step, bench().ledger);
    const before = pageOf(id);
    expect(await noteMishap(before, step, { kind: 'spoilt' }, bench().ledger)).toBe(false);
    expect(notice()).toMatch(/^That cannot be/);
    expect(pageOf(id)).toEqual(before);
  });
});

test('a hidden middle is cut out, lies in the stash, and the rim is glued with the page', async () => {
  const id = await planned();
  await cutUp(id);
  const windows = () => {
    const layout = layOut(designOf(pageOf(id).design)!, pageOf(id)).value!;
    return windowsOf(pageOf(id), layout, coverOf(layout), shelfOf(bench()));
  };
  const [first, ...rest] = windows();
  expect(await cutWindow(pageOf(id), first!)).toBe(true);
  expect(windows().map(({ layer }) => layer.id)).toEqual(rest.map(({ layer }) => layer.id));
  expect(bench().ledger.pieces.get(`${first!.piece.id}-middle`)).toMatchObject({
    where: 'here',
    w: first!.at.w,
    h: first!.at.h,
  });
  expect(await cutWindow(pageOf(id), first!)).toBe(false);
  await gluePage(pageOf(id), bench().ledger, []);
  expect(bench().ledger.pieces.get(`${first!.piece.id}-rim`)).toMatchObject({ where: 'used', page: id });
});

/** Two pages whose mats come from the same sheets, planned as one. */
async function plannedTogether(): Promise<[string, string]> {
  const ids: [string, string] = [await begin(), await begin()];
  const layout = layOut(designOf('framed-ground')!, pageOf(ids[0])).value!;
  const stock = stockOnHand(shelfOf(bench()), ids[0]);
  const papers = { frame: 'ink', ground: 'lamp', mat: 'blush' };
  for (const id of ids) await changePage(pageOf(id), { papers }, 'Chose papers');
  const list = ids.flatMap((id, i) =>
    cutListOf(layout, { papers }).map((piece) => (i === 0 ? piece : { ...piece, id: forPage(id, piece.id) })),
  );
  await acceptPlan(ids.map(pageOf), planCuts(cutJobFor(list, stock), 5_000), bench().ledger);
  return ids;
}

describe('two pages cut together', () => {
  test('every piece goes to its page, both are cut after the last cut, and each is glued by itself', async () => {
    const ids = await plannedTogether();
    expect(ids.map((id) => pageOf(id).state)).toEqual(['planned', 'planned']);
    await cutUp(ids[1]);
    expect(ids.map((id) => pageOf(id).state)).toEqual(['cut', 'cut']);
    for (const id of ids) {
      const layout = layOut(designOf('framed-ground')!, pageOf(id)).value!;
      const cut = onBench(bench().ledger, id)
        .pieces.filter(({ slot }) => slot !== null)
        .map(({ slot }) => slot);
      expect(cut.filter((slot) => slot === 'mat')).toHaveLength(1);
      expect(stillWanted(cutListOf(layout, pageOf(id)), bench().ledger, id).every(({ slot }) => slot === 'frame')).toBe(
        true,
      );
    }
    expect(await gluePage(pageOf(ids[1]), bench().ledger, [])).toBe(true);
    expect(onBench(bench().ledger, ids[1]).pieces).toEqual([]);
    expect(onBench(bench().ledger, ids[0]).pieces.length).toBeGreaterThan(0);
  });
  test('the plan set aside, or one of the pages dropped, everything uncut goes back and both are open again', async () => {
    const ids = await plannedTogether();
    expect(await dropPlan(pageOf(ids[1]), bench().ledger)).toBe(true);
    expect(ids.map((id) => [pageOf(id).state, pageOf(id).together])).toEqual([
      ['idea', undefined],
      ['idea', undefined],
    ]);
    expect([...bench().ledger.pieces.values()].every(({ where }) => where === 'here')).toBe(true);
    expect(await undo()).toBe(true);
    expect(pageOf(ids[0]).together).toEqual(ids);
    expect(await removePage(pageOf(ids[0]), bench().ledger)).toBe(true);
    expect(pageOf(ids[1])).toMatchObject({ state: 'idea', plan: null });
    expect([...bench().ledger.pieces.values()].every(({ where }) => where === 'here')).toBe(true);
  });
});

describe('a sheet from the machine', () => {
  const reported = (id: string, cut: (i: number) => boolean) => {
    const sheet = pageOf(id).plan!.sheets.find(({ cuts }) => cuts.length > 1)!;
    const whole = bench().ledger.pieces.get(sheet.stock)!;
    const left = restAround(whole, sheet.pieces, NUBBIN).map(({ x, y, w, h }) => ({
      x: toMm(x),
      y: toMm(y),
      w: toMm(w),
      h: toMm(h),
    }));
    return {
      sheet,
      work: workOf(
        { id: '1', state: 'done', done: 1, cut: sheet.pieces.map((_, i) => cut(i)), left },
        sheet.pieces.map(() => 1),
      ),
    };
  };
  test('cut well, its cuts are no longer waited for; undone, they are', async () => {
    const id = await planned();
    const before = cutSteps(pageOf(id).plan!, bench().ledger).length;
    const { sheet, work } = reported(id, () => true);
    expect(await takeFromMachine(pageOf(id), sheet, work, bench().ledger)).toBe(true);
    expect(cutSteps(pageOf(id).plan!, bench().ledger)).toHaveLength(before - sheet.cuts.length);
    expect(onBench(bench().ledger, id).pieces.filter(({ slot }) => slot !== null)).toHaveLength(sheet.pieces.length);
    await cutUp(id);
    expect(pageOf(id).state).toBe('cut');
    const { area } = balanceOf(bench().ledger, bench().ledger.pieces.get(sheet.stock)!.lot);
    expect(area.received).toBe(area.onBench + area.left + area.wasted);
    expect(await gluePage(pageOf(id), bench().ledger, [])).toBe(true);
  });
  test('after a slip the page is planned again on what is there', async () => {
    const id = await planned();
    const { sheet, work } = reported(id, () => false);
    expect(await takeFromMachine(pageOf(id), sheet, work, bench().ledger)).toBe(true);
    expect(pageOf(id)).toMatchObject({ state: 'idea', plan: null });
    expect(onBench(bench().ledger, id).pieces).toEqual([]);
    expect(notice()).toBe('The machine slipped');
  });
  test('a piece of two lines is well cut only when both are', () => {
    expect(workOf({ id: '1', state: 'slipped', done: 0.5, cut: [true, false, true], left: [] }, [2, 1]).cut).toEqual([
      false,
      true,
    ]);
  });
});

describe('a share-out', () => {
  const slot = (w: number, h: number) => ({
    id: `ground:${inches(w)}x${inches(h)}`,
    w: inches(w),
    h: inches(h),
    count: 1,
    of: ['ink'],
    turn: null,
    like: [],
    unlike: [],
  });

  /** Three pages over two inks: two halves of one sheet, and one sheet alone. */
  async function claimed(): Promise<SharePlan> {
    const job: ShareJob = {
      stock: stockOnHand(shelfOf(bench()), null),
      keepAtLeast: NUBBIN,
      longestCut: null,
      pages: [
        ['a', slot(12, 6)],
        ['b', slot(12, 6)],
        ['c', slot(9, 9)],
      ].map(([id, own]) => ({
        id: id as string,
        worth: 1,
        atLeast: 0,
        atMost: Infinity,
        slots: [own as ReturnType<typeof slot>],
      })),
    };
    let plan: SharePlan | null = null;
    for (const progress of shareOut(job, null, 40_000)) plan = progress.plan;
    const format = { w: inches(12), h: inches(12), spread: false };
    const pages = ['a', 'b', 'c'].map((id) =>
      newPage(id, { format, design: 'strip-bands', mat: 0, photos: [], papers: {}, title: id }),
    );
    await act({ label: 'Three pages', changes: pages.map((page) => ({ table: 'pages', key: page.id, after: page })) });
    expect(
      await claimShareOut(
        { plan: plan!, pages, kits: ['k'], gifts: [{ page: 'b', thing: 'dots', count: 5 }] },
        bench().ledger,
      ),
    ).toBe(true);
    await expect.poll(() => bench().sharings.size).toBe(1);
    return plan!;
  }

  test('is claimed as one act: papers chosen, sheets and small things taken out, a record kept; undo takes all back', async () => {
    const plan = await claimed();
    expect(['a', 'b', 'c'].map((id) => [pageOf(id).state, pageOf(id).papers['ground']])).toEqual([
      ['planned', 'ink'],
      ['planned', 'ink'],
      ['planned', 'ink'],
    ]);
    for (const { stock } of plan.sheets) expect(bench().ledger.pieces.get(stock)!.where).toBe('claimed');
    expect(onBench(bench().ledger, 'b').amounts).toEqual([{ lot: 'dots', amounts: { '': 5 } }]);
    await undo();
    await expect.poll(() => bench().sharings.size).toBe(0);
    expect(pageOf('a')).toMatchObject({ state: 'idea', papers: {} });
    expect([...bench().ledger.pieces.values()].every(({ where }) => where === 'here')).toBe(true);
    await redo();
    await expect.poll(() => pageOf('a').state).toBe('planned');
  });

  test('a page that is given up gives back what is only its own; the one that led hands on', async () => {
    await claimed();
    expect(await releasePage(pageOf('a'), bench().ledger)).toBe(true);
    expect(pageOf('a')).toMatchObject({ state: 'idea', plan: null });
    expect(pageOf('b').together).toEqual(['b', 'c']);
    expect(await releasePage(pageOf('b'), bench().ledger)).toBe(true);
    expect(onBench(bench().ledger, 'b').amounts).toEqual([]);
    expect(pageOf('c')).toMatchObject({ state: 'planned', together: undefined });
    expect(await cutUp('c')).toBeGreaterThan(0);
    expect(onBench(bench().ledger, 'c').pieces.filter(({ slot: of }) => of === 'ground')).toHaveLength(1);
    const { area } = balanceOf(bench().ledger, 'inks');
    expect(area.received).toBe(area.onBench + area.left + area.wasted);
  });

  test('given up half way, the others are cut to their end', async () => {
    await claimed();
    const first = cutSteps(pageOf('a').plan!, bench().ledger)[0]!;
    await makeCut(pageOf('a'), first, bench().ledger);
    expect(await releasePage(pageOf('c'), bench().ledger)).toBe(true);
    await cutUp('a');
    for (const id of ['a', 'b'])
      expect(onBench(bench().ledger, id).pieces.filter(({ slot: of }) => of === 'ground')).toHaveLength(1);
    expect(await dropSharing([...bench().sharings.keys()][0]!)).toBe(true);
    expect(bench().sharings.size).toBe(0);
  });
});
