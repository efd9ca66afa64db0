import { expect, test } from '@playwright/test';
import { addReagent, bench, choose, doTest, openCase, record, tube } from './helpers';

test('an unknown salt, from the first look to a signed report', async ({ page, browser }) => {
  await openCase(page, 'Jar 2');
  await expect(page.getByText('3.00 g left')).toBeVisible();

  await doTest(page, 'Look and dissolve');
  await record(page, ['Liquid', 'colourless'], 'No coloured ion.');
  await expect(tube(page, 'S')).toHaveAttribute('aria-label', /colourless clear liquid/);

  await doTest(page, 'Warm with base');
  await expect(page.getByRole('img', { name: 'The paper is blue.' })).toBeVisible();
  await record(page, ['Paper', 'changed', 'blue', 'red litmus'], 'Ammonium.');

  await doTest(page, 'Barium chloride, then acid');
  await record(page, ['Precipitate', 'formed', 'white', 'fine'], 'Sulfate.');

  await page.getByRole('navigation', { name: 'Route' }).getByRole('button', { name: 'Sodium hydroxide, then excess' }).click();
  await bench(page).getByRole('button', { name: 'Do step 1' }).click();
  await bench(page).getByRole('button', { name: 'Do step 2' }).click();
  await expect(bench(page).getByRole('img', { name: /gelatinous white solid/ })).toBeVisible();
  await bench(page).getByRole('button', { name: 'Do step 3' }).click();
  await expect(bench(page).getByRole('img', { name: /Tube \w: colourless clear liquid$/ })).toBeVisible();
  await record(page, ['Precipitate', 'formed', 'white', 'gelatinous', 'Precipitate', 'dissolved'], 'Aluminium, zinc or lead.');

  await doTest(page, 'Ammonia, then excess');
  await record(page, ['Precipitate', 'formed', 'white', 'gelatinous'], 'Stays: not zinc.');

  await doTest(page, 'Aluminon');
  await expect(bench(page).getByRole('img', { name: /red solid/ })).toBeVisible();
  await record(page, ['Precipitate', 'formed', 'red', 'flocculent'], 'Red flecks: aluminium.');

  const brief = page.getByRole('region', { name: 'Suspects in brief' });
  for (const ion of ['ammonium', 'aluminium', 'sulfate'])
    await expect(brief.getByRole('link', { name: `hinted ${ion}` })).toBeVisible();

  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  await page.getByRole('link', { name: /ruled out copper/ }).click();
  await expect(page.getByRole('complementary', { name: 'Evidence' }).getByText('Speaks against.').first()).toBeVisible();

  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  const conclude = page.getByRole('region', { name: 'Conclude' });
  for (const [ion, evidence] of [
    ['aluminium', '4, 6'],
    ['ammonium', '2'],
    ['sulfate', '3'],
  ] as const) {
    await conclude.getByLabel('Ion').selectOption({ label: ion });
    await conclude.getByLabel('Evidence').fill(evidence);
    await conclude.getByRole('button', { name: 'Add the ion' }).click();
  }
  await conclude.getByRole('button', { name: 'Sign the report' }).click();
  await expect(conclude.getByRole('alert')).toHaveText('Sign with your name.');
  await conclude.getByLabel('Proposed formula').fill('NH4Al(SO4)2·12H2O');
  await conclude.getByLabel('Signed').fill('Ilse Varnholt');
  await conclude.getByRole('button', { name: 'Sign the report' }).click();
  await expect(page.getByRole('region', { name: 'Conclusion' })).toContainText('Ilse Varnholt');

  await page.reload();
  await expect(page.getByRole('row')).toHaveCount(7);
  const here = await page.getByRole('article').innerText();
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await expect(other.getByRole('region', { name: 'Conclusion' })).toContainText('Ilse Varnholt');
  expect(await other.getByRole('article').innerText()).toBe(here);
});

test('free work on a tube, seen at once in a second window', async ({ page, context }) => {
  await page.goto('/cases');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('button', { name: /Jar 9/ }).click();
  await expect(page).toHaveURL(/bench/);
  await choose(page, 'Take', /original solution/);
  await expect(tube(page, 'S')).toHaveAttribute('aria-label', /blue clear liquid/);
  await choose(page, 'Take', /1 mL of S into a new tube A/);
  await expect(tube(page, 'A')).toBeVisible();

  const second = await context.newPage();
  await second.goto(page.url());
  await expect(tube(second, 'A')).toBeVisible();

  await addReagent(page, 'ammonia, 2', 'Ammonia, 2 M', '1 drop');
  await expect(tube(page, 'A')).toHaveAttribute('aria-label', /pale-blue solid/);
  await expect(bench(page).getByText('1 drop', { exact: true }).first()).toBeVisible();
  await addReagent(page, 'ammonia, 6', 'Ammonia, 6 M', '1 mL');
  await expect(tube(page, 'A')).toHaveAttribute('aria-label', /deep-blue clear liquid/);
  await expect(tube(second, 'A')).toHaveAttribute('aria-label', /deep-blue clear liquid/);

  await choose(page, 'Heat', /Warm it/);
  await expect(bench(page).getByText('60 °C')).toBeVisible();
  await choose(page, 'Paper', /Damp red litmus at the mouth/);
  await expect(page.getByRole('img', { name: 'The paper is blue.' })).toBeVisible();
  await page.keyboard.press('c');
  await expect(bench(page).getByText('25 °C')).toBeVisible();
  await page.keyboard.press('s');
  await page.keyboard.press('/');
  await expect(page.getByPlaceholder('Type a part of its name')).toBeVisible();
  await page.keyboard.press('Escape');

  await choose(page, 'Take', /1 mL of S|1 mL of A/);
  await expect(tube(page, 'B')).toBeVisible();
  await page.keyboard.press('1');
  await choose(page, 'Take', /1 mL of S into a new tube C/);
  await addReagent(page, 'sodium hydroxide, 2', 'Sodium hydroxide, 2 M', '5');
  await expect(tube(page, 'C')).toHaveAttribute('aria-label', /solid hanging in the liquid/);
  await choose(page, 'Settle', /Centrifuge/);
  await expect(tube(page, 'C')).toHaveAttribute('aria-label', /solid at the bottom/);
  await choose(page, 'Decant', /Pour the clear liquid/);
  await expect(tube(page, 'D')).toHaveAttribute('aria-label', /colourless clear liquid/);
  await expect(bench(page).getByRole('heading', { name: 'Tube D' })).toBeVisible();

  await choose(page, 'Flame', /Flame test on the dry sample/);
  await expect(page.getByRole('img', { name: 'The flame is green.' })).toBeVisible();

  await choose(page, 'Timer', /3 minutes/);
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText(/2:5\d|3:00/);
  await page.reload();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('tube D');
});

test('bad input is told in words, and nothing is lost', async ({ page }) => {
  await openCase(page, 'Jar 7');
  const entries = page.getByRole('region', { name: 'Ledger in brief' });
  await expect(entries).toContainText('Ammonia, then excess');
  await page.getByRole('button', { name: /^Write entry/ }).click();
  await expect(page.getByText('Say what you see first')).toBeVisible();
  for (let i = 0; i < 4; i++) await addReagent(page, 'water', 'Water, distilled', '1 mL');
  await page.goto('/cases/00000000-0000-4000-8000-000000000000/bench');
  await expect(page.getByText('There is no such case')).toBeVisible();
  await page.goto('/nowhere');
  await expect(page.getByText('There is no such page')).toBeVisible();
});
