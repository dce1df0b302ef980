// Measures how soon a stash of 10,000 things with 300 pictures can be used, in Chromium, on the built application.
import { chromium } from '@playwright/test';
import { encode } from 'jpeg-js';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inches } from '../core/ground/length';
import { seededRandom } from '../core/ground/random';
import { makeApp } from '../server/app';
import { EMPTY_FILE, type BenchFile } from '../web/data/file/contents';
import { manyThings } from './finding';
import { ensureChromium } from './chromium.mjs';

const PICTURES = 300;
const PIXELS = 1000;

/** A picture of paper: blotches in a few colours, about as heavy as a photograph of that size. */
function picture(seed: number): string {
  const random = seededRandom(seed);
  const data = Buffer.alloc(PIXELS * PIXELS * 4);
  const hues = Array.from({ length: 4 }, () => [random() * 255, random() * 255, random() * 255]);
  for (let i = 0; i < PIXELS * PIXELS; i++) {
    const hue = hues[(Math.floor((i % PIXELS) / 60) + Math.floor(i / PIXELS / 60)) % 4]!;
    for (let c = 0; c < 3; c++) data[4 * i + c] = hue[c]! + 24 * random();
    data[4 * i + 3] = 255;
  }
  return encode({ data, width: PIXELS, height: PIXELS }, 80).data.toString('base64');
}

const { shelf, faces, events } = manyThings();
const kinds = Array.from({ length: 6 }, (_, i) => picture(i + 1));
const file: BenchFile = {
  ...EMPTY_FILE,
  kits: [...shelf.kits.values()],
  lots: [...shelf.lots.values()],
  events: [...events],
  pictures: Array.from({ length: PICTURES }, (_, i) => ({
    id: `i${i}`,
    type: 'image/jpeg',
    data: kinds[i % kinds.length]!,
  })),
  faces: [...faces.values()].map((face, i) =>
    i < PICTURES ? { ...face, picture: { image: `i${i}`, w: inches(12), h: inches(12) } } : face,
  ),
};
const server = makeApp().listen(0);
const address = `http://localhost:${(server.address() as AddressInfo).port}`;
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--enable-precise-memory-info'],
});
const page = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
).newPage();
page.setDefaultTimeout(300_000);
await page.goto(`${address}/settings`);
const [chooser] = await Promise.all([
  page.waitForEvent('filechooser'),
  page.getByRole('button', { name: 'Read a file' }).click(),
]);
const folder = mkdtempSync(join(tmpdir(), 'nubbin-'));
writeFileSync(join(folder, 'bench.json'), JSON.stringify(file));
await chooser.setFiles(join(folder, 'bench.json'));
await page.getByRole('button', { name: 'Put it in place' }).click();
await page.waitForURL('**/stash');
rmSync(folder, { recursive: true });

const heap = (): Promise<number> =>
  page.evaluate(() => {
    const { memory } = performance as unknown as { memory: { usedJSHeapSize: number } };
    return Math.round(memory.usedJSHeapSize / 1e6);
  });
const piece = page.getByTestId('scraps').getByRole('button').first();
const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
const starts: number[] = [];
for (let n = 0; n < 5; n++) {
  await page.goto('about:blank');
  const start = Date.now();
  await page.goto(`${address}/stash`);
  await piece.waitFor();
  await page.getByLabel('Search', { exact: true }).click();
  starts.push(Date.now() - start);
}
const before = await heap();
const queries: number[] = [];
for (const text of ['moths', 'lamplight', 'rope 4', 'seed', '']) {
  queries.push(
    await page.evaluate(async (typed) => {
      const field = document.querySelector<HTMLInputElement>('input[placeholder^="name, month"]')!;
      const start = performance.now();
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field, typed);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((resume) => requestAnimationFrame(() => requestAnimationFrame(resume)));
      return performance.now() - start;
    }, text),
  );
}
/** Every line of the stash once: small copies of the pictures are made where they are first seen. */
const throughAll = async (): Promise<void> =>
  page.evaluate(async () => {
    const box = document.querySelector<HTMLElement>('[data-testid="scraps"]')!;
    for (let at = 0; at < box.scrollHeight; at += 500) {
      box.scrollTop = at;
      await new Promise((resume) => {
        setTimeout(resume, 60);
      });
    }
  });
await throughAll();
await page.waitForTimeout(5000);
await page.reload();
await piece.waitFor();
/** Frames longer than two of sixty a second, while the stash is scrolled through. */
const scroll = (): Promise<{ frames: number; late: number; longest: number }> =>
  page.evaluate(async () => {
    const box = document.querySelector<HTMLElement>('[data-testid="scraps"]')!;
    box.scrollTop = 0;
    const times: number[] = [];
    let last = performance.now();
    for (let n = 0; n < 240; n++) {
      box.scrollTop += 120;
      await new Promise(requestAnimationFrame);
      const now = performance.now();
      times.push(now - last);
      last = now;
    }
    return {
      frames: times.length,
      late: times.filter((time) => time > 34).length,
      longest: Math.round(Math.max(...times)),
    };
  });
const atOnce = await scroll();
await page.waitForTimeout(5000);
const later = await scroll();
console.log(
  JSON.stringify({
    things: 10_000,
    pictures: PICTURES,
    startUpMs: median(starts),
    startUps: starts,
    queryMs: queries.map(Math.round),
    scrolledAtOnce: atOnce,
    scrolledLater: later,
    heapMB: [before, await heap()],
  }),
);
await browser.close();
server.close();
