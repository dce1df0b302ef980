import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../length';
import type { Photo } from '../things';
import { cutListOf } from '../cutlist';
import { designOf, layOut, lookOver, moved, movedOn, movedWith, nudge, type Layout } from '.';

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
    expect(movedWith(layout, 'photo-1')).toBe('mat-1');
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

describe('a page looked over', () => {
  const print = (some: Partial<Photo> = {}): Photo => ({
    id: 'p',
    story: 's',
    name: 'moth',
    image: 'i',
    w: inches(4),
    h: inches(6),
    colours: [],
    added: '2026-11-04',
    ...some,
  });
  const onTop = moved(layout, { 'upper-1': { ...still, lift: 9 } });

  test('a photo under a strip is covered, unless only what may be covered is', () => {
    expect(lookOver(layout, [print(), print()], new Set())).toEqual([]);
    expect(lookOver(onTop, [null, null], new Set())).toContainEqual({ kind: 'covered', photo: 0, by: 'upper-1' });
    // The strip reaches 4 in down; the first photo lies from there on down but for its head.
    const foot = { x: 0, y: 0.9, w: 1, h: 0.1 };
    expect(
      lookOver(onTop, [print({ keep: [foot] }), print({ keep: [foot] })], new Set()).filter(
        ({ kind }) => kind === 'covered',
      ),
    ).toEqual([]);
    expect(lookOver(onTop, [print({ keep: [{ ...foot, y: 0 }] }), print({ keep: [foot] })], new Set())).toHaveLength(1);
  });
  test('a crop moves what must be kept: what it leaves out cannot be covered', () => {
    const crop = { x: 0, y: 0.5, w: 1, h: 0.5 };
    const cropped = print({ crop, keep: [{ x: 0, y: 0, w: 1, h: 0.2 }] });
    expect(lookOver(onTop, [cropped, cropped], new Set()).filter(({ kind }) => kind === 'covered')).toEqual([]);
  });
  test('a figure in the outer third looks into the page or is remarked on', () => {
    const left = moved(layout, { 'mat-1': { ...still, dx: -inches(2.5) } });
    expect(lookOver(left, [print({ looks: 'left' }), null], new Set())).toEqual([
      { kind: 'looks-off', photo: 0, to: 'left' },
    ]);
    expect(lookOver(left, [print({ looks: 'right' }), null], new Set())).toEqual([]);
  });
  test('edges that nearly meet, and layers over the edge, where she moved them', () => {
    const near = moved(layout, { 'upper-1': { ...still, dx: inches(1 / 16) } });
    expect(lookOver(near, [null, null], new Set(['upper-1'])).map(({ kind }) => kind)).toContain('nearly-meet');
    expect(lookOver(near, [null, null], new Set(['upper-1']))).toContainEqual({ kind: 'over-edge', layer: 'upper-1' });
    expect(lookOver(near, [null, null], new Set())).toEqual([]);
  });
});
