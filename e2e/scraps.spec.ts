import { expect, test, type Page } from './test';
import { goTo, openDemo, pick, reload } from './bench';

/** Twenty scraps as they come out of a box: some of the paper before, some of one she has, some of one she does not. */
const SCRAPS: readonly (readonly [text: string, offered: boolean])[] = [
  ['4x6 lamp', true],
  ['3x4', false],
  ['2x8', false],
  ['1x12', false],
  ['4x4 mot', true],
  ['6x3', false],
  ['5x7', false],
  ['2x2 rope', true],
  ['3x3', false],
  ['3x9', false],
  ['4x6 teal', false],
  ['2x6', false],
  ['6x6', false],
  ['1x5', false],
  ['8x2 fox', true],
  ['3x5', false],
  ['4x2', false],
  ['7x5 gap 2x3', false],
  ['2x4', false],
  ['5x5', false],
];

const line = (page: Page) => page.getByLabel(/^A scrap/);

/** Types scraps as she would; how many keys that takes. */
async function typeScraps(page: Page): Promise<number> {
  let keys = 0;
  for (const [text, isOffered] of SCRAPS) {
    await line(page).pressSequentially(text);
    keys += text.length + 1;
    if (isOffered) {
      await expect(page.getByRole('listbox')).toBeVisible();
      await page.keyboard.press('ArrowDown');
      keys++;
    }
    await page.keyboard.press('Enter');
    await expect(line(page)).toHaveValue('');
  }
  return keys;
}

test('twenty scraps by keyboard, under ten keys each; one is taken back; all are there after a reload', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Add scraps' }).click();
  await page.getByLabel('Kept in').fill('scrap box');
  await line(page).focus();
  const keys = await typeScraps(page);
  expect(keys / SCRAPS.length).toBeLessThan(10);
  await expect(page.getByText('20 scraps put away just now')).toBeVisible();
  await page.getByRole('button', { name: /^Take back: 5 × 5/ }).click();
  await expect(page.getByText('19 scraps put away just now')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await reload(page);
  await page.getByLabel('Search', { exact: true }).fill('box scrap');
  await expect(page.getByText('19 things')).toBeVisible();
  await page.getByRole('button', { name: /^lamplight.*, 3 × 4, Older paper/ }).click();
  await expect(page.getByLabel('lamplight, its slip')).toContainText('Older paper');
});

test('a scrap of about a year with a corner gone, and one that tells no size', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Add scraps' }).click();
  await pick(page, 'Of which kit', 'of about a year …');
  await page.getByLabel('About', { exact: true }).fill('2022');
  await line(page).fill('lots');
  await page.keyboard.press('Enter');
  await expect(page.getByText('How large is it?')).toBeVisible();
  await line(page).fill('7x5 marbled, teal gap 2x3');
  await expect(page.getByText('a paper not here yet')).toBeVisible();
  await expect(page.getByText('largest whole piece 5 × 5')).toBeVisible();
  await pick(page, 'What is gone is', 'foot');
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByText('1 scrap put away just now')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByLabel('Search', { exact: true }).fill('marbled 2022');
  await page.getByRole('button', { name: 'marbled, 7 × 5, about 2022' }).click();
  await expect(page.getByLabel('marbled, its slip')).toContainText('about 2022');
});

test('what a thing is, put right after it was put away, joined, parted, and undone; the kit too', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('link', { name: /Moth Lantern/ }).click();
  await page.getByLabel('The kit’s name').fill('Moth Lamp');
  await page.getByLabel('Month').click();
  await expect(page.getByRole('heading', { name: 'Moth Lamp' })).toBeVisible();
  await page.getByRole('button', { name: 'Change what glassine bags is' }).click();
  await page.getByLabel('How many').fill('6');
  await pick(page, 'Kind', 'ephemera');
  await page.getByLabel('Name', { exact: true }).fill('small bags');
  await page.keyboard.press('Enter');
  await expect(page.getByText('6 came')).toBeVisible();
  const box = page.getByRole('list', { name: 'What was in the box' });
  await expect(box.getByText('small bags', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Change what small bags is' }).click();
  await page.getByLabel('Of it, so many').fill('2');
  await page.getByLabel('are really').fill('mini envelopes');
  await page.getByRole('button', { name: 'Take them apart' }).click();
  await expect(page.getByText('Took small bags apart')).toBeVisible();
  await page.getByRole('button', { name: 'Change what mini envelopes is' }).click();
  await page.getByRole('button', { name: /It is the same as/ }).click();
  await page.getByRole('option', { name: /^small bags/ }).click();
  await expect(page.getByText('Put what is the same together: small bags')).toBeVisible();
  await expect(page.getByText('6 came')).toBeVisible();
  for (let n = 0; n < 4; n++) await page.keyboard.press('Control+z');
  await expect(page.getByRole('heading', { name: 'Moth Lantern' })).toBeVisible();
  await expect(box.getByText('glassine bags', { exact: true })).toBeVisible();
});

test('anything is found by one key from any screen, without accents and in any order', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Busters');
  await page.keyboard.press('f');
  await page.getByRole('combobox', { name: 'What are you looking for?' }).fill('lamplight móth');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/stash\//);
  await expect(page.getByRole('heading', { name: 'moths / lamplight' })).toBeVisible();
  await page.keyboard.press('f');
  await page.getByRole('combobox').fill('setting lamp');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/photos\?photo=/);
  await expect(page.getByRole('heading', { name: 'Setting the lamp' })).toBeVisible();
  await page.keyboard.press('f');
  await page.getByRole('combobox').fill('xyzzy');
  await expect(page.getByText('Nothing is called so.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('small things are a key away from all papers', async ({ page }) => {
  await openDemo(page);
  await page.getByText('small things', { exact: false }).first().click();
  await expect(page.getByRole('button', { name: /glassine bags/ })).toBeInViewport();
  await expect(page.getByRole('heading', { name: 'ink and night' })).toHaveCount(0);
  await expect(page).toHaveURL(/sort=small/);
  await reload(page);
  await expect(page.getByRole('radio', { name: /small things/ })).toBeChecked();
});
