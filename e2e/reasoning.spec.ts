import type { Observation } from '#core/vocabulary/observation';
import { expect, test } from './fixtures';
import { doSteps, newCase, record, suspects, work } from './helpers';
import { turnTo } from './turn';

const none: Observation = { channel: 'precipitate', event: 'none' };

test('a wrong observation makes a conflict; the settling test resolves it, and the states follow', async ({ page, client }) => {
  let view = await client.begin({ jar: 'jar-09' });
  for (const [title, seen] of [
    ['Appearance of the solid', { channel: 'solid', colour: 'blue' }],
    ['Solubility in water', { channel: 'solution', colour: 'blue' }],
    ['Sodium carbonate extract', { channel: 'solution', colour: 'colourless' }],
    ['Silver nitrate test', none],
    ['Barium chloride test for sulfate', { channel: 'precipitate', event: 'formed', colour: 'white', texture: 'fine' }],
    ['Barium chloride in acetic acid', none],
  ] as const)
    view = await client.work(view, title, [seen]);
  await turnTo(page, `/cases/${view.summary.id}/bench`);
  await expect(suspects(page).getByText('There is a conflict to resolve.')).toBeVisible();
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  const conflicts = page.getByRole('region', { name: 'Conflicts' });
  await expect(conflicts).toContainText('does not go with');
  await expect(page.getByRole('link', { name: /^conflict sulfate/ }).first()).toBeVisible();
  await conflicts
    .getByRole('link', { name: /^Resolve it/ })
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
  await expect(page.getByRole('list', { name: 'Because' })).toContainText('Barium chloride test for sulfate');
  await expect(page.getByRole('img', { name: /Waterfall of the evidence/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Table of entries and ions' })).toBeVisible();
  await all.getByRole('link', { name: /copper/ }).click();
  await expect(page.getByRole('region', { name: 'Evidence' }).getByRole('link')).toHaveAttribute('href', /bench\?test=copper/);
  const next = page.getByRole('region', { name: 'Next tests' });
  await expect(next).toContainText('mg; what it may show');
  await next.getByRole('link').first().click();
  await expect(page).toHaveURL(/bench/);
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
});

test('one’s own inference first, when the house rules say so', async ({ fresh: page }) => {
  await page.goto('/house-rules');
  await page.getByLabel(/My own inference first/).check();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('House rules saved.')).toBeVisible();
  await newCase(page, 'Jar 12');
  await work(page, [['Flame test', ['Flame: apple green'], '']]);
  await expect(suspects(page)).toContainText('Write what entry 1 tells you');
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  await expect(page.getByText('Your own inference first')).toBeVisible();
  await page.goto('/house-rules');
  await page.getByLabel(/My own inference first/).uncheck();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('House rules saved.')).toBeVisible();
});
