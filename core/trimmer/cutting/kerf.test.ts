import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { planCuts, type CutJob, type CutStock } from '.';
import { anyJob } from './test/arbitraries';
import { replay } from './test/replay';

const LITTLE = 20_000;
const HAIR = inches(1 / 32);

const sheet = (w: number, h: number, missing: CutStock['missing'] = []): CutStock => ({
  id: 's',
  w: inches(w),
  h: inches(h),
  count: 1,
  front: null,
  back: null,
  upright: false,
  fresh: true,
  since: null,
  missing,
});
const job = (stock: CutStock, w: number, h: number, count: number, kerf: number): CutJob => ({
  stock: [stock],
  pieces: [{ id: 'p', w: inches(w), h: inches(h), count, of: null, turn: null, optional: false, value: 0 }],
  keepAtLeast: { w: inches(1), h: inches(1) },
  longestCut: null,
  kerf,
});
const cut = (one: CutJob): number => planCuts(one, LITTLE).stats.pieces;

test('every plan of any job with a kerf stands up to a replay in which each cut takes it away', () =>
  fc.assert(
    fc.property(anyJob, fc.constantFrom(1, HAIR, inches(1 / 8)), (any, kerf) => {
      const own = { ...any, kerf };
      expect(replay(own, planCuts(own, LITTLE))).toEqual([]);
    }),
    { numRuns: 40 },
  ));

test('strips side by side are as many as there is room for, with what the cuts between them take', () =>
  fc.assert(
    fc.property(fc.integer({ min: 4, max: 24 }), fc.integer({ min: 1, max: 12 }), (half, count) => {
      const strips = (kerf: number): number => cut(job(sheet(12, 12), half / 2, 12, count, kerf));
      // Side by side: n strips and what n - 1 cuts take away; the last may fall on the edge.
      const room = (kerf: number): number => Math.floor((inches(12) + kerf) / (inches(half / 2) + kerf));
      for (const kerf of [0, HAIR, inches(1 / 8)]) expect(strips(kerf)).toBe(Math.min(count, room(kerf)));
    }),
    { numRuns: 30 },
  ));

describe('a hair at each cut', () => {
  test('two halves of a sheet are no longer had, but two a hair less', () => {
    expect([0, HAIR].map((kerf) => cut(job(sheet(12, 12), 6, 12, 2, kerf)))).toEqual([2, 1]);
    const two = planCuts(job(sheet(12, 12), 6 - 1 / 64, 12, 2, HAIR), LITTLE);
    expect(two.sheets[0]!.cuts).toMatchObject([{ axis: 'x', at: inches(6 - 1 / 64), lost: HAIR }]);
    expect(two.stats).toMatchObject({ pieces: 2, wasteArea: inches(12) * HAIR, optimal: true });
  });
  test('a sheet that is taken whole needs no cut, and one a little larger is trimmed to it', () => {
    expect(planCuts(job(sheet(6, 12), 6, 12, 1, HAIR), LITTLE).sheets[0]!.cuts).toEqual([]);
    const [trimmed] = planCuts(job(sheet(6 + 1 / 64, 12), 6, 12, 1, HAIR), LITTLE).sheets;
    // The blade lies half beside the paper: what falls is no part with a kerf of its own.
    expect(trimmed!.cuts).toEqual([{ part: 'A', axis: 'x', at: inches(6), gives: ['B', 'C'] }]);
    expect(trimmed!.waste).toMatchObject([{ part: 'C', w: inches(1 / 64) }]);
  });
  test('nothing is cut out of what is gone, and beside it the kerf may lie in the gap', () => {
    const gap = { x: inches(6), y: 0, w: inches(3), h: inches(12) };
    const beside = planCuts(job(sheet(12, 12, [gap]), 6, 12, 1, HAIR), LITTLE);
    expect(beside.sheets[0]!.pieces).toMatchObject([{ x: 0, w: inches(6) }]);
    const wasted = beside.stats.wasteArea;
    expect(wasted).toBe(0);
    expect(cut(job(sheet(12, 12, [gap]), 6.125, 12, 1, HAIR))).toBe(0);
  });
});
