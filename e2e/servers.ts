// Serves what was built twice: with the demo that ships, and with its newest kit as it came, before any of its pages is
// in hand. What came over the wire is kept by the browser, as it is for her: answers put in by the test would not be.
import { cpSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { makeDemo } from '../demo/make';
import { makeApp } from '../server/app';
import { PORTS } from './ports';

const BUILT = fileURLToPath(new URL('../dist/web/', import.meta.url));
const PLAIN = fileURLToPath(new URL('../test-results/plainWeb/', import.meta.url));

rmSync(PLAIN, { recursive: true, force: true });
cpSync(BUILT, PLAIN, { recursive: true });
const demo = readdirSync(`${PLAIN}assets`).find((name) => /^bench-.*\.json$/.test(name));
if (demo === undefined) throw new Error('There is no demo among what was built.');
writeFileSync(`${PLAIN}assets/${demo}`, makeDemo(null));

makeApp().listen(PORTS.whole, 'localhost');
makeApp({ built: PLAIN }).listen(PORTS.plain, 'localhost');
