import { firstScreenBytes } from '../scripts/firstScreen';
import { expect, test } from './test';
import { openDemo } from './bench';

test.use({ serviceWorkers: 'allow' });

test('once loaded, it works without a network', async ({ page, context }) => {
  await openDemo(page);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.reload();
  await expect(page.getByRole('heading', { name: 'ink and night' })).toBeVisible();
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'ink and night' })).toBeVisible();
  await page.keyboard.press('9');
  await expect(page.getByRole('list', { name: 'Proposed pages' }).locator('> li').first()).toBeVisible({
    timeout: 90_000,
  });
});

test('the scripts of the first screen are no heavier than 300 kB as they come', async () => {
  expect(await firstScreenBytes()).toBeLessThanOrEqual(300_000);
});
