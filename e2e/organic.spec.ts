import { expect, type Page, test } from './fixtures';
import { bench, chooseTest, conclude, doTest, newCase, record, suspects, tap, work, workElsewhere, type Worked } from './helpers';
import { turnTo } from './turn';

/** New cases are begun from the shelf of phials. */
async function newPhial(page: Page, name: string): Promise<void> {
  await newCase(page, name, 'Organic compounds');
}

/** Does a sodium fusion stage by stage; `set` changes what a stage asks for. */
async function fuse(page: Page, set: (page: Page, stage: string) => Promise<void> = async () => undefined): Promise<void> {
  const run = bench(page).getByRole('region', { name: 'Sodium fusion' });
  if (!(await run.count())) await chooseTest(page, 'Sodium fusion');
  for (;;) {
    const stage = (await run.getByRole('heading').textContent())!;
    await set(page, stage);
    const next = run.getByRole('button', { name: /^Next/ });
    if (!(await next.count())) break;
    await next.click();
    await expect(run.getByRole('heading')).not.toHaveText(stage);
  }
  await run.getByRole('button', { name: 'Filter and inspect' }).click();
  await expect(bench(page)).toContainText('Done. Record your observation');
}

/** What the thermometer showed, read from the bench and written down. */
async function recordRange(page: Page, from: string, to: string): Promise<void> {
  const form = page.getByRole('region', { name: 'Record what you see' });
  await tap(page, 'Temperature: melts');
  await form.getByLabel('from, °C').fill(from);
  await form.getByLabel('to, °C').fill(to);
  await form.getByRole('button', { name: /^Write entry/ }).click();
  await expect(page.getByRole('region', { name: 'Ledger in brief' })).toContainText(`${from} to ${to} °C`);
}

async function likeliest(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Suspects', exact: true }).click();
  const first = page.getByRole('region', { name: 'Candidates' }).getByRole('listitem').first();
  await expect(first).toContainText(name);
  await expect(first.getByRole('img', { name: `Structure of ${name}` })).toBeVisible();
}

const FIRST: readonly Worked[] = [['Appearance, state and smell', ['Dry solid: white'], 'A white solid.']];

test('nitrogen and sulfur: a poor fusion is seen for one, and done again', async ({ page, client }) => {
  await newPhial(page, 'Phial 41');
  await work(page, FIRST);
  await fuse(page, async (p, stage) => {
    if (stage === 'Sodium from under oil') await p.getByLabel(/^Sodium for each tube/).fill('10');
    if (stage === 'Then strongly, to red heat') await p.getByLabel(/until the end of the tube/).uncheck();
  });
  const taught = bench(page).getByRole('list', { name: 'What this fusion teaches' });
  await expect(taught).toContainText('Never red hot');
  await expect(taught).toContainText('Less sodium than compound');
  await expect(bench(page).getByRole('img', { name: /Tube extract: .*brown solid/ })).toBeVisible();
  await record(page, ['Extract: repeat fusion', 'Extract: brown', 'Extract: clarity: cloudy'], 'Incomplete: again.');
  await bench(page).getByRole('button', { name: 'Do the test again' }).click();
  await expect(bench(page).getByRole('region', { name: 'Sodium fusion' })).toBeVisible();
  await fuse(page);
  await expect(bench(page).getByRole('img', { name: 'Tube extract: colourless clear liquid' })).toBeVisible();
  await record(page, ['Extract: good', 'Extract: colourless', 'Extract: clarity: clear'], 'Clear and colourless.');
  await expect(page.getByRole('navigation', { name: 'Route' })).toContainText('extract: 3.3 mL left');
  await workElsewhere(page, client, [
    'Nitrogen: Prussian blue test',
    'Sulfur: sodium nitroprusside test',
    'Sulfur: lead acetate test',
    'Solubility in water',
    'Lead acetate test for thiols',
  ]);
  for (const element of ['nitrogen', 'sulfur'])
    await expect(suspects(page).getByRole('link', { name: new RegExp(`(confirmed|indicated) ${element}`) })).toBeVisible();
  await doTest(page, 'Melting point');
  await recordRange(page, '176', '177');
  await likeliest(page, 'thiourea');
  await conclude(page, { nitrogen: '4', sulfur: '5, 6', thioamide: '8' }, 'thiourea', 'Element or group');
});

test('what must not be fused is refused without telling what it is; any structure is a sample, and a bad one says why', async ({
  page,
}) => {
  await newPhial(page, 'Phial 46');
  await chooseTest(page, 'Sodium fusion');
  const run = bench(page).getByRole('region', { name: 'Sodium fusion' });
  while (await run.getByRole('button', { name: /^Next/ }).count()) await run.getByRole('button', { name: /^Next/ }).click();
  await run.getByRole('button', { name: 'Filter and inspect' }).click();
  await expect(page.getByText(/must not be fused with sodium: it is on the list/)).toBeVisible();
  await turnTo(page, '/cases');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('tab', { name: 'A sample of your own' }).click();
  await page.getByRole('form', { name: 'A structure of your own' }).getByLabel('Label').fill('Bench 9');
  await page.getByLabel('SMILES').fill('C[Hg]C');
  await page.getByRole('button', { name: 'Begin with this structure' }).click();
  await expect(page.getByRole('alert')).toContainText('no metals');
  await page.getByLabel('SMILES').fill('CCOC(=O)c1ccc(I)cc1');
  await page.getByRole('button', { name: 'Begin with this structure' }).click();
  await expect(page).toHaveURL(/bench/);
  await expect(page.locator('body')).not.toContainText('CCOC');
});

test('a mixture is shaken with hydrogencarbonate, and what it takes out is worked in a case of its own', async ({ page }) => {
  await newCase(page, 'A mixture of compounds', 'Random');
  await bench(page).getByRole('button', { name: 'Take' }).click();
  await page.getByRole('menuitem', { name: /sodium hydrogencarbonate, 5 %: portion 1/ }).click();
  const portions = bench(page).getByRole('region', { name: 'Portions' });
  await expect(portions).toContainText('Portion 1 from sodium hydrogencarbonate');
  await portions.getByRole('button', { name: 'Work it in a case of its own' }).click();
  await expect(page.getByText(/portion 1/).first()).toBeVisible();
  await doTest(page, 'Melting point');
  await expect(bench(page).getByRole('region', { name: 'Portions' })).toHaveCount(0);
});

test('a list goes in and comes out; what cannot be read is named', async ({ page }) => {
  await turnTo(page, '/compounds');
  await page.getByLabel('A list of compounds').setInputFiles({
    name: 'mine.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name,smiles,mp\n4-tert-butylacetanilide,CC(=O)Nc1ccc(cc1)C(C)(C)C,174\nbroken,XX,\n'),
  });
  await expect(page.getByText('1 compound imported into your own list.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Not imported' })).toContainText('cannot be read as SMILES');
  await page.getByLabel('Find by name, formula, element or group').fill('tert-butylacet');
  await expect(page.getByText('1 of 1362')).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'SDF' }).click()]);
  expect(download.suggestedFilename()).toBe('foxing-compounds.sdf');
  await page.getByRole('button', { name: 'Delete my list of 1' }).click();
  await expect(page.getByText(/^\d of 1361/)).toBeVisible();
  await expect(page.getByRole('heading', { name: '4-tert-butylacetanilide' })).toHaveCount(0);
});
