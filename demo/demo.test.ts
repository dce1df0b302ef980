import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { balanceOf, fold } from '../core/ledger';
import { readBenchFile } from '../web/data/benchFile';
import { makeDemo } from './make';

const shipped = readFileSync(new URL('./bench.json', import.meta.url), 'utf8');

test('the demo that ships is what the script makes', () => {
  expect(makeDemo()).toBe(shipped);
});

test('the demo is a sound bench: four kits, stories with pictures, something owed, something used', () => {
  const file = readBenchFile(shipped);
  expect(file.error).toBeNull();
  const { kits, photos, images, lots, events } = file.value!;
  expect(kits.map(({ name }) => name).sort()).toEqual(['Kiln Weather', 'Moth Lantern', 'Ringing Chamber', 'Seed Drawer']);
  expect(photos.length).toBe(images.length);
  const ledger = fold(events).value!;
  expect([...ledger.lots.values()].some(({ owed }) => Object.keys(owed).length > 0)).toBe(true);
  const usedOf = (kit: string): number => lots.filter((lot) => lot.kit === kit).reduce((sum, lot) => sum + balanceOf(ledger, lot.id).area.onPages, 0);
  expect(usedOf('moth')).toBe(0);
  expect(usedOf('bell')).toBeGreaterThan(usedOf('seed'));
});
