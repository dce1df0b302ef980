import { describe, expect, test } from 'vitest';
import { canBeGlued, openListOf, pageState, pagesOf } from '../page/cutlist';
import { opposite, type LedgerEvent } from '../stock/ledger';
import { inches } from '../ground/length';
import { piecesFor, fold } from '../stock/ledger';
import {
  acceptPlan,
  arrive,
  beginPage,
  changePage,
  countAnew,
  decided,
  finishPage,
  gluePage,
  makeCut,
  noteMishap,
  outFor,
  partWithSome,
  putAway,
  putOnPage,
  putRight,
  releasePage,
  setPlanAside,
  takeOut,
  takeSomeOut,
} from '.';
import { cutsNow, planFor, unpackedWorld, type World } from './test/world';

/** A page begun in a design; its id. */
function begin(world: World, design = 'framed-ground', side = 8): string {
  const id = world.now.newId();
  const done = world.do(
    beginPage(id, {
      format: { w: inches(side), h: inches(side), spread: false },
      design,
      mat: inches(1 / 8),
      photos: [{ photo: null, w: inches(4), h: inches(3) }],
      papers: {},
      title: `Page ${id}`,
    }),
  );
  expect(done).toBe(true);
  return id;
}
const pageOf = (world: World, id: string) => world.bench.pages.get(id)!;
const stateOf = (world: World, id: string) => pageState(pageOf(world, id), world.bench);
function plan(world: World, ...ids: string[]): void {
  const sheets = planFor(
    world.bench,
    ids.map((id) => pageOf(world, id)),
  );
  expect(world.do(acceptPlan(ids, sheets!))).toBe(true);
}
function cutAll(world: World, id: string): void {
  for (let [step] = cutsNow(world.bench, id); step; [step] = cutsNow(world.bench, id))
    expect(world.do(makeCut(step))).toBe(true);
}
const slotsOf = (world: World, id: string) => piecesFor(world.bench.ledger, id).filter(({ slot }) => slot !== null);

describe('two pages cut together', () => {
  test('all cuts of one made and the other given back: the first is cut, and can be glued', () => {
    const world = unpackedWorld();
    const [a, b] = [begin(world), begin(world)];
    plan(world, a, b);
    cutAll(world, a);
    expect(world.do(releasePage(b))).toBe(true);
    expect(stateOf(world, a)).toBe('cut');
    expect(canBeGlued(pageOf(world, a), world.bench)).toBe(true);
    expect(stateOf(world, b)).toBe('idea');
  });

  test('one given up half way goes back alone; the other is cut to its end', () => {
    const world = unpackedWorld();
    const [a, b] = [begin(world), begin(world)];
    plan(world, a, b);
    const [step] = cutsNow(world.bench, a);
    world.do(makeCut(step!));
    expect(world.do(releasePage(a))).toBe(true);
    expect(piecesFor(world.bench.ledger, a)).toEqual([]);
    cutAll(world, b);
    expect(stateOf(world, b)).toBe('cut');
  });

  test('a mishap asks again only for what it hit; the rest keeps its papers, and the pages stay together', () => {
    const world = unpackedWorld();
    const ids = [begin(world), begin(world), begin(world)];
    plan(world, ...ids);
    const before = new Set(
      [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'claimed').map(({ id }) => id),
    );
    const step = cutsNow(world.bench, ids[0]!).at(-1)!;
    expect(world.do(noteMishap(step, { kind: 'spoilt' }))).toBe(true);
    const after = [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'claimed');
    // Nothing but the spoilt part went from the bench.
    expect(before.size - after.length).toBeLessThanOrEqual(1);
    const wanted = ids.flatMap((id) => openListOf(pageOf(world, id), world.bench)!);
    expect(wanted.length).toBeGreaterThan(0);
    const open = [...world.bench.plans.values()].find(({ sheets }) => sheets.length > 0);
    if (before.size > 1) expect(pagesOf(open!).length).toBeGreaterThan(0);
  });

  test('a plan set aside frees every page of it, and what is cut stays cut', () => {
    const world = unpackedWorld();
    const [a, b] = [begin(world), begin(world)];
    plan(world, a, b);
    const [step] = cutsNow(world.bench, a);
    world.do(makeCut(step!));
    const made = slotsOf(world, a).length + slotsOf(world, b).length;
    expect(world.do(setPlanAside(b))).toBe(true);
    expect([stateOf(world, a), stateOf(world, b)]).toEqual(['idea', 'idea']);
    expect(slotsOf(world, a).length + slotsOf(world, b).length).toBe(made);
    expect(world.bench.plans.size).toBe(0);
  });
});

test('a piece put away is cut for nothing any more, and counts as paper again; undone, it has its place back', () => {
  const world = unpackedWorld();
  const id = begin(world);
  plan(world, id);
  cutAll(world, id);
  const [piece] = slotsOf(world, id);
  expect(world.do(putAway(id, [{ piece: piece!.id }]))).toBe(true);
  expect(world.bench.ledger.pieces.get(piece!.id)).toMatchObject({ where: 'here', slot: null });
  expect(openListOf(pageOf(world, id), world.bench)!.map(({ slot }) => slot)).toEqual([piece!.slot]);
  // Taken out for another page it is a paper to be cut, and no part of that page yet.
  const other = begin(world);
  world.do(takeOut({ pieces: [piece!.id], lots: [] }, other));
  expect(outFor(world.bench, other).loose.map(({ id: loose }) => loose)).toEqual([piece!.id]);
  world.undo();
  world.undo();
  expect(world.undo()).toBe(true);
  expect(world.bench.ledger.pieces.get(piece!.id)).toMatchObject({ where: 'claimed', page: id, slot: piece!.slot });
});

test('one cut is taken back whatever was written since; one that something rests on is not', () => {
  const world = unpackedWorld();
  const id = begin(world);
  plan(world, id);
  const [step] = cutsNow(world.bench, id);
  world.do(makeCut(step!));
  const cut = world.acts.length - 1;
  world.do(changePage(id, { title: 'Written since' }));
  expect(world.undo(cut)).toBe(true);
  expect(pageOf(world, id).title).toBe('Written since');
  expect(world.bench.ledger.pieces.get(step!.piece)?.where).toBe('claimed');
  // The papers cannot go back while a cut in them stands.
  world.do(makeCut(step!));
  const papers = world.acts.findIndex(({ act }) => act.did.kind === 'took-papers');
  expect(world.undo(papers)).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'changed-since' });
});

test('a plan whose sheet is gone is refused by its name, and nothing is taken out', () => {
  const world = unpackedWorld();
  const id = begin(world);
  const sheets = planFor(world.bench, [pageOf(world, id)])!;
  const other = begin(world);
  world.do(takeOut({ pieces: [sheets[0]!.stock], lots: [] }, other));
  expect(world.do(acceptPlan([id], sheets))).toBe(false);
  const lot = world.bench.ledger.pieces.get(sheets[0]!.stock)!.lot;
  expect(world.refused.at(-1)).toEqual({ kind: 'paper-gone', name: lot });
  expect(outFor(world.bench, id).toCut).toEqual([]);
});

test('a plan for pieces that the page no longer wants is refused', () => {
  const world = unpackedWorld();
  const id = begin(world);
  const sheets = planFor(world.bench, [pageOf(world, id)])!;
  world.do(changePage(id, { design: 'strip-bands' }));
  expect(world.do(acceptPlan([id], sheets))).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'changed-since' });
});

test('a stock take keeps differences: what is given away before it is put right stays away', () => {
  const world = unpackedWorld();
  // Twenty of the twenty-four were found; then six are given away.
  const found = { missed: [], found: [], lots: { dots: { '': -4 } } };
  world.do(partWithSome('dots', { '': 6 }, { how: 'given' }));
  expect(world.do(putRight(found, 'tray 2'))).toBe(true);
  expect(world.bench.ledger.lots.get('dots')!.here).toEqual({ '': 14 });
});

test('a thing counted anew is as many as were counted, however often that is said', () => {
  const world = unpackedWorld();
  expect(world.do(countAnew('dots', { '': 20 }, 'counted'))).toBe(true);
  expect(world.do(countAnew('dots', { '': 20 }, 'counted'))).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'nothing-to-do' });
  expect(world.bench.ledger.lots.get('dots')!.here).toEqual({ '': 20 });
  expect(world.do(countAnew('dots', {}, 'lost'))).toBe(true);
  expect(world.bench.ledger.lots.get('dots')!.here).toEqual({});
});

describe('what is out by hand', () => {
  test('is used in part or whole from the first cut to long after it is done, or put away one by one', () => {
    const world = unpackedWorld();
    const id = begin(world);
    world.do(takeSomeOut('dots', { '': 9 }, id));
    plan(world, id);
    expect(world.do(putOnPage(id, [{ lot: 'dots', amounts: { '': 2 } }]))).toBe(true);
    cutAll(world, id);
    expect(world.do(gluePage(id, []))).toBe(true);
    // What was neither laid nor used went back; it is taken out again.
    world.do(takeSomeOut('dots', { '': 7 }, id));
    expect(world.do(putOnPage(id, [{ lot: 'dots', amounts: { '': 3 } }]))).toBe(true);
    expect(world.do(finishPage(id))).toBe(true);
    expect(world.do(putOnPage(id, [{ lot: 'dots', amounts: { '': 1 } }]))).toBe(true);
    const [sheet] = [...world.bench.ledger.pieces.values()].filter(({ where }) => where === 'here');
    world.do(takeOut({ pieces: [sheet!.id], lots: [] }, id));
    expect(world.do(putOnPage(id, [{ piece: sheet!.id }]))).toBe(true);
    expect(world.do(putAway(id, [{ lot: 'dots', amounts: { '': 3 } }]))).toBe(true);
    expect(world.bench.ledger.lots.get('dots')).toMatchObject({
      here: { '': 18 },
      claimed: {},
      used: { [id]: { '': 6 } },
    });
    expect(stateOf(world, id)).toBe('done');
  });

  test('a paper of a plan that is put away leaves the plan, and its pieces are wanted again', () => {
    const world = unpackedWorld();
    const id = begin(world);
    plan(world, id);
    const [first] = outFor(world.bench, id).toCut;
    expect(world.do(putAway(id, [{ piece: first!.piece.id }]))).toBe(true);
    expect(world.bench.ledger.pieces.get(first!.piece.id)?.where).toBe('here');
    expect(openListOf(pageOf(world, id), world.bench)!.length).toBeGreaterThan(0);
  });

  test('papers that several pages share lie on the bench of each', () => {
    const world = unpackedWorld();
    const ids = [begin(world), begin(world)];
    plan(world, ...ids);
    const sheets = ids.map((id) => new Set(outFor(world.bench, id).toCut.map(({ piece }) => piece.id)));
    expect(sheets.every((own) => own.size > 0)).toBe(true);
    const shared = [...world.bench.plans.values()]
      .flatMap((one) => one.sheets)
      .filter((sheet) => pagesOf({ sheets: [sheet] }).length > 1);
    for (const { stock } of shared) expect(sheets.every((own) => own.has(stock))).toBe(true);
  });
});

describe('the ledger', () => {
  const given: LedgerEvent = { id: 'g', day: '2026-11-05', type: 'given', lot: 'dots', amounts: { '': 4 } };
  test.each<[string, LedgerEvent]>([
    ['more', { ...opposite(given, 'u', '2026-11-06'), amounts: { '': 5 } } as LedgerEvent],
    ['another part', { ...opposite(given, 'u', '2026-11-06'), amounts: { a: 4 } } as LedgerEvent],
    ['another kind', { ...opposite(given, 'u', '2026-11-06'), type: 'sold' } as LedgerEvent],
  ])('refuses an opposite that says %s than what it takes back', (_, event) => {
    const { ledger } = unpackedWorld().bench;
    expect(fold([given, event], ledger)).toMatchObject({ ok: false, error: { kind: 'not-its-opposite' } });
  });
  test('refuses a cut taken back with fewer parts', () => {
    const { ledger } = unpackedWorld().bench;
    const half = (id: string, x: number) => ({ id, x, y: 0, w: inches(6), h: inches(12), role: 'nubbin' as const });
    const cut: LedgerEvent = {
      id: 'c',
      day: '2026-11-05',
      type: 'cut',
      piece: 'inks-1',
      page: null,
      into: [half('l', 0), half('r', inches(6))],
    };
    const back = { ...opposite(cut, 'u', '2026-11-06'), into: [half('l', 0)] } as LedgerEvent;
    expect(fold([cut, back], ledger)).toMatchObject({ error: { kind: 'not-its-opposite' } });
  });
  test.each([0, -3])('refuses %i of something', (n) => {
    const { ledger } = unpackedWorld().bench;
    expect(fold([{ ...given, amounts: { '': n } }], ledger)).toMatchObject({ error: { kind: 'not-above-zero' } });
  });
  test.each(['constructor', '__proto__', 'toString'])('takes a part called %s for what it is', (part) => {
    const amounts = JSON.parse(`{"${part}": 3}`) as Record<string, number>;
    const { ledger } = unpackedWorld().bench;
    const after = fold([{ id: 'r', day: '2026-11-05', type: 'received', lot: 'dots', amounts }], ledger).value!;
    expect(Object.entries(after.lots.get('dots')!.here)).toContainEqual([part, 3]);
    expect(Object.getPrototypeOf(after.lots.get('dots')!.here)).toBe(Object.prototype);
  });
  test('refuses one sheet twice in one receipt, and sheets too large to reckon with', () => {
    const receive = (pieces: { id: string; w: number; h: number }[]): LedgerEvent => ({
      id: 'r',
      day: '2026-11-05',
      type: 'received',
      lot: 'inks',
      pieces,
    });
    expect(
      fold([
        receive([
          { id: 'x', w: 9, h: 9 },
          { id: 'x', w: 9, h: 9 },
        ]),
      ]),
    ).toMatchObject({ error: { kind: 'same-piece-twice' } });
    expect(fold([receive([{ id: 'x', w: 2 ** 40, h: 2 ** 40 }])])).toMatchObject({ error: { kind: 'not-a-size' } });
    expect(fold([receive([{ id: 'x', w: 1.5, h: 9 }])])).toMatchObject({ error: { kind: 'not-a-size' } });
  });
});

test('what is owed arrives once, and what is not owed not at all', () => {
  const world = unpackedWorld();
  const owe = () =>
    decided('took-parcel-in', '', { events: [{ type: 'owed' as const, lot: 'inks', amounts: { '': 2 } }] });
  world.do(owe);
  expect(world.do(arrive('inks'))).toBe(true);
  expect([...world.bench.ledger.pieces.values()].filter(({ lot }) => lot === 'inks')).toHaveLength(4);
  expect(world.do(arrive('inks'))).toBe(false);
});
