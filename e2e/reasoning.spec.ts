import { expect, test } from './fixtures';
import { doSteps, houseRules, newCase, record, suspects, work } from './helpers';

test('a wrong observation makes a conflict; the settling test resolves it, and the states follow', async ({ page }) => {
  await houseRules(page, {
    'Scheme for cations': 'Without sulfide (usual)',
    Help: 'Also words for what is there, in simulated cases',
  });
  await newCase(page, 'Jar 9');
  await work(page, [
    ['Look at the dry salt', ['Dry solid: blue'], 'Copper.'],
    ['Dissolve in water', ['Liquid: blue'], ''],
    ['Sodium carbonate extract', ['Liquid: colourless'], ''],
    ['Silver nitrate in nitric acid', ['Precipitate: none'], 'No halide.'],
    ['Barium in acid', ['Precipitate: white', 'Precipitate: texture: fine'], 'Sulfate.'],
    ['Barium in acetic acid', ['Precipitate: none'], 'Misread: it was there.'],
  ]);
  await expect(suspects(page).getByText('There is a conflict to settle.')).toBeVisible();
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  const conflicts = page.getByRole('region', { name: 'Conflicts' });
  await expect(conflicts).toContainText('does not go with');
  await expect(page.getByRole('link', { name: /^conflict sulfate/ }).first()).toBeVisible();
  await conflicts
    .getByRole('link', { name: /^Settle it/ })
    .first()
    .click();
  await doSteps(page);
  await record(page, ['Fill in what is there'], 'It settles it.');
  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  await page.getByRole('button', { name: 'Strike entry 6' }).click();
  await page.getByLabel('Why').fill('Looked too early.');
  await page.getByRole('button', { name: 'Strike it' }).click();
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Conflicts' })).toHaveCount(0);
  const all = page.getByRole('navigation', { name: 'All suspects' });
  await expect(all.getByRole('link', { name: /^(confirmed|indicated) sulfate/ })).toBeVisible();
  await all
    .getByRole('link', { name: /sulfate/ })
    .first()
    .click();
  await expect(page.getByRole('list', { name: 'Because' })).toContainText('Barium in acid');
  await expect(page.getByRole('img', { name: /Waterfall of the evidence/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Table of entries and ions' })).toBeVisible();
  await all.getByRole('link', { name: /copper/ }).click();
  await expect(page.getByRole('region', { name: 'Evidence' }).getByRole('link')).toHaveAttribute('href', /bench\?test=copper/);
  const next = page.getByRole('region', { name: 'Next tests' });
  await expect(next).toContainText('min,');
  await next.getByRole('link').first().click();
  await expect(page).toHaveURL(/bench/);
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
});

test('one’s own inference first, when the house rules say so', async ({ page }) => {
  await page.goto('/house-rules');
  await page.getByLabel(/My own inference first/).check();
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('House rules kept.')).toBeVisible();
  await newCase(page, 'Jar 12');
  await work(page, [['Flame', ['Flame: apple green'], '']]);
  await expect(suspects(page)).toContainText('Write what entry 1 tells you');
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  await expect(page.getByText('Your own inference first')).toBeVisible();
  await page.goto('/house-rules');
  await page.getByLabel(/My own inference first/).uncheck();
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('House rules kept.')).toBeVisible();
});
