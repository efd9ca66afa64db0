/** A class, from the invitation to the results: an instructor and two students, each in a browser of their own. */
import { type BrowserContext } from '@playwright/test';
import Papa from 'papaparse';
import { expect, type Page, refuseTour, test } from './fixtures';
import { turnTo } from './turn';

const PASS = 'three old brushes';

interface Card {
  readonly case: string;
  readonly student: string;
  readonly identity: string;
}

async function be(page: Page, name: string): Promise<void> {
  await page.goto('/classes');
  await page.getByRole('region', { name: 'Made-up people' }).getByRole('button', { name }).click();
  await expect(page.getByText(`You are ${name}`)).toBeVisible();
}

/** Joins by the code in a browser of one's own. */
async function join(context: BrowserContext, base: string, code: string, name: string): Promise<Page> {
  await refuseTour(context);
  const page = await context.newPage();
  await page.goto(`${base}/sign-in`);
  await page.getByRole('button', { name: 'I have a code' }).click();
  const form = page.getByRole('form', { name: 'Join a class' });
  await form.getByLabel('Code of the class').fill(code);
  await form.getByLabel('Your name').fill(name);
  await form.getByLabel('Login').fill(name.toLowerCase());
  await form.getByLabel('Passphrase').fill(PASS);
  await form.getByRole('button', { name: 'Join' }).click();
  await expect(page).toHaveURL(/\/cases$/);
  return page;
}

async function send(page: Page, id: string, ...events: readonly object[]): Promise<void> {
  for (const event of events) {
    const { seq } = (await (await page.request.get(`/api/cases/${id}`)).json()) as { seq: number };
    const answer = await page.request.post(`/api/cases/${id}/events`, { data: { id: crypto.randomUUID(), after: seq, event } });
    expect(answer.status(), await answer.text()).toBe(200);
  }
}

const LOOK = [
  { kind: 'operation', payload: { op: { op: 'take-solid', to: 'A', grams: 0.05 }, test: 'look' } },
  {
    kind: 'entry',
    payload: { test: 'look', observed: [{ channel: 'solid', colour: 'white' }], inference: 'It is what it is, I should think.' },
  },
];
const signed = (name: string, ...ions: readonly string[]) => ({
  kind: 'conclusion',
  payload: { found: ions.map((ion) => ({ ion, claim: 'may-be-present', evidence: [1] })), signed: name },
});
const myCase = async (page: Page) =>
  ((await (await page.request.get('/api/cases')).json()) as { id: string; set: string | null }[]).find((c) => c.set)!.id;

test('an instructor invites, draws and sets eight unknowns, sees two benches live, marks, returns, opens up; the results agree', async ({
  fresh: page,
  browser,
  foxing,
}) => {
  await be(page, 'Maud Teskelin');
  await page.getByLabel('Name of a new class').fill('Evening class');
  await page.getByRole('button', { name: 'Create' }).click();
  await page.getByRole('link', { name: 'Evening class' }).click();
  const code = await page.getByRole('region', { name: 'People' }).locator('strong').innerText();

  const contexts = [await browser.newContext({ baseURL: foxing.url }), await browser.newContext({ baseURL: foxing.url })];
  const [ada, bo] = [await join(contexts[0]!, foxing.url, code, 'Ada'), await join(contexts[1]!, foxing.url, code, 'Bosse')];

  await page.reload();
  await page.getByRole('button', { name: 'New assignment' }).click();
  const work = page.getByRole('region', { name: 'New assignment' });
  await work.getByLabel('Name').fill('Eight salts');
  await work.getByRole('button', { name: 'Draw the unknowns' }).click();
  await expect(work.getByRole('list', { name: 'Unknowns' }).getByRole('listitem')).toHaveCount(8, { timeout: 60000 });
  await expect(work).toContainText('The tests allowed tell all of them apart.');
  await work.getByRole('button', { name: 'Assign' }).click();
  await page.getByRole('link', { name: 'Eight salts' }).click();
  const benches = page.getByRole('list', { name: 'Benches' });
  await expect(benches.getByRole('listitem')).toHaveCount(2);

  const [a, b] = [await myCase(ada), await myCase(bo)];
  const bench = (name: string) => benches.getByRole('listitem').filter({ hasText: name });
  await expect(bench('Ada')).toContainText('not begun');
  await ada.goto(`/cases/${a}/bench`);
  await expect(ada.getByRole('region', { name: 'Bench' })).toBeVisible();
  await send(ada, a, ...LOOK);
  await expect(bench('Ada')).toContainText('Appearance of the solid');
  await expect(bench('Ada')).toContainText('1 entry');
  await send(bo, b, LOOK[0]!);
  await expect(bench('Bosse')).toContainText('Appearance of the solid');
  await send(bo, b, LOOK[1]!);
  // The reasoning was not allowed, nor may a student show what it was or see another's bench.
  expect((await ada.request.get(`/api/cases/${a}/reasoning`)).status()).toBe(403);
  expect((await ada.request.get(`/api/cases/${b}`)).status()).toBe(404);

  const { set } = (await (await page.request.get(`/api/cases/${a}`)).json()).summary as { set: string };
  const cards = (await (await page.request.get(`/api/sets/${set}/benches`)).json()).benches as Card[];
  expect(new Set(cards.map((c) => c.identity)).size).toBe(2);
  await send(ada, a, signed('Ada', 'Hg2^2+', 'MnO4-'));
  await send(bo, b, signed('Bosse', 'Hg2^2+', 'MnO4-'));
  expect(
    (
      await ada.request.post(`/api/cases/${a}/events`, {
        data: { id: crypto.randomUUID(), after: 4, event: { kind: 'opened-up', payload: {} } },
      })
    ).status(),
  ).toBe(403);

  await bench('Ada').getByRole('button', { name: 'Mark' }).click();
  const sheet = page.getByRole('region', { name: 'Marking Ada' });
  await expect(sheet).toContainText('wrong');
  await sheet.getByLabel('Marks for mercury(I)').fill('2');
  await sheet.getByLabel('Comment to the student').fill('Look at the flame again.');
  await sheet.getByRole('button', { name: 'Return the report' }).click();
  await expect(bench('Ada')).toContainText('returned');
  await expect(ada.getByText('Look at the flame again.')).toBeVisible();
  await send(ada, a, signed('Ada', 'Hg2^2+', 'MnO4-'));
  await expect(bench('Ada')).toContainText('signed');
  await bench('Ada').getByRole('button', { name: 'Mark' }).click();
  await sheet.getByLabel('Marks for mercury(I)').fill('2');
  const total = await sheet.getByText(/^[\d.]+ of \d+$/).innerText();
  // What it was is asked for once more before it is shown; marking goes on after that.
  await sheet.getByRole('button', { name: 'Reveal the answer' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Cancel' }).click();
  await sheet.getByRole('button', { name: 'Reveal the answer' }).click();
  await expect(page.getByRole('alertdialog')).toContainText('You can still give marks');
  await page.getByRole('alertdialog').getByRole('button', { name: 'Reveal' }).click();
  await expect(bench('Ada')).toContainText('revealed');
  await bench('Ada').getByRole('button', { name: 'Mark' }).click();
  await sheet.getByLabel('Marks for mercury(I)').fill('2');
  await sheet.getByRole('button', { name: 'Save marks' }).click();
  await expect(ada.getByText(`Marked: ${total}`)).toBeVisible();
  await expect(ada.getByRole('link', { name: 'Debrief' })).toBeVisible();

  await page.getByRole('tab', { name: 'Results' }).click();
  const row = page.getByRole('table', { name: 'Results' }).getByRole('row').filter({ hasText: 'Ada' });
  await expect(row).toContainText(total);
  await expect(row).toContainText('mercury(I), permanganate');
  const csv = await (await page.request.get(`/api/sets/${set}/results.csv`)).text();
  const read = Papa.parse<Record<string, string>>(csv, { header: true }).data;
  const ofAda = read.find((r) => r['student'] === 'Ada')!;
  expect([`${ofAda['marks']} of ${ofAda['of']}`, ofAda['wrong']]).toEqual([total, 'Hg2^2+ MnO4-']);
  expect(ofAda['identity']).toBe(cards.find((c) => c.student === 'Ada')!.identity);
  // Every cation that is there was taken for mercury(I), every anion for permanganate.
  const confusions = page.getByRole('list', { name: 'Confusions' });
  const { confusions: counted } = (await (await page.request.get(`/api/sets/${set}/results`)).json()) as {
    confusions: { claimed: string; count: number }[];
  };
  expect(counted.filter((c) => c.claimed === 'Hg2^2+').reduce((sum, c) => sum + c.count, 0)).toBe(2);
  await expect(confusions).toContainText('taken for mercury(I)');

  for (const context of contexts) await context.close();
});

test('a paper for real tubes: its mark scheme worked out and changed, printed empty, answered part by part, signed and marked', async ({
  fresh: page,
}) => {
  await be(page, 'Maud Teskelin');
  await page.getByRole('link', { name: 'Paper and pigments, first year' }).click();
  await page.getByRole('button', { name: 'New practical paper' }).click();
  const paper = page.getByRole('region', { name: 'New practical paper' });
  await paper.getByLabel('Title').fill('Paper: a colourless solution');
  await paper.getByLabel('What is in it').fill('Na2CO3·10H2O two');
  await paper.getByRole('button', { name: 'Run it for the mark scheme' }).click();
  await expect(paper.getByRole('alert')).toContainText('salts');
  await paper.getByLabel('What is in it').fill('Na2CO3·10H2O 4\nNaCl 1');
  await paper.getByLabel('Add').selectOption({ label: 'Hydrochloric acid, 2 M' });
  await paper.getByRole('button', { name: 'Another part' }).click();
  await paper.getByLabel('Add').nth(1).selectOption({ label: 'Silver nitrate, 0.1 M' });
  await paper.getByRole('button', { name: 'Run it for the mark scheme' }).click();
  const scheme = paper.getByRole('list', { name: 'Mark scheme' });
  await expect(scheme).toContainText('Gas owed a test: lime water');
  await scheme.getByLabel('Marks for (a) carbonate').fill('3');
  await scheme.getByLabel('Marks for (b) chloride').fill('0');
  await paper.getByLabel('It is worked').selectOption({ label: 'with real tubes' });
  await paper.getByRole('button', { name: 'Assign' }).click();
  await expect(page.getByRole('link', { name: 'Paper: a colourless solution' })).toBeVisible();

  await be(page, 'Anselm Ruhr');
  await page.getByRole('link', { name: 'Paper and pigments, first year' }).click();
  const row = page.getByRole('list', { name: 'Work' }).getByRole('listitem').filter({ hasText: 'Paper: a colourless solution' });
  await row.getByRole('link', { name: 'the paper' }).click();
  await expect(page.getByRole('list', { name: 'Parts' })).toContainText('Add 2 mL of 2 M hydrochloric acid to the tube.');
  await expect(page.locator('body')).not.toContainText('Na2CO3');
  const print = await page.request.get(
    (await page.getByRole('link', { name: 'Print a blank answer book' }).getAttribute('href'))!,
  );
  expect([print.status(), print.headers()['content-type']]).toEqual([200, 'application/pdf']);

  await page.getByRole('link', { name: 'To my answer book' }).click();
  const part = page.getByRole('region', { name: 'Part a' });
  await part.getByRole('button', { name: 'I have done this' }).click();
  await part.getByRole('button', { name: 'In words …' }).click();
  await part.getByLabel('In your own words').fill('It fizzes; lime water held over it turned cloudy.');
  await part.getByRole('combobox', { name: 'Another suspect' }).selectOption({ label: 'carbonate' });
  await part.getByRole('button', { name: 'Write entry 1' }).click();
  await expect(part.getByRole('list', { name: 'Written on a' })).toContainText(
    'It fizzes; lime water held over it turned cloudy.',
  );
});

test('a shared device: who signs out leaves nothing on it, and the next person’s windows are live without a reload', async ({
  fresh: page,
  browser,
  foxing,
}) => {
  await be(page, 'Maud Teskelin');
  await page.getByRole('link', { name: 'Paper and pigments, first year' }).click();
  const code = await page.getByRole('region', { name: 'People' }).locator('strong').innerText();
  const context = await browser.newContext({ baseURL: foxing.url });
  const shared = await join(context, foxing.url, code, 'Cyra');
  const begin = async () =>
    ((await (await shared.request.post('/api/cases', { data: { jar: 'jar-05' } })).json()) as { summary: { id: string } }).summary
      .id;
  const hers = await begin();
  await shared.goto(`/cases/${hers}/bench`);
  const SECRET = 'what only Cyra wrote';
  await shared.getByRole('button', { name: /^In words/ }).click();
  await shared.getByRole('region', { name: 'Record' }).or(shared.getByLabel('Record')).getByRole('textbox').first().fill(SECRET);
  const left = () =>
    shared.evaluate(async () => {
      const stores = await Promise.all(
        (await indexedDB.databases()).map(
          ({ name }) =>
            new Promise<string>((resolve) => {
              const opened = indexedDB.open(name!);
              opened.onsuccess = async () => {
                const db = opened.result;
                const rows = [...db.objectStoreNames].map(
                  (of) =>
                    new Promise<unknown>((done) => {
                      const all = db.transaction(of).objectStore(of).getAll();
                      all.onsuccess = () => done(all.result);
                    }),
                );
                resolve(JSON.stringify(await Promise.all(rows)));
                db.close();
              };
            }),
        ),
      );
      const kept = await Promise.all(
        (await caches.keys()).map(async (name) => (await (await caches.open(name)).keys()).map((r) => r.url).join()),
      );
      return [JSON.stringify(localStorage), ...stores, ...kept].join();
    });
  await expect.poll(left).toContain(SECRET);
  expect(await left()).toContain(hers);
  await shared.evaluate(() => Object.assign(window, { sameLoad: true }));
  await shared.getByRole('link', { name: 'Foxing' }).click();
  await shared.getByRole('link', { name: 'Classes' }).click();
  await shared.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(shared).toHaveURL(/\/sign-in$/, { timeout: 30000 });
  const after = await left();
  expect(after).not.toContain(SECRET);
  expect(after).not.toContain(hers);

  await shared.getByRole('button', { name: 'I have a code' }).click();
  const form = shared.getByRole('form', { name: 'Join a class' });
  for (const [field, text] of [
    ['Code of the class', code],
    ['Your name', 'Dov'],
    ['Login', 'dov'],
    ['Passphrase', PASS],
  ] as const)
    await form.getByLabel(field).fill(text);
  await form.getByRole('button', { name: 'Join' }).click();
  await expect(shared.getByRole('heading', { name: 'No cases yet' })).toBeVisible();
  const his = await begin();
  await turnTo(shared, `/cases/${his}/ledger`);
  await expect(shared.getByRole('heading', { level: 1 })).toBeVisible();
  await send(shared, his, ...LOOK);
  await expect(shared.getByText('It is what it is, I should think.').first()).toBeVisible();
  expect(await shared.evaluate(() => 'sameLoad' in window)).toBe(true);
  expect((await shared.request.get(`/api/cases/${hers}`)).status()).toBe(404);
  await context.close();
});
