import { expect, test } from './test';
import { beginPage, cutAll, goTo, openDemo, paperFigures, pick, reload } from './bench';

test('nothing waits, then two pages share the kits, a kit is taken away, and both are cut in one go', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Share-out');
  await expect(page.getByRole('heading', { name: 'No page waits for papers' })).toBeVisible();
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'A hawk-moth came');
  await beginPage(page, 'Strip bands', /^On the scales/, 'The heaviest');

  await goTo(page, 'Share-out');
  await expect(page.getByText('2 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('list', { name: 'Papers of The heaviest' })).toBeVisible();
  for (const kit of [/^Moth Lantern/, /^Kiln Weather/, /^Seed Drawer/, /^Ringing Chamber/])
    await page.getByRole('checkbox', { name: kit }).press('Space');
  await expect(page.getByText('0 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/^No paper here will do for the/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Claim, and to the cuts' })).toBeDisabled();
  for (const kit of [/^Moth Lantern/, /^Seed Drawer/]) await page.getByRole('checkbox', { name: kit }).press('Space');
  await expect(page.getByText('2 of 2 pages can be made')).toBeVisible({ timeout: 60_000 });
  await page.getByText('looking for a better one').waitFor({ state: 'detached', timeout: 90_000 });

  await page.getByRole('button', { name: 'Claim, and to the cuts' }).click();
  await expect(page.getByText('Claimed the papers of 2 pages')).toBeVisible();
  await cutAll(page, () => page.keyboard.press('Space'));
  await goTo(page, 'Share-out');
  await expect(page.getByRole('heading', { name: /^As shared out on/ })).toBeVisible();
  await expect(page.getByText('0 of 2 done, 2 cut, 0 still promised')).toBeVisible();
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});

test('photos become pages, pages share a kit, their papers are claimed, one is given back, the rest is cut in one go', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Photos');
  await page.getByRole('button', { name: 'Plan the pages of A moth-trapping night' }).click();
  await pick(page, 'Pages wanted', '3');
  await page.getByRole('button', { name: 'Begin these 3 pages' }).click();
  await expect(page.getByRole('link', { name: /A moth-trapping night, 3/ })).toBeVisible();

  await goTo(page, 'Share-out');
  await expect(page.getByText('3 of 3 pages can be made')).toBeVisible({ timeout: 60_000 });
  await page.getByText('looking for a better one').waitFor({ state: 'detached', timeout: 90_000 });
  // She keeps one paper, refuses another, asks for one more page, and goes about it otherwise.
  const second = page.getByRole('list', { name: 'Papers of A moth-trapping night, 2' });
  const kept = await second.getByRole('listitem').first().innerText();
  await second.getByRole('button', { name: /^Keep/ }).first().click();
  await page
    .getByRole('button', { name: /^Not .* on A moth-trapping night, 1/ })
    .last()
    .click();
  await expect(page.getByRole('button', { name: 'after all' })).toBeVisible();
  await pick(page, 'How', 'use up, older first');
  await page.getByText('looking for a better one').waitFor({ state: 'detached', timeout: 90_000 });
  expect((await second.getByRole('listitem').first().innerText()).split('\n')[1]).toBe(kept.split('\n')[1]);
  await page.getByRole('button', { name: 'one page more, like the smallest' }).click();
  await expect(page.getByText(/^[34] of 4, /)).toBeVisible({ timeout: 60_000 });

  await page.getByRole('button', { name: 'Claim the papers' }).click();
  await expect(page.getByText('0 of 3 done, 0 cut, 3 still promised')).toBeVisible();
  await reload(page);
  await goTo(page, 'Stash');
  // A sheet that is used as it is is promised no more: it lies there. One of the others is.
  const onBench = page.getByRole('button', { name: /on the bench$/ });
  const promised = page.getByRole('heading', { name: 'Promised' });
  await expect(onBench.first()).toBeVisible();
  for (let n = 0; n < (await onBench.count()) && !(await promised.isVisible()); n++) {
    await onBench.nth(n).click();
    await expect(page.getByRole('heading', { name: 'Where it has been' })).toBeVisible();
  }
  await expect(promised).toBeVisible();

  // Changed in the middle: a cut is made, then one page gives its papers back, and the others are cut to the end.
  await goTo(page, 'Share-out');
  await page.getByRole('link', { name: 'On with the cuts' }).click();
  await expect(page.getByText('Set the trimmer to')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.locator('ol[aria-label="All cuts"] li[data-done]')).toHaveCount(1);
  await goTo(page, 'Share-out');
  await page.getByRole('button', { name: 'Give the papers of A moth-trapping night, 3 back' }).click();
  await expect(page.getByText('0 of 3 done, 0 cut, 2 still promised')).toBeVisible();
  await page.getByRole('link', { name: 'On with the cuts' }).click();
  await cutAll(page, () => page.keyboard.press('Space'));
  await goTo(page, 'Share-out');
  await expect(page.getByText('0 of 3 done, 2 cut, 0 still promised')).toBeVisible();
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});

test('a part is dragged to another page by keyboard', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'A hawk-moth came');
  await beginPage(page, 'Strip bands', /^On the scales/, 'The heaviest');
  await goTo(page, 'Share-out');
  await page.getByText('looking for a better one').waitFor({ timeout: 60_000 });
  await page.getByText('looking for a better one').waitFor({ state: 'detached', timeout: 90_000 });
  const part = page.getByRole('button', { name: /^Mats · A hawk-moth came, drag/ });
  await part.focus();
  await page.keyboard.press('Enter');
  // While a part is held, Tab goes from page to page; the one it came from is the first.
  const target = page.getByRole('button', { name: /The heaviest: parts can be dropped here/ });
  for (
    let n = 0;
    n < 6 && !(await target.evaluate((element) => element === document.activeElement).catch(() => false));
    n++
  )
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Let go of .* for the mats of The heaviest/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'after all' })).toBeVisible();
});
