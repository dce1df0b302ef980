import { describe, expect, test } from 'vitest';
import { planCuts } from '../trimmer/cutting';
import { inches, mm } from '../ground/length';
import { differences, gut, join, palette, readCutJob, schemaProblem, writeCutResult } from '.';

describe('a cut job read into ticks', () => {
  test('with all its defaults', () => {
    expect(
      readCutJob({ stock: [{ id: 's', w: 12, h: 12 }], pieces: [{ id: 'p', w: '3 1/4in', h: '4-1/4"' }] }).value,
    ).toEqual({
      stock: [
        {
          id: 's',
          w: inches(12),
          h: inches(12),
          count: 1,
          front: null,
          back: null,
          upright: false,
          fresh: false,
          since: null,
          missing: [],
        },
      ],
      pieces: [
        { id: 'p', w: inches(3.25), h: inches(4.25), count: 1, of: null, turn: null, optional: false, value: 0 },
      ],
      keepAtLeast: { w: inches(1), h: inches(1) },
      longestCut: null,
    });
  });
  test('a year comes before its months, and months in order', () => {
    const since = (text: string): number =>
      readCutJob({ stock: [{ id: 's', w: 1, h: 1, since: text }], pieces: [] }).value!.stock[0]!.since!;
    expect(['2025-12', '2026', '2026-01', '2026-12', '2027'].map(since)).toEqual(
      ['2025-12', '2026', '2026-01', '2026-12', '2027'].map(since).sort((a, b) => a - b),
    );
    expect(new Set(['2026', '2026-01'].map(since)).size).toBe(2);
  });
  test('a number with a unit of its own keeps it', () => {
    const { stock, longestCut } = readCutJob({
      unit: 'mm',
      stock: [{ id: 's', w: '12in', h: 100 }],
      pieces: [],
      trimmer: { longest: '30.5 cm' },
    }).value!;
    expect([stock[0]!.w, stock[0]!.h, longestCut]).toEqual([inches(12), mm(100), mm(305)]);
  });
});

test('a result is told in the unit of its job, areas in its square', () => {
  const job = readCutJob({
    unit: 'cm',
    stock: [{ id: 's', w: 30, h: 30 }],
    pieces: [{ id: 'p', w: 10, h: 30 }],
  }).value!;
  expect(writeCutResult(planCuts(job, 1_000), 'cm')).toMatchObject({
    sheets: [{ stock: 's', pieces: [{ w: 10, h: 30 }], nubbins: [{ w: 20, h: 30 }] }],
    stats: { pieceArea: 300, nubbinArea: 600, kept: 360_000, largestNubbin: 600 },
  });
});

describe('the other jobs', () => {
  test('gut reads circles and turns, and tells windows in the unit', () => {
    const result = gut({
      unit: 'mm',
      page: { w: 100, h: 100 },
      layers: [
        { id: 'a', shape: 'rect', x: 0, y: 0, w: 100, h: 100 },
        { id: 'b', shape: 'circle', cx: 50, cy: 50, d: 60 },
      ],
    }).value as { layers: { area: number; hidden: number; window: { w: number; h: number } | null }[] };
    expect(result.layers[0]!.area).toBeCloseTo(10_000, 6);
    expect(result.layers[0]!.hidden).toBeCloseTo(Math.PI * 900, -1);
    expect(result.layers[0]!.window!.w * result.layers[0]!.window!.h).toBeGreaterThan(0.97 * 1800);
    expect(result.layers[1]!.window).toBeNull();
  });
  test('differences are rounded to four decimals', () => {
    expect(differences({ pairs: [['#000', '#fff']] })).toEqual({ differences: [100] });
  });
  test('a palette is covered at the tolerance itself', () => {
    const { matches } = palette({ target: ['#1b2a49'], items: [{ id: 'a', colors: [{ hex: '#22304f' }] }] }).value!;
    expect(matches[0]).toMatchObject({ item: 'a', difference: 1.921, within: true });
    expect(
      palette({ target: ['#1b2a49'], within: 1.9, items: [{ id: 'a', colors: [{ hex: '#22304f' }] }] }).value!.covered,
    ).toBe(0);
  });
  test('join tells lengths in the unit', () => {
    expect(
      join({ unit: 'cm', need: { length: 20, width: 2 }, strips: [{ id: 'a', length: 12, width: 2, count: 2 }] }).value,
    ).toMatchObject({ ok: true, joins: 1, length: 20, longest: 24 });
  });
});

describe('what a schema says, as a refusal', () => {
  const complaint = (some: object) => schemaProblem([{ keyword: 'type', instancePath: '/a', params: {}, ...some }]);
  test.each([
    [{ keyword: 'additionalProperties', params: { additionalProperty: 'x~y/z' } }, 'unknown-key', '/a/x~0y~1z'],
    [{ keyword: 'required', params: { missingProperty: 'w' } }, 'missing-key', '/a'],
    [{ keyword: 'maxItems', params: { limit: 3 } }, 'too-many', '/a'],
    [{ keyword: 'pattern', parentSchema: { description: 'a colour' } }, 'bad-value', '/a'],
  ])('%j', (some, code, at) => {
    expect(complaint(some)).toMatchObject({ code, at });
  });
  test('speaks of what is expected where the schema says so', () => {
    expect(complaint({ keyword: 'pattern', parentSchema: { description: 'a colour: #rgb' } }).message).toBe(
      'expected a colour: #rgb',
    );
    expect(
      schemaProblem([
        { keyword: 'if', instancePath: '', params: {} },
        { keyword: 'required', instancePath: '/b', params: { missingProperty: 'd' } },
      ]).at,
    ).toBe('/b');
  });
});
