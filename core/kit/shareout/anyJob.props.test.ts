import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { shareOut, solverFrom, type ShareJob, type SharePlan, type Solver } from '.';

let solver: Solver;
beforeAll(async () => {
  solver = solverFrom(await loadHighs());
});

const side = fc.integer({ min: 1, max: 24 }).map((n) => inches(n / 2));
const designs = ['moths', 'lamplight', null] as const;
const stock = fc.array(
  fc.record({
    w: side,
    h: side,
    count: fc.integer({ min: 1, max: 2 }),
    front: fc.constantFrom(...designs),
    back: fc.constantFrom(...designs),
    fresh: fc.boolean(),
    gone: fc.constantFrom('not', 'part', 'whole'),
  }),
  { maxLength: 4 },
);
const slot = fc.record({
  w: side,
  h: side,
  count: fc.integer({ min: 1, max: 3 }),
  of: fc.constantFrom(null, ['moths'], ['gone']),
});
const pages = fc.array(
  fc.record({
    worth: fc.constantFrom(0, 1, 2.5, 1e11),
    slots: fc.array(slot, { maxLength: 3 }),
    atLeast: fc.nat({ max: 2 }),
  }),
  { maxLength: 4 },
);

/** A job of papers that may be used up, and pages that may ask for nothing or for what is not there. */
const jobs = fc
  .record({ stock, pages })
  .map(({ stock: papers, pages: wanted }): ShareJob => ({
    keepAtLeast: { w: inches(1), h: inches(1) },
    longestCut: null,
    stock: papers.map(({ gone, ...paper }, i) => ({
      ...paper,
      id: `m${i}`,
      upright: false,
      since: null,
      missing:
        gone === 'not' ? [] : [{ x: 0, y: 0, w: gone === 'whole' ? paper.w : Math.ceil(paper.w / 2), h: paper.h }],
    })),
    pages: wanted.map(({ worth, slots, atLeast }, i) => ({
      id: `p${i}`,
      worth,
      atLeast,
      atMost: Infinity,
      slots: slots.map((own, j) => ({ ...own, id: `s${j}`, turn: null, like: [], unlike: j === 1 ? ['s0'] : [] })),
    })),
  }));

test('every job ends with an answer that lists each page once and beats no bound', () =>
  fc.assert(
    fc.property(jobs, (job) => {
      let plan: SharePlan | null = null;
      for (const progress of shareOut(job, solver, 3_000)) plan = progress.plan;
      expect(plan!.pages.map(({ id }) => id).sort()).toEqual(job.pages.map(({ id }) => id).sort());
      const { worth, bound } = plan!.stats;
      expect(worth).toBeLessThanOrEqual(bound.worth * (1 + 1e-9));
      expect(Number.isFinite(bound.worth)).toBe(true);
    }),
    { numRuns: 120 },
  ));
