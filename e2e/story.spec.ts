import { expect, test, type Page } from './test';
import {
  cutAll,
  exported,
  goTo,
  openDemo,
  paperFigures,
  pictureFile,
  readBack,
  reload,
  startEmpty,
  takePapersOut,
} from './bench';

const LIST = [
  '2 x 12x12 moths / lamplight, ink + amber, upright',
  '1 x 12x12 foxglove / rows, pink + cream',
  '2 x 12x12 night sky / plain slate, night + lamp',
  '3 x 12x12 cardstock cream',
  '1 x 6x12 sticker sheet',
  'alpha puffy: A3 E4 N2 R2 S3 T2',
  'wahsi 10 yd',
  'enamel dots 24, amber',
].join('\n');

async function unpack(page: Page): Promise<void> {
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).first().click();
  await page.getByLabel('Kit', { exact: true }).fill('Moth Lantern');
  await page.getByLabel('Club').fill('The Oddment Post');
  await page.getByLabel('The list').fill(LIST);
  await expect(page.getByText('8 lines, 8 things')).toBeVisible();
  await expect(page.getByText('Is washi meant?')).toBeVisible();
  await page.getByRole('button', { name: 'Write washi' }).click();
  await expect(page.getByText('Is washi meant?')).toBeHidden();
  // What was typed is still there after the window was closed.
  await reload(page);
  await expect(page.getByLabel('The list')).toHaveValue(LIST.replace('wahsi', 'washi'));
  // By keyboard: all here, all here, one of two, all the rest.
  await page
    .getByRole('checkbox', { name: /is here$/ })
    .first()
    .focus();
  for (const key of [' ', ' ', '1', ' ', ' ', ' ', ' ', ' ']) await page.keyboard.press(key);
  await expect(page.getByText('8 of 8 lines checked')).toBeVisible();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByLabel('Owed').getByText('1 night sky / plain slate')).toBeVisible();
}

async function addPhoto(page: Page): Promise<void> {
  await goTo(page, 'Photos');
  await page.getByLabel('What it is called').fill('A moth-trapping night');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose files' }).click(),
  ]);
  await chooser.setFiles([pictureFile('torch', 'torch_on_the_wall.jpg')]);
  await expect(page.getByRole('button', { name: /^torch on the wall, / })).toBeVisible();
}

test('from a parcel to a finished page, and everything in one file', async ({ page }) => {
  await openDemo(page);
  await startEmpty(page);
  await unpack(page);

  await goTo(page, 'Stash');
  await expect(page.getByRole('button', { name: /^moths \/ lamplight, 12 × 12/ })).toHaveCount(2);
  await page.getByLabel('Holds, width').fill('13');
  await expect(page.getByText('Nothing here is like that.')).toBeVisible();
  await page.getByRole('button', { name: 'show all', exact: true }).click();

  await addPhoto(page);

  await goTo(page, 'Pages');
  await page.getByRole('button', { name: 'New page' }).first().click();
  await page.getByRole('button', { name: /^torch on the wall/ }).click();
  await expect(page.getByRole('img', { name: /as it will look/ })).toBeVisible();
  await expect(page.getByLabel('Cut list').getByText('1 × 6 1/4 × 4 1/4')).toBeVisible();
  await expect(page.getByLabel('Hidden').getByText('10 × 10')).toBeVisible();
  await takePapersOut(page);

  // Half the cuts, then the page is loaded again: it stands where it stood.
  await expect(page.getByText('Set the trimmer to')).toBeVisible();
  await page.keyboard.press('Space');
  const done = page.locator('ol[aria-label="All cuts"] li[data-done]');
  await expect(done).toHaveCount(1);
  await reload(page);
  await expect(done).toHaveCount(1);
  await page.keyboard.press('Backspace');
  await expect(done).toHaveCount(0);
  await cutAll(page, () => page.keyboard.press('Space'));

  // Nubbins are in the stash by themselves.
  await goTo(page, 'Stash');
  await expect(
    page
      .getByRole('button', { name: /Moth Lantern$/ })
      .filter({ hasNot: page.getByText('on the bench') })
      .first(),
  ).toBeVisible();
  const dots = page.getByRole('button', { name: /^enamel dots/ });
  await dots.click();
  await page.getByLabel('How many').fill('3');
  await page.getByRole('button', { name: 'Take to bench' }).click();
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByText('enamel dots')).toBeVisible();

  await tray.getByRole('link').click();
  await page.getByRole('button', { name: 'It is glued' }).click();
  for (const [label, words] of [
    ['Title', 'Neighbours by torch'],
    ['Date', '2026-09-12'],
    ['Place', 'the orchard wall'],
    ['Journaling', 'They came for the lamp.'],
  ] as const) {
    await page.getByLabel(label, { exact: true }).fill(words);
    await page.getByLabel(label, { exact: true }).blur();
  }
  await expect(page.getByRole('heading', { name: 'Neighbours by torch' })).toBeVisible();
  await page.getByRole('button', { name: 'It is done' }).click();
  await expect(page.getByText(/· done$/)).toBeVisible();

  const { came, corrected, became } = await paperFigures(page);
  expect(came).toBe(144 * 7);
  expect(came + corrected).toBeCloseTo(became, 0);

  const first = await exported(page);
  await startEmpty(page);
  await readBack(page, first);
  expect((await exported(page)).equals(first)).toBe(true);
});

test('what is owed is still there next month, and comes', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Parcels');
  await reload(page);
  const owed = page.getByLabel('Owed');
  await expect(owed.getByText('1 night sky / plain slate')).toBeVisible();
  await owed.getByRole('button', { name: 'It has come' }).click();
  await expect(owed.getByText('Nothing is owed.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(owed.getByText('1 night sky / plain slate')).toBeVisible();
  await page.keyboard.press('Control+y');
  await expect(owed.getByText('Nothing is owed.')).toBeVisible();
});

test('leftovers become proposals, and a proposal becomes a page', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('9');
  await expect(page.getByRole('heading', { name: 'Busters' })).toBeVisible();
  const proposals = page.getByRole('list', { name: 'Proposed pages' }).locator('> li');
  await expect(page.getByText('Looking through the leftovers')).toBeHidden({ timeout: 90_000 });
  expect(await proposals.count()).toBeGreaterThanOrEqual(3);
  await expect(proposals.first().getByText(/^Uses .*opens nothing of the new kit/)).toBeVisible();
  await proposals.first().getByRole('button', { name: 'Make this page' }).click();
  await takePapersOut(page);
  await cutAll(page, () => page.keyboard.press('Space'));
  await page.getByRole('button', { name: 'To the glue' }).click();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await page.getByRole('button', { name: 'It is done' }).click();
  await expect(page.getByText(/· done$/)).toBeVisible();
});

test('a piece tells where it has been, is taken out and put away', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await expect(page.getByRole('heading', { name: 'Pages' })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Page without a title' })).toBeVisible();
  await goTo(page, 'Stash');
  await page.getByRole('button', { name: /^radish dots \/ gingham green, 6 × 2 1\/2/ }).click();
  const slip = page.getByLabel('radish dots / gingham green, its slip');
  await expect(slip.getByText('came in the parcel')).toBeVisible();
  await expect(slip.getByText('other face: gingham green')).toBeVisible();
  await page.keyboard.press('b');
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByText('1 thing out')).toBeVisible();
  await tray.getByRole('button', { name: 'put all away' }).click();
  await expect(tray.getByText('Nothing is out for')).toBeVisible();
});

test('two windows stay in step', async ({ page, context }) => {
  await openDemo(page);
  const other = await context.newPage();
  await other.goto('/stash');
  await expect(other.getByRole('heading', { name: 'ink and night' })).toBeVisible();
  await page.getByRole('button', { name: /^radish dots \/ gingham green, 6 × 2 1\/2/ }).click();
  await page.getByRole('button', { name: 'Recycle' }).click();
  await expect(other.getByRole('button', { name: /^radish dots \/ gingham green, 6 × 2 1\/2/ })).toHaveCount(0);

  // So do settings, whichever of them writes its own down next.
  await page.goto('/settings');
  await page.getByText('centimetres, 8.26 cm').click();
  await expect(other.getByRole('button', { name: /^radish dots .*30\.48/ }).first()).toBeVisible();
  await goTo(other, 'Photos');
  await reload(page);
  await expect(page.getByRole('radio', { name: /centimetres/ })).toBeChecked();
});
