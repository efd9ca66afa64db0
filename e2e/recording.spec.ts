import { expect, type Page, test } from './fixtures';
import { turnTo } from './turn';

/** Typical entries: the test, and the words that a person writes of it. */
const SALTS: readonly (readonly [test: string, words: readonly string[]])[] = [
  ['look', ['Dry solid: white']],
  ['flame', ['Flame: yellow']],
  ['silver-acid', ['Precipitate: white']],
  ['barium-acid', ['Precipitate: white']],
  ['ammonia', ['Precipitate: white', 'Precipitate: dissolved']],
  ['dilute-acid', ['Gas: colourless', 'Lime water: cloudy']],
  ['ammonium', ['Red litmus: blue', 'Smell: ammonia']],
  ['brown-ring', ['Ring: brown']],
  ['heating', ['Dry solid, hot: melted', 'Dry solid, cold: white']],
  ['chlorine-layer', ['Layer: violet']],
];
const COMPOUNDS: typeof SALTS = [
  ['compound-look', ['Dry solid: white']],
  ['copper-wire-halogen', ['Flame: green']],
  ['solubility-water', ['Solubility: insoluble']],
  ['nitrogen-iron', ['Precipitate: deep blue']],
  ['sulfur-lead', ['Precipitate: black']],
  ['halogen-silver', ['Precipitate: cream']],
  ['litmus', ['Blue litmus: red']],
  ['bromine-addition', ['Liquid: colourless']],
  ['iodoform', ['Precipitate: yellow']],
  ['iron-iii-chloride', ['Liquid: violet']],
];
const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 390, height: 844 },
];

async function begin(page: Page, matter: 'salt' | 'compound'): Promise<string> {
  const real = { name: `Real ${matter}`, look: 'white powder', grams: 3, matter };
  const made = await page.request.post('/api/cases', { data: { real } });
  return ((await made.json()) as { summary: { id: string } }).summary.id;
}

/** Is all of it on the screen as it stands, with nothing scrolled? */
const scrolled = (page: Page) =>
  page.evaluate(() =>
    [document.scrollingElement!, ...document.querySelectorAll('aside')].reduce((sum, e) => sum + e.scrollTop, 0),
  );

/** Below this width one thing stands there at a time, and the tabs are how one knows. */
const NARROW = 768;

/** Waits until the page stands as it will at its new size. */
async function laidOut(page: Page, width: number): Promise<void> {
  await expect(page.getByRole('tab', { name: 'Written' })).toHaveCount(width < NARROW ? 1 : 0);
  // A window behind another is not drawn, and waits for ever.
  await page.bringToFront();
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
}

/** Taps the words. @returns how many taps it took, the one on "Write" with them. */
async function tapped(page: Page, words: readonly string[]): Promise<number> {
  const form = page.getByRole('region', { name: 'Record what you see' });
  let taps = 1;
  for (const word of words) {
    const button = form.getByRole('button', { name: word, exact: true });
    const more = form.getByRole('button', { name: `${word.split(': ')[0]}: more words`, exact: true });
    await expect(button.or(more).first()).toBeVisible();
    while (!(await button.count())) {
      await more.click();
      taps++;
    }
    await button.click();
    taps++;
  }
  await expect(form.getByRole('button', { name: /^Write entry/ })).toBeInViewport({ ratio: 1 });
  return taps;
}

const median = (numbers: readonly number[]) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;

for (const [matter, entries] of [['salt', SALTS] as const, ['compound', COMPOUNDS] as const])
  test(`a ${matter}: from done to written in a few taps and without scrolling, on three screens`, async ({ page }) => {
    // Foxing does not have to think of entries that nothing explains.
    await page.request.put('/api/house-rules', { data: { help: 'words', ownFirst: true } });
    const id = await begin(page, matter);
    await turnTo(page, `/cases/${id}/bench`);
    const form = page.getByRole('region', { name: 'Record what you see' });
    const taps = entries.map(() => [] as number[]);
    for (const [place, size] of SIZES.entries()) {
      await page.setViewportSize(size);
      await laidOut(page, size.width);
      for (const [i, [asked, words]] of entries.entries()) {
        // All of them on the smallest screen, and on each of the others the half that the other has not.
        if (size !== SIZES.at(-1) && i % 2 !== place) continue;
        await turnTo(page, `/cases/${id}/bench?test=${asked}`);
        // The test is in hand when it has left the address.
        await expect(page).not.toHaveURL(/test=/);
        taps[i]!.push(await tapped(page, words));
        expect([asked, size.width, await scrolled(page)]).toEqual([asked, size.width, 0]);
        if (size !== SIZES.at(-1)) await form.getByRole('button', { name: 'Clear', exact: true }).click();
        else {
          await form.getByRole('button', { name: `Write entry ${i + 1}`, exact: true }).click();
          await expect(form.getByRole('button', { name: `Write entry ${i + 2}`, exact: true })).toBeVisible();
        }
      }
    }
    test.info().annotations.push({ type: 'taps', description: taps.map((t) => t.join(' ')).join('; ') });
    expect(median(taps.flat())).toBeLessThanOrEqual(4);
    expect(Math.max(...taps.flat())).toBeLessThanOrEqual(8);
  });

test('by keys: a letter for every word, and none of them while one writes', async ({ fresh: page }) => {
  const id = await begin(page, 'salt');
  await page.goto(`/cases/${id}/bench?test=barium-acid`);
  const form = page.getByRole('region', { name: 'Record what you see' });
  await expect(form.getByRole('button', { name: 'Precipitate: white', exact: true })).toBeVisible();
  await page.keyboard.press('r');
  const letter = (await form.getByRole('button', { name: 'Precipitate: white', exact: true }).locator('kbd').textContent())!;
  await page.keyboard.press(letter);
  await expect(form.getByLabel('To be written')).toHaveText('White precipitate.');
  await page.keyboard.press('Enter');
  await expect(form.getByRole('button', { name: 'Write entry 2' })).toBeVisible();
  await form.getByRole('button', { name: 'In words …' }).click();
  await form.getByLabel('In your own words').fill('');
  await form.getByLabel('In your own words').pressSequentially('narh');
  await expect(form.getByLabel('In your own words')).toHaveValue('narh');
  await expect(page.getByRole('menu')).toHaveCount(0);
  // The draft outlives the page.
  await page.reload();
  await expect(form.getByLabel('In your own words')).toHaveValue('narh');
  await page.getByRole('button', { name: 'Keys', exact: true }).click();
  const sheet = page.getByRole('dialog', { name: 'Keys' });
  await sheet.getByLabel(/^Key: record: no visible/).press('a');
  await expect(sheet.getByRole('alert')).toContainText('add a drop');
  await sheet.getByLabel(/^Key: record: no visible/).press('x');
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet).toHaveCount(0);
  await expect(form.getByRole('button', { name: 'Precipitate: none', exact: true })).toBeVisible();
  await page.keyboard.press('x');
  await expect(form.getByLabel('To be written')).toHaveText('No precipitate; liquid unchanged.');
  await page.getByRole('button', { name: 'Keys', exact: true }).click();
  await sheet.getByLabel('Single keys do something').uncheck();
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet).toHaveCount(0);
  await form.getByRole('button', { name: 'Clear', exact: true }).click();
  await page.keyboard.press('x');
  await expect(form.getByLabel('To be written')).toHaveCount(0);
});

test('the first place is there with little script, and everything in it is compressed', async ({ fresh: page }) => {
  // What comes once the place stands, for the next one, does not count.
  await page.addInitScript(() => {
    new MutationObserver((_, watch) => {
      if (!document.querySelector('h1')) return;
      performance.mark('stands');
      watch.disconnect();
    }).observe(document, { childList: true, subtree: true });
  });
  await page.goto('/cases');
  await expect(page.getByRole('heading', { level: 1, name: 'Cases' })).toBeVisible();
  const kB = await page.evaluate(() => {
    const stands = performance.getEntriesByName('stands')[0]!.startTime;
    return (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
      .filter((r) => r.name.endsWith('.js') && r.startTime < stands)
      .reduce((sum, r) => sum + r.encodedBodySize / 1000, 0);
  });
  expect(kB).toBeGreaterThan(20);
  expect(kB).toBeLessThan(250);
  // A salt is worked without what reads structures.
  await page.getByRole('link', { name: /^Jar 7\b/ }).click();
  await expect(page.getByRole('region', { name: 'Bench' })).toBeVisible();
  const scripts = await page.evaluate(() =>
    (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
      .filter((r) => r.name.endsWith('.js'))
      .map((r) => ({ name: r.name, kB: r.decodedBodySize / 1000 })),
  );
  expect(scripts.some(({ name }) => /\/Bench-/.test(name))).toBe(true);
  // That library alone is more.
  expect(scripts.filter(({ kB }) => kB > 1000)).toEqual([]);
});

test('what follows from an entry is one tap, is struck out with another, and goes with what was seen', async ({ page }) => {
  const id = await begin(page, 'salt');
  await turnTo(page, `/cases/${id}/bench?test=flame`);
  const form = page.getByRole('region', { name: 'Record what you see' });
  const follows = form.getByRole('group', { name: 'What follows' });
  await expect(form.getByRole('button', { name: 'Flame: no colour', exact: true })).toBeVisible();
  await expect(follows).toHaveCount(0);
  await form.getByRole('button', { name: 'Flame: crimson', exact: true }).click();
  const strontium = follows.getByRole('button', { name: 'strontium may be present' });
  await strontium.click();
  await expect(form.getByLabel('To be written')).toContainText('Strontium may be present');
  await strontium.click();
  await expect(form.getByLabel('To be written')).not.toContainText('Strontium');
  await strontium.click();
  await form.getByRole('button', { name: 'Clear' }).click();
  await expect(follows).toHaveCount(0);
  await form.getByRole('button', { name: 'No visible change' }).click();
  await follows.getByRole('button', { name: /absent$/ }).click();
  await form.getByRole('button', { name: 'Write entry 1' }).click();
  await turnTo(page, `/cases/${id}/ledger`);
  await expect(page.getByText(/strontium absent/)).toBeVisible();
});
