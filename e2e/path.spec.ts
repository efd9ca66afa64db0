import { expect, test } from './fixtures';
import {
  addReagent,
  bench,
  choose,
  chooseTest,
  conclude,
  doTest,
  newCase,
  openCase,
  record,
  suspects,
  tube,
  work,
  workElsewhere,
} from './helpers';
import { turnTo } from './turn';

test('an unknown salt, from the first look to a signed report', async ({ page, browser, client }) => {
  await newCase(page, 'Jar 2');
  await expect(page.getByText('3.00 g left')).toBeVisible();
  await work(page, [['Appearance of the solid', ['Dry solid: white'], 'No coloured ion.']]);
  await workElsewhere(page, client, ['Solubility in water']);
  await expect(tube(page, 'S')).toHaveAttribute('aria-label', /colourless clear liquid.*original solution/);

  await doTest(page, 'Ammonium: warm with sodium hydroxide');
  await expect(page.getByRole('img', { name: 'Red litmus turned blue.' })).toHaveCount(0);
  await record(page, ['Red litmus: blue'], 'Ammonium.');
  await workElsewhere(page, client, ['Sodium carbonate extract', 'Barium chloride test for sulfate']);

  await chooseTest(page, 'Sodium hydroxide, drop by drop then in excess');
  await bench(page).getByRole('button', { name: 'Do step 1' }).click();
  await bench(page).getByRole('button', { name: 'Do step 2' }).click();
  await expect(bench(page).getByRole('img', { name: /gelatinous white solid/ })).toBeVisible();
  await page.reload();
  await bench(page).getByRole('button', { name: 'Do step 3' }).click();
  await bench(page).getByRole('button', { name: 'Do step 4' }).click();
  await expect(bench(page).getByRole('img', { name: /Tube \w+: colourless clear liquid$/ })).toBeVisible();
  await record(
    page,
    ['Precipitate: white', 'Precipitate: texture: gelatinous', 'Precipitate: dissolved'],
    'Aluminium, zinc or lead.',
  );

  await workElsewhere(page, client, [
    'Group I: dilute hydrochloric acid',
    'Ammonia with ammonium chloride',
    'Sodium hydroxide and hydrogen peroxide',
  ]);
  await doTest(page, 'Aluminon test for aluminium');
  await expect(bench(page).getByRole('img', { name: /red solid/ })).toBeVisible();
  await record(page, ['Precipitate: red', 'Precipitate: texture: flocculent'], 'Red flecks: aluminium.');

  for (const ion of ['aluminium', 'ammonium', 'sulfate'])
    await expect(suspects(page).getByRole('link', { name: new RegExp(`^(confirmed|indicated) ${ion}`) })).toBeVisible();
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  await page.getByText(/^Ruled out/).click();
  await page.getByRole('link', { name: /ruled out copper/ }).click();
  await expect(page.getByRole('region', { name: 'Evidence' })).toContainText('Copper(II) would give blue');

  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ledger of Jar 2');
  await page.getByRole('region', { name: 'Conclude' }).getByRole('button', { name: 'Sign the report' }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await conclude(page, { aluminium: '6, 10', ammonium: '3', sulfate: '5' }, 'NH4Al(SO4)2·12H2O');

  await page.reload();
  await expect(page.getByRole('row')).toHaveCount(11);
  const here = await page.getByRole('article').innerText();
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await expect(other.getByRole('region', { name: 'Conclusion' })).toContainText('Ilse Varnholt');
  expect(await other.getByRole('article').innerText()).toBe(here);

  await expect(page.getByText('The report is signed.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Strike entry/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Reveal the answer' }).click();
  await expect(page.getByText('Revealed: it was')).toContainText('NH4Al(SO4)2·12H2O');

  await page.getByRole('link', { name: 'Debrief', exact: true }).click();
  const claims = page.getByRole('region', { name: 'Claims' }).getByRole('listitem');
  await expect(claims).toHaveCount(3);
  for (const claim of await claims.all()) await expect(claim).toContainText(/is there/);
  await expect(page.getByRole('region', { name: 'Reading' }).getByRole('row')).toHaveCount(10);
  await expect(page.getByRole('region', { name: 'Technique' })).toContainText('Nothing in the technique stood out');
});

test('free work on a tube, seen at once in a second window', async ({ page }) => {
  await newCase(page, 'Jar 9');
  await choose(page, 'Take', /original solution/);
  await expect(tube(page, 'S')).toHaveAttribute('aria-label', /blue clear liquid/);
  await choose(page, 'Take', /1 mL of S into a new tube A/);
  await expect(tube(page, 'A')).toBeVisible();

  const second = await page.context().newPage();
  await second.goto(page.url());
  await expect(tube(second, 'A')).toBeVisible();
  await page.bringToFront();

  await addReagent(page, 'ammonia, 2', 'Ammonia, 2 M', '1 drop');
  await expect(tube(page, 'A')).toHaveAttribute('aria-label', /pale blue solid/);
  await expect(bench(page).getByText('1 drop', { exact: true }).first()).toBeVisible();
  await addReagent(page, 'ammonia, 6', 'Ammonia, 6 M', '1 mL');
  await expect(tube(page, 'A')).toHaveAttribute('aria-label', /deep blue clear liquid/);
  await expect(tube(second, 'A')).toHaveAttribute('aria-label', /deep blue clear liquid/);

  await choose(page, 'Heat', /Warm in a water bath/);
  await expect(bench(page).getByText('60 °C')).toBeVisible();
  await choose(page, 'Paper', /Damp red litmus at the mouth/);
  await expect(page.getByRole('img', { name: 'Red litmus turned blue.' })).toBeVisible();
  await page.keyboard.press('c');
  await expect(bench(page).getByText('25 °C')).toBeVisible();
  await page.keyboard.press('s');
  await page.keyboard.press('/');
  await expect(page.getByPlaceholder('Type a name or formula')).toBeVisible();
  await page.keyboard.press('Escape');

  await choose(page, 'Take', /1 mL of S|1 mL of A/);
  await expect(tube(page, 'B')).toBeVisible();
  await page.keyboard.press('1');
  await choose(page, 'Take', /1 mL of S into a new tube C/);
  await addReagent(page, 'sodium hydroxide, 2', 'Sodium hydroxide, 2 M', '5');
  await expect(tube(page, 'C')).toHaveAttribute('aria-label', /solid hanging in the liquid/);
  await choose(page, 'Settle', /Centrifuge/);
  await expect(tube(page, 'C')).toHaveAttribute('aria-label', /solid at the bottom/);
  await choose(page, 'Decant', /Decant the supernatant/);
  await expect(tube(page, 'D')).toHaveAttribute('aria-label', /colourless clear liquid/);
  await expect(bench(page).getByRole('heading', { name: 'Tube D' })).toBeVisible();

  await choose(page, 'Flame', /Flame test on the dry sample/);
  await expect(page.getByRole('img', { name: 'Green flame.' })).toBeVisible();

  await choose(page, 'Timer', /3 minutes/);
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText(/2:5\d|3:00/);
  await expect(bench(page).getByRole('note')).toContainText(/^While it stands \(3 min left\): \w/);
  await page.reload();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('tube D');
});

test('eight windows, more than a browser keeps connections for, hear of what is written, and can still be worked in', async ({
  page,
}) => {
  await newCase(page, 'Jar 11');
  const ledgers = await Promise.all(Array.from({ length: 7 }, () => page.context().newPage()));
  for (const ledger of ledgers) await ledger.goto(page.url().replace(/bench.*/, 'ledger'));
  await page.bringToFront();
  await record(page, ['No visible change'], 'So far.');
  for (const ledger of ledgers) await expect(ledger.getByRole('row')).toHaveCount(2);
  const last = ledgers.at(-1)!;
  await last.bringToFront();
  await last.getByRole('button', { name: 'Strike entry 1' }).click();
  await last.getByLabel('Why').fill('Nothing was done yet.');
  await last.getByRole('button', { name: 'Strike it' }).click();
  for (const ledger of ledgers) await expect(ledger.getByText('struck: Nothing was done yet.')).toBeVisible();
});

test('bad input is told in words, and nothing is lost', async ({ page }) => {
  await openCase(page, 'Jar 7');
  const entries = page.getByRole('region', { name: 'Ledger in brief' });
  await expect(entries).toContainText('Ammonia solution, drop by drop then in excess');
  await page.getByRole('button', { name: /^Write entry/ }).click();
  await expect(page.getByText('Record an observation first')).toBeVisible();
  for (let i = 0; i < 4; i++) await addReagent(page, 'water', 'Water, distilled', '1 mL');
  await turnTo(page, '/cases/00000000-0000-4000-8000-000000000000/bench');
  await expect(page.getByText('There is no such case')).toBeVisible();
  await turnTo(page, '/nowhere');
  await expect(page.getByText('There is no such page')).toBeVisible();
});
