import { expect, test, type Page } from '@playwright/test';
import { beginPage, cutAll, goTo, openDemo, takePapersOut } from './bench';

const lies = (page: Page) => page.getByRole('region', { name: 'What lies on it' }).getByRole('button');
const toThings = (page: Page): Promise<void> => page.getByText('things on it', { exact: true }).click();

test('clusters are laid round a photo, one thing is moved by keys, all is used when it is glued, and more laid after it', async ({
  page,
}) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'Two by the lamp');
  await toThings(page);
  for (const which of ['First', 'Second', 'Third']) {
    await expect(page.getByRole('heading', { name: `${which} cluster` })).toBeVisible();
    await page.getByRole('button', { name: 'Lay it' }).click();
  }
  await expect(page.getByRole('heading', { name: 'Third cluster' })).toBeHidden();
  const before = await lies(page).count();
  expect(before).toBeGreaterThanOrEqual(9);
  // The bench holds what was laid, and no more.
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByText(/laid$/).first()).toBeVisible();

  await lies(page).first().click();
  const moves = page.getByRole('region', { name: 'Move the thing' });
  const middle = moves.locator('dd').first();
  const was = await middle.textContent();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(middle).not.toHaveText(was ?? '');
  await page.keyboard.press('o');
  await expect(moves.getByRole('button', { name: 'on foam' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Delete');
  await expect(lies(page)).toHaveCount(before - 1);
  await page.keyboard.press('Control+z');
  await expect(lies(page)).toHaveCount(before);

  await takePapersOut(page);
  await cutAll(page, () => page.keyboard.press(' '));
  await page.getByRole('button', { name: /glue/i }).click();
  await expect(page.getByText(`The ${before} things that lie on it are used`)).toBeVisible();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await expect(page.getByRole('button', { name: /done|finished/i })).toBeVisible();
  await expect(lies(page)).toHaveCount(before);
  await page
    .getByRole('button', { name: /^Lay enamel dots/ })
    .first()
    .click();
  await expect(lies(page)).toHaveCount(before + 1);
  await page.reload();
  await expect(lies(page)).toHaveCount(before + 1);
  await lies(page).first().click();
  await page.getByRole('button', { name: 'Peel it off, it goes back' }).click();
  await expect(lies(page)).toHaveCount(before);
});

test('what is in a pack is told apart in one line, and one of it is taken to the page from the tray', async ({
  page,
}) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'Jars');
  await goTo(page, 'Stash');
  await page.getByLabel('Search', { exact: true }).fill('moths and jars');
  await page.getByRole('button', { name: /^ephemera/ }).click();
  await page.getByLabel('What is in it, as far as you like').fill('3 brass lanterns 1x1 1/2, 9 keys');
  await expect(page.getByText('That is 12, and 6 are not named.')).toBeVisible();
  await page.getByLabel('What is in it, as far as you like').fill('3 brass lanterns 1x1 1/2');
  await page.getByRole('button', { name: 'Tell 3 things apart' }).click();
  await page.getByRole('button', { name: /Which of them$/ }).click();
  await page.getByRole('option', { name: '3 brass lanterns' }).click();
  await page.getByRole('button', { name: 'Take to bench' }).click();
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await tray.getByRole('button', { name: /^ephemera/ }).click();
  await page.getByRole('menuitem', { name: 'Lay one on the page' }).click();
  await expect(tray.getByText('1, laid')).toBeVisible();
  await tray.getByRole('link', { name: 'Jars' }).click();
  await toThings(page);
  await expect(lies(page)).toHaveCount(1);
  await expect(lies(page).first()).toContainText('brass lanterns');
  // Put away from the tray, it no longer lies there.
  await tray.getByRole('button', { name: 'put all away' }).click();
  await expect(lies(page)).toHaveCount(0);
});

test('a thing is dragged to its place', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'By hand');
  await toThings(page);
  await page
    .getByRole('button', { name: /^Lay enamel dots/ })
    .first()
    .click();
  await lies(page).first().click();
  const middle = page.getByRole('region', { name: 'Move the thing' }).locator('dd').first();
  const was = await middle.textContent();
  const drawn = page.getByRole('img', { name: /as it will look$/ }).locator('rect[stroke-dasharray]');
  const box = (await drawn.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 90, box.y + 40, { steps: 6 });
  await page.mouse.up();
  await expect(middle).not.toHaveText(was ?? '');
  await expect(middle).toHaveText(/^\d+( \d+\/(2|4|8|16))?″$/);
});

test('a sticker sheet that nobody counted is told apart, and is then laid sticker by sticker', async ({ page }) => {
  await openDemo(page);
  await page.getByLabel('Search', { exact: true }).fill('sticker sheet moth lantern');
  await page.getByRole('button', { name: /^sticker sheet/ }).click();
  await page.getByLabel('What is left on it, all of it').fill('12 amber stars, 4 labels "late"');
  await page.getByRole('button', { name: 'Tell 16 things apart' }).click();
  await expect(page.getByRole('button', { name: /^sticker sheet 16/ })).toBeVisible();
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'Late');
  await toThings(page);
  await page.getByRole('button', { name: 'all of the stash' }).click();
  await page.getByRole('button', { name: 'Lay amber stars on the page' }).click();
  await expect(lies(page).first()).toContainText('11 left');
});
