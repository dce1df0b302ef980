import { goTo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

test('every screen opens on something: pages in each state, a sheet half cut, a share-out under way', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible();
  // What is being cut lies in the tray.
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByRole('link', { name: 'Forty by the lamp' })).toBeVisible();

  await goTo(page, 'Pages');
  for (const title of ['Egg boxes, counted', 'Forty by the lamp', 'Heaviest of all', 'Into the sawdust', 'Glaze day'])
    await expect(page.getByRole('link', { name: new RegExp(title) }).first()).toBeVisible();

  await goTo(page, 'Cuts');
  await expect(page.getByText('Set the trimmer to')).toBeVisible();

  await goTo(page, 'Share-out');
  await expect(page.getByRole('heading', { name: /^As shared out on/ })).toBeVisible();

  // The page that is cut has its things laid out and can be glued at once.
  await goTo(page, 'Pages');
  await page
    .getByRole('link', { name: /Heaviest of all/ })
    .first()
    .click();
  await page.getByText('things on it', { exact: true }).click();
  await expect(page.getByRole('region', { name: 'What lies on it' }).getByRole('button').first()).toBeVisible();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await expect(page.getByRole('button', { name: /done|finished/i })).toBeVisible();
});
