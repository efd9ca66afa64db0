import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from './fixtures';
import { bench, chooseTest, doTest, record } from './helpers';
import { turnTo } from './turn';

const order = (page: Page) => page.getByRole('region', { name: 'Tests in order' });
const titles = async (page: Page) => (await order(page).getByRole('link').allTextContents()).map((t) => t.replace(/ · .*/, ''));
/** Minutes since midnight at which a test of the plan begins. */
async function startOf(page: Page, title: string): Promise<number> {
  const row = order(page)
    .getByRole('listitem')
    .filter({ has: page.getByRole('link', { name: new RegExp(`^${title}`) }) });
  const [, hours, minutes] = /(\d\d):(\d\d)–/.exec((await row.textContent())!)!;
  return Number(hours) * 60 + Number(minutes);
}

test('what is left of a real salt is planned; it follows what is dragged, fixed, done and late, and is taken out', async ({
  fresh: page,
}) => {
  await page.clock.install({ time: new Date('2026-12-03T09:00:00') });
  const made = await page.request.post('/api/cases', {
    data: { real: { name: 'Bottle 8', look: 'white grains', grams: 1.2, matter: 'salt' } },
  });
  const { summary } = (await made.json()) as { summary: { id: string } };
  await page.goto(`/cases/${summary.id}/bench`);
  await expect(page.getByRole('note', { name: 'Next' })).toContainText('Next: Appearance of the solid');
  await doTest(page, 'Appearance of the solid');
  await record(page, ['Dry solid: white'], '');
  await page.getByRole('link', { name: 'Plan', exact: true }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Plan' })).toBeVisible();
  await expect(page.getByText(/Done at/)).toContainText(/min less than one thing after another|No plan can be shorter/);

  // Too little sample for all of it: said before it happens, with what to leave out.
  await expect(page.getByRole('region', { name: 'Sample' }).getByRole('alert')).toContainText(
    /too little for a confirmation.*Leave out/,
  );

  // Moved by the keyboard, as by the mouse.
  const before = await titles(page);
  // What is held at the mouth of the hot tube waits for the heating, wherever it is dragged.
  const from = before.findIndex((title, i) => i > 2 && !title.startsWith('Heating'));
  const moved = before[from]!;
  await order(page)
    .getByRole('button', { name: `Move ${moved}`, exact: true })
    .focus();
  await page.keyboard.press('Space');
  for (let i = 0; i < 2; i++) {
    await page.clock.runFor(400);
    await page.keyboard.press('ArrowUp');
  }
  await page.clock.runFor(400);
  await page.keyboard.press('Space');
  await page.clock.runFor(1000);
  await expect(page.getByRole('button', { name: 'Order automatically' })).toBeVisible();
  await expect.poll(async () => (await titles(page)).indexOf(moved)).toBeLessThan(from);

  // Time passes and nothing is done: what is free follows, what is fixed stays.
  const [first, late] = [(await titles(page))[0]!, (await titles(page)).at(-1)!];
  await order(page)
    .getByRole('button', { name: `Fix ${late} at this time` })
    .click();
  const [firstAt, lateAt] = [await startOf(page, first), await startOf(page, late)];
  await page.clock.runFor('10:00');
  await expect.poll(() => startOf(page, first)).toBeGreaterThanOrEqual(firstAt + 9);
  expect(await startOf(page, late)).toBe(lateAt);

  // A session that ends too early marks what comes after.
  await page.getByLabel('Session ends at').fill('09:40');
  await page.clock.runFor(1000);
  await expect(page.getByText(/after the end of the session/)).toBeVisible();
  await expect(order(page).getByText('after the end').first()).toBeVisible();

  const [calendar] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Calendar' }).click()]);
  const ics = await readFile(await calendar.path(), 'utf8');
  expect(ics.match(/BEGIN:VEVENT/g)!.length).toBe((await titles(page)).length);
  expect(ics).toContain(`SUMMARY:Bottle 8: ${first}`);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Calendar' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Time line' })).toBeVisible();
  await page.emulateMedia({ media: 'screen' });

  // What is done leaves the plan.
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await chooseTest(page, 'Flame test');
  await bench(page)
    .getByRole('button', { name: /^Step 1 is done/ })
    .click();
  await record(page, ['Flame: yellow'], '');
  await page.getByRole('link', { name: 'Plan', exact: true }).first().click();
  await page.clock.runFor(1000);
  await expect(order(page).getByRole('link', { name: 'Flame test', exact: true })).toHaveCount(0);
});

test('a preparation for sixteen benches: figures, what is short, labels, and the key apart', async ({ page }) => {
  await turnTo(page, '/preparation');
  for (const station of ['First look', 'Dry tests']) await page.getByRole('button', { name: station, exact: true }).click();
  const row = page.getByRole('row', { name: /Silver nitrate, 0\.1 M/ });
  await expect(row).toContainText('AgNO3');
  const needed = async () => Number(/([\d.]+) mL([\d.]+) mL/.exec((await row.textContent())!)![2]);
  const before = await needed();
  await page.getByLabel('Benches', { exact: true }).fill('34');
  expect(await needed()).toBeCloseTo(before * 2, 0);
  await expect(page.getByRole('button', { name: 'Print the key' })).toHaveCount(0);
  await page.getByLabel(/^Unknowns/).fill('KBr 2\nnonsense');
  await expect(page.getByText('Line 2 cannot be read')).toBeVisible();
  await page.getByLabel(/^Unknowns/).fill('KBr 2\nNaCl 1.5 g');

  await expect(page.getByRole('region', { name: 'Short' })).toHaveCount(0);
  const more = page.getByRole('form', { name: 'A bottle more' });
  await more.getByLabel('What').fill('AgNO3');
  await more.getByLabel('Amount').fill('0,05');
  await more.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('region', { name: 'Short' })).toContainText(/AgNO3: .* needed, 0\.05 there \(not enough\)/);
  for (const [button, name] of [
    ['Labels', /labels.*\.pdf/],
    ['Print the key', /key.*\.pdf/],
    ['CSV', /\.csv/],
  ] as const) {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: button, exact: true }).click(),
    ]);
    expect(file.suggestedFilename()).toMatch(name);
    if (button === 'CSV')
      expect(await readFile(await file.path(), 'utf8')).toMatch(/^\uFEFFbottle,per bench,needed,make,unit,recipe/);
  }
  await page.getByRole('button', { name: 'Take AgNO3 out' }).click();
  await expect(page.getByRole('region', { name: 'Short' })).toHaveCount(0);
});
