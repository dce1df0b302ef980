import { cutAll, goTo, openDemo, paperFigures, pick, startEmpty } from './bench';
import { expect, test, type Page } from './test';

const LIST = ['1 x 12x12 moth dots, ink + amber', '2 x 12x12 cardstock cream', '1 x 12x12 cardstock slate'];

/** Begins a page with a frame of the one good paper round plain cardstock. */
async function framed(page: Page, title: string, format: string | null): Promise<void> {
  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'New page' }).first().click();
  await pick(page, 'Design', 'Framed ground');
  await page.getByRole('button', { name: 'Keep a place for a photo' }).click();
  if (format !== null) {
    await pick(page, 'Page', format);
    await page.getByRole('button', { name: /^with a place of/ }).click();
  }
  await page.getByRole('textbox', { name: 'Title' }).fill(title);
  await page.getByLabel('Date').click();
  for (const [slot, paper] of [
    ['Frame', /^moth dots/],
    ['Ground', /^cardstock cream/],
  ] as const) {
    const list = page.getByRole('button', { name: new RegExp(`${slot}$`) });
    await list.filter({ has: page.locator('.react-aria-SelectValue') }).click();
    await page.getByRole('option', { name: paper }).click();
  }
}

test('one sheet makes two frames: the small one is cut from what the large one hides', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  await page.getByRole('button', { name: 'Unpack a parcel' }).first().click();
  await page.getByLabel('Kit', { exact: true }).fill('Night kit');
  await page.getByLabel('The list').fill(LIST.join('\n'));
  await page.getByRole('button', { name: 'the rest is all here' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByText('Put Night kit away')).toBeVisible();
  await framed(page, 'Large', null);
  await framed(page, 'Small', '6 × 8');
  await goTo(page, 'Share-out');
  await expect(page.getByText('2 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('One page has pieces from middles')).toBeVisible();
  await page.getByRole('button', { name: /^Claim, and to the cuts/ }).click();
  const middle = page.getByRole('heading', { name: 'Cut the middle out' });
  const done = page.locator('ol[aria-label="All cuts"] li[data-done]');
  await expect(page.getByText('Set the trimmer to').or(middle)).toBeVisible();
  for (let n = 0; n < 30 && !(await middle.isVisible()); n++) {
    await page.keyboard.press('Space');
    await expect(done).toHaveCount(n + 1);
  }
  await expect(page.getByText(/from the left edge and .* from the head of the frame/)).toBeVisible();
  await cutAll(page, () => page.keyboard.press('Space'));
  const { came, corrected, became } = await paperFigures(page);
  expect(Math.abs(came + corrected - became)).toBeLessThanOrEqual(2);
});
