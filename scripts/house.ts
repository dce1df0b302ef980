// Draws docs/house.svg from the imports of core: its wings, their rooms, and how often one rests on another.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, normalize } from 'node:path';

/** From the roof down. */
const WINGS = ['jobs', 'acts', 'kit', 'page', 'trimmer', 'stock', 'seeing', 'ground'];
const ROOT = 'core';

const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .map((file) => file.replaceAll('\\', '/'))
  .filter((file) => file.endsWith('.ts') && !file.includes('.test.') && !file.includes('/test/'));
const wingOf = (file: string): string => file.split('/')[0] ?? '';
const isIn = (wing: string) => (file: string) => wingOf(file) === wing;

/** The wings that a file imports from, each as often as it does. */
const restsOn = (file: string): string[] =>
  [...readFileSync(join(ROOT, file), 'utf8').matchAll(/from '(\.[^']+)'/g)]
    .map(([, to = '']) => wingOf(normalize(join(file, '..', to)).replaceAll('\\', '/')))
    .filter((wing) => wing !== wingOf(file));

const roomsOf = (wing: string): string[] =>
  readdirSync(join(ROOT, wing), { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && entry.name !== 'test')
    .map(({ name }) => name);

const HIGH = 74;
const rows = WINGS.map((wing, i) => {
  const own = files.filter(isIn(wing));
  const below = own.flatMap(restsOn);
  const said = WINGS.map((other) => [other, below.filter((to) => to === other).length] as const)
    .filter(([, n]) => n > 0)
    .map(([other, n]) => `${other} ${n}`)
    .join(' · ');
  const y = i * (HIGH + 8) + 8;
  return `  <rect x="8" y="${y}" width="944" height="${HIGH}" fill="#f6efe0" stroke="#3b2238"/>
  <text x="22" y="${y + 30}" font-size="20" font-weight="700" fill="#8a1c4f">${wing}</text>
  <text x="22" y="${y + 54}" font-size="13" fill="#3b2238">${own.length} files</text>
  <text x="140" y="${y + 30}" font-size="15" fill="#3b2238">${roomsOf(wing).join(' · ')}</text>
  <text x="140" y="${y + 54}" font-size="13" fill="#1f6670">${said === '' ? 'rests on nothing' : `rests on ${said}`}</text>`;
});
const height = WINGS.length * (HIGH + 8) + 8;
writeFileSync(
  'docs/house.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" width="960" height="${height}" viewBox="0 0 960 ${height}" font-family="sans-serif">
  <title>The wings of core, from the roof down: each rests only on those below it</title>
  <rect width="960" height="${height}" fill="#fbf7ee"/>
${rows.join('\n')}
</svg>
`,
);
console.log(`docs/house.svg: ${files.length} files`);
