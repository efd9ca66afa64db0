import { expect, test } from './fixtures';
import { addReagent, bench, choose, chooseTest, newCase, tube } from './helpers';
import { turnTo } from './turn';

test('ammonium chloride forgotten: magnesium falls where iron and aluminium should', async ({ page }) => {
  const looks: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/reasoning?effort=prompt')) looks.push(request.url());
  });
  await newCase(page, 'Jar 11');
  await choose(page, 'Take', /original solution/);
  await choose(page, 'Take', /1 mL of S into a new tube A/);
  await expect(tube(page, 'A')).toBeVisible();
  await expect.poll(() => looks.length).toBeGreaterThan(0);
  const before = looks.length;
  await addReagent(page, 'ammonia, 6', 'Ammonia, 6 M', '5');
  await expect(tube(page, 'A')).toHaveAttribute('aria-label', /gelatinous white solid/);
  await page.keyboard.press('1');
  await choose(page, 'Take', /1 mL of S into a new tube B/);
  await addReagent(page, 'ammonium chloride, 2', 'Ammonium chloride, 2 M', '1 mL');
  await addReagent(page, 'ammonia, 6', 'Ammonia, 6 M', '5');
  await expect(tube(page, 'B')).toHaveAttribute('aria-label', /colourless clear liquid(?!.*solid)/);
  // The record has not changed, so there is nothing new to think about.
  expect(looks).toHaveLength(before);
});

test('restricted reagents are greyed with the reason and a substitute; cautions come before the first step', async ({
  fresh: page,
}) => {
  await page.goto('/house-rules');
  await page.getByLabel('Restrict a reagent').selectOption({ label: 'Chlorine water' });
  await page.getByLabel('Local safety notes').fill('Eyewash left of the door.');
  await page.getByLabel('Size of a drop, mL').fill('3');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('a drop is at most 0.1 mL');
  await page.getByLabel('Size of a drop, mL').fill('0.04');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('House rules saved.')).toBeVisible();

  await newCase(page, 'Jar 18');
  await chooseTest(page, 'Chlorine water and organic layer');
  await expect(bench(page)).toContainText('Chlorine water is restricted by your house rules. Instead: acidified bleach');
  await expect(bench(page).getByRole('button', { name: /^Do step \d/ })).toHaveCount(0);
  await chooseTest(page, 'Ammonium: warm with sodium hydroxide');
  await expect(bench(page).getByRole('list', { name: 'Cautions' })).toContainText('Hot sodium hydroxide spits');
  await expect(bench(page)).toContainText('Eyewash left of the door.');
  await bench(page).getByRole('button', { name: 'Do step 1' }).click();
  await bench(page).getByRole('button', { name: 'Do step 2' }).click();
  await bench(page)
    .getByRole('button', { name: /Timer for step 3, 2 minutes/ })
    .click();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Ammonium: warm with sodium hydroxide, step 3');
  await page.getByRole('button', { name: 'Sound of the timers' }).click();
  await page.reload();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Ammonium: warm with sodium hydroxide, step 3');
  await expect(page.getByRole('button', { name: 'Sound of the timers' })).toHaveAttribute('aria-pressed', 'false');
  await expect(bench(page).getByRole('button', { name: 'Do step 3' })).toBeVisible();
  await page.getByRole('list', { name: 'Timers' }).waitFor();
  await expect(async () => {
    await bench(page).getByRole('button', { name: 'Arithmetic', expanded: false }).click({ timeout: 2000 });
    await expect(bench(page).getByRole('list', { name: 'Arithmetic' })).toContainText('drops of 0.04 mL', { timeout: 5000 });
  }).toPass();

  await page.goto('/house-rules');
  await page.getByRole('button', { name: 'Allow Chlorine water again' }).click();
  await page.getByLabel('Size of a drop, mL').fill('0.05');
  await page.getByLabel('Local safety notes').fill('');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('House rules saved.')).toBeVisible();
});

test('a real sample: led step by step, ticked by the person', async ({ page }) => {
  await turnTo(page, '/cases');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('tab', { name: 'A sample of your own' }).click();
  await page.getByRole('button', { name: 'Begin with the real sample' }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByLabel('Name or number').fill('U 17');
  await page.getByLabel('What it looks like').fill('white grains');
  await page.getByRole('form', { name: 'A real sample' }).getByLabel('Grams').fill('2');
  await page.getByRole('button', { name: 'Begin with the real sample' }).click();
  await expect(page).toHaveURL(/bench/);
  await chooseTest(page, 'Solubility in water');
  await bench(page).getByRole('button', { name: 'Step 1 is done' }).click();
  await expect(tube(page, 'S')).toHaveAttribute('aria-label', /yours to look at/);
  await bench(page).getByRole('button', { name: 'Step 2 is done' }).click();
  await bench(page).getByRole('button', { name: 'Step 3 is done' }).click();
  await expect(page.getByText('1.60 g left')).toBeVisible();
});

test('several steps in one press: all of them, and none after one that is refused', async ({ page }) => {
  const begin = async (made: object, test: string, button: string) => {
    const sent = await page.request.post('/api/cases', { data: made });
    const { summary } = (await sent.json()) as { summary: { id: string } };
    await turnTo(page, `/cases/${summary.id}/bench`);
    await chooseTest(page, test);
    await bench(page).getByRole('button', { name: button }).click();
  };
  const finished = bench(page).getByText(/^Done\. Record your observation/);
  await begin(
    { real: { name: 'U 18', look: 'white grains', grams: 2, matter: 'salt' } },
    'Solubility in water',
    'All 3 steps are done',
  );
  await expect(finished).toBeVisible();
  // The acid alone could be taken without the solid that is not there.
  await begin(
    { salts: { name: 'Jar of a few grains', salts: [{ formula: 'NaCl', grams: 0.05 }] } },
    'Dilute acid test',
    'Do all 4 steps',
  );
  await expect(page.getByText(/of the sample are left; take less/).first()).toBeVisible();
  await expect(bench(page).getByRole('button', { name: 'Do step 1' })).toBeEnabled();
  await expect(finished).toHaveCount(0);
  await expect(tube(page, 'A')).toHaveCount(0);
});
