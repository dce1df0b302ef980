import { readdirSync, readFileSync } from 'node:fs';
import { join, normalize } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = new URL('.', import.meta.url).pathname;
/** From the ground up. */
const WINGS = ['ground', 'seeing', 'stock', 'trimmer', 'page', 'kit', 'acts', 'jobs'];

const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.includes('.test.') && !/[\\/]test[\\/]/.test(file),
);
const wingOf = (file: string): string => file.split(/[\\/]/)[0]!;

test('core is its wings, and nothing beside them', () => {
  expect([...new Set(files.map(wingOf))].sort()).toEqual([...WINGS].sort());
});

test.each(WINGS)('%s rests only on wings below it, types too', (wing) => {
  const above = new Set(WINGS.slice(WINGS.indexOf(wing) + 1));
  const up = files
    .filter((file) => wingOf(file) === wing)
    .flatMap((file) =>
      [...readFileSync(join(ROOT, file), 'utf8').matchAll(/from '(\.[^']+)'/g)]
        .map(([, to]) => normalize(join(file, '..', to!)))
        .filter((to) => above.has(wingOf(to)))
        .map((to) => `${file} → ${to}`),
    );
  expect(up).toEqual([]);
});
