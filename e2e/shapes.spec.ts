import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { beginBoxStack, cutAll, planAgain, goTo, openDemo, paperFigures, takePapersOut } from './bench';

test('a tag and a frame beyond the design are cut with the rest, shaped, and the frame gives its middle back', async ({
  page,
}) => {
  await openDemo(page);
  await beginBoxStack(page);
  const more = page.getByRole('region', { name: 'More pieces' });
  await more.getByRole('button', { name: 'Another piece' }).click();
  await page.getByLabel('off the corners').fill('3');
  await expect(page.getByRole('alert')).toHaveText(/The corner is too much .* 1″ at the most/);
  await page.getByLabel('off the corners').fill('3/4');
  await page.getByRole('button', { name: 'Put it on the cut list' }).click();
  await expect(more).toContainText('1 × 2 × 4');
  await more.getByRole('button', { name: 'Another piece' }).click();
  await page.getByRole('button', { name: /Shape/ }).click();
  await page.getByRole('option', { name: 'Frame' }).click();
  await page.getByRole('button', { name: 'Put it on the cut list' }).click();
  await expect(more).toContainText('1 × 4 1/4 × 6 1/4');

  await takePapersOut(page);
  await cutAll(page, () => page.keyboard.press('Space'));
  await expect(page.getByRole('region', { name: 'Shape the pieces' })).toContainText(
    'Clip 3/4″ off both upper corners.',
  );
  const frame = page
    .getByRole('region', { name: 'Before you glue' })
    .locator('article')
    .filter({ hasText: 'A frame gives its middle back.' });
  await expect(frame).toContainText('3 1/4 × 5 1/4');
  await frame.getByRole('button', { name: 'It is cut out' }).click();
  await expect(frame).toBeHidden();
  await goTo(page, 'Stash');
  await page.getByLabel('Holds, width').fill('3 1/4');
  await page.getByLabel('and height').fill('5 1/4');
  await expect(page.getByRole('button', { name: /, 3 1\/4 × 5 1\/4,|, 5 1\/4 × 3 1\/4,/ }).first()).toBeVisible();
});

test('squares are cut off a strip by one key, and all of them taken back by one', async ({ page }) => {
  await openDemo(page);
  await beginBoxStack(page);
  const more = page.getByRole('region', { name: 'More pieces' });
  await more.getByRole('button', { name: 'Another piece' }).click();
  await page.getByRole('button', { name: /Shape/ }).click();
  await page.getByRole('option', { name: 'Rectangle' }).click();
  await page.getByLabel('width', { exact: true }).fill('1 1/4');
  await page.getByLabel('height', { exact: true }).fill('1 1/4');
  await page.getByLabel('How many').fill('8');
  await page.getByRole('button', { name: 'Put it on the cut list' }).click();
  await takePapersOut(page);
  await expect(page.getByText('Set the trimmer to')).toBeVisible();
  const all = page.getByRole('button', { name: /^All \d/ });
  const done = page.getByRole('list', { name: 'All cuts' }).getByText('✓');
  for (let n = 0; (await all.count()) === 0; n++) {
    await page.keyboard.press('Space');
    await expect(done).toHaveCount(n + 1);
  }
  const before = await done.count();
  const cuts = Number(/\d+/.exec(await all.innerText())?.[0]);
  expect(cuts).toBeGreaterThanOrEqual(3);
  await page.keyboard.press('a');
  await expect(page.getByText(`Made ${cuts} cuts for`)).toBeVisible();
  await expect(done).toHaveCount(before + cuts);
  await page.keyboard.press('Backspace');
  await expect(done).toHaveCount(before);
  await page.keyboard.press('Space');
  await expect(done).toHaveCount(before + 1);
});

test('circles are punched from a leftover, and undone', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^radish dots .*6 × 2 1\/2/ }).click();
  await page.getByRole('button', { name: 'Punch shapes from it' }).click();
  const slip = page.getByRole('dialog', { name: 'Punch shapes from it' });
  await expect(slip.getByRole('button', { name: 'Punch 5' })).toBeVisible();
  await slip.getByLabel('at most').fill('2');
  await slip.getByRole('button', { name: 'Punch 2' }).click();
  await expect(page.getByText('Punched from radish dots')).toBeVisible();
  await expect(page.getByText('punched: 2 shapes taken out')).toBeVisible();
  await expect(page.getByRole('button', { name: /^radish dots .*1 1\/2 × 1 1\/2/ })).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^radish dots .*1 1\/2 × 1 1\/2/ })).toHaveCount(0);
});

test('photos are laid on prints and kept as PDF and PNG', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Photos');
  await page.getByRole('button', { name: 'Prints to make' }).click();
  const slip = page.getByRole('dialog', { name: 'Prints to make' });
  await expect(slip.getByRole('listitem').first()).toBeVisible();
  const ticked = slip.getByRole('checkbox', { checked: true });
  for (let n = await ticked.count(); n > 0; n--) {
    await ticked.first().press('Space');
    await expect(ticked).toHaveCount(n - 1);
  }
  await slip.getByRole('checkbox', { name: /^The shed door, 3 × 4/ }).press('Space');
  await expect(slip.getByRole('img', { name: 'A print with one photo' })).toHaveCount(1);
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    slip.getByRole('button', { name: 'Keep as PDF' }).click(),
  ]);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    slip.getByRole('button', { name: 'As PNG' }).click(),
  ]);
  const bytes = readFileSync(await png.path());
  // 4 x 6 in at 300 dots to the inch, from the PNG's own header.
  expect([bytes.subarray(1, 4).toString(), bytes.readUInt32BE(16), bytes.readUInt32BE(20)]).toEqual([
    'PNG',
    1200,
    1800,
  ]);
});

test('the machine: an empty mat, a slip and the rest planned again, then a whole sheet; the stock adds up', async ({
  page,
}) => {
  await openDemo(page);
  await beginBoxStack(page);
  await takePapersOut(page);
  const slip = page.getByRole('dialog', { name: 'The cutting machine' });
  const open = page.getByRole('button', { name: 'Let the machine cut this sheet' });
  await open.click();
  await slip.getByRole('button', { name: 'Cut', exact: true }).click();
  await expect(slip.getByRole('alert')).toHaveText(/Nothing lies on the mat/);
  await slip.getByRole('checkbox', { name: /lies on the mat/ }).press('Space');
  await slip.getByRole('button', { name: 'Cut', exact: true }).click();
  await slip.getByRole('button', { name: 'Stop the machine' }).click();
  await expect(slip.getByRole('alert')).toHaveText(/Stopped: 0 of/);
  await slip.getByRole('button', { name: 'Take it off the mat' }).click();
  await expect(page.getByText('The machine slipped')).toBeVisible();
  await planAgain(page);

  await open.click();
  await slip.getByRole('checkbox', { name: /lies on the mat/ }).press('Space');
  await slip.getByRole('button', { name: 'Cut', exact: true }).click();
  await slip.getByRole('button', { name: 'Take it off the mat' }).click();
  await expect(page.getByText('The machine cut a sheet')).toBeVisible();
  // The focus is on the cut again, so that Space cuts.
  await cutAll(page, () => page.keyboard.press('Space'));
  const { came, corrected, became } = await paperFigures(page);
  expect(came + corrected).toBeCloseTo(became, 0);
});
