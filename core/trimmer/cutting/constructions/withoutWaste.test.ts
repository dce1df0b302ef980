import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Rect, Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';
import { seededRandom } from '../../../ground/random';
import type { Build } from '../parts/build';
import { readProblem, type Problem } from '../problem/problem';
import { fromOneSheet } from '../test/dissection';
import { buildsWithoutWaste } from './withoutWaste';

const SHEET = { w: 6, h: 5 };

interface Asked extends Size {
  readonly count: number;
}

function problemOf(asked: readonly Asked[], turn: boolean, gap: Rect | null): Problem {
  const job = fromOneSheet(SHEET, asked, turn);
  return readProblem({
    ...job,
    stock: job.stock.map((stock) => ({ ...stock, missing: gap ? [gap] : [] })),
    pieces: job.pieces.map((piece, i) => ({ ...piece, count: nth(asked, i).count })),
  });
}

const found = (problem: Problem, builds = 50_000) =>
  buildsWithoutWaste(
    problem,
    0,
    problem.items.map(({ count }) => count),
    seededRandom(1),
    () => true,
    { region: SHEET, builds, enough: () => false },
  );

/** Which counts of pieces fill the sheet but for its gap, every cut right across tried. */
function fillsByHand({ items, servings }: Problem, gap: Rect | null): Set<string> {
  const known = new Map<string, Set<string>>();
  const fills = (x: number, y: number, w: number, h: number): Set<string> => {
    const place = [x, y, w, h].join();
    const before = known.get(place);
    if (before) return before;
    const own = new Set<string>();
    known.set(place, own);
    const isGap = gap?.x === x && gap.y === y && gap.w === w && gap.h === h;
    const isFree = !gap || gap.x >= x + w || gap.x + gap.w <= x || gap.y >= y + h || gap.y + gap.h <= y;
    if (isGap) own.add(items.map(() => 0).join());
    if (isFree)
      items.forEach((_, item) => {
        const lies = servings[0]?.[item]?.lies ?? [];
        if (lies.some((lie) => lie.w === w && lie.h === h)) own.add(items.map((__, i) => (i === item ? 1 : 0)).join());
      });
    const bothOf = (near: Set<string>, far: Set<string>): void => {
      for (const one of near)
        for (const other of far) {
          const added = other.split(',').map(Number);
          const counts = one.split(',').map((n, i) => Number(n) + nth(added, i));
          if (counts.every((n, i) => n <= nth(items, i).count)) own.add(counts.join());
        }
    };
    for (let at = 1; at < w; at++) bothOf(fills(x, y, at, h), fills(x + at, y, w - at, h));
    for (let at = 1; at < h; at++) bothOf(fills(x, y, w, at), fills(x, y + at, w, h - at));
    return own;
  };
  return fills(0, 0, SHEET.w, SHEET.h);
}

const someAsked = fc.uniqueArray(
  fc.record({
    w: fc.integer({ min: 1, max: 6 }),
    h: fc.integer({ min: 1, max: 5 }),
    count: fc.integer({ min: 1, max: 4 }),
  }),
  { minLength: 1, maxLength: 5, selector: ({ w, h }) => `${Math.min(w, h)}x${Math.max(w, h)}` },
);
const someGap = fc.option(
  fc
    .tuple(fc.nat(SHEET.w - 1), fc.nat(SHEET.h - 1), fc.nat(), fc.nat())
    .map(([x, y, a, b]) => ({ x, y, w: 1 + (a % (SHEET.w - x)), h: 1 + (b % (SHEET.h - y)) })),
);

/** Whether every part of a build meets the one beside it edge to edge. */
function isEdgeToEdge({ from, w, h }: Build): boolean {
  if (!('axis' in from)) return true;
  const { axis, near, far } = from;
  const meets = axis === 'x' ? near.h === h && far.h === h && near.w + far.w === w : near.w === w && far.w === w;
  return meets && isEdgeToEdge(near) && isEdgeToEdge(far);
}

test('what fills a sheet with some pieces left once, some more often, a gap or none, is all found', () => {
  let [whole, roundGap] = [0, 0];
  fc.assert(
    fc.property(someAsked, fc.boolean(), someGap, (asked, turn, gap) => {
      const problem = problemOf(asked, turn, gap);
      fc.pre(problem.items.length > 0 && nth(problem.kinds, 0).solid > 0);
      // The problem's own lengths are in its grain: as they were asked, or none of this holds.
      fc.pre(problem.grain === 1);
      const { fills, slabs } = found(problem);
      const byHand = fillsByHand(problem, gap);
      expect(new Set(fills.map(({ counts }) => counts.join()))).toEqual(byHand);
      expect(fills).toHaveLength(byHand.size);
      if (byHand.size > 0 && gap) roundGap++;
      else if (byHand.size > 0) whole++;
      for (const build of [...fills, ...slabs]) expect(isEdgeToEdge(build)).toBe(true);
      for (const { w, h } of slabs) expect(w === SHEET.w || h === SHEET.h).toBe(true);
    }),
    { numRuns: 400 },
  );
  expect(whole).toBeGreaterThan(10);
  expect(roundGap).toBeGreaterThan(10);
});

test('no more builds are made than are asked for', () => {
  const asked = Array.from({ length: 5 }, (_, n) => ({ w: 1 + n, h: 1 + (n % 3), count: 4 }));
  const problem = problemOf(asked, true, null);
  const [few, all] = [found(problem, 60), found(problem)];
  expect(few.fills.length + few.slabs.length).toBeLessThanOrEqual(60);
  expect(few.fills.length).toBeLessThan(all.fills.length);
});
