import { expect, test } from './fixtures';
import { turnTo } from './turn';

test('the handbook: a test is found by a part of its name, with what reacts and what each gives', async ({ page }) => {
  await turnTo(page, '/cases');
  await page.getByRole('link', { name: 'Handbook' }).click();
  const find = page.getByLabel('Find a test, an ion or a group');
  await find.fill('phlogiston');
  await expect(page.getByText('Nothing of that name')).toBeVisible();
  await find.fill('silver precip');
  await expect(page.getByRole('link', { name: 'Silver nitrate in nitric acid' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Silver precipitate and ammonia' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Silver precipitate and ammonia');
  await expect(page.getByRole('list', { name: 'Cautions' })).toContainText('Never keep an ammoniacal silver solution');
  await expect(page.getByRole('region', { name: 'Equations' }).getByRole('definition')).toHaveText([
    'Ag+ + Cl− → AgCl(s)',
    'AgCl(s) + 2 NH3 → Ag(NH3)2+ + Cl−',
  ]);
  const gives = page.getByRole('region', { name: 'What each gives' });
  await expect(gives.getByRole('row').filter({ hasText: 'curdy white' })).toContainText('31 of 35');
  await gives.getByRole('link', { name: 'chloride' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Cl');
  await expect(page.getByRole('link', { name: 'Concentrated sulfuric acid' })).toBeVisible();
  await turnTo(page, '/handbook/tests/alchemy');
  await expect(page.getByText('There is no such test')).toBeVisible();
});
