import type { CutStock } from '../types';

/** Stock twice as large, its gaps with it. */
export const doubled = (stock: readonly CutStock[]): CutStock[] =>
  stock.map((one) => ({
    ...one,
    w: 2 * one.w,
    h: 2 * one.h,
    missing: one.missing.map(({ x, y, w, h }) => ({ x: 2 * x, y: 2 * y, w: 2 * w, h: 2 * h })),
  }));
