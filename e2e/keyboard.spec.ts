import type { Locator } from '@playwright/test';
import { expect, type Page, test } from './fixtures';
import { bench } from './helpers';

/** Moves the focus on until it stands where it should. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target.first()).toBeVisible();
  for (let i = 0; i < 150; i++) {
    if (await target.first().evaluate((e) => e === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error('the focus never got there');
}

async function press(page: Page, target: Locator): Promise<void> {
  await tabTo(page, target);
  await page.keyboard.press('Enter');
}

/** Does the steps of the test in hand by its key, then says one thing by its letter and writes it. */
async function doAndWrite(page: Page, word: string): Promise<void> {
  const step = bench(page).getByRole('button', { name: /^Do step \d/ });
  await expect(step).toBeVisible();
  while (await step.count()) {
    const label = (await step.textContent())!;
    await page.keyboard.press('g');
    await expect(bench(page).getByText(label, { exact: true })).toHaveCount(0);
  }
  const form = page.getByRole('region', { name: 'Record what you see' });
  const choice = form.getByRole('button', { name: word, exact: true });
  await expect(choice).toBeVisible();
  await page.keyboard.press('r');
  await page.keyboard.press((await choice.locator('kbd').textContent())!);
  await expect(choice).toHaveAttribute('aria-pressed', 'true');
  const write = form.getByRole('button', { name: /^Write entry/ });
  const number = Number((await write.textContent())!.match(/\d+/)![0]);
  await page.keyboard.press('Enter');
  await expect(form.getByRole('button', { name: `Write entry ${number + 1}` })).toBeVisible();
}

test('by the keyboard alone, from a new case to a signed report', async ({ fresh: page }) => {
  await page.goto('/cases');
  await press(page, page.getByRole('button', { name: 'New case' }));
  const dialog = page.getByRole('dialog', { name: 'New case' });
  await tabTo(page, dialog.getByRole('tab', { name: 'Random' }));
  await page.keyboard.press('ArrowRight');
  await press(page, dialog.getByRole('button', { name: /^Jar 1\b/ }));
  await expect(page).toHaveURL(/bench/);
  const route = page.getByRole('navigation', { name: 'Route' });
  await press(page, route.getByRole('button', { name: /^Appearance of the solid/ }));
  await doAndWrite(page, 'Dry solid: white');
  await press(page, route.getByRole('button', { name: /^Dry tests/ }));
  await press(page, route.getByRole('button', { name: /^Flame\b/ }));
  await doAndWrite(page, 'Flame: yellow');
  await press(page, page.getByRole('link', { name: 'Ledger', exact: true }));
  const form = page.getByRole('region', { name: 'Conclude' });
  await tabTo(page, form.getByLabel('Ion', { exact: true }));
  await page.keyboard.type('sodium');
  await press(page, form.getByRole('group', { name: /^Entries that show it/ }).getByRole('button', { name: /^2\b/ }));
  // The entries come after the button that adds the ion.
  const add = form.getByRole('button', { name: 'Add the ion' });
  await add.evaluate((e) => (e as HTMLElement).scrollIntoView());
  for (let i = 0; i < 20 && !(await add.evaluate((e) => e === document.activeElement)); i++)
    await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Enter');
  await tabTo(page, form.getByLabel(/^Proposed/));
  await page.keyboard.type('KCl');
  await expect(form.getByRole('status')).toContainText('The formula holds potassium');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('NaCl');
  await expect(form.getByRole('status')).toContainText('The formula holds chloride');
  await tabTo(page, form.getByLabel('Signed'));
  await page.keyboard.type('Ilse Varnholt');
  await press(page, form.getByRole('button', { name: 'Sign the report' }));
  await expect(page.getByRole('region', { name: 'Conclusion' })).toContainText('Ilse Varnholt');
});
