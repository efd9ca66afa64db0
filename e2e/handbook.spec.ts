import { expect, test } from './fixtures';
import { newCase } from './helpers';
import { turnTo } from './turn';

test('the handbook: a test is found by any of its names, with what reacts and what each gives', async ({ page }) => {
  await turnTo(page, '/cases');
  await page.getByRole('link', { name: 'Handbook' }).click();
  const find = page.getByLabel('Find a test, ion, group, reagent or compound by any name');
  const results = page.getByRole('list', { name: 'Results' });
  await find.fill('phlogiston');
  await expect(page.getByText('No results')).toBeVisible();
  await find.fill('silver miror');
  await expect(results.getByRole('listitem').first()).toContainText("Tollens' test");
  await find.fill('NaOH');
  await expect(results.getByRole('listitem').filter({ hasText: 'Sodium hydroxide, 2 M' })).toContainText(
    'Sodium hydroxide, drop by drop',
  );
  await find.fill('sulphate');
  await results.getByRole('link', { name: 'Sulfate', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('SO');
  await page.goBack();
  await find.fill('AgCl in NH3');
  await results.getByRole('link', { name: 'Silver halide: solubility in ammonia' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Silver halide: solubility in ammonia');
  await expect(page.getByText(/Also called: .*curdy white precipitate/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Cautions' })).toContainText('Never keep an ammoniacal silver solution');
  await expect(page.getByRole('region', { name: 'Equations' }).getByRole('definition')).toHaveText([
    'Ag+ + Cl− → AgCl(s)',
    'AgCl(s) + 2 NH3 → Ag(NH3)2+ + Cl−',
  ]);
  const gives = page.getByRole('region', { name: 'Expected results' });
  await expect(gives.getByRole('row').filter({ hasText: 'curdy white' })).toContainText('31 of 35');
  await gives.getByRole('link', { name: 'chloride' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Cl');
  await expect(page.getByRole('link', { name: 'Concentrated sulfuric acid test' })).toBeVisible();
  await turnTo(page, '/handbook/tests/alchemy');
  await expect(page.getByText('There is no such test')).toBeVisible();
});

test('anything that has a name is found from the bench: a bottle is taken in hand, a test is opened, a place is gone to', async ({
  page,
}) => {
  await turnTo(page, '/cases');
  await newCase(page, 'Jar 1');
  const find = page.getByRole('combobox', { name: 'Find' });
  const look = async (words: string, choose: string | RegExp) => {
    await page.keyboard.press('Control+k');
    await find.fill(words);
    await page.getByRole('option', { name: choose }).first().click();
  };
  await look('caustic soda', /Sodium hydroxide, 6 M/);
  await expect(page.getByRole('button', { name: 'Reagent: Sodium hydroxide, 6 M' })).toBeVisible();
  await look('ring test', /Brown ring test/);
  await expect(page.getByRole('heading', { name: /Brown ring test for nitrate/ })).toBeVisible();
  await look('drills', /^Practice/);
  await expect(page).toHaveURL(/\/practice$/);
});
