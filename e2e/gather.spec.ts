import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { cutAll, goTo, reload, takePapersOut } from './bench';
import { expect, test } from './test';

test('a kit of her own: begun with a story, changed, gathered, aimed at, a page made of it, wrapped up, told again in its month', async ({
  page,
}) => {
  await page.goto('/parcels');
  await page.getByRole('link', { name: 'gather one of your own' }).click();
  const kit = page.getByLabel('In the kit');
  await expect(page.getByRole('heading', { name: 'A kit of your own' })).toBeVisible();
  await expect(page.getByText(/\d+ things from \d+ kits · /)).toBeVisible();

  // Begun with a story; one thing left out, one taken in, others at a key.
  await page.getByRole('button', { name: /A story, its photos’ colours/ }).click();
  await page.getByRole('option', { name: 'A raku firing' }).click();
  const [first] = await kit.getByRole('button', { name: /^leave out: / }).all();
  const out = ((await first!.getAttribute('aria-label')) ?? '').replace('leave out: ', '');
  const before = await kit.getByRole('button', { name: `leave out: ${out}` }).count();
  await first!.click();
  await expect(kit.getByRole('button', { name: `leave out: ${out}` })).toHaveCount(before - 1);
  await page
    .getByLabel('Also goes with it')
    .getByRole('button', { name: /^take in: / })
    .first()
    .click();
  await expect(kit.getByText('you took it in')).toHaveCount(1);
  // What she said stays when she comes back.
  await reload(page);
  await expect(kit.getByText('you took it in')).toHaveCount(1);
  await page.getByRole('textbox', { name: 'It is called' }).fill('Sloe');
  await page.getByRole('textbox', { name: 'For the month' }).fill('2026-12');
  await page.getByRole('button', { name: 'Gather this kit' }).click();
  await expect(page.getByRole('heading', { name: 'Sloe', level: 1 })).toBeVisible();
  await expect(page.getByText('gathered by yourself round A raku firing · December 2026')).toBeVisible();

  // Each part keeps its own kit, and tells where it has been.
  await page.getByLabel('In the kit').getByRole('link').first().click();
  await expect(page.getByRole('list', { name: 'Where it has been' })).toContainText('put into Sloe');
  await page.goBack();

  // Two aims; something goes back.
  const aims = page.getByRole('region', { name: 'Aims' });
  await aims.getByLabel('At least').fill('3');
  await aims.getByRole('button', { name: 'Set it' }).click();
  await expect(aims).toContainText('3 pages: 0 so far');
  const things = Number(/^(\d+) things in it/.exec((await page.getByText(/things in it/).textContent()) ?? '')?.[1]);
  await page
    .getByRole('button', { name: /^Put back: / })
    .first()
    .click();
  await expect(page.getByText(/things in it/)).not.toContainText(`${things} things`);
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/things in it/)).toContainText(`${things} things`);

  // A second aim: use a thing up. And one thing more, borrowed from the newest kit.
  await aims.getByRole('button', { name: /Of what$/ }).click();
  await page.getByRole('option', { name: /twine/ }).first().click();
  await aims.getByRole('button', { name: 'Set it' }).click();
  await expect(aims).toContainText('twine');
  await page.getByRole('link', { name: 'Put more in' }).click();
  await expect(page.getByRole('heading', { name: 'More for Sloe' })).toBeVisible();
  await page
    .getByLabel('Also goes with it')
    .getByRole('button', { name: /^take in: / })
    .first()
    .click();
  await page.getByRole('button', { name: 'Put these in' }).click();
  await expect(page.getByText(/things in it/)).toContainText(`${things + 1} things`);

  // A last page of nothing but it, begun with what lies on it.
  await page.getByRole('link', { name: 'Wrap it up' }).click();
  for (let n = 0; n < 3; n++) {
    await page.getByRole('button', { name: 'Make it' }).click({ timeout: 60_000 });
    await expect(page).toHaveURL(/\/pages\//);
    // The first is cut and glued; the others are begun.
    if (n === 0) {
      await takePapersOut(page);
      await cutAll(page, () => page.keyboard.press('Space'));
      await page.getByRole('region', { name: 'Bench tray' }).getByRole('link').first().click();
      await page.getByRole('button', { name: 'It is glued' }).click();
      await expect(page.getByRole('button', { name: 'It is done' })).toBeVisible();
    }
    await goTo(page, 'Wrap-up');
    await page.getByRole('navigation', { name: 'Kits' }).getByRole('link', { name: 'Sloe' }).click();
  }
  await expect(page.getByRole('region', { name: 'What this kit gave' }).getByRole('listitem')).toHaveCount(1);

  // Wrapped up: one thing back where it came from, one kept for a month, the rest stays with it.
  const about = page.getByText(/^Sloe · December 2026 · /);
  const left = Number(/(\d+) things left/.exec((await about.textContent()) ?? '')?.[1]);
  await expect(page.getByRole('button', { name: /^Back to / })).toBeVisible();
  await page.keyboard.press('b');
  await expect(about).toContainText(`${left - 1} things left`);
  await page.keyboard.press('m');
  await page.getByLabel('For whom or what').fill('Wren');
  await page.getByRole('button', { name: 'Keep it for then' }).click();
  await expect(about).toContainText('1 decided');
  for (let n = 1; n < left - 1; n++) {
    await page.keyboard.press('k');
    await expect(about).toContainText(`${n + 1} decided`);
  }
  await page.getByRole('button', { name: 'Close this kit' }).click();
  await expect(about).toContainText('closed on');
  const soon = new Date();
  soon.setMonth(soon.getMonth() + 2);
  await page.clock.setFixedTime(soon);
  await reload(page);
  await goTo(page, 'Busters');
  await expect(page.getByRole('note', { name: 'Kept for now' })).toContainText('from Sloe');

  // An album of it all, with what is kept back for more of it.
  await page.goto('/album');
  await page.getByRole('button', { name: 'Begin an album' }).click();
  await expect(page.getByRole('list', { name: 'The album, lying open' }).getByRole('button').first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'How thick it lies' })).toContainText(/About .*, most at the/);
  const keeping = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As open files' }).click();
  expect((await keeping).suggestedFilename()).toMatch(/^album-.*\.zip$/);
});

test('a month of pages that can all be made, as a calendar; only quick ones; what she likes put right', async ({
  page,
}) => {
  await page.goto('/busters?view=month');
  await page.getByRole('button', { name: /So many/ }).click();
  await page.getByRole('option', { name: '3 pages' }).click();
  const begin = page.getByRole('button', { name: /^Begin (this page|these \d pages)/ });
  await expect(begin).toBeEnabled({ timeout: 90_000 });
  const many = await page.getByRole('region', { name: 'The plan' }).getByRole('listitem').count();
  await begin.click();
  const meant = page.getByRole('region', { name: 'Meant for a day' });
  await expect(meant.getByRole('listitem')).toHaveCount(many);
  const downloading = page.waitForEvent('download');
  await meant.getByRole('button', { name: 'As a calendar (.ics)' }).click();
  const file = await downloading;
  expect(file.suggestedFilename()).toBe('pages-to-make.ics');
  const calendar = new ICAL.Component(ICAL.parse(readFileSync(await file.path(), 'utf8')) as unknown[]);
  expect(calendar.getAllSubcomponents('vevent')).toHaveLength(many);
  await meant
    .getByRole('button', { name: /^No day for / })
    .first()
    .click();
  await expect(meant.getByRole('listitem')).toHaveCount(many - 1);

  await page.getByText('Pages', { exact: true }).last().click();
  await page.getByRole('button', { name: /Begin with/ }).click();
  await page.getByRole('option', { name: 'quick ones, for a tired evening' }).click();
  const proposed = page.getByRole('list', { name: 'Proposed pages' });
  await expect(page.getByText('Looking through the leftovers')).toHaveCount(0, { timeout: 90_000 });
  for (const one of await proposed.getByText(/about \d+ min at the desk/).all())
    expect(Number(/about (\d+) min/.exec((await one.textContent()) ?? '')?.[1])).toBeLessThan(60);

  await page.getByText('What you like', { exact: true }).click();
  const taste = page.getByRole('button', { name: /Colour: / }).first();
  await taste.click();
  await page.getByRole('option', { name: 'I do not like it' }).click();
  await expect(taste).toContainText('I do not like it');
  await reload(page);
  await expect(
    page.getByRole('button', { name: /I do not like it Colour: |Colour: .*I do not like it/ }),
  ).toBeVisible();
});
