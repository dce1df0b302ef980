import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ANY_TRIMMER, type CutStock, type Trimmer } from '../../trimmer/cutting';
import { fold, type CutChild, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { cutSteps, isStrip, joinedStrip, kerfsOf, mayBeJoined, wantedKey, type JoinedStrip, type WantedPiece } from '.';
import { stockOnHand } from '../../trimmer/onHand';
import type { Layout, PageLayer } from '../design';

const strip = (w: number, h: number): WantedPiece => ({
  id: wantedKey('p', 'upper', { w: inches(w), h: inches(h) }),
  page: 'p',
  slot: 'upper',
  w: inches(w),
  h: inches(h),
  count: 1,
  face: 'ink',
});
const stock = (id: string, w: number, h: number, some: Partial<CutStock> = {}): CutStock => ({
  id,
  w: inches(w),
  h: inches(h),
  count: 1,
  front: 'ink',
  back: 'amber',
  upright: false,
  fresh: false,
  since: null,
  missing: [],
  ...some,
});
const ledgerOf = (pieces: readonly CutStock[]) =>
  fold([
    { id: 'e', day: '2026-11-03', type: 'received', lot: 'l', pieces: pieces.map(({ id, w, h }) => ({ id, w, h })) },
  ]).value!;
const plain = () => null;
const joined = (
  piece: WantedPiece,
  papers: readonly CutStock[],
  layout: Layout | null = null,
  repeat: (axis: 'x' | 'y') => number | null = plain,
  trimmer: Trimmer = ANY_TRIMMER,
): JoinedStrip => {
  const answer = joinedStrip({ wanted: piece, stock: papers, ledger: ledgerOf(papers), trimmer }, layout, repeat);
  if (!('parts' in answer)) throw new Error(`too short: ${answer.longest}`);
  return answer;
};

test('two leftovers make a strip, a whole sheet is left alone, and each paper is cut to its part', () => {
  const papers = [stock('a', 7, 3), stock('b', 6, 2), stock('sheet', 12, 12, { fresh: true })];
  const answer = joined(strip(12, 2), papers);
  expect(answer.parts.map((part) => part.strip).sort()).toEqual(['a', 'b']);
  expect(answer.sheets.flatMap((sheet) => sheet.pieces).reduce((sum, { w }) => sum + w, 0)).toBe(inches(12));
  for (const sheet of answer.sheets) {
    const paper = papers.find(({ id }) => id === sheet.stock)!;
    const parts = [...sheet.pieces, ...sheet.nubbins, ...sheet.waste];
    expect(parts.reduce((sum, { w, h }) => sum + w * h, 0)).toBe(paper.w * paper.h);
    expect(sheet.pieces[0]!.h).toBe(inches(2));
  }
});

test('the cuts of a joined strip are cuts that can be made', () => {
  const papers = [stock('a', 7, 3), stock('b', 2, 9)];
  const answer = joined(strip(12, 2), [papers[0]!, stock('c', 6, 4)]);
  const ledger = ledgerOf([papers[0]!, stock('c', 6, 4)]);
  const steps = cutSteps(answer.sheets, ledger).flatMap((step) => (step.kind === 'cut' ? [step] : []));
  expect(steps.length).toBe(answer.sheets.reduce((sum, { cuts }) => sum + cuts.length, 0));
  expect(steps.flatMap(({ gives }) => gives).filter(({ role }) => role === 'piece')).toHaveLength(2);
});

test('cuts that take something away leave each part as long, and what falls off so much shorter', () => {
  const kerf = inches(1 / 32);
  const papers = [stock('a', 7, 3), stock('b', 6, 2)];
  const answer = joined(strip(12, 2), papers, null, plain, { longestCut: null, kerf });
  expect(answer.sheets.flatMap((sheet) => sheet.pieces).reduce((sum, { w }) => sum + w, 0)).toBe(inches(12));
  for (const sheet of answer.sheets) {
    const paper = papers.find(({ id }) => id === sheet.stock)!;
    const parts = [...sheet.pieces, ...sheet.nubbins, ...sheet.waste, ...kerfsOf(sheet, paper)];
    expect(parts.reduce((sum, { w, h }) => sum + w * h, 0)).toBe(paper.w * paper.h);
    expect(sheet.cuts.every(({ lost }) => lost === kerf)).toBe(true);
  }
});

test('where the strips fall short, the longest run is told', () => {
  const papers = [stock('a', 5, 3), stock('b', 4, 2)];
  expect(
    joinedStrip({ wanted: strip(12, 2), stock: papers, ledger: ledgerOf(papers), trimmer: ANY_TRIMMER }, null, plain),
  ).toEqual({ longest: inches(9) });
  const upright = [stock('a', 2, 8, { upright: true }), stock('b', 2, 8, { upright: true })];
  expect(
    joinedStrip({ wanted: strip(12, 2), stock: upright, ledger: ledgerOf(upright), trimmer: ANY_TRIMMER }, null, plain),
  ).toEqual({ longest: inches(4) });
});

const layer = (id: string, slot: string | null, x: number, y: number, w: number, h: number): PageLayer => ({
  id,
  slot,
  role: slot === null ? 'photo' : 'strip',
  photo: null,
  turn: 0,
  x: inches(x),
  y: inches(y),
  w: inches(w),
  h: inches(h),
});
const layout = (over: PageLayer): Layout => ({
  size: { w: inches(12), h: inches(12) },
  layers: [layer('s', 'upper', 0, 2, 12, 2), over],
  slots: [],
  accents: [],
  title: over,
  journaling: over,
});

test('the join goes under what lies on top where there is paper to spare for it', () => {
  const papers = [stock('a', 8, 2), stock('b', 8, 2)];
  const seen = joined(strip(12, 2), papers, layout(layer('p', null, 9, 8, 2, 2)));
  expect(seen.joins[0]!.isHidden).toBe(false);
  const under = joined(strip(12, 2), papers, layout(layer('p', null, 4, 1, 2, 4)));
  expect(under.joins[0]!.isHidden).toBe(true);
  expect(under.joins[0]!.at).toBeGreaterThan(inches(4));
  expect(under.joins[0]!.at).toBeLessThan(inches(6));
  expect(under.parts.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(inches(12));
});

describe('a pattern that starts again', () => {
  const repeat = inches(1.5);
  const DAY = '2026-11-03';
  /** A sheet cut into strips at these places, all for the stash. */
  const cutAt = (places: readonly number[]): LedgerEvent[] => {
    const edges = [0, ...places, inches(12)];
    const into = edges
      .slice(1)
      .map((to, i): CutChild => ({ id: `p${i}`, role: 'nubbin', x: edges[i]!, y: 0, w: to - edges[i]!, h: inches(3) }));
    return [
      { id: 'e', day: DAY, type: 'received', lot: 'l', pieces: [{ id: 'sheet', w: inches(12), h: inches(3) }] },
      { id: 'c', day: DAY, type: 'cut', piece: 'sheet', page: null, into },
    ];
  };
  const lot = {
    id: 'l',
    kit: 'k',
    kind: 'paper' as const,
    name: 'Ink',
    measure: 'sheets' as const,
    size: null,
    front: 'ink',
    back: 'amber',
    upright: true,
    note: '',
    line: 1,
  };

  test('runs on over each join, told from where the strips lay on their sheet', () =>
    fc.assert(
      fc.property(fc.integer({ min: 3000, max: 45_000 }), fc.integer({ min: 50_000, max: 94_000 }), (first, second) => {
        const ledger = fold(cutAt([first, second])).value!;
        const papers = stockOnHand({ ledger, lots: new Map([['l', lot]]), kits: new Map() }, null);
        const answer = joinedStrip(
          { wanted: strip(9, 2), stock: papers, ledger: ledger, trimmer: ANY_TRIMMER },
          null,
          () => repeat,
        );
        if (!('parts' in answer)) return;
        const onSheet = (id: string): number => ledger.pieces.get(id)!.at.x;
        answer.parts.slice(1).forEach((part, i) => {
          const before = answer.parts[i]!;
          expect((onSheet(part.strip) + part.from) % repeat).toBe((onSheet(before.strip) + before.to) % repeat);
        });
        expect(answer.parts.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(inches(9));
      }),
    ));
});

test('a quick look never misses a strip that can be joined', () => {
  const papers = [stock('a', 7, 3), stock('b', 6, 2)];
  expect(mayBeJoined({ wanted: strip(12, 2), stock: papers, ledger: ledgerOf(papers), trimmer: ANY_TRIMMER })).toBe(
    true,
  );
  expect(mayBeJoined({ wanted: strip(12, 3), stock: papers, ledger: ledgerOf(papers), trimmer: ANY_TRIMMER })).toBe(
    false,
  );
  expect(mayBeJoined({ wanted: strip(4, 4), stock: papers, ledger: ledgerOf(papers), trimmer: ANY_TRIMMER })).toBe(
    false,
  );
});

test('only what is clearly longer than wide is a strip', () => {
  expect(isStrip(strip(12, 3))).toBe(true);
  expect(isStrip(strip(4, 6))).toBe(true);
  expect(isStrip(strip(4, 4))).toBe(false);
});

describe('the fewest joins in sight', () => {
  const under = (x: number, w: number): Layout => layout(layer('p', null, x, 1, w, 4));

  test('across the papers, where along them a join would be seen', () => {
    // Along: 7 and 5, joined at 5 or 7 only. Across: 9 and 9 with 6 in to spare.
    const papers = [stock('a', 7, 9), stock('b', 5, 9)];
    const answer = joined(strip(12, 2), papers, under(3.5, 1));
    expect(answer.parts.map(({ axis }) => axis)).toEqual(['y', 'y']);
    expect(answer.joins.every(({ isHidden }) => isHidden)).toBe(true);
  });

  test('a third strip hides what two cannot', () => {
    const papers = [stock('a', 7, 2), stock('b', 6, 2), stock('c', 4, 2)];
    const two = { ...under(3, 1), layers: [...under(3, 1).layers, layer('q', null, 9, 1, 1, 4)] };
    const answer = joined(strip(12, 2), papers, two);
    expect(answer.joins).toHaveLength(2);
    expect(answer.joins.every(({ isHidden }) => isHidden)).toBe(true);
    expect(answer.parts.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(inches(12));
  });

  test('a join is hidden wherever two strips reach it from both sides of what lies on top', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 3, max: 9 }), { minLength: 2, maxLength: 3 }),
        fc.integer({ min: 0, max: 11 }),
        (lengths, x) => {
          const papers = lengths.map((length, i) => stock(`s${i}`, length, 2));
          if (lengths.reduce((sum, length) => sum + length, 0) < 12 || lengths.some((length) => length >= 12)) return;
          const on = under(x, 1);
          const answer = joined(strip(12, 2), papers, on);
          const seen = answer.joins.filter(({ isHidden }) => !isHidden).length;
          // One join can be hidden when two strips reach that lie on both sides of it.
          const isHideable = lengths.some((a, i) =>
            lengths.some(
              (b, j) => i !== j && [0.25, 0.5, 0.75].some((part) => a >= x + part && b >= 12 - x - part && x > 0),
            ),
          );
          if (isHideable) expect(seen).toBe(0);
        },
      ),
      { numRuns: 60 },
    ));
});
