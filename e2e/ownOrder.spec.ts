import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './test';
import { cutAll, goTo, openDemo, pictureFile, reload } from './bench';

const tray = (page: Page) => page.getByRole('region', { name: 'Bench tray' });
const layers = (page: Page) => page.getByRole('region', { name: 'Layers' });
const notice = (page: Page, text: RegExp) => expect(page.getByText(text).first()).toBeVisible();

/** What the page's menu gives, as a file. */
async function fileFrom(page: Page, item: RegExp): Promise<Buffer> {
  await page.getByRole('button', { name: 'This page …' }).click();
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: item }).click()]);
  return readFileSync(await file.path());
}

test('a page begun with words, cut piece by piece, one paper swapped after it, glued, two things added after it is done, its record printed', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page.getByRole('link', { name: 'Begin with anything' }).click();
  await page.getByLabel('Words, printed or of your own').fill('after ten');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Begin this page: Framed ground' }).click();
  await expect(page).toHaveURL(/pages\//);
  await page.getByRole('textbox', { name: 'Title' }).fill('After ten');
  await page.getByLabel('Date').click();
  await expect(tray(page).getByText(/laid$/).first()).toBeVisible();

  // One piece now, the next by hand, the rest from a plan.
  await page.getByRole('button', { name: 'cut it now' }).first().click();
  await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Cut list' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  // The frame is a whole sheet: nothing is cut, and what is left is offered.
  await expect(page.getByRole('region', { name: 'Cut list' }).getByText('Frame')).toBeHidden();
  await goTo(page, 'Pages');
  await page.getByRole('link', { name: /After ten, drawn/ }).click();
  await page.getByRole('button', { name: 'cut by hand …' }).first().click();
  const hand = page.getByRole('dialog');
  await hand.getByRole('button', { name: 'foot right' }).click();
  await hand.getByRole('button', { name: 'Note it' }).click();
  await expect(hand).toBeHidden();
  await expect(page.getByText('✓').nth(1)).toBeVisible();
  await reload(page);
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  await cutAll(page, () => page.keyboard.press(' '));
  await page.getByRole('button', { name: 'To the glue' }).click();

  // Another paper for one layer after it is cut: told, undone, done again.
  await page.getByText('papers', { exact: true }).click();
  await layers(page).getByRole('button', { name: /^Mats/ }).first().click();
  await page.getByRole('button', { name: /Paper of this layer alone/ }).click();
  await page.getByRole('option', { name: /^moths/ }).click();
  await notice(page, /moths for the mats.*goes back to the stash/i);
  await expect(page.getByRole('button', { name: /^To the cuts/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^To the cuts/ })).toBeHidden();
  await page.keyboard.press('Control+y');
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  await cutAll(page, () => page.keyboard.press(' '));
  await page.getByRole('button', { name: 'To the glue' }).click();

  // Glued layer by layer, then the rest.
  await page.getByText('papers', { exact: true }).click();
  await layers(page)
    .getByRole('button', { name: /^Frame/ })
    .click();
  await page.getByRole('button', { name: 'Glue it now' }).click();
  await expect(page.getByRole('button', { name: /^Peel the frame off/ })).toBeVisible();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await page.getByRole('button', { name: 'It is done' }).click();
  await page.getByRole('button', { name: 'It is done' }).waitFor({ state: 'hidden' });
  await page.getByText('things on it', { exact: true }).click();
  const lies = page.getByRole('region', { name: 'What lies on it' }).getByRole('button');
  const before = await lies.count();
  for (const n of [1, 2]) {
    await page.getByRole('button', { name: /^Lay / }).first().click();
    await expect(lies).toHaveCount(before + n);
  }
  const record = page.getByRole('region', { name: 'On this page, by kit' });
  await expect(record).toContainText('Cut for it');
  await expect(record).toContainText('moths');
  const printed = await fileFrom(page, /record/);
  expect(printed.subarray(0, 5).toString()).toBe('%PDF-');
  expect(printed.length).toBeGreaterThan(10_000);
  // The page itself, at 200 dots to an inch.
  const png = await fileFrom(page, /PNG/);
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([2400, 2400]);
});

test('a page is told afterwards from a picture: what went in is used up, its pages are found by it', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'A page already made' }).click();
  const slip = page.getByRole('dialog');
  await slip.getByLabel('Title').fill('Clay to the elbows');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    slip.getByRole('button', { name: 'A picture of it' }).click(),
  ]);
  await chooser.setFiles([pictureFile('torch', 'page.jpg')]);
  await slip.getByRole('button', { name: 'Take it so' }).click();
  await expect(slip.getByText('its picture is there')).toBeVisible();
  await expect(slip.getByLabel('Title')).toHaveValue('Clay to the elbows');
  await slip.getByText('Moth Lantern', { exact: true }).click();
  const offered = slip.getByRole('region', { name: 'What of Moth Lantern went on it' });
  await offered.getByText('cardstock ink, 12 × 12').first().click();
  await offered.getByLabel('high').fill('4');
  await offered.getByText('enamel dots').first().click();
  await offered.getByLabel('how many').fill('3');
  // Put aside in the middle, it is gone on with.
  await slip.getByRole('button', { name: 'Not now' }).click();
  await page.getByRole('button', { name: 'A page already made' }).click();
  await expect(slip.getByLabel('Title')).toHaveValue('Clay to the elbows');
  await slip.getByRole('button', { name: 'That is the page' }).click();

  await expect(page.getByRole('heading', { name: 'Clay to the elbows' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'The real page' })).toBeVisible();
  const record = page.getByRole('region', { name: 'On this page, by kit' });
  await expect(record).toContainText('3 × enamel dots');
  await expect(record).toContainText('cardstock ink 48 sq in');
  // A note for next time comes back with the next page, until it is seen to.
  await page.getByLabel('A note', { exact: true }).fill('less glue');
  await page.getByText('use next time').click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await goTo(page, 'Pages');
  await page.getByLabel('Search').fill('dots elbows');
  await expect(page.getByRole('region', { name: 'Pages found' }).getByRole('link')).toHaveCount(1);
  await page.getByRole('button', { name: /New page/ }).click();
  await expect(page.getByText('less glue')).toBeVisible();
  await page.getByRole('button', { name: 'Seen to: less glue' }).click();
  await expect(page.getByText('less glue')).toBeHidden();
});

test('an empty page is there at once; a place is kept at a typed size, a photo too large is told with what works; a version is taken', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: /New page/ }).click();
  await expect(page.getByRole('img', { name: /as it will look$/ })).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'What could lie here' })).toBeVisible();

  await page.getByRole('button', { name: 'Keep a place for a photo' }).click();
  await page.getByRole('button', { name: '1 · a place kept' }).click();
  const slip = page.getByRole('dialog');
  await slip.getByLabel('Wide').fill('3 1/4');
  await slip.getByLabel('High').fill('4 3/4');
  await slip.getByRole('button', { name: 'So', exact: true }).click();
  const kept = page.getByRole('region', { name: 'On this page', exact: true });
  await expect(kept).toContainText('3 1/4 × 4 3/4');
  await page.getByRole('button', { name: '1 · a place kept' }).click();
  await slip.getByLabel('Wide').fill('14');
  await slip.getByRole('button', { name: 'So', exact: true }).click();
  const works = page.getByRole('region', { name: 'What would work' });
  await expect(works).toContainText(/larger than the/);
  await works.getByRole('button', { name: 'without the photo' }).click();
  await expect(works).toBeHidden();
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: '1 · a place kept' }).click();
  await slip.getByText('the photo is printed to this size').click();
  await slip.getByRole('button', { name: /Photo$/ }).click();
  await page.getByRole('option', { name: /^Torch on the wall/ }).click();
  await slip.getByRole('button', { name: 'So', exact: true }).click();
  await expect(kept).toContainText('6 × 4');
  await expect(works).toBeHidden();

  await page.getByRole('button', { name: 'This page …' }).click();
  await page.getByRole('menuitem', { name: 'Another version, beside it' }).click();
  const versions = page.getByRole('region', { name: 'Versions of this page' });
  await expect(versions).toContainText('Version 2 is on the bench.');
  await versions.getByRole('button', { name: 'Take this version' }).click();
  await expect(versions).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(versions).toBeVisible();
});
