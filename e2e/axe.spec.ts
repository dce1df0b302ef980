import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { goTo, openDemo, startEmpty } from './bench';

async function findings(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => `${node.target.join(' ')} ${node.failureSummary ?? ''}`).join(' | ')}`);
}

const SCREENS = ['Parcels', 'Stash', 'Photos', 'Share-out', 'Pages', 'Cuts', 'Wrap-up'];

for (const look of ['day', 'evening']) {
  test(`every screen is free of findings, by ${look}`, async ({ page }) => {
    await openDemo(page);
    await page.goto('/settings');
    await page.getByText(look, { exact: true }).click();
    expect(await findings(page), 'Settings').toEqual([]);
    for (const name of SCREENS) {
      await goTo(page, name);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      expect(await findings(page), name).toEqual([]);
    }
    await goTo(page, 'Busters');
    await expect(page.getByText('Looking through the leftovers')).toBeHidden({ timeout: 90_000 });
    expect(await findings(page), 'Busters').toEqual([]);
  });

  test(`the benches of a parcel, a page and a cut are free of findings, by ${look}`, async ({ page }) => {
    await openDemo(page);
    await page.goto('/settings');
    await page.getByText(look, { exact: true }).click();
    await goTo(page, 'Parcels');
    await page.getByRole('button', { name: 'Unpack a parcel' }).click();
    await page.getByLabel('The list').fill('2 x 12x12 moths / lamplight, ink + amber\nwahsi 3 yd\nenamel dots 24');
    await page.getByRole('checkbox').first().focus();
    await page.keyboard.press('1');
    expect(await findings(page), 'unpacking').toEqual([]);
    await goTo(page, 'Pages');
    await page.getByRole('button', { name: 'New page' }).click();
    await page.getByRole('button', { name: /^Hawk-moth/ }).click();
    await expect(page.getByRole('img', { name: /as it will look/ })).toBeVisible();
    expect(await findings(page), 'page bench').toEqual([]);
    await page.getByRole('button', { name: 'Another piece' }).click();
    expect(await findings(page), 'another piece').toEqual([]);
    await page.keyboard.press('Escape');
    await goTo(page, 'Share-out');
    await expect(page.getByText('1 of 1 page can be made')).toBeVisible({ timeout: 60_000 });
    expect(await findings(page), 'share-out').toEqual([]);
    await page.getByRole('region', { name: 'Bench tray' }).getByRole('link', { name: 'Page without a title' }).click();
    await page.getByRole('button', { name: 'To the cuts' }).click();
    await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
    expect(await findings(page), 'plan').toEqual([]);
    await page.getByRole('button', { name: 'Take these papers out' }).click();
    await expect(page.getByText('Set the trimmer to')).toBeVisible();
    expect(await findings(page), 'cut').toEqual([]);
    await goTo(page, 'Stash');
    await page.getByRole('button', { name: /^radish dots/ }).first().click();
    await expect(page.getByRole('heading', { name: 'Where it has been' })).toBeVisible();
    await page.getByRole('button', { name: 'Punch shapes from it' }).click();
    expect(await findings(page), 'punch').toEqual([]);
    await page.keyboard.press('Escape');
    expect(await findings(page), 'slip').toEqual([]);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await findings(page), 'keys').toEqual([]);
  });
}

test('empty screens are free of findings', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  for (const name of [...SCREENS, 'Busters']) {
    await goTo(page, name);
    expect(await findings(page), name).toEqual([]);
  }
});
