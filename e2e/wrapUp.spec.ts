import { goTo, reload } from './bench';
import { expect, test } from './test';

test('a kit is looked through thing by thing, closes when all is decided, and what was kept comes back in its month', async ({
  page,
}) => {
  await page.goto('/wrap-up/bell');
  const about = page.getByText(/^Ringing Chamber · October 2025/);
  const [, left] = /(\d+) things left · 0 decided/.exec((await about.textContent()) ?? '') ?? [];
  const count = Number(left);
  expect(count).toBeGreaterThan(5);

  // While something is undecided it does not close, and says why.
  await page.getByRole('button', { name: 'Close this kit' }).click();
  await expect(page.getByRole('alert')).toContainText(`${count} things are not decided yet`);

  await page.keyboard.press('k');
  await expect(about).toContainText('1 decided');
  await page.keyboard.press('g');
  await expect(about).toContainText(`${count - 1} things left · 1 decided`);
  await page.keyboard.press('Control+z');
  await expect(about).toContainText(`${count} things left · 1 decided`);

  // Kept for a month, and for whom.
  await page.keyboard.press('m');
  await page.getByLabel('For whom or what').fill('Wren’s birthday page');
  const kept =
    (await page.getByRole('region', { name: 'What is left' }).locator('[aria-pressed="true"]').textContent()) ?? '';
  await page.getByRole('button', { name: 'Keep it for then' }).click();
  await expect(about).toContainText('2 decided');
  for (let n = 2; n < count; n++) {
    await page.keyboard.press('s');
    await expect(about).toContainText(`${n + 1} decided`);
  }
  await expect(page.getByRole('heading', { name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: 'Close this kit' }).click();
  await expect(about).toContainText('closed on');
  await reload(page);
  await expect(about).toContainText('closed on');
  await page.getByRole('button', { name: 'Open it again' }).click();
  await expect(about).toContainText(`${count} decided`);

  // Its account goes out.
  await page.getByText('The account', { exact: true }).click();
  for (const [name, file] of [
    ['As CSV', 'account-bell.csv'],
    ['Print the account', 'account-bell.pdf'],
    ['All its pages as PNG', 'pages-bell.png'],
  ] as const) {
    const downloading = page.waitForEvent('download');
    await page.getByRole('button', { name }).click();
    expect((await downloading).suggestedFilename()).toBe(file);
  }

  // Two months on, it is said on the first screen.
  await goTo(page, 'Parcels');
  await expect(page.getByRole('note', { name: 'Kept for now' })).toHaveCount(0);
  const soon = new Date();
  soon.setMonth(soon.getMonth() + 2);
  await page.clock.setFixedTime(soon);
  await page.reload();
  await expect(page.getByRole('note', { name: 'Kept for now' })).toContainText('Wren’s birthday page');
  expect(kept).toContain(await page.getByRole('note', { name: 'Kept for now' }).getByRole('link').innerText());
});

test('some of a counted thing is given, the rest is still to be decided; an aim shows how near it is', async ({
  page,
}) => {
  await page.goto('/wrap-up/moth');
  const left = page.getByRole('region', { name: 'What is left' });
  const dots = left.getByRole('button', { name: /^enamel dots/ }).first();
  await dots.click();
  const slip = page.getByRole('region', { name: 'enamel dots' });
  const [, count] = /, (\d+):/.exec((await dots.getAttribute('aria-label')) ?? '') ?? [];
  await slip.getByLabel(/only so many/).fill('5');
  await slip.getByRole('button', { name: 'Give' }).click();
  await expect(dots).toHaveAccessibleName(new RegExp(`, ${Number(count) - 5}: not decided yet`));
  await expect(slip.getByLabel(/only so many/)).toHaveValue('');

  const aims = page.getByRole('region', { name: 'Aims' });
  await aims.getByLabel('At least').fill('2');
  await aims.getByRole('button', { name: 'Set it' }).click();
  await expect(aims).toContainText('2 pages: 0 so far');
  await aims.getByRole('button', { name: /^Drop the aim/ }).click();
  await expect(aims).not.toContainText('2 pages');
});
