import { expect, type Page, test } from '@playwright/test';
import { bench, chooseTest, conclude, doTest, houseRules, newCase, record, stop, suspects, work, type Worked } from './helpers';

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
  await expect(bench(page)).toContainText('Done. Say what you saw');
}

/** What the thermometer showed, read from the bench and written down. */
async function recordRange(page: Page, from: string, to: string): Promise<void> {
  const form = page.getByRole('region', { name: 'Record what you see' });
  await form.getByRole('button', { name: 'Temperature' }).click();
  await form.getByRole('button', { name: 'melts', exact: true }).click();
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

const FIRST: readonly Worked[] = [['Look at the compound', ['Dry solid', 'unchanged', 'white'], 'A white solid.']];

test('nitrogen and sulfur: a poor fusion is seen for one, and done again', async ({ page }) => {
  await houseRules(page, { 'Scheme for cations': 'Without sulfide (usual)' });
  await newPhial(page, 'Phial 41');
  await work(page, FIRST);
  await fuse(page, async (p, stage) => {
    if (stage === 'Sodium from under oil') await p.getByLabel(/^Sodium for each tube/).fill('10');
    if (stage === 'Then strongly, to red heat') await p.getByLabel(/until the end of the tube/).uncheck();
  });
  const taught = bench(page).getByRole('list', { name: 'What this fusion teaches' });
  await expect(taught).toContainText('Never red hot');
  await expect(taught).toContainText('Too little sodium');
  await expect(bench(page).getByRole('img', { name: /Tube extract: .*brown solid/ })).toBeVisible();
  await record(page, ['Extract', 'repeat fusion', 'brown', 'cloudy'], 'Incomplete: again.');
  await bench(page).getByRole('button', { name: 'Do it again' }).click();
  await expect(bench(page).getByRole('region', { name: 'Sodium fusion' })).toBeVisible();
  await fuse(page);
  await expect(bench(page).getByRole('img', { name: 'Tube extract: colourless clear liquid' })).toBeVisible();
  await record(page, ['Extract', 'good', 'colourless', 'clear'], 'Clear and colourless.');
  await expect(page.getByRole('navigation', { name: 'Route' })).toContainText('extract: 3.3 mL left');
  await work(page, [
    ['Nitrogen with iron(II) sulfate', ['Precipitate', 'formed', 'more colours…', 'deep blue'], 'Nitrogen.'],
    ['Sulfur with nitroprusside', ['Liquid', 'more colours…', 'violet'], 'Sulfur.'],
    ['Sulfur with lead acetate', ['Precipitate', 'formed', 'black'], 'Sulfur.'],
    ['Solubility in water', ['Solubility', 'soluble'], 'Small or polar.'],
    ['Lead acetate with the compound', ['Precipitate', 'formed', 'black'], 'A thioamide, not a thiol.'],
  ]);
  for (const element of ['nitrogen', 'sulfur'])
    await expect(suspects(page).getByRole('link', { name: new RegExp(`(confirmed|indicated) ${element}`) })).toBeVisible();
  await doTest(page, 'Melting point');
  await recordRange(page, '181', '182');
  await likeliest(page, 'thiourea');
  await conclude(page, { nitrogen: '4', sulfur: '5, 6', thioamide: '8' }, 'thiourea', 'Element or group');
});

test('a brominated amide: cream silver halide, the layer as arbiter, and what the elements set aside', async ({ page }) => {
  await newPhial(page, 'Phial 42');
  await work(page, FIRST);
  await fuse(page);
  await record(page, ['Extract', 'good', 'colourless', 'clear'], '');
  await work(page, [
    ['Nitrogen with iron(II) sulfate', ['Precipitate', 'formed', 'more colours…', 'deep blue'], 'Nitrogen.'],
    ['Sulfur with nitroprusside', ['Nothing happened'], ''],
    ['Sulfur with lead acetate', ['Precipitate', 'none'], 'No sulfur.'],
    ['Halogen with silver nitrate', ['Precipitate', 'formed', 'more colours…', 'cream'], 'Bromide?'],
    ['Silver halide and ammonia', ['Precipitate', 'persists', 'more colours…', 'cream'], 'Not chloride.'],
    ['Oxidant and a layer', ['Layer', 'present', 'yellow', 'upper'], 'Bromine.'],
  ]);
  await chooseTest(page, 'Lead acetate with the compound');
  await expect(stop(page, 'Lead acetate with the compound')).toContainText('skipped: no sulfur was found');
  await work(page, [
    ['Silver nitrate in ethanol', ['Precipitate', 'none'], 'On the ring.'],
    ['Boiling with alkali', ['Nothing happened'], 'No ammonia: an anilide?'],
    ['Azo coupling', ['Precipitate', 'none'], 'No free amine.'],
  ]);
  await chooseTest(page, 'Melting point');
  await bench(page).getByLabel('Ground with a reference').selectOption({ label: '4-bromoacetanilide (168 °C)' });
  await bench(page)
    .getByRole('button', { name: /^Do step/ })
    .click();
  await expect(bench(page)).toContainText('melts from 167 to 168 °C');
  await recordRange(page, '167', '168');
  await likeliest(page, '4-bromoacetanilide');
});

test('no elements beside carbon, hydrogen and oxygen: an unsaturated acid to its candidates', async ({ page }) => {
  await newPhial(page, 'Phial 43');
  await work(page, [
    ...FIRST,
    ['Ignition', ['Soot', 'sooty'], 'Rings or double bonds.'],
    ['Solubility in water', ['Solubility', 'insoluble'], ''],
    ['Solubility in sodium hydroxide, 5 %', ['Solubility', 'soluble'], 'An acid.'],
    ['Solubility in sodium hydrogencarbonate, 5 %', ['Solubility', 'soluble', 'Gas', 'evolved'], 'A carboxylic acid.'],
  ]);
  await fuse(page);
  await record(page, ['Extract', 'good', 'colourless', 'clear'], '');
  await work(page, [
    [
      'Nitrogen with iron(II) sulfate',
      ['Precipitate', 'formed', 'more colours…', 'dirty green', 'Precipitate', 'dissolved'],
      'Green, and gone in acid: no nitrogen.',
    ],
    ['Sulfur with nitroprusside', ['Nothing happened'], ''],
    ['Sulfur with lead acetate', ['Precipitate', 'none'], ''],
    ['Halogen with silver nitrate', ['Precipitate', 'none'], ''],
  ]);
  await expect(stop(page, 'Azo coupling')).toHaveCount(0);
  await chooseTest(page, 'Azo coupling');
  await expect(stop(page, 'Azo coupling')).toContainText('skipped: no nitrogen was found');
  await work(page, [['Cold permanganate', ['Precipitate', 'formed', 'brown'], 'A double bond.']]);
  await expect(bench(page).getByRole('img', { name: /^positive control: / })).toBeVisible();
  await doTest(page, 'Melting point');
  await recordRange(page, '132', '133');
  await likeliest(page, 'cinnamic acid');
});

test('what must not be fused is refused with the reason; any structure is a sample, and a bad one says why', async ({ page }) => {
  await newPhial(page, 'Phial 46');
  await chooseTest(page, 'Sodium fusion');
  const run = bench(page).getByRole('region', { name: 'Sodium fusion' });
  while (await run.getByRole('button', { name: /^Next/ }).count()) await run.getByRole('button', { name: /^Next/ }).click();
  await run.getByRole('button', { name: 'Filter and inspect' }).click();
  await expect(page.getByText(/must not be fused with sodium: polyhalogenated compounds/)).toBeVisible();
  await page.goto('/cases');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('tab', { name: 'A sample of your own' }).click();
  await page.getByLabel('Label').fill('Bench 9');
  await page.getByLabel('SMILES').fill('[Na+].[O-]C(C)=O');
  await page.getByRole('button', { name: 'Begin with this structure' }).click();
  await expect(page.getByRole('alert')).toContainText('no metals');
  await page.getByLabel('SMILES').fill('CCOC(=O)c1ccc(I)cc1');
  await page.getByRole('button', { name: 'Begin with this structure' }).click();
  await expect(page).toHaveURL(/bench/);
  await expect(page.locator('body')).not.toContainText('CCOC');
});

test('a list goes in and comes out; what cannot be read is named', async ({ page }) => {
  await page.goto('/compounds');
  await page.getByLabel('A list of compounds').setInputFiles({
    name: 'mine.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name,smiles,mp\n4-tert-butylacetanilide,CC(=O)Nc1ccc(cc1)C(C)(C)C,174\nbroken,XX,\n'),
  });
  await expect(page.getByText('1 compound taken into your own list.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Not taken' })).toContainText('cannot be read as SMILES');
  await page.getByLabel('Find by name, formula, element or group').fill('tert-butylacet');
  await expect(page.getByText('1 of 496')).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'SDF' }).click()]);
  expect(download.suggestedFilename()).toBe('foxing-compounds.sdf');
  await page.getByRole('button', { name: 'Empty my list of 1' }).click();
  await expect(page.getByText('0 of 495')).toBeVisible();
});
