import { expect, type Page } from '@playwright/test';

/** Opens a case from the list by the name on its sheet. */
export async function openCase(page: Page, name: string): Promise<void> {
  await page.goto('/cases');
  await page
    .getByRole('link', { name: new RegExp(`^${name}\\b`) })
    .first()
    .click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
}

export const bench = (page: Page) => page.getByRole('region', { name: 'Bench' });

/** Takes a test from the route and does all its steps. */
export async function doTest(page: Page, title: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Route' }).getByRole('button', { name: title }).click();
  await expect(bench(page).getByRole('heading', { name: title })).toBeVisible();
  while (
    await bench(page)
      .getByRole('button', { name: /^Do step/ })
      .count()
  ) {
    const step = bench(page).getByRole('button', { name: /^Do step/ });
    const label = await step.textContent();
    await step.click();
    await expect(bench(page).getByText(label!, { exact: true })).toHaveCount(0);
  }
}

/** Says what is seen, tap by tap, and writes the entry. */
export async function record(page: Page, taps: readonly string[], inference: string): Promise<void> {
  const form = page.getByRole('region', { name: 'Record what you see' });
  for (const tap of taps) await form.getByRole('button', { name: tap, exact: true }).first().click();
  await form.getByLabel('What it tells you').fill(inference);
  const write = form.getByRole('button', { name: /^Write entry/ });
  const number = Number((await write.textContent())!.match(/\d+/)![0]);
  await write.click();
  await expect(form.getByRole('button', { name: `Write entry ${number + 1}` })).toBeVisible();
}

export async function addReagent(page: Page, typed: string, name: string, dose: string): Promise<void> {
  await bench(page)
    .getByRole('button', { name: /^Reagent:/ })
    .click();
  await page.getByPlaceholder('Type a part of its name').fill(typed);
  await page.getByRole('option', { name, exact: true }).click();
  await bench(page).getByRole('button', { name: dose, exact: true }).click();
}

export async function choose(page: Page, menu: string, item: RegExp): Promise<void> {
  await bench(page).getByRole('button', { name: menu, exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
}

export const tube = (page: Page, id: string) =>
  page.getByRole('group', { name: 'Rack' }).getByRole('button', { name: new RegExp(`^Tube ${id}:`) });
