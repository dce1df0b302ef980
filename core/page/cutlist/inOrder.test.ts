import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts } from '../../trimmer/cutting';
import { fold, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { cutJobFor, cutSteps, purposed, wantedKey, type CutStep, type Step, type WantedPiece } from '.';
import type { PlanPiece } from '../../stock/things';
import { inOrder } from './inOrder';
import { measuredFrom } from './measuredFrom';

const part = (sheet: string, name: string, axis: 'x' | 'y', at: number, gives: [string, string]): CutStep => ({
  kind: 'cut',
  sheet,
  piece: `${sheet}-${name}`,
  name,
  part: { x: 0, y: 0, w: 1, h: 1 },
  lost: 0,
  axis,
  at,
  from: 'near',
  setting: at,
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
const a4 = { x: 0, y: 0, w: 1, h: 1 };
const settings = (steps: readonly CutStep[]): number =>
  steps.filter(({ setting }, i) => i === 0 || steps[i - 1]!.setting !== setting).length;
const placeOf = (step: Step): string => `${step.sheet}${step.kind === 'cut' ? step.at : ''}`;

test('the same setting on two sheets is cut on both before the trimmer is set anew', () => {
  const steps = inOrder([
    [part('a', 'A', 'x', 4, ['B', 'C']), part('a', 'B', 'y', 6, ['D', 'E'])],
    [part('b', 'A', 'x', 4, ['B', 'C']), part('b', 'C', 'y', 6, ['D', 'E'])],
  ]);
  expect(steps.map(placeOf)).toEqual(['a4', 'b4', 'b6', 'a6']);
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
      const plan = purposed(planCuts(cutJobFor(list, stock, ANY_TRIMMER), 2_000), list);
      const steps = cutSteps(plan.sheets, ledger).flatMap((step) => (step.kind === 'cut' ? [step] : []));
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

describe('in her order', () => {
  const steps = [
    [part('a', 'A', 'x', 4, ['B', 'C']), part('a', 'B', 'y', 6, ['D', 'E'])],
    [part('b', 'A', 'x', 4, ['B', 'C']), part('b', 'C', 'y', 6, ['D', 'E'])],
  ];
  test('by paper: a sheet is cut to its end before the next is taken', () => {
    expect(inOrder(steps, 'paper').map(placeOf)).toEqual(['a4', 'a6', 'b4', 'b6']);
  });
  test('by page: what is for the first page comes first, and each cut that it needs before', () => {
    const forPage = (step: CutStep, page: string): CutStep => {
      const [first, second] = step.gives;
      return { ...step, gives: [{ ...first, wanted: { page } as PlanPiece }, second] };
    };
    const [[a1, a2], [b1, b2]] = steps as [[CutStep, CutStep], [CutStep, CutStep]];
    const mixed = [
      [a1, forPage(a2, 'second')],
      [b1, forPage(b2, 'first')],
    ];
    expect(inOrder(mixed, 'page', ['first', 'second']).map(placeOf)).toEqual(['b4', 'b6', 'a4', 'a6']);
  });
  test('shapes are punched when the cut that gives their part is made', () => {
    const punch: Step = { kind: 'punch', sheet: 'a', piece: 'a-D', name: 'D', part: a4, pieces: [], rest: 'waste' };
    for (const by of ['setting', 'paper', 'page'] as const) {
      const order = inOrder([[punch, ...(steps[0] ?? [])]], by).map(({ name }) => name);
      expect(order).toEqual(['A', 'B', 'D']);
    }
  });
});

test('a cut is measured from the other end where the near edge is torn, and from the near one where both are', () => {
  const sheet = { x: 0, y: 0, w: inches(12), h: inches(12) };
  const torn = { x: 0, y: 0, w: inches(1), h: inches(2) };
  expect(measuredFrom(sheet, [], { axis: 'x', at: inches(4) })).toEqual({ from: 'near', setting: inches(4) });
  expect(measuredFrom(sheet, [torn], { axis: 'x', at: inches(4) })).toEqual({ from: 'far', setting: inches(8) });
  expect(measuredFrom(sheet, [torn], { axis: 'x', at: inches(4), lost: inches(1 / 4) }).setting).toBe(inches(7.75));
  expect(measuredFrom(sheet, [torn, { ...torn, x: inches(11) }], { axis: 'x', at: inches(4) }).from).toBe('near');
  expect(measuredFrom(sheet, [{ ...torn, x: inches(5) }], { axis: 'x', at: inches(4) }).from).toBe('near');
});
