import { goTo, reload } from './bench';
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

test('what is typed and not sent stands in its field again, elsewhere and after a reload, until it is sent', async ({
  page,
}) => {
  await page.goto('/');
  await goTo(page, 'Parcels');
  const wish = page.getByLabel('Something you would like to have');
  await wish.fill('2 x 12x12 cardstock plum');
  await goTo(page, 'Pages');
  await page.getByRole('link', { name: /Heaviest of all/ }).click();
  await page.getByText('order of work', { exact: true }).click();
  const meant = page.getByRole('region', { name: 'Meant for this page' }).getByRole('textbox', { name: 'One more' });
  await meant.fill('three tags');
  await reload(page);
  await page.getByText('order of work', { exact: true }).click();
  await expect(meant).toHaveValue('three tags');
  await meant.press('Enter');
  await expect(page.getByRole('checkbox', { name: 'three tags' })).toBeVisible();
  await expect(meant).toHaveValue('');
  await goTo(page, 'Parcels');
  await expect(wish).toHaveValue('2 x 12x12 cardstock plum');
  await reload(page);
  await wish.press('Enter');
  await expect(page.getByRole('list', { name: 'Noted wishes' })).toContainText('2 x 12x12 cardstock plum');
  await expect(wish).toHaveValue('');
});

test('what is sent in one window stands in the field of no other', async ({ page, context }) => {
  await page.goto('/parcels');
  const field = (at: Page) => at.getByLabel('Something you would like to have');
  await field(page).fill('3 brads');
  const other = await context.newPage();
  await other.goto('/parcels');
  await expect(field(other)).toHaveValue('3 brads');
  await field(page).press('Enter');
  await expect(field(page)).toHaveValue('');
  await expect(field(other)).toHaveValue('');
});
