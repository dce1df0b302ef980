// Takes a picture of each main view from the demo data into docs/screenshots/ (or the folder given).
import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { pick } from '../e2e/bench';
import { makeApp } from '../server/app';
import { ensureChromium } from './chromium.mjs';

const to = process.argv[2] ?? 'docs/screenshots';
const only = process.argv[3];
mkdirSync(to, { recursive: true });
const server = makeApp().listen(0);
const address = `http://localhost:${(server.address() as AddressInfo).port}`;
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
const page = await context.newPage();
page.on('pageerror', (error) => console.error(String(error)));

const LIST =
  '2 x 12x12 heron reeds / ripple scallops, pond + celadon + cream, upright\n1 x 12x12 lock gate wood / plain cream, wood + brown\n2 x 12x12 cardstock slate\n1 x 6x12 sticker sheet\nalpha puffy: A3 E4 N2 R2 S3 T2\nwahsi 10 yd, pond\nenamel dots 24, pond + celadon\n3 glassine bags 4x6';

async function startPage(p: Page): Promise<void> {
  await p.goto(`${address}/pages`);
  await p.getByRole('button', { name: 'New page' }).click();
  await pick(p, 'Design', 'Box stack');
  await p.getByRole('button', { name: /^Torch on the wall/ }).click();
  await p.getByRole('textbox', { name: 'Title' }).fill('Neighbours by torch');
  await p.getByLabel('Date').click();
}

/** A few pages that wait for papers. */
async function startPages(p: Page): Promise<void> {
  for (const [design, photo, title] of [
    ['Framed ground', /^The kiln at heat/, 'At heat'],
    ['Strip bands', /^The shed door/, 'The shed'],
  ] as const) {
    await p.goto(`${address}/pages`);
    await p.getByRole('button', { name: 'New page' }).click();
    await pick(p, 'Design', design);
    await p.getByRole('button', { name: photo }).click();
    await p.getByRole('textbox', { name: 'Title' }).fill(title);
    await p.getByLabel('Date').click();
    await p.getByRole('heading', { name: title, exact: true }).waitFor();
  }
}

const VIEWS: readonly (readonly [string, (p: Page) => Promise<unknown>])[] = [
  [
    'stash',
    async (p) => {
      await p.goto(`${address}/stash`);
      await p
        .getByRole('button', { name: /^foxglove blooms|^radish dots/ })
        .last()
        .click();
    },
  ],
  [
    'gather',
    async (p) => {
      await p.goto(`${address}/busters/gather`);
      await p.getByText(/things from \d+ kits/).waitFor();
    },
  ],
  ['parcels', (p) => p.goto(`${address}/parcels`)],
  [
    'scraps',
    async (p) => {
      await p.goto(`${address}/stash`);
      await p.getByRole('button', { name: 'Add scraps' }).click();
      const line = p.getByLabel(/^A scrap/);
      await line.fill('4x6 moths');
      await line.press('Enter');
      await p.getByText('1 scrap put away just now').waitFor();
      await line.fill('7x5 la gap 2x3');
      await line.press('ArrowDown');
    },
  ],
  [
    'photos',
    async (p) => {
      await p.goto(`${address}/photos`);
      await p.getByRole('button', { name: /^Torch on the wall/ }).click();
    },
  ],
  [
    'pages',
    async (p) => {
      await p.goto(`${address}/pages`);
      await p.getByRole('region', { name: 'Unfinished' }).waitFor();
    },
  ],
  [
    'round',
    async (p) => {
      await p.goto(`${address}/round?words=after+ten`);
      await p.getByRole('button', { name: 'Begin this page: Framed ground' }).waitFor();
      await p.getByText('Trying design after design').waitFor({ state: 'hidden' });
    },
  ],
  [
    'share-out',
    async (p) => {
      await startPages(p);
      await p.goto(`${address}/share-out`);
      await p.getByText('for a better one').waitFor();
      await p.getByText('for a better one').waitFor({ state: 'detached', timeout: 90_000 });
      await p.getByRole('button', { name: 'Claim, and to the cuts' }).focus();
    },
  ],
  [
    'busters',
    async (p) => {
      await p.goto(`${address}/busters`);
      await p.getByText('Looking through').waitFor();
      await p.getByText('Looking through').waitFor({ state: 'detached', timeout: 60_000 });
    },
  ],
  [
    'titles',
    async (p) => {
      await p.goto(`${address}/titles`);
      await p.getByRole('textbox', { name: 'Title' }).fill('Nine moths');
      await p.getByText(/^About .* wide/).waitFor();
      await p.getByText('…').first().waitFor({ state: 'detached', timeout: 20_000 });
    },
  ],
  [
    'wrap-up',
    async (p) => {
      await p.goto(`${address}/wrap-up`);
      await p.getByText('Looking through').waitFor({ state: 'detached', timeout: 60_000 });
    },
  ],
  [
    'album',
    async (p) => {
      await p.goto(`${address}/album`);
      await p.getByRole('button', { name: 'Glaze day' }).click();
    },
  ],
  ['page-bench', startPage],
  [
    'things',
    async (p) => {
      await p.getByText('things on it', { exact: true }).click();
      for (const which of ['First', 'Second']) {
        await p.getByRole('heading', { name: `${which} cluster` }).waitFor();
        await p.getByRole('button', { name: 'Lay it' }).click();
      }
      await p.getByRole('heading', { name: 'Third cluster' }).waitFor();
    },
  ],
  [
    'order-of-work',
    async (p) => {
      await p.getByText('order of work', { exact: true }).click();
      const more = p.getByRole('region', { name: 'Background work' });
      for (const work of ['Paint the background', 'Ink the edges']) await more.getByText(work).click();
      const order = p.getByRole('region', { name: 'Order of work' });
      for (const step of ['Mark in pencil where the layers will lie', 'Paint the background'])
        await order.getByText(step, { exact: true }).click();
      await p.getByRole('button', { name: /^Look it over/ }).click();
    },
  ],
  [
    'designs',
    async (p) => {
      await p.getByRole('button', { name: 'Designs side by side' }).click();
      await p.getByText('Laying the photos out').waitFor();
      await p.getByText('Laying the photos out').waitFor({ state: 'detached', timeout: 60_000 });
    },
  ],
  [
    'plan',
    async (p) => {
      await p.keyboard.press('Escape');
      await p.getByRole('button', { name: 'To the cuts' }).click();
      await p.getByRole('heading', { name: 'What it takes' }).waitFor();
      await p.getByText('for a better one').waitFor({ state: 'detached', timeout: 60_000 });
    },
  ],
  [
    'cuts',
    async (p) => {
      await p.getByRole('button', { name: 'Take these papers out' }).click();
      await p.getByText('Set the trimmer to').waitFor();
      await p.keyboard.press('Space');
      await p.getByText('✓').first().waitFor();
    },
  ],
  [
    'unpacking',
    async (p) => {
      await p.goto(`${address}/parcels`);
      await p.getByRole('button', { name: 'Unpack a parcel' }).click();
      await p.getByLabel('Kit', { exact: true }).fill('Heron Lock');
      await p.getByRole('textbox', { name: 'The list' }).fill(LIST);
      await p
        .getByRole('checkbox', { name: / is here$/ })
        .first()
        .focus();
      for (const key of [' ', ' ', '1']) await p.keyboard.press(key);
    },
  ],
];

await page.goto(address);
await page.getByRole('heading', { name: 'Stash', exact: true }).waitFor();
for (const [name, show] of VIEWS) {
  await show(page);
  await page.waitForTimeout(500);
  if (only === undefined || only.split(',').includes(name)) await page.screenshot({ path: `${to}/${name}.png` });
}
await browser.close();
server.close();
