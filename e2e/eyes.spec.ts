import { goTo, openDemo } from './bench';
import { expect, test } from './test';

test.use({ demo: 'whole' });

test('a page is looked over: what is said is mended, set aside for this page or for good, and looked at again', async ({
  page,
}) => {
  await openDemo(page);
  await goTo(page, 'Pages');
  await page
    .getByRole('link', { name: /Forty by the lamp/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Look it over: .* worth a look/ }).click();
  const said = page.getByRole('region', { name: 'Worth a look' });
  await expect(said.getByText(/The dot comes 3 times, with no three round the photo/)).toBeVisible();
  // What would mend it is chosen from what is out, and done.
  await said.getByRole('button', { name: /^lay another enamel dots/ }).click();
  await expect(said.getByText(/The dot comes/)).toBeHidden();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(said.getByText(/The dot comes 3 times/)).toBeVisible();
  await said.getByRole('button', { name: 'It is meant so' }).click();
  await expect(said.getByText(/The dot comes/)).toBeHidden();
  await page.reload();
  await page.getByRole('button', { name: /^Look it over/ }).click();
  await expect(said.getByText(/The dot comes/)).toBeHidden();
  await said.getByRole('button', { name: 'look again at what was set aside' }).click();
  await expect(said.getByText(/The dot comes 3 times/)).toBeVisible();
  await said.getByRole('button', { name: 'Never look for triangles' }).click();
  await expect(said.getByText(/The dot comes/)).toBeHidden();
  await said.getByRole('button', { name: 'look for triangles again' }).click();
  await expect(said.getByText(/The dot comes 3 times/)).toBeVisible();
});
