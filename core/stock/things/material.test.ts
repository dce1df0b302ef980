import { expect, test } from 'vitest';
import { isForPages, isPaper, materialOf, type LotKind, type Material } from '.';

const lot = (kind: LotKind, name: string, material?: Material) => ({ kind, name, ...(material ? { material } : {}) });

// Common practice, no source.
test.each<[LotKind, string, Material]>([
  ['paper', 'moths / lamplight', 'paper'],
  ['paper', 'wood grain', 'paper'],
  ['cardstock', 'canvas texture ink', 'paper'],
  ['vellum', 'night sky', 'see-through'],
  ['acetate', 'stars', 'see-through'],
  ['stickers', 'clear stickers', 'see-through'],
  ['paper', 'clear sky', 'paper'],
  ['paper', 'felt', 'not-paper'],
  ['paper', 'clay felt sheets', 'not-paper'],
  ['paper', 'oak veneer', 'not-paper'],
  ['embellishment', 'cork', 'not-paper'],
])('%s "%s" is %s', (kind, name, material) => {
  expect(materialOf(lot(kind, name))).toBe(material);
});

test('papers are cut, other things are not', () => {
  for (const kind of ['paper', 'cardstock', 'card', 'cut-apart'] as const)
    expect(isPaper(lot(kind, 'moths'))).toBe(true);
  for (const kind of ['alpha', 'washi', 'dots', 'tool', 'stickers', 'vellum'] as const)
    expect(isPaper(lot(kind, 'moths'))).toBe(false);
  expect(isPaper(lot('paper', 'felt'))).toBe(false);
});

test('what she says goes', () => {
  expect(isPaper(lot('paper', 'cork', 'paper'))).toBe(true);
  expect(isPaper(lot('paper', 'moths', 'not-paper'))).toBe(false);
});

test('packaging is for pages only when she says so', () => {
  expect(isForPages(lot('packaging', 'tissue'))).toBe(false);
  expect(isPaper(lot('packaging', 'tissue'))).toBe(false);
  expect(isForPages(lot('packaging', 'tissue', 'paper'))).toBe(true);
  expect(isPaper(lot('packaging', 'tissue', 'paper'))).toBe(true);
  expect(isForPages(lot('dots', 'enamel dots'))).toBe(true);
});
