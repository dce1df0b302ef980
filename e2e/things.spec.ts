import { expect, test, type Page } from './test';
import { beginPage, cutAll, goTo, openDemo, pick, takePapersOut } from './bench';

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

const EIGHT_PACKS = [
  '6 x 12x12 cardstock cream',
  '3 x 12x12 lamp rings / dusk, amber + lamp',
  '2 x 12x12 night hedge / plain ink, ink + leaf',
  'ephemera: 6 amber moths 2x1 1/2, 6 slate jars 1x1 1/2, 3 labels "night shift"',
  'ephemera: 6 feathers, 6 tickets 1 1/2x3/4',
  'die cuts: 6 leaves, 6 pink flowers',
  'chipboard: 4 keys, 4 stars 3/4x3/4',
  'enamel dots 30, amber',
  'wood buttons 12',
  'brass clips 6',
  'pearls 24, cream',
].join('\n');

test('eight packs are shared over three pages with clusters, and one page is changed after it is glued', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).first().click();
  await page.getByLabel('Kit', { exact: true }).fill('Lamp Rings');
  await page.getByLabel('The list').fill(EIGHT_PACKS);
  await expect(page.getByText('11 lines, 16 things')).toBeVisible();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await page.getByRole('button', { name: 'All of it has come' }).click();
  await expect(page.getByRole('heading', { name: 'Lamp Rings' })).toBeVisible();

  await goTo(page, 'Photos');
  await page.getByRole('button', { name: 'Plan the pages of A moth-trapping night' }).click();
  await pick(page, 'Pages wanted', '3');
  await page.getByRole('button', { name: 'Begin these 3 pages' }).click();
  await goTo(page, 'Share-out');
  await expect(page.getByText('3 of 3 pages can be made')).toBeVisible({ timeout: 60_000 });
  await page.getByText('looking for a better one').waitFor({ state: 'detached', timeout: 90_000 });
  await page.getByRole('button', { name: 'Claim, and to the cuts' }).click();
  await expect(page.getByText('Claimed the papers of 3 pages')).toBeVisible();
  await cutAll(page, () => page.keyboard.press('Space'));

  // Each page has what was shared out to it, laid round its photos.
  const kinds: string[] = [];
  for (const n of [1, 2, 3]) {
    await goTo(page, 'Pages');
    await page.getByRole('link', { name: new RegExp(`A moth-trapping night, ${n},`) }).click();
    await toThings(page);
    await expect(lies(page).first()).toBeVisible();
    expect(await lies(page).count()).toBeGreaterThanOrEqual(3);
    kinds.push((await lies(page).allInnerTexts()).map((text) => text.split('\n')[0]).join(', '));
  }
  expect(new Set(kinds).size).toBe(3);

  const before = await lies(page).count();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await expect(page.getByRole('region', { name: 'On this page' })).toBeVisible();
  await page.getByRole('button', { name: 'a stitched line' }).click();
  await expect(lies(page)).toHaveCount(before + 1);
  await page
    .getByRole('region', { name: 'To lay on it' })
    .getByRole('button', { name: /^Lay .* on the page$/ })
    .first()
    .click();
  await expect(lies(page)).toHaveCount(before + 2);
  await lies(page).last().click();
  await page.getByRole('button', { name: 'Peel it off, it goes back' }).click();
  await expect(lies(page)).toHaveCount(before + 1);
  await page.reload();
  await toThings(page);
  await expect(lies(page)).toHaveCount(before + 1);
});

test('a motif is cut out of a paper at its place, and laid on the page', async ({ page }) => {
  await openDemo(page);
  await beginPage(page, 'Framed ground', /^Hawk-moth/, 'Cut out by hand');
  await goTo(page, 'Stash');
  await page
    .getByRole('button', { name: /^moths \/ lamplight, 12 × 12/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Cut something out' }).click();
  await page.getByLabel('What it is').fill('big moth');
  for (const [label, value] of [
    ['from the left', '4'],
    ['from the head', '3'],
    ['wide', '2'],
    ['high', '1 1/2'],
  ] as const)
    await page.getByRole('textbox', { name: label, exact: true }).fill(value);
  await expect(page.getByText(/What stays whole: .*12/)).toBeVisible();
  await page.getByRole('button', { name: 'Cut it out' }).click();
  await expect(page.getByRole('heading', { name: 'big moth' })).toBeVisible();
  await page.getByRole('button', { name: 'Take to bench' }).click();
  await goTo(page, 'Pages');
  await page
    .getByRole('link', { name: /Cut out by hand/ })
    .first()
    .click();
  const drawing = page.getByRole('img', { name: /as it will look/ });
  await page
    .getByRole('button', { name: /^big moth, 2 × 1 1\/2/ })
    .dragTo(drawing, { targetPosition: { x: 90, y: 90 } });
  await toThings(page);
  await expect(lies(page).filter({ hasText: 'big moth' })).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(lies(page)).toHaveCount(0);
});
