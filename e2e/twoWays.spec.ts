import { expect, test } from './test';
import { goTo, openDemo } from './bench';

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

test('where she goes herself while something is written is where she stays', async ({ page }) => {
  await openDemo(page);
  // What leads on when it is done, and the way to it.
  const LEAD_ON: readonly [place: string, press: readonly (string | RegExp)[]][] = [
    ['Photos', [/^Plan the pages of A moth-trapping night/, /^Begin (this page|these \d pages)/]],
    ['Pages', ['New page']],
    ['Parcels', ['Unpack a parcel']],
    ['Parcels', ['Drop this list']],
    ['Stash', [/^moths \/ lamplight, 12 × 12/, 'Give away']],
  ];
  for (const [place, presses] of LEAD_ON) {
    await goTo(page, place);
    for (const name of presses.slice(0, -1)) await page.getByRole('button', { name }).first().click();
    const last = page.getByRole('button', { name: presses.at(-1) ?? '' }).first();
    await last.evaluate((button: HTMLElement) => {
      button.click();
      document.querySelector<HTMLAnchorElement>('nav a[href="/titles"]')?.click();
    });
    await expect(page.getByRole('alert').or(page.getByRole('status')).first()).toBeVisible();
    await page.waitForTimeout(300);
    expect(new URL(page.url()).pathname, `${place}: ${String(presses.at(-1))}`).toMatch(/^\/titles/);
  }
});

test('what is pressed as soon as a thing is chosen is done to that thing', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'New page' }).click();
  await expect(page.getByRole('heading', { name: 'Page without a title' })).toBeVisible();
  await goTo(page, 'Stash');
  await page.getByRole('button', { name: /^radish dots \/ gingham green, 6 × 2 1\/2/ }).click();
  await expect(page.getByLabel('radish dots / gingham green, its slip')).toBeVisible();
  await page
    .getByRole('button', { name: /^moths \/ lamplight, 12 × 12/ })
    .first()
    .evaluate(async (other: HTMLElement) => {
      other.click();
      await new Promise((done) => setTimeout(done));
      [...document.querySelectorAll('button')]
        .find(({ textContent }) => textContent.startsWith('Take to bench'))
        ?.click();
    });
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByText('1 thing out')).toBeVisible();
  await expect(tray.getByText('12 × 12')).toBeVisible();
});
