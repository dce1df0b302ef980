// Measures an act and its undo through the browser's database, with a year of acts in it, and what the database takes.
import { chromium } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { createServer } from 'vite';
import { manyThings } from './finding';
import type { measureYear, Year } from './dataLayerInBrowser';
import { ensureChromium } from './chromium.mjs';

const ACTS = 10_000;
const TIMED = 100;

const path = (file: string): string => fileURLToPath(new URL(file, import.meta.url));
const { shelf, faces, events } = manyThings();
const pieces = [...shelf.ledger.pieces.keys()];
const year: Year = {
  kits: [...shelf.kits.values()],
  lots: [...shelf.lots.values()],
  faces: [...faces.values()],
  events,
  given: pieces.slice(0, ACTS),
  timed: TIMED,
  photos: 120,
  pictureBytes: 700_000,
};
const server = await createServer({ configFile: path('../web/vite.config.ts'), logLevel: 'error' });
await server.listen(0);
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const page = await browser.newPage();
page.setDefaultTimeout(0);
await page.goto(new URL('icon.svg', server.resolvedUrls!.local[0]).href);
const result = await page.evaluate(
  async ({ module, year }) => {
    const measures = (await import(/* @vite-ignore */ module)) as { measureYear: typeof measureYear };
    return measures.measureYear(year);
  },
  { module: `/@fs${path('./dataLayerInBrowser.ts')}`, year },
);
console.log(
  JSON.stringify({ things: pieces.length, ...result, timesPictures: result.databaseBytes! / result.pictureBytes }),
);
await browser.close();
await server.close();
