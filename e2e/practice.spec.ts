/** Practice and what comes after a case: drills, graded samples, the debrief, and the bench branched. */
import { expect, type Page, test } from './fixtures';
import { turnTo } from './turn';

const drill = (page: Page) => page.getByRole('region', { name: 'Drill' });
const skill = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Skills' }).getByRole('listitem').filter({ hasText: name });

async function practise(page: Page, name: string): Promise<void> {
  await drill(page).getByLabel('Practise').selectOption({ label: name });
  await expect(drill(page).locator('p.label')).toHaveText(name);
}

test('two drills, answered well and badly, move the map of skills; it is there after a reload', async ({ fresh: page }) => {
  await page.goto('/practice');
  await expect(drill(page)).toBeVisible({ timeout: 60000 });
  await practise(page, 'Drops and millilitres');
  for (let i = 0; i < 2; i++) {
    // The next one is there when it can be answered.
    await expect(drill(page).getByLabel(/^Your answer/)).toBeVisible();
    const ask = await drill(page).getByRole('heading', { level: 2 }).innerText();
    const [, mL] = /are ([\d.]+) mL/.exec(ask) ?? [];
    const [, count] = /are (\d+) drops/.exec(ask) ?? [];
    const right = mL ? Math.round(Number(mL) / 0.05) : Number(count) * 0.05;
    await drill(page)
      .getByLabel(/^Your answer/)
      .fill('much');
    await drill(page).getByRole('button', { name: 'Check' }).click();
    await expect(drill(page).getByRole('alert')).toContainText('Write a number');
    await drill(page)
      .getByLabel(/^Your answer/)
      .fill(String(Number(right.toFixed(3))));
    await drill(page).getByRole('button', { name: 'Check' }).click();
    await expect(drill(page)).toContainText('Right.');
    await drill(page).getByRole('button', { name: 'Next' }).click();
  }
  await expect(skill(page, 'Drops and millilitres')).toContainText('coming');

  await practise(page, 'A colour among its neighbours');
  const asked = (await drill(page).getByRole('heading', { level: 2 }).innerText()).replace(/^Which of these is |\?$/g, '');
  await drill(page).getByRole('button', { name: 'Tube A' }).click();
  // What is said afterwards names the colour of every tube, so that one can tell whether the answer was scored as it should be.
  const why = await drill(page)
    .getByText(/A: .*; B: /)
    .innerText();
  const [, colour] = /\bA: ([^;]+);/.exec(why)!;
  expect(why.startsWith('Right.')).toBe(colour === asked);
  await page.reload();
  await expect(skill(page, 'A colour among its neighbours')).not.toContainText('not tried');
});

test.describe('with no server', () => {
  test.use({ serviceWorkers: 'allow' });
  test('drills and graded samples go on once they were visited', async ({ fresh: page, context }) => {
    await page.goto('/practice');
    await expect(drill(page)).toBeVisible({ timeout: 60000 });
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect(async () => {
      const kept = await page.evaluate(async () => (await caches.keys()).length);
      expect(kept).toBeGreaterThan(0);
    }).toPass();
    await context.setOffline(true);
    await page.reload();
    await expect(drill(page)).toBeVisible({ timeout: 60000 });
    await practise(page, 'Dilutions');
    await page.getByRole('tab', { name: 'Graded samples' }).click();
    const rung = page.getByRole('list', { name: 'Levels' }).getByRole('listitem').first();
    await expect(rung).toContainText('Plain salts');
    await rung.getByRole('button', { name: 'Start a sample' }).click();
    const sample = page.getByRole('region', { name: 'Graded sample' });
    await sample.getByRole('button', { name: 'Do the test' }).click();
    await expect(sample.getByRole('list', { name: 'What was shown' })).toContainText(/solid/i);
    await sample.getByRole('button', { name: 'copper(II)', exact: true }).click();
    await sample.getByRole('button', { name: 'Check' }).click();
    await expect(sample).toContainText('Not yet: it was');
    await expect(sample).toContainText('Not there: copper(II)');
    await expect(sample).toContainText('A student takes');
  });
});

test('a debrief names what went wrong, and the bench is branched to see it done well', async ({ page }) => {
  const post = async (url: string, data: object) => {
    const answer = await page.request.post(url, { data });
    expect(answer.status(), await answer.text()).toBeLessThan(300);
    return (await answer.json()) as { summary: { id: string }; seq: number };
  };
  let view = await post('/api/cases', { salts: { name: 'For ammonia', salts: [{ formula: 'NH4Cl', grams: 2 }] } });
  const { id } = view.summary;
  const send = async (event: object) => {
    view = { ...view, ...(await post(`/api/cases/${id}/events`, { id: crypto.randomUUID(), after: view.seq, event })) };
  };
  for (const op of [
    { op: 'take-solid', to: 'A', grams: 0.1 },
    { op: 'add', to: 'A', reagent: 'sodium-hydroxide-2M', mL: 1 },
    { op: 'heat', vessel: 'A', to: 'warm', minutes: 2 },
    { op: 'paper', vessel: 'A', paper: 'red-litmus', where: 'mouth', damp: false },
  ])
    await send({ kind: 'operation', payload: { op, test: 'ammonium' } });
  await send({
    kind: 'entry',
    payload: { test: 'ammonium', observed: [{ channel: 'paper', paper: 'red-litmus', event: 'unchanged' }] },
  });
  await send({
    kind: 'conclusion',
    payload: { found: [{ ion: 'Cl-', claim: 'may-be-present', evidence: [1] }], signed: 'I. V.' },
  });
  await send({ kind: 'opened-up', payload: {} });
  await turnTo(page, `/cases/${id}/debrief`);
  await expect(page.getByRole('region', { name: 'Technique' })).toContainText('Dry paper at the mouth');
  const seq = view.seq;

  const whatIf = page.getByRole('region', { name: 'What if' });
  await whatIf.getByRole('button', { name: /^Done well: dry paper/ }).click();
  const tubes = whatIf.getByRole('group', { name: 'The two tubes' });
  await expect(tubes).toContainText('Red litmus unchanged', { ignoreCase: true });
  await expect(tubes).toContainText('Red litmus turned blue', { ignoreCase: true });

  await whatIf.getByLabel('At this operation').selectOption({ label: 'Warm tube A in a water bath for 2 minutes.' });
  await whatIf.getByLabel('Instead').selectOption({ label: 'left out' });
  await whatIf.getByRole('button', { name: 'Show beside mine' }).click();
  await expect(tubes).toContainText('Left out.');
  await page.getByRole('button', { name: 'Show a shorter route' }).click();
  const shorter = page.getByRole('region', { name: 'A shorter way' });
  await expect(shorter.getByRole('list', { name: 'Yours' }).getByRole('listitem')).toHaveText([
    'Ammonium: warm with sodium hydroxide',
  ]);
  await expect(shorter.getByRole('list', { name: 'With the best test each time' })).toContainText('Appearance of the solid', {
    timeout: 60000,
  });
  const after = (await (await page.request.get(`/api/cases/${id}`)).json()) as { seq: number };
  expect(after.seq).toBe(seq);
});
