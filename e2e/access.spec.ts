import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './fixtures';
import { openCase } from './helpers';

for (const theme of ['light', 'hood'] as const) {
  test(`no barriers in any place, ${theme} theme`, async ({ page }) => {
    await page.addInitScript((t) => localStorage.setItem('foxing-theme', t), theme);
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await openCase(page, 'Jar 5');
    const base = page.url().replace(/\/[a-z]+$/, '');
    await openCase(page, 'Phial 42');
    const compound = page.url().replace(/\/[a-z]+$/, '');
    const places = ['bench', 'suspects', 'ledger'].flatMap((place) => [`${base}/${place}`, `${compound}/${place}`]);
    const handbook = ['/handbook', '/handbook/tests/silver-acid', '/handbook/suspects/Pb2%2B'];
    for (const url of ['/cases', '/house-rules', '/compounds', ...handbook, ...places]) {
      await page.goto(url);
      await expect(page.getByRole('heading', { level: 1 }), url).toBeVisible();
      await expect(page.getByText(/^(Fetching|Weighing|Drawing)/)).toHaveCount(0);
      const axe = new AxeBuilder({ page });
      // Only colours hang on the theme.
      const asked =
        theme === 'hood' ? axe.withRules(['color-contrast']) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
      const { violations } = await asked.analyze();
      expect(violations.map((v) => `${url} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
    }
  });
}

test('on a phone nothing runs off the side, and a test can be chosen and done', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openCase(page, 'Jar 7');
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(wide).toBeLessThanOrEqual(0);
  await page.getByLabel('Test', { exact: true }).selectOption({ label: 'Litmus on the solution' });
  await page.getByRole('button', { name: 'Do step 1' }).click();
  await expect(page.getByRole('button', { name: 'Do step 2' })).toBeVisible();
});
