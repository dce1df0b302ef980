import { USUAL_TRIMMER } from '../core/trimmer/cutting';
import { readFileSync } from 'node:fs';
import loadHighs from 'highs';
import { expect, test } from 'vitest';
import { pageState } from '../core/page/cutlist';
import { balanceOf, fold } from '../core/stock/ledger';
import { inches } from '../core/ground/length';
import { DESIGNS, pageLayout } from '../core/page/design';
import { EMPTY_BENCH, TABLES, type Bench } from '../core/stock/bench';
import { shareJobFor, type SharingPage } from '../core/kit/sharing';
import { stockOnHand } from '../core/trimmer/onHand';
import { shareOut, solverFrom, type SharePlan } from '../core/kit/shareout';
import { readBenchFile } from '../web/data/file/benchFile';
import { makeDemo } from './make';

const shipped = readFileSync(new URL('./bench.json', import.meta.url), 'utf8');

const plain = makeDemo(null);

test('the demo that ships is what the script makes', async () => {
  expect(makeDemo(solverFrom(await loadHighs()))).toBe(shipped);
});

test('pages are in each state: an idea that waits for a photo, half cut, cut, glued, done', () => {
  const file = readBenchFile(shipped).value!;
  const byId = <T extends { id: string }>(list: readonly T[]): Map<string, T> =>
    new Map(list.map((one) => [one.id, one]));
  const bench = {
    ...EMPTY_BENCH,
    ledger: fold(file.events).value!,
    ...Object.fromEntries(TABLES.map((table) => [table, byId<{ id: string }>(file[table])])),
  } as Bench;
  const states = [...bench.pages.values()].map((page) => pageState(page, bench));
  for (const state of ['idea', 'planned', 'cut', 'glued', 'done'] as const) expect(states).toContain(state);
  expect([...bench.pages.values()].some(({ photos }) => photos.some(({ photo }) => photo === null))).toBe(true);
  expect(bench.sharings.size).toBe(1);
  // A sheet lies half cut.
  expect([...bench.ledger.pieces.values()].some(({ from, page }) => from !== null && bench.plans.has(page ?? ''))).toBe(
    true,
  );
});

test('the demo is a sound bench: four kits, stories with pictures, something owed, something used', () => {
  expect(readBenchFile(shipped).error).toBeNull();
  const file = readBenchFile(plain);
  expect(file.error).toBeNull();
  const { kits, photos, pictures, lots, events } = file.value!;
  expect(kits.map(({ name }) => name).sort()).toEqual([
    'Kiln Weather',
    'Moth Lantern',
    'Ringing Chamber',
    'Seed Drawer',
  ]);
  expect(photos.length).toBe(pictures.length);
  const ledger = fold(events).value!;
  expect([...ledger.lots.values()].some(({ owed }) => Object.keys(owed).length > 0)).toBe(true);
  const usedOf = (kit: string): number =>
    lots.filter((lot) => lot.kit === kit).reduce((sum, lot) => sum + balanceOf(ledger, lot.id).area.onPages, 0);
  expect(usedOf('moth')).toBe(0);
  expect(usedOf('bell')).toBeGreaterThan(usedOf('seed'));
});

test('nine pages of 6 x 8 come out of the seven patterned papers of the newest kit and its cardstock', async () => {
  const { kits, lots, faces, events } = readBenchFile(plain).value!;
  const byId = <T extends { id: string }>(list: readonly T[]): Map<string, T> =>
    new Map(list.map((one) => [one.id, one]));
  const shelf = { ledger: fold(events).value!, lots: byId(lots), kits: byId(kits) };
  const stock = stockOnHand(shelf, null).filter(
    ({ id }) => shelf.lots.get(shelf.ledger.pieces.get(id)!.lot)!.kit === 'moth',
  );
  const patterned = stock.filter(
    ({ id, w }) => w === inches(12) && shelf.lots.get(shelf.ledger.pieces.get(id)!.lot)!.kind === 'paper',
  );
  expect(patterned).toHaveLength(7);
  const page = (n: number): SharingPage => {
    const own = {
      id: `page-${n}`,
      format: { w: inches(6), h: inches(8), spread: false },
      design: DESIGNS[n % DESIGNS.length]!.id,
      mat: inches(1 / 8),
      photos: [{ photo: null, w: inches(3), h: inches(4) }],
      papers: {},
      title: '',
      date: '',
      place: '',
      journaling: '',
      started: '2026-11-05',
      glued: null,
      finished: null,
    };
    return { page: own, layout: pageLayout(own).value!, colours: [{ hex: '#22314f', share: 1 }] };
  };
  const job = shareJobFor(
    Array.from({ length: 9 }, (_, n) => page(n)),
    stock,
    faces,
    USUAL_TRIMMER,
  );
  let plan!: SharePlan;
  for (const progress of shareOut(job, solverFrom(await loadHighs()))) {
    plan = progress.plan;
    if (plan.stats.complete === 9) break;
  }
  expect(plan.stats).toMatchObject({ complete: 9, bound: { worth: 9 } });
});
