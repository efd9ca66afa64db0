import axe, { type RunOnly } from 'axe-core';
import { expect, type Page, test } from './fixtures';
import { openCase } from './helpers';
import { turnTo } from './turn';

declare global {
  interface Window {
    readonly axe: typeof axe;
  }
}

const LOOKED_AT: Readonly<Record<'light' | 'hood', RunOnly>> = {
  light: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] },
  hood: { type: 'rule', values: ['color-contrast'] },
};
/** The rows of a long list are made alike: those after the eighth would be looked at for nothing. */
const FURTHER_ROWS = 'li:nth-of-type(n + 9), tr:nth-of-type(n + 9)';

/**
 * What axe finds; of the hood theme only colours, since nothing else hangs on the theme.
 * @param within what is looked at, as a selector.
 */
async function barriers(page: Page, where: string, within = 'html'): Promise<string[]> {
  const found: string[] = [];
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  for (const [theme, only] of Object.entries(LOOKED_AT)) {
    const violations = await page.evaluate(
      async ([theme, within, without, runOnly]) => {
        document.documentElement.dataset['theme'] = theme;
        const context = { include: [[within]], exclude: [[without]] };
        return (await window.axe.run(context, { runOnly, resultTypes: ['violations'] })).violations;
      },
      [theme, within, FURTHER_ROWS, only] as const,
    );
    found.push(...violations.map((v) => `${where} ${theme} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`));
  }
  return found;
}

/** Goes to another place without loading the page anew, and waits until it stands. */
async function visit(page: Page, url: string): Promise<void> {
  const heading = page.getByRole('heading', { level: 1 });
  const before = await heading.elementHandle();
  await turnTo(page, url);
  await before?.waitForElementState('hidden');
  await expect(heading, url).toBeVisible();
  await expect(page.getByText(/^(Loading|Weighing|Drawing|Opening)/)).toHaveCount(0);
}

/** Places by whose they are, and the case that they are opened in; a compound's others are made of the same parts as a salt's. */
const PLACES: Readonly<Record<string, readonly [name: string | null, places: readonly string[]]>> = {
  'of a salt': ['Jar 5', ['/suspects', '/ledger', '/report', '/plan', '/bench']],
  'of a compound': ['Phial 42', ['/suspects', '/bench']],
  'of the house': [
    null,
    [
      '/practice',
      '/classes',
      '/sign-in',
      '/preparation',
      '/house-rules',
      '/compounds',
      '/handbook',
      '/handbook/tests/silver-acid',
      '/handbook/suspects/Pb2%2B',
      '/cases',
    ],
  ],
};
for (const [whose, [name, places]] of Object.entries(PLACES))
  test(`no barriers in the places ${whose}, in either theme`, async ({ page }) => {
    if (name) await openCase(page, name);
    else await turnTo(page, '/cases');
    const base = name ? new URL(page.url()).pathname.replace(/\/[a-z]+$/, '') : '';
    for (const place of places) {
      await visit(page, `${base}${place}`);
      expect(await barriers(page, place)).toEqual([]);
    }
  });

type Doing = (page: Page) => Promise<void>;
/** Dialogs and states that are not there when a page opens; what would outlast the place is closed again. */
const OPENED: Readonly<Record<string, readonly [within: string, open: Doing, close?: Doing]>> = {
  'the new case': [
    '[role=dialog]',
    async (page) => {
      await turnTo(page, '/cases');
      await page.getByRole('button', { name: 'New case' }).click();
      await page.getByRole('tab', { name: 'A sample of your own' }).click();
      await page.getByLabel('Formula').fill('CuSO4·5H2O');
    },
  ],
  'the keys': [
    '[role=dialog]',
    async (page) => {
      await openCase(page, 'Jar 7');
      await page.getByRole('button', { name: 'Keys', exact: true }).click();
    },
  ],
  'the tour': [
    'section[aria-label="A look around"]',
    async (page) => {
      await openCase(page, 'Jar 7');
      await page.getByRole('button', { name: 'Show me around' }).click();
      await expect(page.getByRole('region', { name: 'A look around' })).toContainText('1 of 6');
      await page.getByRole('region', { name: 'A look around' }).getByRole('button', { name: 'Next' }).click();
    },
    (page) => page.getByRole('button', { name: 'Cancel' }).click(),
  ],
  'a flame in hand, and a record half said': [
    'main',
    async (page) => {
      await openCase(page, 'Jar 2');
      await turnTo(page, `${page.url()}?test=flame`);
      await page.getByRole('button', { name: 'Do step 1' }).click();
      await page.getByRole('button', { name: 'Flame: no colour' }).click();
      await expect(page.getByLabel('To be written')).toBeVisible();
    },
  ],
  'a photo in hand': [
    '[role=dialog]',
    async (page) => {
      await openCase(page, 'Jar 7');
      await page.getByRole('button', { name: 'Photo …' }).click();
      await page.getByRole('button', { name: 'Simulated camera' }).click();
      await expect(page.getByRole('list', { name: 'Nearest words' })).toBeVisible();
    },
  ],
};
for (const [what, [within, open, close]] of Object.entries(OPENED))
  test(`no barriers in what opens: ${what}`, async ({ page }) => {
    await open(page);
    expect(await barriers(page, what, within)).toEqual([]);
    await close?.(page);
  });

test('at twice the size nothing runs off the side', async ({ page }) => {
  // 200 % of 1280 by 800 leaves a browser 640 by 400 to lay out.
  await page.setViewportSize({ width: 640, height: 400 });
  await openCase(page, 'Jar 7');
  const base = new URL(page.url()).pathname.replace(/\/[a-z]+$/, '');
  for (const url of ['/cases', '/handbook', '/house-rules', `${base}/bench`, `${base}/suspects`, `${base}/ledger`]) {
    await visit(page, url);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect([url, wide <= 0]).toEqual([url, true]);
  }
});

test('on a phone nothing runs off the side, and a test can be chosen and done', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openCase(page, 'Jar 7');
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(wide).toBeLessThanOrEqual(0);
  await page.getByLabel('Test', { exact: true }).selectOption({ label: 'Solution to litmus' });
  await page.getByRole('button', { name: 'Do step 1' }).click();
  await expect(page.getByRole('button', { name: 'Do step 2' })).toBeVisible();
});
