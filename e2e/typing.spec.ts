import { goTo } from './bench';
import type { Locator } from '@playwright/test';
import { expect, test, type Page } from './test';

test.use({ demo: 'whole' });

const SAID = 'two moths';

/** Every field for words in sight holds what is typed into it as fast as can be. @returns how many there are */
async function holdWhatIsTyped(page: Page): Promise<number> {
  const fields = page.locator('main, [role=dialog]').locator('input[type=text]:not([inputmode=numeric]), textarea');
  let held = 0;
  for (let n = 0; n < (await fields.count()); n++) {
    const field = fields.nth(n);
    if (!(await field.isVisible()) || !(await field.isEditable())) continue;
    await field.fill('');
    await page.keyboard.type(SAID);
    await expect(field, page.url()).toHaveValue(SAID);
    // At the beginning, as where a word was forgotten.
    await page.keyboard.press('Control+Home');
    await page.keyboard.type('so ');
    await expect(field, page.url()).toHaveValue(`so ${SAID}`);
    held++;
  }
  return held;
}

test('what is typed fast stands in its field, letter by letter, on every screen', async ({ page }) => {
  await page.goto('/');
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await expect(page.getByLabel('The list')).toBeVisible();
  let held = await holdWhatIsTyped(page);
  for (const place of ['Stash', 'Photos', 'Pages', 'Titles', 'Album', 'Settings', 'Wrap-up', 'Busters']) {
    await goTo(page, place);
    await expect(page.getByRole('heading', { name: place, level: 1 })).toBeVisible();
    held += await holdWhatIsTyped(page);
  }
  await page.goto('/busters/gather');
  await expect(page.getByLabel('For the month')).toBeVisible();
  held += await holdWhatIsTyped(page);
  expect(held).toBeGreaterThan(12);
});

test('pages that are searched for stand in the address once typing rests, and after a reload', async ({ page }) => {
  await page.goto('/pages');
  await page.getByLabel('Search').click();
  await page.keyboard.type('lamp');
  const found = page.getByRole('region', { name: 'Pages found' });
  await expect(found).toBeVisible();
  await expect(page).toHaveURL(/\/pages\?text=lamp$/);
  await page.reload();
  await expect(page.getByLabel('Search')).toHaveValue('lamp');
  await expect(found).toBeVisible();
  // What is chosen at once with it takes the words that are not in the address yet along.
  await page.getByLabel('Search').fill('moth');
  await page.getByRole('button', { name: 'show all' }).click();
  await expect(page.getByLabel('Search')).toHaveValue('');
  await expect(found).toBeHidden();
  await expect(page).toHaveURL(/\/pages$/);
});

/** Types a figure over what stands in a field, as fast as can be. */
async function typeOver(page: Page, field: Locator, said: string): Promise<void> {
  await field.click();
  await page.keyboard.press('Control+A');
  await page.keyboard.type(said);
}

test('figures of more than one digit are read whole, in a stock take and where sizes are looked for', async ({
  page,
}) => {
  await page.goto('/stash');
  await page.getByRole('button', { name: 'more ways to look' }).click();
  const width = page.getByLabel('Holds, width');
  await typeOver(page, width, '11 1/2');
  await page.keyboard.press('Tab');
  await expect(width).toHaveValue('11 1/2');
  await typeOver(page, width, '');
  await page.keyboard.press('Delete');
  await page.getByRole('button', { name: 'Take stock' }).click();
  const dialog = page.getByRole('dialog', { name: 'Take stock' });
  for (const [thing, said, then] of [
    ['enamel dots', '24', '24'],
    ['washi', '4 1/2', '4 1/2'],
    ['alpha kiln', 'A3 E12', 'A3 E12'],
  ] as const) {
    const field = dialog.getByLabel(`Really there of ${thing}`, { exact: true }).first();
    await typeOver(page, field, said);
    await page.keyboard.press('Tab');
    await expect(field).toHaveValue(then);
  }
  // What is ticked after it was typed stands in the field.
  const dots = dialog.getByLabel('Really there of enamel dots', { exact: true }).first();
  await dialog.getByRole('checkbox', { name: 'enamel dots is there', exact: true }).first().focus();
  await page.keyboard.press('0');
  await expect(dots).toHaveValue('0');
});

test('an amount of something out that is told stays told when its field is left', async ({ page }) => {
  await page.goto('/stash');
  await page.getByLabel('Search').fill('washi');
  await page
    .getByRole('button', { name: /^washi/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Count anew' }).click();
  const really = page.getByLabel('Really there');
  // A roll is counted in yards as it is shown in them.
  await expect(really).toHaveValue(/ yd$/);
  await typeOver(page, really, '2 1/2 yd');
  await page.keyboard.press('Tab');
  await expect(really).toHaveValue('2.5 yd');
  await typeOver(page, really, '11 1/2');
  await page.keyboard.press('Tab');
  await expect(really).toHaveValue(/^11 1\/2/);
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(page.getByText(/11 1\/2/).first()).toBeVisible();
});
