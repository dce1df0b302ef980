import { goTo } from './bench';
import { expect, test, type Page } from './test';

test.use({ demo: 'whole' });

/** How many acts are written in the browser. */
const actsOf = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const opening = indexedDB.open('nubbin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const db = opening.result;
          const counting = db.transaction('acts').objectStore('acts').count();
          counting.onsuccess = () => {
            db.close();
            resolve(counting.result);
          };
        };
      }),
  );

/** What is done in a moment adds so many acts, and no more come after it. */
async function expectActs(page: Page, more: number, what: () => Promise<void>): Promise<void> {
  const before = await actsOf(page);
  await what();
  await expect.poll(() => actsOf(page)).toBe(before + more);
  // What was pressed too often would be written by then.
  await page.waitForTimeout(300);
  expect(await actsOf(page)).toBe(before + more);
}

/** A key held for a while, as the keyboard repeats it. */
async function hold(page: Page, key: string): Promise<void> {
  for (let n = 0; n < 8; n++) await page.keyboard.down(key);
  await page.keyboard.up(key);
}

test('what is pressed twice in a row is done once', async ({ page }) => {
  await test.step('a count put right', async () => {
    await page.goto('/stash');
    await page.getByLabel('Search').fill('enamel');
    await page
      .getByRole('main')
      .getByRole('button', { name: /^enamel/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Count anew' }).click();
    await page.getByLabel('Really there').fill('20');
    await expectActs(page, 1, () => page.getByRole('button', { name: 'Put it right' }).dblclick());
    await expect(page.getByText('20 here').first()).toBeVisible();
    // Each press meant by itself is one.
    const give = page.getByRole('button', { name: 'Give away' });
    await expectActs(page, 2, async () => {
      await give.click();
      await expect(page.getByText('19 here').first()).toBeVisible();
      await give.click();
    });
    await expect(page.getByText('18 here').first()).toBeVisible();
  });
  await test.step('a page begun', async () => {
    await goTo(page, 'Pages');
    await expectActs(page, 1, () => page.getByRole('button', { name: 'New page' }).dblclick());
  });
  await test.step('but what goes step by step goes two steps', async () => {
    await page.goto('/stash');
    const larger = page.getByRole('button', { name: 'Larger' });
    while (await larger.isEnabled()) await larger.click();
    await page.getByRole('button', { name: 'Smaller' }).dblclick();
    await larger.click();
    await expect(larger).toBeEnabled();
    await larger.click();
    await expect(larger).toBeDisabled();
  });
});

test('what a key does is done once however long it is held', async ({ page }) => {
  await test.step('a thing that is left', async () => {
    await page.goto('/wrap-up');
    await expect(page.getByRole('button', { name: /^Give/ })).toBeVisible();
    await expectActs(page, 1, () => hold(page, 'g'));
  });
  await test.step('a cut', async () => {
    await page.goto('/cuts');
    await expect(page.getByRole('list', { name: 'All cuts' })).toBeVisible();
    await expectActs(page, 1, () => hold(page, ' '));
  });
  await test.step('a line of a stock take', async () => {
    await page.goto('/stash');
    await page.getByRole('button', { name: 'Take stock' }).click();
    const dialog = page.getByRole('dialog', { name: 'Take stock' });
    await dialog.getByRole('checkbox').first().focus();
    await hold(page, ' ');
    await expect(dialog.getByText(/^1 of \d+ looked at/)).toBeVisible();
  });
});

test('a line that is sent gives way to the next at once', async ({ page }) => {
  await page.goto('/stash');
  await page.getByRole('button', { name: 'Add scraps' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add scraps' });
  await dialog.getByLabel(/^A scrap/).fill('4x6 leaf, red');
  await expectActs(page, 1, async () => {
    await page.keyboard.press('Enter');
    await page.keyboard.type('3x3');
  });
  await expect(dialog.getByLabel(/^A scrap/)).toHaveValue('3x3');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText('3 × 3 leaf')).toBeVisible();
});
