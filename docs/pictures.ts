/** Takes the pictures of docs/screenshots from a running demo: `npx tsx docs/pictures.ts [address]`. */
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import { chooseTest, doSteps, openCase, record, tap } from '../e2e/helpers';
import { drySheets } from './dry-sheets';

const address = process.argv[2] ?? 'http://127.0.0.1:4173';
const WIDE = { width: 1280, height: 800 };
/** For drawings and the chart to come in. */
const SETTLED_MS = 1500;
const PHONE = { width: 390, height: 844 };
const SHEET = { width: 1340, height: 900 };

interface View {
  readonly name: string;
  readonly hood?: true;
  readonly phone?: true;
  readonly open: (page: Page) => Promise<void>;
}

const place = (jar: string, name: string) => async (page: Page) => {
  await openCase(page, jar);
  await page.getByRole('link', { name, exact: true }).click();
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.getByText(/^(Weighing|Drawing|looking further)/).waitFor({ state: 'hidden' });
};
const at = (path: string) => async (page: Page) => {
  await page.goto(path);
  await page.getByRole('heading', { level: 1 }).waitFor();
};

const VIEWS: readonly View[] = [
  { name: 'cases', open: at('/cases') },
  {
    name: 'new-case',
    open: async (page) => {
      await at('/cases')(page);
      await page.getByRole('button', { name: 'New case' }).click();
      await page.getByRole('tab', { name: 'Salts' }).click();
    },
  },
  {
    name: 'bench',
    open: async (page) => {
      await place('Jar 7', 'Bench')(page);
      await chooseTest(page, 'Sodium hydroxide, then excess');
      await tap(page, 'Precipitate: pale green');
      await tap(page, 'Precipitate: persists');
    },
  },
  {
    name: 'bench-hood',
    hood: true,
    open: async (page) => {
      await place('Jar 2', 'Bench')(page);
      await chooseTest(page, 'Flame');
      await doSteps(page);
    },
  },
  {
    name: 'bench-phone',
    phone: true,
    open: async (page) => {
      await place('Jar 2', 'Bench')(page);
      await page.getByLabel('Test', { exact: true }).selectOption({ label: 'Warm with base' });
    },
  },
  {
    name: 'fusion',
    open: async (page) => {
      await place('Phial 42', 'Bench')(page);
      await chooseTest(page, 'Sodium fusion');
      await page.getByRole('button', { name: 'Do it again' }).click();
      for (let stage = 1; stage < 4; stage++) await page.getByRole('button', { name: /^Next:/ }).click();
      await page.getByRole('region', { name: 'Sodium fusion' }).scrollIntoViewIfNeeded();
    },
  },
  { name: 'suspects', open: place('Jar 7', 'Suspects') },
  { name: 'candidates', open: place('Phial 42', 'Suspects') },
  { name: 'ledger', open: place('Jar 5', 'Ledger') },
  { name: 'report', open: place('Jar 5', 'Report') },
  {
    name: 'photo',
    open: async (page) => {
      await place('Jar 7', 'Bench')(page);
      await chooseTest(page, 'Sodium hydroxide, then excess');
      await page.getByRole('button', { name: 'Photo …' }).click();
      await page.getByRole('button', { name: 'Simulated camera' }).click();
      await page.getByRole('list', { name: 'Nearest words' }).waitFor();
    },
  },
  {
    name: 'offline',
    open: async (page) => {
      await at('/cases')(page);
      await page.getByRole('button', { name: 'New case' }).click();
      await page.getByRole('tab', { name: 'A sample of your own' }).click();
      const sheet = page.getByRole('form', { name: 'A real sample' });
      for (const [field, text] of [
        ['Name or number', 'Bottle 31'],
        ['What it looks like', 'white crystals'],
        ['Grams', '4'],
      ] as const)
        await sheet.getByLabel(field).fill(text);
      await sheet.getByRole('button', { name: 'Begin with the real sample' }).click();
      await chooseTest(page, 'Dissolve in water');
      await page.waitForTimeout(SETTLED_MS);
      await page.context().setOffline(true);
      await doSteps(page);
      await record(page, ['Liquid: colourless'], '');
    },
  },
  { name: 'handbook', open: at('/handbook/tests/silver-acid') },
  { name: 'rules', open: at('/house-rules') },
  { name: 'compounds', open: at('/compounds') },
];

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, hood, phone, open } of VIEWS) {
  const context = await browser.newContext({ baseURL: address, viewport: phone ? PHONE : WIDE, reducedMotion: 'reduce' });
  await context.addInitScript(() => localStorage.setItem('foxing-tour', '{"state":{"done":true},"version":0}'));
  await context.addInitScript((theme) => localStorage.setItem('foxing-theme', theme), hood ? 'hood' : 'light');
  const page = await context.newPage();
  await open(page);
  await page.waitForTimeout(SETTLED_MS);
  await page.screenshot({ path: fileURLToPath(new URL(`screenshots/${name}.png`, import.meta.url)) });
  await context.close();
}
for (const [name, hood] of [
  ['dry-tests', false],
  ['dry-tests-hood', true],
] as const) {
  const page = await browser.newPage({ viewport: SHEET, reducedMotion: 'reduce' });
  await page.setContent(drySheets(hood));
  await page.screenshot({ path: fileURLToPath(new URL(`screenshots/${name}.png`, import.meta.url)), fullPage: true });
  await page.close();
}
await browser.close();
