import { beginPage, cutAll, goTo, openDemo, paperFigures, reload } from './bench';
import { expect, test, type Page } from './test';

const PUNCHES = [
  '5/8 in, reach 1 1/4',
  '1 in, reach 1 1/2',
  '1 1/4 in, reach 1 1/2',
  '1 1/2 in, reach 1 3/4',
  '2 in, reach 2 1/4',
];

/** Takes a parcel of punches in. */
async function getPunches(page: Page): Promise<void> {
  await goTo(page, 'Parcels');
  await page.getByRole('button', { name: 'Unpack a parcel' }).click();
  await page.getByLabel('Kit', { exact: true }).fill('Tool drawer');
  await page.getByLabel('The list').fill(PUNCHES.map((size) => `circle punch ${size}`).join('\n'));
  await page.getByRole('button', { name: 'the rest is all here' }).click();
  await page.getByRole('button', { name: 'Put all away' }).click();
  await expect(page.getByText('Put Tool drawer away')).toBeVisible();
}

/** The plan's figure of that name, once the planner has ended. */
async function figure(page: Page, name: string): Promise<number> {
  await expect(page.getByRole('heading', { name: 'What it takes' })).toBeVisible();
  await expect(page.getByText('looking for a better one')).toBeHidden({ timeout: 60_000 });
  const line = page
    .getByRole('region', { name: 'What the plan takes' })
    .getByRole('listitem')
    .filter({ hasText: name });
  return Number(await line.locator('strong').textContent());
}

test('a page of circles is punched, not trimmed to squares; undone, gone wrong, come back to, glued', async ({
  page,
}) => {
  await openDemo(page);
  await getPunches(page);
  await beginPage(page, 'Circles', /^Torch on the wall/, 'Torches');
  await page.getByRole('button', { name: /^To the cuts/ }).click();
  expect(await figure(page, 'shapes to punch')).toBeGreaterThan(20);
  expect(await figure(page, 'trimmer cuts')).toBeLessThan(8);
  // Without the punches each is a square, as before.
  const punching = page.getByText('Punch what your punches make');
  await punching.click();
  await expect(page.getByText('shapes to punch')).toBeHidden();
  expect(await figure(page, 'trimmer cuts')).toBeGreaterThan(25);
  await punching.click();
  await expect(page.getByText('shapes to punch')).toBeVisible();
  await figure(page, 'trimmer cuts');
  await page.getByRole('button', { name: 'Take these papers out' }).click();

  // To the first punching, by paper.
  const punch = page.getByRole('heading', { name: 'Punch', exact: true });
  const done = page.locator('ol[aria-label="All cuts"] li[data-done]');
  await expect(page.getByText('Set the trimmer to').or(punch)).toBeVisible();
  for (let n = 0; n < 10 && !(await punch.isVisible()); n++) {
    await page.keyboard.press('Space');
    await expect(done).toHaveCount(n + 1);
  }
  const made = await done.count();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^Punched \d+ shapes for Torches/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(done).toHaveCount(made);
  await reload(page);
  await expect(punch).toBeVisible();
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await expect(page.getByLabel(/^I cut it at/)).toBeHidden();
  await page.getByRole('button', { name: 'The part is spoilt' }).click();
  await expect(page.getByText(/pieces are wanted again and not planned yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan them now' }).click();
  expect(await figure(page, 'shapes to punch')).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'Take these papers out' }).click();
  await expect(page.getByText('Set the trimmer to').or(punch)).toBeVisible();
  await cutAll(page, () => page.keyboard.press('Space'));
  // What is punched needs no scissors.
  await expect(page.getByRole('region', { name: 'Shape the pieces' })).toBeHidden();
  await page.getByRole('button', { name: 'To the glue' }).click();
  await page.getByRole('button', { name: /^It is glued/ }).click();
  const { came, corrected, became } = await paperFigures(page);
  expect(Math.abs(came + corrected - became)).toBeLessThanOrEqual(2);
});
