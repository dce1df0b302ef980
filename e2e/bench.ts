import { expect, type Page } from './test';
import { readFileSync } from 'node:fs';

const demo = JSON.parse(readFileSync(new URL('../demo/bench.json', import.meta.url), 'utf8')) as {
  pictures: { id: string; data: string }[];
};

/** A picture of the demo as a file to choose. */
export const pictureFile = (id: string, name: string) => ({
  name,
  mimeType: 'image/jpeg',
  buffer: Buffer.from(demo.pictures.find((image) => image.id === `image-${id}`)!.data, 'base64'),
});

/** Opens the application as on a first visit: the demo is there. */
export async function openDemo(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'ink and night' })).toBeVisible();
}

/** Clears everything away from Settings. */
export async function startEmpty(page: Page): Promise<void> {
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Start an empty bench' }).click();
  await page.getByRole('button', { name: 'Yes, clear it' }).click();
  await expect(page.getByRole('heading', { name: 'No parcel yet' })).toBeVisible();
}

/** Goes to a screen by its mark on the ruler. */
export const goTo = (page: Page, name: string): Promise<void> =>
  page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name }).click();

/** Picks one of a list that opens. */
export async function pick(page: Page, list: string, option: string): Promise<void> {
  await page
    .getByRole('button', { name: new RegExp(`${list}$`) })
    .filter({ has: page.locator('.react-aria-SelectValue') })
    .click();
  await page.getByRole('option', { name: option, exact: true }).click();
}

/** Begins a page in a design with a photo, and gives it a title where one is told. */
export async function beginPage(page: Page, design: string, photo: RegExp, title = ''): Promise<void> {
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'New page' }).click();
  await pick(page, 'Design', design);
  await page.getByRole('button', { name: photo }).click();
  if (title === '') return;
  await page.getByRole('textbox', { name: 'Title' }).fill(title);
  await page.getByLabel('Date').click();
  await expect(page.getByRole('heading', { name: title, exact: true })).toBeVisible();
}

/** Begins a page of stacked boxes behind the photo of the torch. */
export const beginBoxStack = (page: Page): Promise<void> => beginPage(page, 'Box stack', /^Torch on the wall/);

/** Waits until the planner has ended and takes the papers out. */
export async function takePapersOut(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
  await page.getByRole('button', { name: 'Take these papers out' }).click();
}

/** Plans what is wanted again after a mishap, at once or after the other cuts, and takes the papers out. */
export async function planAgain(page: Page): Promise<void> {
  const now = page.getByRole('button', { name: /^Plan (it|them) now$/ });
  const planning = page.getByRole('heading', { name: 'What it takes' });
  await expect(now.or(planning)).toBeVisible();
  if (await now.isVisible()) await now.click();
  await expect(planning).toBeVisible();
  await page.getByRole('button', { name: 'Take these papers out' }).click();
}

/** Makes every cut that is left, by `press`. */
export async function cutAll(page: Page, press: () => Promise<void>): Promise<void> {
  const allCut = page.getByRole('heading', { name: 'All cut' });
  const setting = page
    .getByText('Set the trimmer to')
    .or(page.getByRole('heading', { name: /^Punch$|^Cut the middle out$/ }));
  await expect(allCut.or(setting)).toBeVisible();
  for (let n = 0; n < 60 && !(await allCut.isVisible()); n++) {
    const before = await page.locator('ol[aria-label="All cuts"] li[data-done]').count();
    await press();
    await expect(async () => {
      if (await allCut.isVisible()) return;
      expect(await page.locator('ol[aria-label="All cuts"] li[data-done]').count()).toBe(before + 1);
    }).toPass();
  }
  await expect(allCut).toBeVisible();
}

/** The figures of the wrap-up's row of all paper: what came, what was corrected, and what became of it. */
export async function paperFigures(page: Page): Promise<{ came: number; corrected: number; became: number }> {
  await goTo(page, 'Wrap-up');
  await page.getByText('The account', { exact: true }).click();
  const row = page.getByRole('row').filter({ hasText: 'All paper' }).first();
  await expect(row).toBeVisible();
  const texts = await row.getByRole('cell').allTextContents();
  const [came, corrected, ...became] = texts.map((text) =>
    Number(text.replaceAll(/[,+]/g, '').replace('\u2212', '-').replace('·', '0')),
  ) as [number, number, ...number[]];
  return { came, corrected, became: became.reduce((a, b) => a + b, 0) };
}

/** Reloads when what was done before is written: a transaction over everything waits behind all others. */
export async function reload(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((resume, fail) => {
        const opening = indexedDB.open('nubbin');
        opening.onerror = () => fail(opening.error ?? new Error('the database does not open'));
        opening.onsuccess = () => {
          const all = opening.result.transaction([...opening.result.objectStoreNames], 'readwrite');
          all.oncomplete = () => {
            opening.result.close();
            resume();
          };
          all.onerror = () => fail(all.error ?? new Error('the database cannot be written'));
          all.objectStore('meta').count();
        };
      }),
  );
  await page.reload();
}

/** Everything in one file, as Settings exports it. */
export async function exported(page: Page): Promise<Buffer> {
  await page.goto('/settings');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export' }).click(),
  ]);
  return readFileSync(await download.path());
}

/** Reads a file of everything, which is whole, in place of what is there. */
export async function readBack(page: Page, zip: Buffer): Promise<void> {
  await page.goto('/settings');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read a file back' }).click(),
  ]);
  await chooser.setFiles({ name: 'mine.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByText(/^mine.zip is whole: it holds \d+ kits?/)).toBeVisible();
  await page.getByRole('button', { name: 'Put it in place' }).click();
  await expect(page.getByText('mine.zip was read.')).toBeVisible();
}

/** Escape closes the slip that lies open, and the focus goes back to something on the screen that it was opened from. */
export async function leave(page: Page): Promise<void> {
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.closest('main, nav, footer') !== null))
    .toBe(true);
}
