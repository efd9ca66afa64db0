import { expect, test } from '@playwright/test';
import { addReagent, bench, choose, chooseTest, conclude, houseRules, newCase, stop, suspects, tube, work } from './helpers';

test('a coloured salt, without sulfide: chromium, potassium, sulfate', async ({ page }) => {
  await houseRules(page, { 'Scheme for cations': 'Without sulfide (usual)' });
  await newCase(page, 'Jar 30');
  await work(page, [
    ['Look at the dry salt', ['Dry solid', 'more colours…', 'violet'], 'Chromium(III), perhaps cobalt or permanganate.'],
    ['Dissolve in water', ['Liquid', 'more colours…', 'green'], 'All of it in water.'],
  ]);
  await expect(stop(page, 'Dissolve in hydrochloric acid')).toContainText('skipped: water dissolved all of it (entry 2)');
  await work(page, [
    ['Borax bead, oxidising zone', ['Bead', 'green', 'oxidising', 'cold'], 'Chromium.'],
    ['Flame through cobalt glass', ['Flame', 'crimson', 'cobalt glass'], 'Potassium.'],
    ['Sodium carbonate extract', ['Liquid', 'colourless'], 'The metal stays behind.'],
    ['Barium in acid', ['Precipitate', 'formed', 'white', 'fine'], 'Sulfate.'],
    ['Group I: hydrochloric acid', ['Precipitate', 'none'], 'No silver, lead, mercury(I).'],
    [
      'Ammonia with ammonium chloride',
      ['Precipitate', 'formed', 'more colours…', 'dirty green', 'gelatinous'],
      'Chromium(III) hydroxide.',
    ],
    ['Hydroxides in base with peroxide', ['Liquid', 'yellow'], 'Chromate.'],
    ['Chromium as lead chromate', ['Precipitate', 'formed', 'yellow'], 'Chromium.'],
    ['Potassium with hexanitritocobaltate', ['Precipitate', 'formed', 'yellow'], 'Potassium.'],
  ]);
  for (const ion of ['chromium(III)', 'potassium', 'sulfate'])
    await expect(suspects(page).getByRole('link', { name: `confirmed ${ion}` })).toBeVisible();
  await conclude(page, { 'chromium(III)': '8, 9, 10', potassium: '4, 11', sulfate: '6' }, 'KCr(SO4)2·12H2O');
});

test('two salts, six groups: nickel and zinc, sulfate and nitrate', async ({ page }) => {
  await houseRules(page, { 'Scheme for cations': 'Six groups' });
  await newCase(page, 'Jar 24');
  await work(page, [
    ['Look at the dry salt', ['Dry solid', 'more colours…', 'green'], 'Nickel, copper or iron(II).'],
    ['Dissolve in water', ['Liquid', 'pale green'], 'All of it in water.'],
    ['Sodium carbonate extract', ['Liquid', 'colourless'], ''],
    ['Silver nitrate in nitric acid', ['Precipitate', 'none'], 'No halide.'],
    ['Barium in acid', ['Precipitate', 'formed', 'white', 'fine'], 'Sulfate.'],
    ['Brown ring', ['Ring', 'formed', 'brown'], 'Nitrate.'],
    ['Group I: hydrochloric acid', ['Precipitate', 'none'], 'Group I absent.'],
    ['Acidity before the sulfide', ['Nothing happened'], 'Set to 0.3 mol/L.'],
    ['Group II: sulfide in acid', ['Precipitate', 'none'], 'Group II absent.'],
  ]);
  await expect(stop(page, 'Cadmium as yellow sulfide')).toContainText('skipped: sulfide gave no precipitate in acid (entry 9)');
  await work(page, [
    ['Boil off sulfide, re-oxidise iron', ['Precipitate', 'none'], ''],
    ['Group III: ammonia with ammonium chloride', ['Precipitate', 'none'], 'Group III absent.'],
    ['Group IV: sulfide in ammonia', ['Precipitate', 'formed', 'black'], 'Nickel or cobalt; zinc may hide.'],
    ['Group IV in cold dilute acid', ['Precipitate', 'partly dissolved', 'black'], ''],
    ['Zinc and manganese in base with peroxide', ['Precipitate', 'formed', 'pale green'], 'A little nickel; no manganese.'],
    ['Zinc as white sulfide', ['Precipitate', 'formed', 'white'], 'Zinc.'],
    ['Dimethylglyoxime', ['Precipitate', 'formed', 'red'], 'Nickel.'],
  ]);
  for (const ion of ['nickel(II)', 'zinc', 'sulfate', 'nitrate'])
    await expect(
      suspects(page).getByRole('link', { name: new RegExp(`^(confirmed|indicated) ${ion.replace(/[()]/g, '\\$&')}`) }),
    ).toBeVisible();
  await conclude(page, { 'nickel(II)': '12, 16', zinc: '15', sulfate: '5', nitrate: '6' }, 'NiSO4·6H2O + Zn(NO3)2·6H2O');
});

test('an interfering phosphate, semi-micro: it is found, taken out, and calcium and magnesium after it', async ({ page }) => {
  await houseRules(page, { 'Scheme for cations': 'Semi-micro, five groups' });
  await newCase(page, 'Jar 27');
  await work(page, [
    ['Look at the dry salt', ['Dry solid', 'white'], 'No coloured ion.'],
    ['Dissolve in water', ['Precipitate', 'persists', 'white'], 'Something is left.'],
    ['Dissolve in hydrochloric acid', ['Precipitate', 'none'], 'All of it in acid.'],
    ['Flame', ['Flame', 'brick red'], 'Calcium.'],
    ['Sodium carbonate extract', ['Liquid', 'colourless'], ''],
    ['Silver nitrate in nitric acid', ['Precipitate', 'formed', 'white', 'curdy'], 'Chloride?'],
    ['Silver precipitate and ammonia', ['Precipitate', 'formed', 'white', 'curdy', 'Precipitate', 'dissolved'], 'Chloride.'],
    ['Ammonium molybdate', ['Precipitate', 'formed', 'yellow', 'crystalline'], 'Phosphate: it will interfere.'],
    ['Group I: hydrochloric acid', ['Precipitate', 'none'], ''],
    ['Acidity before the sulfide', ['Nothing happened'], ''],
    ['Group II: sulfide in acid', ['Precipitate', 'none'], ''],
    ['Boil off sulfide, re-oxidise iron', ['Precipitate', 'none'], ''],
    ['Remove phosphate with iron(III)', ['Precipitate', 'formed', 'red brown', 'gelatinous'], 'Phosphate out.'],
    ['Group III: ammonium sulfide', ['Precipitate', 'formed', 'white'], 'A little phosphate was left.'],
    ['Carbonate group', ['Precipitate', 'formed', 'white'], 'Calcium, strontium or barium.'],
    ['Carbonates in acetic acid', ['Precipitate', 'dissolved'], ''],
    ['Barium with chromate', ['Precipitate', 'none'], 'No barium.'],
    ['Strontium with ammonium sulfate', ['Precipitate', 'none'], 'No strontium.'],
    ['Calcium with oxalate', ['Precipitate', 'formed', 'white', 'crystalline'], 'Calcium.'],
    ['Magnesium with phosphate', ['Precipitate', 'formed', 'white', 'crystalline'], 'Magnesium.'],
  ]);
  for (const ion of ['calcium', 'magnesium', 'chloride', 'phosphate'])
    await expect(suspects(page).getByRole('link', { name: new RegExp(`^(confirmed|indicated) ${ion}`) })).toBeVisible();
  await conclude(page, { calcium: '4, 19', magnesium: '20', chloride: '7', phosphate: '8' }, 'Ca3(PO4)2 + MgCl2·6H2O');
});

test('ammonium chloride forgotten: magnesium falls where iron and aluminium should', async ({ page }) => {
  await houseRules(page, { 'Scheme for cations': 'Without sulfide (usual)' });
  const looks: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/reasoning')) looks.push(request.url());
  });
  await newCase(page, 'Jar 11');
  await choose(page, 'Take', /original solution/);
  await choose(page, 'Take', /1 mL of S into a new tube A/);
  await addReagent(page, 'ammonia, 6', 'Ammonia, 6 M', '5');
  await expect(tube(page, 'A')).toHaveAttribute('aria-label', /gelatinous white solid/);
  await page.keyboard.press('1');
  await choose(page, 'Take', /1 mL of S into a new tube B/);
  await addReagent(page, 'ammonium chloride, 2', 'Ammonium chloride, 2 M', '1 mL');
  await addReagent(page, 'ammonia, 6', 'Ammonia, 6 M', '5');
  await expect(tube(page, 'B')).toHaveAttribute('aria-label', /colourless clear liquid(?!.*solid)/);
  // The record has not changed, so there is nothing new to think about.
  expect(looks).toHaveLength(1);
});

test('restricted reagents are greyed with the reason and a substitute; cautions come before the first step', async ({ page }) => {
  await page.goto('/house-rules');
  await page.getByLabel('Restrict a reagent').selectOption({ label: 'Chlorine water' });
  await page.getByLabel('Local safety notes').fill('Eyewash left of the door.');
  await page.getByLabel('Size of a drop, mL').fill('3');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByRole('alert')).toContainText('a drop is at most 0.1 mL');
  await page.getByLabel('Size of a drop, mL').fill('0.04');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('House rules kept.')).toBeVisible();

  await newCase(page, 'Jar 18');
  await chooseTest(page, 'Chlorine water and a layer');
  await expect(bench(page)).toContainText('Chlorine water is restricted by your house rules. Instead: acidified bleach');
  await expect(bench(page).getByRole('button', { name: /^Do step/ })).toHaveCount(0);
  await chooseTest(page, 'Warm with base');
  await expect(bench(page).getByRole('list', { name: 'Cautions' })).toContainText('Hot sodium hydroxide spits');
  await expect(bench(page)).toContainText('Eyewash left of the door.');
  await bench(page).getByRole('button', { name: 'Do step 1' }).click();
  await bench(page).getByRole('button', { name: 'Do step 2' }).click();
  await bench(page)
    .getByRole('button', { name: /Timer for step 3, 2 minutes/ })
    .click();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Warm with base, step 3');
  await page.getByRole('button', { name: 'Sound of the timers' }).click();
  await page.reload();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Warm with base, step 3');
  await expect(page.getByRole('button', { name: 'Sound of the timers' })).toHaveAttribute('aria-pressed', 'false');
  await expect(bench(page).getByRole('button', { name: 'Do step 3' })).toBeVisible();
  await bench(page).getByRole('button', { name: 'Arithmetic' }).click();
  await expect(bench(page).getByRole('list', { name: 'Arithmetic' })).toContainText('drops of 0.04 mL');

  await page.goto('/house-rules');
  await page.getByRole('button', { name: 'Allow Chlorine water again' }).click();
  await page.getByLabel('Size of a drop, mL').fill('0.05');
  await page.getByLabel('Local safety notes').fill('');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('House rules kept.')).toBeVisible();
});

test('a real sample: led step by step, ticked by the person', async ({ page }) => {
  await page.goto('/cases');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('tab', { name: 'A sample of your own' }).click();
  await page.getByRole('button', { name: 'Begin with the real sample' }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByLabel('Name or number').fill('U 17');
  await page.getByLabel('What it looks like').fill('white grains');
  await page.getByLabel('Grams').fill('2');
  await page.getByRole('button', { name: 'Begin with the real sample' }).click();
  await expect(page).toHaveURL(/bench/);
  await chooseTest(page, 'Dissolve in water');
  await bench(page).getByRole('button', { name: 'Step 1 is done' }).click();
  await expect(tube(page, 'S')).toHaveAttribute('aria-label', /yours to look at/);
  await bench(page).getByRole('button', { name: 'Step 2 is done' }).click();
  await bench(page).getByRole('button', { name: 'Step 3 is done' }).click();
  await expect(page.getByText('1.60 g left')).toBeVisible();
});
