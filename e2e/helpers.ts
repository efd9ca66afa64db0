import type { Client } from '../server/test/client';
import { expect, type Page } from './fixtures';
import { turnTo } from './turn';

/** Opens a case from the list by the name on its sheet. */
export async function openCase(page: Page, name: string): Promise<void> {
  await turnTo(page, '/cases');
  await page
    .getByRole('link', { name: new RegExp(`^${name}\\b`) })
    .first()
    .click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
}

/** Begins a new case with a jar of the cabinet, or something from another of its shelves. */
export async function newCase(page: Page, jar: string, shelf = 'Salts'): Promise<void> {
  await turnTo(page, '/cases');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('tab', { name: shelf }).click();
  await page.getByRole('button', { name: new RegExp(`^${jar}\\b`) }).click();
  await expect(page).toHaveURL(/bench/);
  await expect(bench(page)).toBeVisible();
}

/** The id of the case that the page is at. */
export const caseId = (page: Page): string => /cases\/([0-9a-f-]+)/.exec(page.url())![1]!;

/** Works tests by their titles without the page, which hears of it, and writes down what leapt to the eye. */
export async function workElsewhere(page: Page, client: Client, titles: readonly string[]): Promise<void> {
  let view = await client.read(caseId(page));
  for (const title of titles) view = await client.work(view, title);
  await expect(page.getByRole('button', { name: `Write entry ${view.entries.length + 1}`, exact: true })).toBeVisible();
}

export const bench = (page: Page) => page.getByRole('region', { name: 'Bench' });
const route = (page: Page) => page.getByRole('navigation', { name: 'Route' });

export const stop = (page: Page, title: string) =>
  route(page).getByRole('button', { name: new RegExp(`^${title.replace(/[()]/g, '\\$&')}`) });

/** Finds a test on the route, opening the stations that are folded. */
export async function chooseTest(page: Page, title: string): Promise<void> {
  await expect(route(page)).toBeVisible();
  const folded = route(page).locator('button[data-state=closed]');
  // The page may still turn to another case, whose stations are folded anew.
  await expect(async () => {
    while (!(await stop(page, title).count()) && (await folded.count())) await folded.first().click({ timeout: 2000 });
    await stop(page, title).first().click({ timeout: 2000 });
  }).toPass();
  await expect(bench(page).getByRole('heading', { name: title, exact: true })).toBeVisible();
}

/** Does all the steps of the test in hand. */
export async function doSteps(page: Page): Promise<void> {
  // Of a real sample it is the person who does it, and says so.
  const step = bench(page).getByRole('button', { name: /^Do step \d|^Step \d+ is done/ });
  await expect(bench(page).getByRole('list', { name: 'Steps' })).toBeVisible();
  while (await step.count()) {
    const label = await step.textContent();
    await step.click();
    await expect(bench(page).getByText(label!, { exact: true })).toHaveCount(0);
  }
}

/** Takes a test from the route and does all its steps. */
export async function doTest(page: Page, title: string): Promise<void> {
  await chooseTest(page, title);
  await doSteps(page);
}

/** Taps a word of the form, such as "Precipitate: white", unfolding its line as far as is needed; "Precipitate: texture: fine" says it more closely. */
export async function tap(page: Page, what: string): Promise<void> {
  const form = page.getByRole('region', { name: 'Record what you see' });
  const [line, field, word] = what.split(': ');
  if (word) return void (await form.getByRole('group', { name: line! }).getByLabel(field!).selectOption(word));
  const button = form.getByRole('button', { name: what, exact: true });
  const more = form.getByRole('button', { name: `${line}: more words`, exact: true });
  await expect(field ? button.or(more).first() : button).toBeVisible();
  while (!(await button.count())) await more.click();
  await button.click();
}

/** Says what is seen, tap by tap, and writes the entry. */
export async function record(page: Page, taps: readonly string[], inference: string): Promise<void> {
  const form = page.getByRole('region', { name: 'Record what you see' });
  for (const what of taps) await tap(page, what);
  if (inference) {
    const words = form.getByRole('button', { name: 'In words …' });
    if (await words.count()) await words.click();
    await form.getByLabel('Inference').fill(inference);
  }
  const write = form.getByRole('button', { name: /^Write entry/ });
  const number = Number((await write.textContent())!.match(/\d+/)![0]);
  await write.click();
  await expect(form.getByRole('button', { name: `Write entry ${number + 1}` })).toBeVisible();
}

/** A test done and written down: title, taps, inference. */
export type Worked = readonly [title: string, taps: readonly string[], inference: string];

export async function work(page: Page, tests: readonly Worked[]): Promise<void> {
  for (const [title, taps, inference] of tests) {
    await doTest(page, title);
    await record(page, taps, inference);
  }
}

/** Signs a conclusion: ions by name with the entries that show them, ticked one by one. */
export async function conclude(
  page: Page,
  found: Readonly<Record<string, string>>,
  formula: string,
  what: 'Ion' | 'Element or group' = 'Ion',
): Promise<void> {
  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  const form = page.getByRole('region', { name: 'Conclude' });
  for (const [ion, evidence] of Object.entries(found)) {
    await form.getByLabel(what).selectOption({ label: ion });
    for (const entry of evidence.match(/\d+/g) ?? [])
      await form
        .getByRole('group', { name: /^Entries that show it/ })
        .getByRole('button', { name: new RegExp(`^${entry}\\b`) })
        .click();
    await form.getByRole('button', { name: `Add the ${what.toLowerCase()}` }).click();
  }
  await form.getByLabel(/^Proposed/).fill(formula);
  await form.getByLabel('Signed').fill('Ilse Varnholt');
  await form.getByRole('button', { name: 'Sign the report' }).click();
  await expect(page.getByRole('region', { name: 'Conclusion' })).toContainText('Ilse Varnholt');
}

export async function addReagent(page: Page, typed: string, name: string, dose: string): Promise<void> {
  await bench(page)
    .getByRole('button', { name: /^Reagent:/ })
    .click();
  await page.getByPlaceholder('Type a name or formula').fill(typed);
  await page.getByRole('option', { name, exact: true }).click();
  await bench(page).getByRole('button', { name: dose, exact: true }).click();
}

export async function choose(page: Page, menu: string, item: RegExp): Promise<void> {
  await bench(page).getByRole('button', { name: menu, exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
}

export const tube = (page: Page, id: string) =>
  page.getByRole('group', { name: 'Rack' }).getByRole('button', { name: new RegExp(`^Tube ${id}:`) });

export const suspects = (page: Page) => page.getByRole('region', { name: 'Suspects in brief' });
