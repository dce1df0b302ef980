import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts } from '../../trimmer/cutting';
import { balanceOf, emptyLedger, fold, type Ledger, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Lot, Page } from '../../stock/things';
import { coverOf, designOf, layOut } from '../design';
import { entry } from '../../acts/test/entry';
import { cutEvent, windowEvent } from '../../acts';
import { cutJobFor, cutListOf, purposed, cutSteps, windowsFor, windowsOf } from '.';
import { stockOnHand } from '../../trimmer/onHand';

const DAY = '2026-11-05';
const lot: Lot = {
  id: 'moths',
  kit: 'k',
  kind: 'paper',
  name: 'moths',
  measure: 'sheets',
  size: null,
  front: 'moths',
  back: 'lamp',
  upright: false,
  note: '',
  line: 1,
};
const idea: Page = {
  id: 'p',
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'framed-ground',
  mat: inches(1 / 8),
  photos: [{ photo: null, w: inches(6), h: inches(4) }],
  papers: {},
  title: '',
  date: '',
  place: '',
  journaling: '',
  started: DAY,
  glued: null,
  finished: null,
};
const layoutOf = layOut(designOf(idea.design)!, idea);
if (!layoutOf.ok) throw new Error('the design does not take one photo');
const layout = layoutOf.value;
const page: Page = { ...idea, papers: Object.fromEntries(layout.slots.map(({ id }) => [id, 'moths'])) };

/** Sheets come, are planned, taken out and cut for the page. */
function cutPage(): { ledger: Ledger; page: Page } {
  const sheets: LedgerEvent = {
    id: 'r',
    day: DAY,
    type: 'received',
    lot: 'moths',
    pieces: [1, 2, 3, 4].map((n) => ({ id: `m${n}`, w: inches(12), h: inches(12) })),
  };
  let ledger = fold([sheets], emptyLedger).value!;
  const list = cutListOf(layout, page);
  const plan = planCuts(
    cutJobFor(list, stockOnHand({ ledger, lots: new Map([['moths', lot]]), kits: new Map() }, 'p'), ANY_TRIMMER),
    5_000,
  );
  const { sheets: planned } = purposed(plan, list);
  ledger = fold(
    planned.map((sheet): LedgerEvent => ({
      id: `c-${sheet.stock}`,
      day: DAY,
      type: 'claimed',
      piece: sheet.stock,
      page: 'p',
      ...(sheet.cuts.length === 0 ? { slot: sheet.pieces[0]!.slot } : {}),
    })),
    ledger,
  ).value!;
  cutSteps(planned, ledger).forEach((step, i) => {
    ledger = fold([entry(cutEvent(step, ledger), `k${i}`)], ledger).value!;
  });
  return { ledger, page };
}

const shelfOf = (ledger: Ledger) => ({ ledger, lots: new Map([['moths', lot]]), kits: new Map() });

describe('windows of a cut page', () => {
  const before = cutPage();
  const windows = windowsOf(before.page, layout, coverOf(layout), shelfOf(before.ledger));

  test('lie on their layers, and at least 1/2 in stays under what covers them (common practice, no source)', () => {
    expect(windows.length).toBeGreaterThan(0);
    for (const { layer, at } of windows) {
      const above = layout.layers.slice(layout.layers.findIndex(({ id }) => id === layer.id) + 1);
      expect(at.x >= 0 && at.y >= 0 && at.x + at.w <= layer.w && at.y + at.h <= layer.h).toBe(true);
      expect(
        above.some(
          (other) =>
            other.x <= layer.x + at.x - inches(0.5) && other.x + other.w >= layer.x + at.x + at.w + inches(0.5),
        ),
      ).toBe(true);
    }
  });
  test('are cut out: the rim stays for the page, the middle goes to the stash, areas balance, and none is offered twice', () => {
    let { ledger } = before;
    windows.forEach((window, i) => {
      ledger = fold([entry(windowEvent(window), `w${i}`)], ledger).value!;
    });
    const { area } = balanceOf(ledger, 'moths');
    expect(area.received).toBe(area.onBench + area.left + area.wasted);
    expect(area.left - balanceOf(before.ledger, 'moths').area.left).toBe(
      windows.reduce((sum, { at }) => sum + at.w * at.h, 0),
    );
    expect(windowsOf(before.page, layout, coverOf(layout), shelfOf(ledger))).toEqual([]);
  });
  test('her school decides', () => {
    expect(windowsFor('always', windows)).toEqual(windows);
    expect(windowsFor('never', windows)).toEqual([]);
    const scarce = windows.map((window) => ({ ...window, left: inches(3) ** 2 }));
    expect(windowsFor('scarce', scarce)).toEqual(scarce);
    expect(
      windowsFor(
        'scarce',
        scarce.map((window) => ({ ...window, left: inches(40) ** 2 })),
      ),
    ).toEqual([]);
  });
});
