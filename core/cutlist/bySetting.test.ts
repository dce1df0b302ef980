import fc from 'fast-check';
import { expect, test } from 'vitest';
import { planCuts } from '../cutting';
import { fold, type LedgerEvent } from '../ledger';
import { inches } from '../length';
import { cutJobFor, cutSteps, purposed, wantedKey, type CutStep, type WantedPiece } from '.';
import { bySetting } from './bySetting';

const part = (sheet: string, name: string, axis: 'x' | 'y', at: number, gives: [string, string]): CutStep => ({
  sheet,
  piece: `${sheet}-${name}`,
  name,
  part: { x: 0, y: 0, w: 1, h: 1 },
  axis,
  at,
  gives: gives.map((given) => ({
    part: given,
    role: 'rest',
    wanted: null,
    x: 0,
    y: 0,
    w: 1,
    h: 1,
  })) as unknown as CutStep['gives'],
});
const settings = (steps: readonly CutStep[]): number =>
  steps.filter(({ at }, i) => i === 0 || steps[i - 1]!.at !== at).length;

test('the same setting on two sheets is cut on both before the trimmer is set anew', () => {
  const steps = bySetting([
    [part('a', 'A', 'x', 4, ['B', 'C']), part('a', 'B', 'y', 6, ['D', 'E'])],
    [part('b', 'A', 'x', 4, ['B', 'C']), part('b', 'C', 'y', 6, ['D', 'E'])],
  ]);
  expect(steps.map(({ sheet, at }) => `${sheet}${at}`)).toEqual(['a4', 'b4', 'b6', 'a6']);
});

const half = fc.integer({ min: 2, max: 10 }).map((n) => inches(n / 2));
const lists = fc
  .array(fc.record({ w: half, h: half, count: fc.integer({ min: 1, max: 4 }) }), { minLength: 1, maxLength: 4 })
  .map((list) =>
    list.map((p, i): WantedPiece => ({ ...p, id: wantedKey('p', `s${i}`, p), page: 'p', slot: `s${i}`, face: null })),
  );

test('every cut is made once, a part only after the cut that gives it, with no more settings than sheet by sheet', () =>
  fc.assert(
    fc.property(lists, (list) => {
      const events: LedgerEvent[] = [
        {
          id: 'e',
          day: '2026-11-03',
          type: 'received',
          lot: 'l',
          pieces: ['m1', 'm2', 'm3'].map((id) => ({ id, w: inches(12), h: inches(12) })),
        },
      ];
      const ledger = fold(events).value!;
      const stock = ['m1', 'm2', 'm3'].map((id) => ({
        id,
        w: inches(12),
        h: inches(12),
        missing: [],
        count: 1,
        front: null,
        back: null,
        upright: false,
        fresh: true,
        since: null,
      }));
      const plan = purposed(planCuts(cutJobFor(list, stock, null), 2_000), list);
      const steps = cutSteps(plan.sheets, ledger);
      expect(steps).toHaveLength(plan.stats.cuts);
      const made = new Set(plan.sheets.map((sheet) => `${sheet.stock} A`));
      for (const step of steps) {
        expect(made.has(`${step.sheet} ${step.name}`)).toBe(true);
        made.delete(`${step.sheet} ${step.name}`);
        step.gives.forEach(({ part: name }) => made.add(`${step.sheet} ${name}`));
      }
      const sheetBySheet = plan.sheets.flatMap((sheet) => steps.filter((step) => step.sheet === sheet.stock));
      expect(settings(steps)).toBeLessThanOrEqual(settings(sheetBySheet));
    }),
    { numRuns: 40 },
  ));
