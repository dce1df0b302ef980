import { goTo } from './bench';
import { expect, test, type Page } from './test';

test.use({ demo: 'whole' });

const SAID = 'a moth at the lamp, two of them';

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
