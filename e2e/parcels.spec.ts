import type { Locator } from '@playwright/test';
import { expect, test } from './test';
import { goTo, openDemo, paperFigures, startEmpty } from './bench';
import { LONG_LIST } from './longList';

const NAMES = ['heron', 'reed', 'lock', 'towpath', 'ripple', 'willow', 'gate'];
const LINES = Array.from({ length: 70 }, (_, n) =>
  n % 3 === 0
    ? `${1 + (n % 2)} x 12x12 ${NAMES[n % 7]} ${n} / plain cream, pond + cream`
    : n % 3 === 1
      ? `enamel dots ${10 + n}, pond`
      : `ephemera ${5 + n}, ${NAMES[n % 7]} ${n}`,
);

test('a kit of 70 lines is checked by keyboard with at most three presses a line', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await page.getByLabel('Kit', { exact: true }).fill('Heron Lock');
  await page.getByLabel('The list').fill(LINES.join('\n'));
  await expect(page.getByText('0 of 70 lines checked')).toBeVisible();
  let presses = 0;
  const press = async (key: string): Promise<void> => {
    presses++;
    await page.keyboard.press(key);
  };
  await page
    .getByRole('checkbox', { name: /is here$/ })
    .first()
    .focus();
  // One of the second sheet is missing, of the first one too many; the rest is here.
  await press('+');
  await press('ArrowDown');
  await press('5');
  await press('ArrowDown');
  for (let n = 2; n < 70; n++) await press(' ');
  await expect(page.getByText('70 of 70 lines checked')).toBeVisible();
  expect(presses).toBeLessThanOrEqual(3 * 70);
  await expect(page.getByText('1 too many')).toBeVisible();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByLabel('Owed')).toContainText('6 enamel dots');
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});

test('a list of 70 things in many manners is put right in under 60 keys, and put away whole', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  await page.getByRole('button', { name: 'Unpack a parcel' }).first().click();
  await page.getByLabel('Kit', { exact: true }).fill('Ferry Landing');
  await page.getByLabel('The list').fill(LONG_LIST);
  const inDoubt = page.getByRole('button', { name: /lines? in doubt$/ });
  await expect(inDoubt).toBeVisible();
  // What is underlined stands under its words also where they are scrolled.
  const scrolled = (part: Locator): Promise<number> => part.evaluate(({ scrollTop }) => scrollTop);
  const typed = page.getByLabel('The list');
  expect(await scrolled(typed)).toBeGreaterThan(0);
  expect(await scrolled(typed.locator('xpath=preceding-sibling::div'))).toBe(await scrolled(typed));
  await page
    .getByRole('checkbox', { name: /is here$/ })
    .first()
    .focus();
  let keys = 0;
  const press = async (key: string): Promise<void> => {
    keys++;
    await page.keyboard.press(key);
  };
  // Each doubt is gone to, looked at, and taken as it is; the count of the pearls is put right.
  for (let n = 0; n < 20 && (await inDoubt.isVisible()); n++) {
    await press('n');
    const isPearls = await page
      .getByRole('checkbox', { name: 'pearls is here' })
      .evaluate((one) => one === document.activeElement);
    await press('e');
    await expect(page.getByLabel('How many')).toBeFocused();
    if (isPearls) for (const digit of '22') await press(digit);
    await press('Enter');
    await expect(page.getByLabel('How many')).toHaveCount(0);
  }
  expect(keys).toBeLessThan(60);
  await expect(page.getByText('passed over')).toHaveCount(3);
  await page.getByRole('button', { name: 'All has come' }).click();
  await expect(page.getByText('70 of 70 lines checked')).toBeVisible();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByText('Put Ferry Landing away')).toBeVisible();
  await goTo(page, 'Stash');
  await expect(page.getByRole('button', { name: /^pearls 22/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^cardstock navy, 12 × 12/ })).toHaveCount(2);
  await page.getByLabel('Search', { exact: true }).fill('enamel dots');
  await expect(page.getByRole('button', { name: /^Enamel dots 60/ })).toBeVisible();
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});

test('two tabs: what is done in one is seen in the other, and neither loses anything', async ({ page, context }) => {
  await openDemo(page);
  const other = await context.newPage();
  await other.goto('/stash');
  await expect(other.getByRole('heading', { name: 'ink and night' })).toBeVisible();
  await page.getByRole('button', { name: /^brass clips/ }).click();
  await page.getByRole('button', { name: 'Count anew' }).click();
  await page.getByLabel('Really there').fill('9');
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(other.getByRole('button', { name: /^brass clips 9/ })).toBeVisible();
  await other.getByRole('button', { name: /^wood buttons/ }).click();
  await other.getByLabel('How many').fill('2');
  await other.getByRole('button', { name: 'Give away' }).click();
  await expect(page.getByRole('button', { name: /^wood buttons 3/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^brass clips 9/ })).toBeVisible();
});
