import { describe, expect, test } from 'vitest';
import { cutListOf } from './cutList';
import { inches } from '../../ground/length';
import { pageLayout } from '../design';
import { smallPage } from '../../acts/test/world';

const photo = { photo: null, w: inches(2), h: inches(3) };
const page = { ...smallPage(), id: 'p', photos: [photo, photo], mat: inches(1 / 8), design: 'photo-block' };
const ids = (some: object): string[] => pageLayout({ ...page, ...some }).value!.layers.map(({ id }) => id);

describe('layers of a page', () => {
  test('one has a paper of its own, and is a line of its own of the cut list', () => {
    const apart = { ...page, apart: ['mat-2'], papers: { mat: 'dots', 'own mat-2': 'stripes' } };
    const layout = pageLayout(apart).value!;
    expect(layout.slots.filter(({ id }) => id.startsWith('own')).map(({ name }) => name)).toEqual(['Mats, number 2']);
    const mats = cutListOf(layout, apart).filter(({ w }) => w === inches(2.25));
    expect(mats.map(({ slot, face, count }) => [slot, face, count])).toEqual([
      ['mat', 'dots', 1],
      ['own mat-2', 'stripes', 1],
    ]);
  });

  test('one is left out, and a photo only with its place', () => {
    expect(ids({ without: ['panel-1', 'photo-1'] })).toEqual(ids({}).filter((id) => id !== 'panel-1'));
  });

  test('a photo and its mats keep their names, and where they were moved, whichever of them have mats', () => {
    const moves = { 'photo-2': { dx: 40, dy: 0, turn: 0, lift: 0 } };
    const bare = { photos: [{ ...photo, mats: [] }, photo], moves };
    expect(ids(bare)).toContain('mat-2');
    expect(ids(bare)).not.toContain('mat-1');
    const at = (some: object, id: string) => pageLayout({ ...page, ...some }).value!.layers.find((l) => l.id === id)!;
    expect(at(bare, 'mat-2').x - at({ ...bare, moves: {} }, 'mat-2').x).toBe(40);
    // Moved by its mat before, it stays there without it.
    const old = { moves: { 'mat-1': { dx: 8, dy: 0, turn: 0, lift: 0 } } };
    expect(at(old, 'photo-1').x - at({}, 'photo-1').x).toBe(8);
  });

  test('a page that one photo covers asks for no ground', () => {
    const full = { ...page, design: 'notebook-spread', format: { w: inches(5), h: inches(8), spread: true } };
    const whole = { photo: null, w: inches(5), h: inches(8) };
    expect(ids({ ...full, photos: [whole] })).not.toContain('ground-1');
    expect(ids({ ...full, photos: [whole] })).toContain('right-ground-1');
  });
});
