import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { canBeGlued, cutListOf, heldAgainst, openListOf, pageState, toCutFor } from '../page/cutlist';
import { pageLayout } from '../page/design';
import { piecesFor, type PieceState } from '../stock/ledger';
import { accountOf, leftOf, paperByMonth } from '../kit/closing';
import { founded, laidOf } from '../page/placing';
import { isKept } from '../stock/things';
import { countOf, dropPage, outFor } from '.';
import { EMPTY_BENCH, TABLES, type Bench } from '../stock/bench';
import { brokenReferences, cutsNow, unbalanced, World } from './test/world';
import { chosenFrom, steps, tell } from './test/anyActs';

/** What holds at every moment. */
function holds(world: World): void {
  const { bench } = world;
  expect(unbalanced(bench)).toEqual([]);
  expect(brokenReferences(bench)).toEqual([]);
  // What came less what went, month by month, is what lies in the stash and on the bench.
  const lies = [...bench.ledger.pieces.values()].filter(({ where }) => where === 'here' || where === 'claimed');
  expect(paperByMonth(bench.ledger).at(-1)?.stash ?? 0).toBe(lies.reduce((sum, { solid }) => sum + solid, 0));
  // Everything that lies there is left of exactly one kit: what it came with, or one of her own.
  const left = [...bench.kits.values()].flatMap((kit) => leftOf(kit, bench));
  const kept = (lot: string): boolean => isKept(bench.lots.get(lot)?.kind ?? 'tool');
  const parts = (lot: string, here: object): string[] => Object.keys(here).map((part) => `${lot}/${part}`);
  expect(
    left.flatMap(({ lot, pieces, amounts }) => [...pieces.map(({ id }) => id), ...parts(lot.id, amounts)]).sort(),
  ).toEqual(
    [
      ...[...bench.ledger.pieces.values()]
        .filter(({ where, lot }) => where === 'here' && !kept(lot))
        .map(({ id }) => id),
      ...[...bench.ledger.lots.values()].filter(({ lot }) => !kept(lot)).flatMap(({ lot, here }) => parts(lot, here)),
    ].sort(),
  );
  // What was put into a kit of her own, less what went back, is what became of it and what is left.
  for (const { id } of bench.kits.values()) {
    const { papers, counted } = accountOf(id, bench);
    for (const { balance } of [...papers, ...counted]) {
      const { received, corrected, ...became } = balance;
      expect(received + corrected).toBe(Object.values(became).reduce((sum, n) => sum + n, 0));
      expect(Math.min(...Object.values(became))).toBeGreaterThanOrEqual(0);
    }
  }
  // Nothing is out that no page's tray shows, and nothing for what is not there.
  const trays = new Set(
    [...bench.pages.keys()].flatMap((id) => chosenFrom(bench, id)).map((one) => JSON.stringify(one)),
  );
  for (const piece of bench.ledger.pieces.values()) {
    if (piece.where !== 'claimed') continue;
    expect(bench.pages.has(piece.page!) || bench.plans.has(piece.page!)).toBe(true);
    expect(trays).toContain(JSON.stringify({ piece: piece.id }));
  }
  for (const state of bench.ledger.lots.values())
    for (const page of Object.keys(state.claimed)) expect(bench.pages.has(page)).toBe(true);
  for (const page of bench.pages.values()) {
    // Nothing lies on a page that is not out for it, or used on it; of one that is glued all of it is used.
    expect(founded(page, bench.ledger)).toEqual(page.placed ?? []);
    if (page.glued !== null) {
      const used = bench.ledger.lots.get('dots')?.used[page.id] ?? {};
      for (const [part, n] of Object.entries(laidOf(page, 'dots'))) expect(used[part]).toBeGreaterThanOrEqual(n);
    }
    const state = pageState(page, bench);
    // Every page that is not done has a next step.
    if (state === 'planned') expect(cutsNow(bench, page.id).length).toBeGreaterThan(0);
    if (state === 'cut') expect(canBeGlued(page, bench)).toBe(true);
    const open = openListOf(page, bench);
    // A page that cannot be laid out is told so, with what would work.
    if (open === null) continue;
    if (state === 'idea') expect(open.length).toBeGreaterThan(0);
    // What was cut for it and lies on the bench fits it.
    if (page.glued === null) {
      const list = cutListOf(pageLayout(page).value!, page);
      const cut = piecesFor(bench.ledger, page.id).filter(({ slot }) => slot !== null) as (PieceState & {
        slot: string;
      })[];
      const spare = heldAgainst(list, [
        ...cut.filter(({ where }) => where === 'used'),
        ...cut.filter(({ where }) => where === 'claimed'),
      ]).spare;
      expect(spare.filter(({ where }) => where === 'claimed')).toEqual([]);
    }
    // What is planned is wanted: each piece once.
    const planned = toCutFor(bench.plans, page.id, bench.ledger).map(({ piece }) => piece);
    if (state === 'idea') expect(planned).toEqual([]);
    expect(heldAgainst(openListOf(page, { ...bench, plans: new Map() })!, planned).spare).toEqual([]);
  }
}

/** Records and stock; what a lot's account holds when all of it is taken back is as good as none. */
const stateOf = ({ ledger, ...records }: Bench) => ({
  records: Object.fromEntries(TABLES.map((table) => [table, new Map<string, unknown>(records[table])])),
  pieces: ledger.pieces,
  stock: new Map(
    [...ledger.lots].filter(([, state]) =>
      Object.entries(state).some(([of, amounts]) => of !== 'lot' && Object.keys(amounts).length > 0),
    ),
  ),
});

describe('whatever is done, in any order', () => {
  test('accounts balance, nothing is out unseen, every page has a next step', () =>
    fc.assert(
      fc.property(steps, (told) => void tell(told, holds)),
      { numRuns: 100 },
    ));

  test('undoing everything gives the first state, and doing all again the last', () =>
    fc.assert(
      fc.property(steps, (told) => {
        const world = tell(told);
        const first = stateOf(EMPTY_BENCH);
        const last = stateOf(world.bench);
        let turns = 0;
        while (world.acts.some(({ undone }) => undone === 0)) {
          expect(world.undo()).toBe(true);
          turns++;
        }
        expect(stateOf(world.bench)).toEqual(first);
        for (; turns > 0; turns--) expect(world.redo()).toBe(true);
        expect(stateOf(world.bench)).toEqual(last);
      }),
      { numRuns: 60 },
    ));

  test('a refused act leaves no trace', () =>
    fc.assert(
      fc.property(steps, fc.nat(), (told, n) => {
        const world = tell(told);
        const before = world.bench;
        expect(world.do(dropPage(`nowhere ${n}`))).toBe(false);
        expect(world.bench).toBe(before);
      }),
      { numRuns: 20 },
    ));
});

test('a page is not changed back under what was planned for it since: then that could not be undone', () => {
  const world = tell([
    ['join', 1, 0],
    ['begin', 22, 0],
    ['plan', 0, 0],
    ['begin', 0, 0],
    ['putAway', 0, 0],
    ['rework', 0, 0],
    ['plan', 0, 0],
    ['mishap', 0, 0],
  ]);
  const reworked = world.acts.findIndex(({ act }) => act.did.kind === 'changed-page');
  expect(world.undo(reworked)).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'changed-since' });
  while (world.acts.some(({ undone }) => undone === 0)) expect(world.undo()).toBe(true);
});

test('a page’s change is taken back by itself though a small thing was laid since', () => {
  const world = tell([
    ['begin', 22, 0],
    ['rework', 0, 0],
    ['lay', 0, 1],
  ]);
  const reworked = world.acts.findIndex(({ act }) => act.did.kind === 'changed-page');
  expect(world.acts.map(({ act }) => act.did.kind)).toContain('laid');
  expect(world.undo(reworked)).toBe(true);
});

test('a middle that is out of its piece stays in sight when the page that hid it is given back', () => {
  const begin = (a: number): [string, number, number] => ['begin', a, 0];
  tell(
    [
      ...[0, 17].map(begin),
      ['planMiddle', 21, 0],
      ...[0, 0, 6, 3].map((b): [string, number, number] => ['cut', 0, b]),
      ...[0, 0].map(begin),
      ['release', 1, 0],
      ...Array.from({ length: 6 }, () => begin(0)),
      ['mishap', 0, 0],
    ],
    holds,
  );
});

test('all that is out is counted', () => {
  const world = tell([
    ['begin', 0, 1],
    ['plan', 0, 1],
    ['takeDots', 0, 2],
  ]);
  const [page] = [...world.bench.pages.keys()];
  expect(countOf(outFor(world.bench, page!))).toBe(chosenFrom(world.bench, page!).length);
});
