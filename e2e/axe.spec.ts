import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from './test';
import { goTo, leave, openDemo, startEmpty, pictureFile } from './bench';

/** Of a screen with something laid over it, what is laid over. By evening only the colours are others. */
async function findings(page: Page): Promise<string[]> {
  const isEvening = await page.evaluate(() => localStorage.getItem('nubbin-settings')?.includes('"look":"evening"'));
  // There are no frames of others to look into; without them it takes half the time.
  // Of what is in order nothing need be written down, which takes most of the time.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  // What lies behind a dialog is hidden from everybody, and was looked at before.
  if ((await page.getByRole('dialog').count()) > 0) axe.include('[role=dialog]');
  const { violations } = await (
    isEvening
      ? axe.withRules(['color-contrast'])
      : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
  ).analyze();
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes.map((node) => `${node.target.join(' ')} ${node.failureSummary ?? ''}`).join(' | ')}`,
  );
}

const SCREENS = ['Parcels', 'Stash', 'Photos', 'Share-out', 'Pages', 'Cuts', 'Titles', 'Wrap-up', 'Album'];

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
    await page.getByText('What you like', { exact: true }).click();
    await expect(page.getByText(/^Only from which papers/)).toBeVisible();
    expect(await findings(page), 'What you like').toEqual([]);
    await page.getByRole('link', { name: 'Gather a kit of your own' }).click();
    await expect(page.getByText(/things from \d+ kits/)).toBeVisible();
    expect(await findings(page), 'a kit of your own').toEqual([]);
    await page.getByRole('button', { name: /^Gather this kit/ }).click();
    await expect(page.getByText(/gathered by yourself/)).toBeVisible();
    expect(await findings(page), 'a kit gathered').toEqual([]);
    await goTo(page, 'Wrap-up');
    await page.getByText('The account', { exact: true }).click();
    await expect(page.getByText('Sheet by sheet')).toBeVisible();
    expect(await findings(page), 'an account').toEqual([]);
    if (look === 'day') return;
    await goTo(page, 'Pages');
    await page.getByRole('button', { name: 'New page' }).click();
    await expect(page.getByRole('region', { name: 'What could lie here' })).toBeVisible();
    expect(await findings(page), 'a page').toEqual([]);
    await page.getByRole('button', { name: /^To the cuts/ }).click();
    await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
    expect(await findings(page), 'its plan').toEqual([]);
  });

  // Benches and slips are made of the same parts in the same colours: by day alone.
  if (look === 'evening') continue;

  test(`the benches of a parcel, a page and a cut are free of findings, by ${look}`, async ({ page }) => {
    await openDemo(page);
    await page.goto('/settings');
    await page.getByText(look, { exact: true }).click();
    await goTo(page, 'Parcels');
    await page.getByRole('button', { name: 'Unpack a parcel' }).click();
    await page.getByLabel('The list').fill('2 x 12x12 moths / lamplight, ink + amber\nwahsi 3 yd\nenamel dots 24');
    await page
      .getByRole('checkbox', { name: /is here$/ })
      .first()
      .focus();
    await page.keyboard.press('1');
    expect(await findings(page), 'unpacking').toEqual([]);
    await goTo(page, 'Pages');
    await page.getByRole('button', { name: 'New page' }).click();
    await page.getByRole('button', { name: /^Hawk-moth/ }).click();
    await expect(page.getByRole('img', { name: /as it will look/ })).toBeVisible();
    expect(await findings(page), 'page bench').toEqual([]);
    await page.getByRole('button', { name: 'Another piece' }).click();
    expect(await findings(page), 'another piece').toEqual([]);
    await leave(page);
    await page.getByText('things on it', { exact: true }).click();
    await page
      .getByRole('button', { name: /^Lay enamel dots/ })
      .first()
      .click();
    await page.getByRole('region', { name: 'What lies on it' }).getByRole('button').first().click();
    expect(await findings(page), 'things on a page').toEqual([]);
    await page.getByText('order of work', { exact: true }).click();
    await page.getByRole('button', { name: /^Look it over/ }).click();
    expect(await findings(page), 'order of work, and a second pair of eyes').toEqual([]);
    await page.getByText('things on it', { exact: true }).click();
    await page.getByRole('region', { name: 'What lies on it' }).getByRole('button').first().click();
    await page.getByRole('button', { name: /^Take it off/ }).click();
    await page.getByRole('region', { name: 'Bench tray' }).getByRole('button', { name: 'put all away' }).click();
    await goTo(page, 'Share-out');
    await expect(page.getByText('1 of 1 page can be made')).toBeVisible({ timeout: 60_000 });
    expect(await findings(page), 'share-out').toEqual([]);
    await page.getByRole('region', { name: 'Bench tray' }).getByRole('link', { name: 'Page without a title' }).click();
    await page.getByRole('button', { name: /^To the cuts/ }).click();
    await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
    expect(await findings(page), 'plan').toEqual([]);
    await page.getByRole('button', { name: 'Take these papers out' }).click();
    await expect(page.getByText('Set the trimmer to')).toBeVisible();
    expect(await findings(page), 'cut').toEqual([]);
    await goTo(page, 'Stash');
    await page
      .getByRole('button', { name: /^radish dots/ })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: 'Where it has been' })).toBeVisible();
    await page.getByRole('button', { name: 'Punch shapes from it' }).click();
    expect(await findings(page), 'punch').toEqual([]);
    await leave(page);
    expect(await findings(page), 'slip').toEqual([]);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await findings(page), 'keys').toEqual([]);
  });

  test(`the slips of photos and designs are free of findings, by ${look}`, async ({ page }) => {
    await openDemo(page);
    await page.goto('/settings');
    await page.getByText(look, { exact: true }).click();
    await page.goto('/stash');
    await page.getByRole('button', { name: 'more ways to look' }).click();
    await page.getByRole('button', { name: 'Several at once' }).click();
    expect(await findings(page), 'several things').toEqual([]);
    await page.getByRole('button', { name: 'A palette' }).click();
    await page.getByLabel('Its colours, or a GIMP palette').fill('#22314f #00ff00');
    expect(await findings(page), 'a palette').toEqual([]);
    await leave(page);
    await goTo(page, 'Photos');
    await page.getByRole('button', { name: /^Torch on the wall/ }).click();
    expect(await findings(page), 'a photo').toEqual([]);
    await page.getByRole('button', { name: 'Plan the pages of A moth-trapping night' }).click();
    expect(await findings(page), 'a story').toEqual([]);
    await page.goto('/round?words=after+ten');
    await expect(page.getByText('Trying design after design')).toBeHidden();
    expect(await findings(page), 'round words').toEqual([]);
    await goTo(page, 'Pages');
    await page.getByRole('button', { name: 'A page already made' }).click();
    await page.getByRole('dialog').getByText('Moth Lantern', { exact: true }).click();
    await page.getByRole('dialog').getByText('enamel dots').first().click();
    expect(await findings(page), 'a page already made').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'New page' }).click();
    await expect(page.getByRole('region', { name: 'What could lie here' })).toBeVisible();
    expect(await findings(page), 'an empty page').toEqual([]);
    await page.getByRole('button', { name: /^Hawk-moth/ }).click();
    await page.getByRole('button', { name: /^Frame 12 × 12/ }).click();
    expect(await findings(page), 'a layer chosen').toEqual([]);
    await page.getByRole('button', { name: '1 · Hawk-moth' }).click();
    expect(await findings(page), 'a photo of the page').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'cut by hand …' }).first().click();
    expect(await findings(page), 'cut by hand').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'This page …' }).click();
    await page.getByRole('menuitem', { name: 'Another version, beside it' }).click();
    await expect(page.getByText('Version 2 is on the bench.')).toBeVisible();
    await page.getByText('order of work', { exact: true }).click();
    expect(await findings(page), 'versions, and notes').toEqual([]);
    await page.getByText('papers', { exact: true }).click();
    await page.getByRole('button', { name: 'Designs side by side' }).click();
    await page.getByText('Laying the photos out').waitFor({ state: 'detached', timeout: 60_000 });
    expect(await findings(page), 'designs side by side').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'Write my own' }).click();
    expect(await findings(page), 'a design of her own').toEqual([]);
    await leave(page);
  });

  test(`the slips of taking in and of the stash are free of findings, by ${look}`, async ({ page }) => {
    await openDemo(page);
    await page.goto('/settings');
    await page.getByText(look, { exact: true }).click();
    await page.goto('/stash');
    await page.getByRole('button', { name: 'Take stock' }).click();
    await page
      .getByRole('checkbox', { name: / is there$/ })
      .first()
      .focus();
    await page.keyboard.press('0');
    expect(await findings(page), 'taking stock').toEqual([]);
    await leave(page);
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'From CSV' }).click(),
    ]);
    await chooser.setFiles([
      { name: 'tins.csv', mimeType: 'text/csv', buffer: Buffer.from('thing,amount\nenamel dots,24\nnonsense,many') },
    ]);
    await expect(page.getByText('1 added, 0 changed, 1 refused')).toBeVisible();
    expect(await findings(page), 'a table').toEqual([]);
    await leave(page);
    await page
      .getByRole('button', { name: /^dusk wash/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Cut apart', exact: true }).click();
    await page.getByLabel('What is printed on it, or what you want').fill('6 x 3x4');
    expect(await findings(page), 'cut apart').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'Its picture, colours and words' }).click();
    expect(await findings(page), 'a face').toEqual([]);
    const [pictures] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Choose a picture' }).click(),
    ]);
    await pictures.setFiles([pictureFile('torch', 'dusk.jpg')]);
    await expect(page.getByRole('button', { name: 'Take it so' })).toBeVisible();
    expect(await findings(page), 'put straight').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'Change what it is' }).click();
    expect(await findings(page), 'what a thing is').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'Add scraps' }).click();
    await page.getByLabel(/^A scrap/).fill('7x5 la gap 2x3');
    await page.keyboard.press('ArrowDown');
    expect(await findings(page), 'a scrap').toEqual([]);
    await leave(page);
    await page.keyboard.press('f');
    await page.getByRole('combobox').fill('la');
    expect(await findings(page), 'found anywhere').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: /^brass clips/ }).click();
    await page.getByRole('button', { name: 'Lend', exact: true }).click();
    await page.getByRole('button', { name: 'Count anew' }).click();
    expect(await findings(page), 'a counted thing').toEqual([]);
    await goTo(page, 'Parcels');
    await page.getByRole('button', { name: 'Unpack a parcel' }).click();
    await page.getByLabel('The list').fill('2 x 12x12 reeds, pond\nwahsi\nsequins, plenty\nink pad, slate');
    await page.getByRole('checkbox', { name: 'reeds is here' }).focus();
    await page.keyboard.press('d');
    await page.keyboard.press('w');
    await page.keyboard.type('1 x 12x12 rows');
    expect(await findings(page), 'a damaged and a wrong thing').toEqual([]);
    await page.getByRole('button', { name: 'Help with lines' }).click();
    expect(await findings(page), 'help with lines').toEqual([]);
    await leave(page);
    await page.getByRole('button', { name: 'Drop this list' }).click();
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
