import fc from 'fast-check';
import { expect, test } from 'vitest';
import { area, overlaps, unionArea, type Rect } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { leaning } from '../taste';
import { readTable } from '../table';
import { anyShare } from '../test/arbitraries';
import { wholeKit } from '../test/wholeKit';
import { Dealer } from './dealer';
import { aroundGaps, freeParts, FREE, laid, leaf, piecesIn, replaced, without, type Tree } from './tree';
import { readWanted } from './wanted';

const leaves = (tree: Tree): Tree[] => (tree.cut ? [...leaves(tree.cut.near), ...leaves(tree.cut.far)] : [tree]);
const SHEET: Rect = { x: 0, y: 0, w: 24, h: 20 };
const side = fc.integer({ min: 1, max: 9 });
const first = fc.constantFrom('x' as const, 'y' as const);

test('pieces laid in free parts, and taken off in any order: parts never overlap, areas add up, all off is whole', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ w: side, h: side, first }), { maxLength: 12 }),
      fc.array(fc.nat()),
      (sizes, order) => {
        let tree = leaf(SHEET, FREE);
        const laidNow = sizes.flatMap((size, piece) => {
          const part = freeParts(tree).find(({ w, h }) => size.w <= w && size.h <= h);
          if (!part) return [];
          tree = replaced(tree, part, laid(part, size, piece, size.first));
          return [piece];
        });
        expect(piecesIn(tree).sort((a, b) => a - b)).toEqual(laidNow);
        const check = (): void => {
          const parts = leaves(tree);
          expect(parts.reduce((sum, part) => sum + area(part), 0)).toBe(area(SHEET));
          expect(parts.every((a, i) => parts.every((b, j) => j <= i || !overlaps(a, b)))).toBe(true);
          for (const part of parts)
            if (part.piece >= 0)
              expect({ w: part.w, h: part.h }).toMatchObject({ w: sizes[part.piece]!.w, h: sizes[part.piece]!.h });
        };
        check();
        const left = [...laidNow];
        for (const n of [...order, ...laidNow]) {
          const [gone] = left.splice(n % Math.max(1, left.length), 1);
          tree = without(tree, (piece) => piece === gone);
          check();
        }
        expect(tree).toEqual(leaf(SHEET, FREE));
      },
    ),
  ));

test('around gaps: what is free is whole, and no more of the sheet is lost than lies beside them', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ x: fc.nat(20), y: fc.nat(16), w: side, h: side }), { minLength: 1, maxLength: 3 }),
      (gaps) => {
        const free = freeParts(aroundGaps(SHEET, gaps, Infinity));
        expect(free.some((part) => gaps.some((gap) => overlaps(gap, part)))).toBe(false);
        // Every cut runs along a gap, so that nothing but the gaps is lost.
        expect(free.reduce((sum, part) => sum + area(part), 0)).toBe(area(SHEET) - unionArea(SHEET, gaps));
      },
    ),
  ));

test('slots alike are one group; a page whose slots must be alike and unlike is none', () => {
  const { job } = wholeKit(7, 4);
  const [page] = job.pages;
  const slots = page!.slots
    .slice(0, 2)
    .map((slot, s) => ({ ...slot, of: null, like: s === 1 ? [page!.slots[0]!.id] : [], unlike: [] }));
  const like = { ...page!, atLeast: 0, atMost: Infinity, slots };
  const both = { ...like, id: 'both', slots: [slots[0]!, { ...slots[1]!, unlike: [slots[0]!.id] }] };
  const { byPage, groups } = readWanted(readTable({ ...job, pages: [like, both] }));
  expect(byPage[0]).toHaveLength(1);
  expect(groups[byPage[0]![0]!]!.slots).toEqual([0, 1]);
  expect(byPage[1]).toBeNull();
});

test('what was dealt keeps every rule at every round: designs allowed, like, unlike, as many as may be', () =>
  fc.assert(
    fc.property(anyShare(4), (job) => {
      const table = readTable(job);
      const dealer = new Dealer(table, leaning(table), () => {});
      for (let n = 0; n < 30; n++) {
        dealer.round();
        const { assignment, sheets, nameOf } = dealer.dealt();
        assignment.forEach((choice, p) => {
          if (!choice) return;
          const { slots, atLeast, atMost } = job.pages[p]!;
          const many = new Set(choice).size;
          expect(many >= atLeast && many <= atMost).toBe(true);
          slots.forEach(({ like, unlike }, s) => {
            expect(table.allowed[p]![s]).toContain(choice[s]);
            const of = (id: string): number => choice[slots.findIndex((other) => other.id === id)]!;
            expect(like.every((id) => of(id) === choice[s])).toBe(true);
            expect(unlike.every((id) => of(id) !== choice[s])).toBe(true);
          });
        });
        const pieces = sheets.flatMap(({ tree }) => piecesIn(tree));
        expect(new Set(pieces).size).toBe(pieces.length);
        expect(pieces.every((piece) => assignment[nameOf(piece)[0]] !== null)).toBe(true);
        for (const { stock, tree } of sheets) expect(area(tree)).toBe(area(job.stock.find(({ id }) => id === stock)!));
      }
    }),
    { numRuns: 40 },
  ));

test('no cut is longer than the trimmer', () => {
  const { job } = wholeKit(12, 5, 0.1);
  const table = readTable({ ...job, longestCut: inches(9) });
  const dealer = new Dealer(table, leaning(table), () => {});
  for (let n = 0; n < 200; n++) dealer.round();
  const cuts = (tree: Tree): number[] =>
    tree.cut ? [tree.cut.axis === 'x' ? tree.h : tree.w, ...cuts(tree.cut.near), ...cuts(tree.cut.far)] : [];
  expect(Math.max(0, ...dealer.dealt().sheets.flatMap(({ tree }) => cuts(tree)))).toBeLessThanOrEqual(inches(9));
});
