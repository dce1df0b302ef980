import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';

import { cutListOf } from '../cutlist';
import { designOf, layOut, moved, movedOn, movedWith, nudge, type Layout } from '.';

const photo = { photo: null, w: inches(4), h: inches(6) };
const layout: Layout = layOut(designOf('strip-bands')!, {
  format: { w: inches(12), h: inches(12), spread: false },
  photos: [photo, photo],
  mat: inches(1 / 8),
}).value!;
const still = { dx: 0, dy: 0, turn: 0, lift: 0 };
const layerOf = (id: string, of: Layout = layout) => of.layers.find((layer) => layer.id === id)!;

describe('layers that she moves', () => {
  test('a mat takes its photo along, also over another layer', () => {
    const after = moved(layout, { 'mat-1': { ...still, dx: 100, dy: -50, lift: -9 } });
    expect(layerOf('photo-1', after)).toMatchObject({ x: layerOf('photo-1').x + 100, y: layerOf('photo-1').y - 50 });
    expect(after.layers.slice(0, 2).map(({ id }) => id)).toEqual(['mat-1', 'photo-1']);
    expect(movedWith(layout, 'photo-1')).toBe('photo-1');
    expect(movedWith(layout, 'upper-1')).toBe('upper-1');
  });
  test('whatever is moved, the same pieces are cut', () =>
    fc.assert(
      fc.property(
        fc.dictionary(
          fc.constantFrom(...layout.layers.map(({ id }) => id), 'gone-1'),
          fc.record({ dx: fc.integer(), dy: fc.integer(), turn: fc.integer(), lift: fc.integer({ min: -9, max: 9 }) }),
        ),
        (moves) => {
          const after = moved(layout, moves);
          const byId = (list: readonly { id: string }[]) => [...list].sort((a, b) => a.id.localeCompare(b.id));
          expect(byId(cutListOf(after, { id: 'p', papers: {} }))).toEqual(
            byId(cutListOf(layout, { id: 'p', papers: {} })),
          );
          expect(after.layers.map(({ id }) => id).sort()).toEqual(layout.layers.map(({ id }) => id).sort());
        },
      ),
    ));
  test('a move and its opposite leave nothing', () => {
    expect(movedOn(movedOn(undefined, { dx: 5, turn: 1 })!, { dx: -5, turn: -1 })).toBeNull();
    expect(movedOn({ ...still, lift: 1 }, { dx: 2 })).toEqual({ ...still, lift: 1, dx: 2 });
  });
});

describe('a nudge', () => {
  test('goes the whole step where nothing is met, and stops where edges meet', () => {
    // The upper strip lies 1 in down and is 3 in high; the page's head is 1 in off.
    expect(nudge(layout, 'upper-1', 'y', -inches(1.5))).toBe(-inches(1));
    expect(nudge(layout, 'upper-1', 'y', -inches(1 / 16))).toBe(-inches(1 / 16));
  });
  test('never goes further than the step, nor the other way, nor nowhere', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...layout.layers.map(({ id }) => id)),
        fc.constantFrom('x' as const, 'y' as const),
        fc.integer({ min: -9000, max: 9000 }).filter((n) => n !== 0),
        (id, axis, step) => {
          const by = nudge(layout, id, axis, step);
          expect(Math.abs(by)).toBeLessThanOrEqual(Math.abs(step));
          expect(Math.sign(by)).toBe(Math.sign(step));
        },
      ),
    ));
});
