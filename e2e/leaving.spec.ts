import { goTo } from './bench';
import { expect, test, type Page } from './test';

test.use({ demo: 'whole' });

/** The code of a screen takes its time, as on a slow line. */
async function keepBack(page: Page, code: string): Promise<void> {
  await page.route(`**/assets/${code}-*.js`, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 800));
    await route.continue();
  });
}

for (const wait of [0, 15, 40])
  test(`a place chosen ${wait} ms after a list is dropped is where she goes, though its code is still on its way`, async ({
    page,
  }) => {
    await page.goto('/');
    await goTo(page, 'Parcels');
    await page.getByRole('button', { name: 'Unpack a parcel' }).click();
    await page.getByLabel('Kit', { exact: true }).fill('Lamp Rings');
    await keepBack(page, 'stash');
    const drop = await page.getByRole('button', { name: 'Drop this list' }).elementHandle();
    await page.evaluate(
      async ([button, ms]) => {
        (button as HTMLElement).click();
        await new Promise((resolve) => setTimeout(resolve, ms));
        document.querySelector<HTMLElement>('nav a[href="/stash"]')!.click();
      },
      [drop, wait] as const,
    );
    await expect(page.getByRole('heading', { name: 'Stash', level: 1 })).toBeVisible();
    await expect(page).toHaveURL(/\/stash$/);
  });

test('what is looked for in the stash stays with the stash', async ({ page }) => {
  await page.goto('/stash');
  await page.getByLabel('Search').fill('moth');
  await keepBack(page, 'pages');
  await goTo(page, 'Pages');
  await expect(page.getByRole('heading', { name: 'Pages', level: 1 })).toBeVisible();
  await expect(page).toHaveURL(/\/pages$/);
});
