import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Size } from '../../../ground/geometry';
import { seededRandom } from '../../../ground/random';
import type { Build } from '../parts/build';
import { readProblem, type Problem } from '../problem/problem';
import { dissection, fromOneSheet } from '../test/dissection';
import { allBuilds } from './allBuilds';
import { asTold } from './asTold';
import { blockOf, matesOf, singleBlocks } from './block';
import { BlockByBlock } from './blockByBlock';
import { BuildTable } from './buildTable';
import { likelyTogether } from './likelyTogether';
import { slabBySlab } from './slabBySlab';
import { wholeSheet } from './wholeSheet';

const problemOf = (sheet: Size, sizes: readonly Size[], turn: boolean): Problem =>
  readProblem(fromOneSheet(sheet, sizes, turn));
const allLeft = ({ items }: Problem): number[] => items.map(({ count }) => count);
const blocksOf = (sheet: Size, sizes: readonly Size[], turn: boolean) => {
  const problem = problemOf(sheet, sizes, turn);
  return singleBlocks(problem, 0, allLeft(problem));
};
const forEver = (): boolean => true;
/** So much work and no more. */
const upTo = (most: number) => {
  let done = 0;
  return (joins: number): boolean => (done += joins) < most;
};
const tableOf = (sheet: Size, sizes: readonly Size[], turn: boolean, most = 10_000) => {
  const table = new BuildTable(blocksOf(sheet, sizes, turn), most);
  return { table, levels: allBuilds(table, sheet, forEver, forEver) };
};

/** A build by its parts: whether each meets the other edge to edge, and the area of all pieces in it. */
function pieced(build: Build): { isWhole: boolean; area: number } {
  const { from, w, h } = build;
  if (!('axis' in from)) return { isWhole: true, area: w * h };
  const { axis, near, far } = from;
  const [one, two] = [pieced(near), pieced(far)];
  const isEdgeToEdge = axis === 'x' ? near.h === far.h && near.h === h : near.w === far.w && near.w === w;
  return { isWhole: isEdgeToEdge && one.isWhole && two.isWhole, area: one.area + two.area };
}

/** All rectangles that some of the pieces can be put together to, told by pieces and width: every division tried. */
function rectanglesByHand(sheet: Size, sizes: readonly Size[], turn: boolean): Set<string> {
  const known = new Map<number, Set<string>>();
  const of = (set: number): Set<string> => {
    const before = known.get(set);
    if (before) return before;
    const found = new Set<string>();
    const fits = (w: number, h: number): void => {
      if (w <= sheet.w && h <= sheet.h) found.add(`${w}x${h}`);
    };
    const single = sizes.findIndex((_, i) => set === 1 << i);
    if (single >= 0) {
      const { w, h } = sizes[single]!;
      fits(w, h);
      if (turn) fits(h, w);
    } else
      for (let part = (set - 1) & set; part > 0; part = (part - 1) & set)
        for (const one of of(part))
          for (const other of of(set & ~part)) {
            const [a, b] = one.split('x').map(Number) as [number, number];
            const [c, d] = other.split('x').map(Number) as [number, number];
            if (b === d) fits(a + c, b);
            if (a === c) fits(a, b + d);
          }
    known.set(set, found);
    return found;
  };
  const all = new Set<string>();
  for (let set = 1; set < 1 << sizes.length; set++) for (const size of of(set)) all.add(`${set}:${size}`);
  return all;
}

const anySize = fc.record({ w: fc.integer({ min: 1, max: 5 }), h: fc.integer({ min: 1, max: 5 }) });

describe('all builds of some pieces', () => {
  test('are those that can be found by hand, each once', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(anySize, { selector: ({ w, h }) => `${Math.min(w, h)}x${Math.max(w, h)}`, maxLength: 6 }),
        fc.boolean(),
        (sizes, turn) => {
          fc.pre(sizes.length > 0);
          const sheet = { w: 9, h: 7 };
          const { table, levels } = tableOf(sheet, sizes, turn);
          const rows = Array.from({ length: table.length }, (_, row) => row);
          const found = rows
            .map((row) => table.build(row))
            .filter(({ w, h }) => w <= sheet.w && h <= sheet.h)
            .map((build) => {
              expect(pieced(build)).toEqual({ isWhole: true, area: build.w * build.h });
              // Pieces are counted in the problem's order; a piece that can be served nowhere is none of its items.
              const set = build.counts.reduce((bits, n, item) => bits | (n << item), 0);
              return `${set}:${build.w}x${build.h}`;
            });
          expect(levels.isAll).toBe(true);
          expect(found).toHaveLength(new Set(found).size);
          expect(new Set(found)).toEqual(rectanglesByHand(sheet, itemsOf(sheet, sizes, turn), turn));
        },
      ),
      { numRuns: 150 },
    ));
  test('end where the table is full, or the time is over', () => {
    const sizes = Array.from({ length: 12 }, (_, i) => ({ w: 1 + (i % 3), h: 1 + (i % 4) }));
    const sheet = { w: 20, h: 20 };
    expect(tableOf(sheet, sizes, true, 300).levels.isAll).toBe(false);
    const table = new BuildTable(blocksOf(sheet, sizes, true), 10_000);
    expect(allBuilds(table, sheet, forEver, upTo(10)).isAll).toBe(false);
    expect(allBuilds(new BuildTable(table.blocks, 10_000), sheet, (size) => size < 3, forEver)).toMatchObject({
      isAll: false,
      starts: { length: 5 },
    });
  });
});

/** The sizes of the problem's items, in its order. */
function itemsOf(sheet: Size, sizes: readonly Size[], turn: boolean): Size[] {
  return problemOf(sheet, sizes, turn).items.map(({ w, h }) => ({ w, h }));
}

describe('what most likely lay together', () => {
  test('has the long side that no other has', () => {
    const sizes = [
      { w: 30, h: 3 },
      { w: 30, h: 5 },
      ...[3, 4, 6, 9, 10, 11, 13].flatMap((h) => [
        { w: 4, h },
        { w: 7, h },
      ]),
    ];
    const { table, levels } = tableOf({ w: 40, h: 40 }, sizes, false, 60_000);
    const together = likelyTogether(table, levels, seededRandom(1), forEver);
    const likeliest = together.reduce((best, one) => (one.share > best.share ? one : best));
    expect(table.build(likeliest.row)).toMatchObject({ w: 30, h: 8 });
    for (const { share } of together) expect(share).toBeLessThanOrEqual(1);
  });
  test('is nothing where no sides are alike', () => {
    const { table, levels } = tableOf(
      { w: 9, h: 9 },
      [
        { w: 1, h: 2 },
        { w: 3, h: 4 },
      ],
      true,
    );
    expect(likelyTogether(table, levels, seededRandom(1), forEver)).toEqual([]);
  });
  test('is true about as often as its share says', () => {
    // Blocks of three pieces and more that hold nothing but what one cut had parted from the rest.
    const sheet = { w: 200, h: 200 };
    let [said, were] = [0, 0];
    for (let seed = 1; seed <= 12; seed++) {
      const cut = { ...sheet, at: 60 + seed };
      const left = dissection({ w: cut.at, h: sheet.h }, 12, seededRandom(seed));
      const right = dissection({ w: sheet.w - cut.at, h: sheet.h }, 24, seededRandom(100 + seed));
      const problem = problemOf(sheet, [...left, ...right], false);
      const isLeft = problem.items.map(({ w, h }) => left.some((one) => one.w === w && one.h === h));
      const table = new BuildTable(singleBlocks(problem, 0, allLeft(problem)), 60_000);
      const levels = allBuilds(table, sheet, (size) => size < 6, forEver);
      for (const { row, share } of likelyTogether(table, levels, seededRandom(seed), forEver)) {
        const sides = new Set(table.build(row).counts.flatMap((n, item) => (n > 0 ? [isLeft[item]] : [])));
        if (share < 0.5) continue;
        said += share;
        were += sides.size === 1 ? 1 : 0;
      }
    }
    expect(said).toBeGreaterThan(10);
    expect(were).toBeGreaterThan(0.8 * said);
  });
});

const countsOf = (build: Build | null): readonly number[] | undefined => build?.counts;

describe('a sheet that was cut up', () => {
  test.each([
    ['few sides alike, pieces turned, told by their longer side', { w: 200, h: 200 }, 49, true, [6, 8]],
    ['few sides alike, pieces turned, told as they lay', { w: 200, h: 200 }, 73, true, [1]],
    ['few sides alike, none turned', { w: 200, h: 200 }, 73, false, [1, 8]],
    ['many sides alike', { w: 30, h: 60 }, 29, true, [3, 8]],
  ] as const)('is filled again: %s', (told, sheet, pieces, turn, seeds) => {
    for (const seed of seeds) {
      const cut = dissection(sheet, pieces, seededRandom(seed));
      const sizes = told.includes('longer') ? cut.map(({ w, h }) => ({ w: Math.max(w, h), h: Math.min(w, h) })) : cut;
      const problem = problemOf(sheet, sizes, turn);
      const filled = wholeSheet(problem, 0, allLeft(problem), seededRandom(seed), upTo(40_000_000));
      expect(countsOf(filled)).toEqual(allLeft(problem));
      expect(filled && pieced(filled)).toEqual({ isWhole: true, area: sheet.w * sheet.h });
    }
  });
  test('is filled by either way of trying', () => {
    const sheet = { w: 60, h: 60 };
    const problem = problemOf(sheet, dissection(sheet, 17, seededRandom(5)), true);
    const [left, random] = [allLeft(problem), seededRandom(5)];
    const tries = new BlockByBlock(problem, 0, singleBlocks(problem, 0, left), sheet, random, forEver);
    expect(countsOf(tries.oneTry())).toEqual(left);
    let slabs: Build | null = null;
    for (let n = 0; n < 200 && !slabs; n++) slabs = slabBySlab(problem, 0, left, sheet, random, forEver, 12);
    expect(countsOf(slabs)).toEqual(left);
  });
  test('is not filled where it cannot be, which is soon known', () => {
    const sheet = { w: 10, h: 10 };
    // As much paper, but no edges that meet.
    const sizes = [
      { w: 7, h: 9 },
      { w: 4, h: 8 },
      { w: 5, h: 1 },
    ];
    const problem = problemOf(sheet, sizes, true);
    let spent = 0;
    const filled = wholeSheet(problem, 0, allLeft(problem), seededRandom(1), (joins) => (spent += joins) < 1_000_000);
    expect(filled).toBeNull();
    expect(spent).toBeLessThan(1_000);
  });
  test('is left when the time is over', () => {
    const sheet = { w: 200, h: 200 };
    const problem = problemOf(sheet, dissection(sheet, 73, seededRandom(2)), true);
    expect(wholeSheet(problem, 0, allLeft(problem), seededRandom(1), upTo(20_000))).toBeNull();
  });
});

describe('pieces as their sides are told', () => {
  const sheet = { w: 60, h: 60 };
  test('fill a sheet with the same pieces, whichever of them are alike with one on its side', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
        const problem = problemOf(sheet, dissection(sheet, 9, seededRandom(seed)), true);
        const left = allLeft(problem);
        const told = asTold(problem, 0, left);
        if (!told) return;
        const filled = wholeSheet(told.problem, 0, told.left, seededRandom(seed), upTo(2_000_000));
        const own = filled && told.inProblem(filled);
        expect(countsOf(own)).toEqual(left);
        expect(own && pieced(own)).toEqual({ isWhole: true, area: sheet.w * sheet.h });
        expect(told.problem.items.every(({ turn }) => turn === false)).toBe(true);
      }),
      { numRuns: 60 },
    ));
  test('are no other where none may be turned, nor where some of a kind are cut', () => {
    const sizes = [
      { w: 20, h: 60 },
      { w: 40, h: 60 },
    ];
    const [fixed, free] = [problemOf(sheet, sizes, false), problemOf(sheet, [...sizes, ...sizes], true)];
    expect(asTold(fixed, 0, allLeft(fixed))).toBeNull();
    expect(asTold(free, 0, [1, 2])).toBeNull();
    expect(asTold(free, 0, [0, 2])?.left).toEqual([0, 2]);
    const lying = problemOf({ w: 60, h: 30 }, [{ w: 20, h: 60 }, ...sizes.slice(0, 1)], true);
    expect(asTold(lying, 0, allLeft(lying))).toBeNull();
  });
});

test('a block lies turned only where all of it may be', () => {
  const sheet = { w: 20, h: 20 };
  for (const turn of [true, false]) {
    const problem = problemOf(
      sheet,
      [
        { w: 2, h: 5 },
        { w: 3, h: 5 },
      ],
      turn,
    );
    const table = new BuildTable(singleBlocks(problem, 0, allLeft(problem)), 100);
    allBuilds(table, sheet, forEver, forEver);
    const square = table.wholeOf({ w: 5, h: 5 });
    const long = table.wholeOf({ w: 2, h: 10 });
    expect(long).toBeNull();
    expect(blockOf(problem, 0, table.build(square!)).lies).toHaveLength(1);
    expect(blockOf(problem, 0, table.build(0)).lies).toHaveLength(turn ? 2 : 1);
  }
});

test('mates are counted by sides that meet as the blocks may lie', () => {
  const sheet = { w: 20, h: 20 };
  const sizes = [
    { w: 2, h: 5 },
    { w: 5, h: 3 },
    { w: 7, h: 11 },
  ];
  expect(matesOf(blocksOf(sheet, sizes, false))).toBe(0);
  expect(matesOf(blocksOf(sheet, sizes, true))).toBeCloseTo(4 / 6);
});
