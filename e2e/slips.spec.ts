import { goTo, leave, pictureFile } from './bench';
import type { Locator } from '@playwright/test';
import { expect, test, type Page } from './test';

test.use({ demo: 'whole' });

/** Opens a slip, leaves it by Escape, and has the focus on what opened it. */
async function opensAndLeaves(page: Page, opener: Locator): Promise<void> {
  await opener.first().click();
  await leave(page);
  await expect(opener.first()).toBeFocused();
}

const toPage = async (page: Page, title: string): Promise<void> => {
  await goTo(page, 'Pages');
  await page
    .getByRole('link', { name: new RegExp(title) })
    .first()
    .click();
};

test('Escape closes the slips of parcels, stash and photos, and the focus is where they were opened', async ({
  page,
}) => {
  const button = (name: string | RegExp): Locator => page.getByRole('button', { name });
  await page.goto('/');
  await goTo(page, 'Parcels');
  await opensAndLeaves(page, button('Fetch a list'));
  await opensAndLeaves(page, button(/^Change what .* is$/));
  await button('Unpack a parcel').click();
  await opensAndLeaves(page, button('Help with lines'));
  await page.getByLabel('Kit', { exact: true }).fill('Lamp Rings');
  await page.getByLabel('The list').fill('2 x 12x12 moths / lamplight, ink + amber');
  await opensAndLeaves(page, button('Put all away'));
  await button('Drop this list').click();

  await goTo(page, 'Stash');
  for (const name of ['Take stock', 'Add scraps']) await opensAndLeaves(page, button(name));
  await button('more ways to look').click();
  await opensAndLeaves(page, button('A palette'));
  await button(/^lamplight dots .*, 12 × 12/)
    .first()
    .click();
  for (const name of ['Cut something out', 'Cut apart', 'Punch shapes from it', 'Its picture, colours and words'])
    await opensAndLeaves(page, button(name));
  await opensAndLeaves(page, button('Change what it is'));

  await goTo(page, 'Photos');
  await opensAndLeaves(page, button('Prints to make'));
  for (const name of ['Find', 'Keys']) await opensAndLeaves(page, button(name));
});

test('Escape closes the slips of pages and cuts, and the focus is where they were opened', async ({ page }) => {
  const button = (name: string | RegExp): Locator => page.getByRole('button', { name });
  await page.goto('/');
  await goTo(page, 'Cuts');
  // From there the focus goes to the cut itself: a key and it is made.
  await button('Something went wrong').click();
  await leave(page);
  await expect(page.getByRole('button', { name: 'Cut', exact: true })).toBeFocused();

  await toPage(page, 'Egg boxes, counted');
  for (const name of ['Designs side by side', 'Write my own', 'Another piece', /^1 · /])
    await opensAndLeaves(page, button(name));

  await toPage(page, 'Heaviest of all');
  await opensAndLeaves(page, button('Measure my hand'));
  await page.getByText('things on it', { exact: true }).click();
  await page.getByRole('region', { name: 'What lies on it' }).getByRole('button').first().click();
  await opensAndLeaves(page, button('Mat it'));
  await button('It is glued').click();
  const picture = button(/^(a|another) picture/);
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), picture.click()]);
  await chooser.setFiles([pictureFile('torch', 'page.jpg')]);
  await leave(page);
  await expect(picture).toBeFocused();
});

test('Escape closes a slip also where the focus is nowhere', async ({ page }) => {
  await page.goto('/stash');
  await page.getByRole('button', { name: 'Add scraps' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  // In one go: a moment later the slip has the focus again.
  await page.evaluate(() => {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
  });
  await expect(page.getByRole('dialog')).toBeHidden();
});

test('a slip left before it has the focus gives it back to where it was', async ({ page }) => {
  await page.goto('/pages');
  await toPage(page, 'Heaviest of all');
  await page.getByRole('button', { name: 'It is glued' }).click();
  const picture = page.getByRole('button', { name: 'a picture of it' });
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), picture.click()]);
  await page.evaluate(() => {
    new MutationObserver((_, watch) => {
      if (!document.querySelector('[role=dialog]')) return;
      watch.disconnect();
      if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    }).observe(document.body, { childList: true, subtree: true });
  });
  await chooser.setFiles([pictureFile('torch', 'page.jpg')]);
  await expect(picture).toBeFocused();
  await expect(page.getByRole('dialog')).toBeHidden();
});
