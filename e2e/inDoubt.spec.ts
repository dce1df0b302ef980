import { goTo } from './bench';
import { expect, test, type Page } from './test';

test.use({ demo: 'whole' });

/** Opens the slip of the first thing that is found so. */
async function openSlip(page: Page, text: string, name: RegExp): Promise<void> {
  await page.goto('/stash');
  await page.getByLabel('Search').fill(text);
  await page.getByRole('main').getByRole('button', { name }).first().click();
}

test('what cannot be read is not done: the field that is wrong has the focus instead', async ({ page }) => {
  const dialog = page.getByRole('dialog');
  await test.step('something cut out of a paper', async () => {
    await openSlip(page, 'night sky', /night sky.*12 × 12/);
    await page.getByRole('button', { name: 'Cut something out' }).click();
    await dialog.getByLabel('from the left').fill('3x');
    await dialog.getByRole('button', { name: 'Cut it out' }).click();
    await expect(dialog.getByLabel('from the left')).toBeFocused();
    await dialog.getByLabel('from the left').fill('3');
    await dialog.getByRole('button', { name: 'Cut it out' }).click();
    await expect(dialog).toBeHidden();
  });
  await test.step('so much of a roll', async () => {
    await openSlip(page, 'washi', /^washi/);
    await page.getByLabel('How much').fill('12x');
    await expect(page.getByRole('button', { name: 'Give away' })).toBeDisabled();
    await page.getByRole('button', { name: 'Count anew' }).click();
    await page.getByLabel('Really there').fill('11 x');
    await expect(page.getByRole('button', { name: 'Put it right' })).toBeDisabled();
    // A roll that is at its end is one that can be counted.
    await page.getByLabel('Really there').fill('0');
    await page.getByRole('button', { name: 'Put it right' }).click();
    await expect(page.getByText('0″ here').first()).toBeVisible();
  });
  await test.step('a page that was made without a plan', async () => {
    await page.goto('/pages');
    await page.getByRole('button', { name: 'A page already made' }).click();
    await dialog.getByText('Moth Lantern', { exact: true }).click();
    const offered = dialog.getByRole('region', { name: 'What of Moth Lantern went on it' });
    await offered.getByText('cardstock ink, 12 × 12').first().click();
    await offered.getByLabel('wide').pressSequentially('14');
    await expect(offered.getByText('At most 12″.')).toBeVisible();
    await dialog.getByRole('button', { name: 'That is the page' }).click();
    await expect(offered.getByLabel('wide')).toBeFocused();
    await offered.getByLabel('wide').fill('4');
    await offered.getByText('enamel dots').first().click();
    await offered.getByLabel('how many').fill('1000');
    await dialog.getByRole('button', { name: 'That is the page' }).click();
    await expect(offered.getByLabel('how many')).toBeFocused();
    // Enter in the title is not yet the page.
    await offered.getByLabel('how many').fill('10');
    await dialog.getByLabel('Title').press('Enter');
    await dialog.getByRole('button', { name: 'That is the page' }).click();
    await expect(page.getByRole('region', { name: 'On this page, by kit' })).toContainText('10 × enamel dots');
  });
  await test.step('some of a roll given away', async () => {
    await page.goto('/wrap-up');
    await page
      .getByRole('button', { name: /^twine/ })
      .first()
      .click();
    await page.getByLabel('Give, sell, lend or recycle only so much').fill('3x');
    await page.getByRole('button', { name: /^Give/ }).click();
    await expect(page.getByText('A length, at most')).toBeVisible();
    await page.getByLabel('Give, sell, lend or recycle only so much').fill('3');
    await page.getByRole('button', { name: /^Give/ }).click();
    await expect(page.getByLabel('Give, sell, lend or recycle only so much')).toHaveValue('');
  });
});

test('what is typed is kept where its field goes away before it is left', async ({ page }) => {
  const note = page.getByLabel('Note and theme words').first();
  await test.step('with its screen', async () => {
    await page.goto('/photos');
    await goTo(page, 'Stash');
    await page
      .getByRole('button', { name: /^washi/ })
      .first()
      .click();
    await note.click();
    await page.keyboard.type('by the lamp');
    await page.evaluate(() => history.back());
    await expect(page.getByRole('heading', { name: 'Photos', level: 1 })).toBeVisible();
    await goTo(page, 'Stash');
    await page
      .getByRole('button', { name: /^washi/ })
      .first()
      .click();
    await expect(note).toHaveValue('by the lamp');
  });
  await test.step('with the window, which asks', async () => {
    const asked: string[] = [];
    page.on('dialog', (one) => {
      asked.push(one.type());
      void one.dismiss();
    });
    await note.click();
    await page.keyboard.type(', and ');
    await page.evaluate(() => location.reload());
    await expect.poll(() => asked).toEqual(['beforeunload']);
    // She stays: it is kept by then, and the window may go.
    await page.getByRole('heading', { name: 'Stash', level: 1 }).click();
    await expect(note).toHaveValue('by the lamp, and');
    await page.evaluate(() => location.reload());
    await expect(note).toHaveValue('by the lamp, and');
    expect(asked).toHaveLength(1);
  });
  await test.step('with its slip', async () => {
    await goTo(page, 'Pages');
    await page.getByRole('button', { name: 'New page' }).click();
    await page.getByRole('button', { name: /^Hawk-moth/ }).click();
    await page.getByRole('button', { name: '1 · Hawk-moth' }).click();
    await page.getByLabel('White border (0: none)').fill('1/4');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: '1 · Hawk-moth' }).click();
    await expect(page.getByLabel('White border (0: none)')).toHaveValue('1/4');
  });
});
