import { goTo, openDemo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

test('a title is spelt from the letters left, laid letter by letter on its page, and taken back by undo', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Titles');
  await expect(page.getByRole('heading', { name: 'Letters left' })).toBeVisible();
  const title = page.getByRole('textbox', { name: 'Title' });
  const ways = page.getByRole('region', { name: 'From which letters' });
  await title.fill('Nine moths');
  await expect(ways.getByRole('button', { name: /alpha seed label as they are/ })).toBeVisible();
  await expect(ways.getByRole('button', { name: 'alpha puffy short of' })).toBeDisabled();
  await expect(page.getByText(/^The last .* of alpha seed label/)).toBeVisible();
  await expect(page.getByText(/About .* wide, 5\/8″ high. Begins/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay it on the page' }).click();
  await expect(page.getByText('Laid the letters of Nine moths on the page')).toBeVisible();
  const tray = page.getByRole('region', { name: 'Bench tray' });
  await expect(tray.getByText(/alpha seed label/)).toBeVisible();
  // All pages that wait, together.
  await expect(page.getByRole('region', { name: 'For the pages together' }).getByText('…')).toHaveCount(0);
  await page.reload();
  await expect(title).toHaveValue('Nine moths');
  // On the page each letter lies by itself, and all go together.
  await page.getByRole('region', { name: 'Bench tray' }).getByRole('link', { name: 'Nine moths' }).click();
  await page.getByText('things on it').click();
  const laid = page.getByRole('region', { name: 'What lies on it' });
  await expect(laid.getByRole('button', { name: /, alpha seed label/ })).toHaveCount(9);
  await laid.getByRole('button', { name: /^M, alpha seed label/ }).click();
  await expect(page.getByText('this letter by itself')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(tray.getByText(/alpha seed label/)).toBeHidden();
});

test('a title short by one is mended by a stand-in or a stamp; what is worn is used last; what is left proposes', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Titles');
  const title = page.getByRole('textbox', { name: 'Title' });
  const ways = page.getByRole('region', { name: 'From which letters' });
  await title.fill('Raku');
  await expect(ways.getByRole('button', { name: /alpha kiln as they are/ })).toBeVisible();
  await expect(ways.getByRole('button', { name: /alpha seed label and alphabet stamps .* made/ })).toBeVisible();
  // The only K is worn: the stash says so, and the way to spell with it.
  const letters = page.getByRole('region', { name: 'Letters left' });
  await letters.getByRole('button', { name: 'K: 2 left, 0 worn' }).click();
  await letters.getByRole('button', { name: 'K: 2 left, 1 worn' }).click();
  await expect(ways.getByRole('button', { name: /alpha kiln as they are, 1 worn/ })).toBeVisible();
  // Letters that nobody has are stamped or written.
  await page.getByText('turn, swap and cut letters').click();
  await title.fill('Zzzz');
  await expect(ways.getByRole('button', { name: /short of z/i }).first()).toBeDisabled();
  await ways.getByRole('button', { name: /written by hand/ }).click();
  await page.getByRole('button', { name: 'Lay it on the page' }).click();
  await expect(page.getByText('Laid the letters of Zzzz on the page')).toBeVisible();
  // What is printed on a thing is part of the title; only the rest is spelt.
  await title.fill('Night shift at ten');
  await page
    .getByRole('region', { name: 'Printed already' })
    .getByRole('button', { name: /“at ten” in letters/ })
    .click();
  await expect(ways.getByRole('button', { name: /^alpha chipboard as they are/ })).toBeVisible();
  await page.getByRole('button', { name: 'Lay it on the page' }).click();
  await expect(page.getByText('Laid the letters of Night shift at ten on the page')).toBeVisible();
  // The other way round: what is left chooses.
  const chosen = page.getByRole('region', { name: 'Or let the letters choose' }).getByRole('button').first();
  const words = await chosen.locator('b').innerText();
  await chosen.click();
  await expect(title).toHaveValue(words);
  await expect(ways.getByRole('button', { pressed: true })).toContainText('as they are');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print this tape at true size' }).click();
  expect((await download).suggestedFilename()).toBe('title-tape.pdf');
});

test('a title is glued with its page, and the next one is told what is left then', async ({ page }) => {
  await openDemo(page);
  await goTo(page, 'Titles');
  const letters = page.getByRole('region', { name: 'Letters left' });
  const ways = page.getByRole('region', { name: 'From which letters' });
  const title = page.getByRole('textbox', { name: 'Title' });
  const take = async (name: string): Promise<void> => {
    await page.getByRole('button', { name: /For$/ }).click();
    await page.getByRole('option', { name }).click();
    await expect(title).toHaveValue(name);
  };
  await take('Heaviest of all');
  await title.fill('Kiln weather');
  await ways.getByRole('button', { name: /^alpha kiln and alphabet stamps/ }).click();
  await page.getByRole('button', { name: 'Lay it on the page' }).click();
  await page.getByRole('region', { name: 'Bench tray' }).getByRole('link', { name: 'Kiln weather' }).click();
  await page.getByRole('button', { name: 'It is glued' }).click();
  await expect(page.getByRole('region', { name: 'On this page, by kit' })).toContainText('letters');
  await goTo(page, 'Titles');
  await take('Elephant hawk');
  await expect(letters.getByRole('button', { name: /^W: 0 left/ })).toHaveCount(0);
  await title.fill('Wet');
  // The kiln letters have no W left, and say so.
  await expect(ways.getByRole('button', { name: /^alpha kiln short of w/i })).toBeVisible();
});
