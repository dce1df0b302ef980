import { expect, test } from '@playwright/test';
import { beginPage, cutAll, goTo, openDemo, paperFigures } from './bench';

test('nothing waits, then two pages share the kits, a kit is taken away, and both are cut in one go', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Share-out');
  await expect(page.getByRole('heading', { name: 'No page waits for papers' })).toBeVisible();
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'A hawk-moth came');
  await beginPage(page, 'Strip bands', /^On the scales/, 'The heaviest');

  await goTo(page, 'Share-out');
  await expect(page.getByText('2 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('can be made', { exact: false }).nth(1)).toBeVisible();
  for (const kit of [/^Moth Lantern/, /^Kiln Weather/, /^Seed Drawer/, /^Ringing Chamber/]) await page.getByRole('checkbox', { name: kit }).press('Space');
  await expect(page.getByText('0 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/^No paper here will do for the/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'To the cuts, together' })).toBeDisabled();
  for (const kit of [/^Moth Lantern/, /^Seed Drawer/]) await page.getByRole('checkbox', { name: kit }).press('Space');
  await expect(page.getByText('2 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await page.getByText('looking for a better one').waitFor({ state: 'detached', timeout: 90_000 });

  await page.getByRole('button', { name: 'To the cuts, together' }).click();
  await expect(page.getByText('Shared papers out over 2 pages')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Cut list' })).toContainText('Upper strip · The heaviest');
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  await cutAll(page, () => page.keyboard.press('Space'));
  await goTo(page, 'Share-out');
  await expect(page.getByRole('heading', { name: 'No page waits for papers' })).toBeVisible();
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});
