import { expect, test } from './test';
import { openDemo } from './bench';

test('a place pressed twice in one moment, wherever it leads on to, never ends at nothing', async ({ page }) => {
  await openDemo(page);
  const links = await page.getByRole('navigation', { name: 'Screens' }).getByRole('link').all();
  const places = await Promise.all(links.map((link) => link.getAttribute('href')));
  for (const place of places)
    for (const apart of [0, 2, 5, 9, 14, 20]) {
      await page.evaluate(
        async ([href, ms]) => {
          const link = document.querySelector<HTMLAnchorElement>(`a[href="${href}"]`);
          link?.click();
          await new Promise((done) => setTimeout(done, ms));
          link?.click();
        },
        [place, apart] as const,
      );
      await expect(page.locator('main')).not.toBeEmpty();
    }
});
