/** Takes the pictures of docs/screenshots from a running demo: `npx tsx docs/pictures.ts [address]`. */
import { readFileSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { createCanvas } from '@napi-rs/canvas';
import { chromium, type Page } from '@playwright/test';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import sharp from 'sharp';
import { DEFAULT_RULES } from '#core/scheme/rules';
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

/** A salt of ammonium worked with dry paper, signed, opened up, and branched where it went wrong. */
async function debriefed(page: Page): Promise<void> {
  const sent = async (path: string, data: object) =>
    (await (await page.request.post(`/api/cases${path}`, { data })).json()) as { summary: { id: string }; seq: number };
  const begun = await sent('', { salts: { name: 'Jar of the bindery', salts: [{ formula: 'NH4Cl', grams: 2 }] } });
  const { id } = begun.summary;
  let after = begun.seq;
  const paper = { channel: 'paper', paper: 'red-litmus', event: 'unchanged' };
  for (const event of [
    ...[
      { op: 'take-solid', to: 'A', grams: 0.1 },
      { op: 'add', to: 'A', reagent: 'sodium-hydroxide-2M', mL: 1 },
      { op: 'heat', vessel: 'A', to: 'warm', minutes: 2 },
      { op: 'paper', vessel: 'A', paper: 'red-litmus', where: 'mouth', damp: false },
    ].map((op) => ({ kind: 'operation', payload: { op, test: 'ammonium' } })),
    { kind: 'entry', payload: { test: 'ammonium', observed: [paper], inference: 'No ammonium.' } },
    { kind: 'conclusion', payload: { found: [{ ion: 'Cl-', claim: 'may-be-present', evidence: [1] }], signed: 'Ilse Varnholt' } },
    { kind: 'opened-up', payload: {} },
  ])
    after = (await sent(`/${id}/events`, { id: crypto.randomUUID(), after, event })).seq;
  await page.goto(`/cases/${id}/debrief`);
  await page.getByRole('button', { name: /^Done well: dry paper/ }).click();
  await page.getByRole('group', { name: 'The two tubes' }).waitFor();
}

/** The class of the made-up school, as one of its people sees it. */
async function inClass(page: Page, who: string): Promise<void> {
  await page.goto('/classes');
  await page.getByRole('button', { name: who }).click();
  await page.getByRole('link', { name: 'Paper and pigments, first year' }).click();
}

const REAL_PAPER = 'Paper: a colourless solution';

/** A paper for real tubes, with its mark scheme. */
async function paperWritten(page: Page): Promise<void> {
  await inClass(page, 'Maud Teskelin');
  await page.getByRole('button', { name: 'New practical paper' }).click();
  const paper = page.getByRole('region', { name: 'New practical paper' });
  await paper.getByLabel('Title').fill(REAL_PAPER);
  await paper.getByLabel('What is in it').fill('Na2CO3·10H2O 4\nNaCl 1');
  await paper.getByLabel('It is worked').selectOption({ label: 'with real tubes' });
  await paper.getByLabel('Add').selectOption({ label: 'Hydrochloric acid, 2 M' });
  await paper.getByRole('button', { name: 'Another part' }).click();
  await paper.getByLabel('Add').nth(1).selectOption({ label: 'Silver nitrate, 0.1 M' });
  await paper.getByRole('button', { name: 'Run it for the mark scheme' }).click();
  await paper.getByText(/marks in all/).waitFor();
  await paper.getByRole('button', { name: 'Assign' }).click();
  await page.getByRole('link', { name: REAL_PAPER }).click();
  await page.getByRole('tab', { name: 'Mark scheme' }).click();
}

/** The same paper as a candidate answers it. */
async function paperAnswered(page: Page): Promise<void> {
  await inClass(page, 'Anselm Ruhr');
  const row = page.getByRole('list', { name: 'Work' }).getByRole('listitem').filter({ hasText: REAL_PAPER });
  await row.getByRole('link', { name: 'the paper' }).click();
  await page.getByRole('link', { name: 'To my answer book' }).click();
  await page.getByRole('button', { name: 'I have done this' }).first().click();
  await tap(page, 'Liquid: colourless');
}

/** Work that was set, as the instructor of the made-up school sees it. */
const fromTheDesk = (work: string) => async (page: Page) => {
  await inClass(page, 'Maud Teskelin');
  await page.getByRole('link', { name: work }).click();
  await page.getByRole('list', { name: 'Benches' }).waitFor();
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
      await chooseTest(page, 'Sodium hydroxide, drop by drop then in excess');
      await tap(page, 'Precipitate: pale green');
      await tap(page, 'Precipitate: persists');
    },
  },
  {
    name: 'bench-hood',
    hood: true,
    open: async (page) => {
      await place('Jar 2', 'Bench')(page);
      await chooseTest(page, 'Flame test');
      await doSteps(page);
    },
  },
  {
    name: 'bench-phone',
    phone: true,
    open: async (page) => {
      await place('Jar 2', 'Bench')(page);
      await page.getByLabel('Test', { exact: true }).selectOption({ label: 'Ammonium: warm with sodium hydroxide' });
    },
  },
  {
    name: 'fusion',
    open: async (page) => {
      await place('Phial 42', 'Bench')(page);
      await chooseTest(page, 'Sodium fusion');
      await page.getByRole('button', { name: 'Do the test again' }).click();
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
      await chooseTest(page, 'Sodium hydroxide, drop by drop then in excess');
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
      await chooseTest(page, 'Solubility in water');
      await page.waitForTimeout(SETTLED_MS);
      await page.context().setOffline(true);
      await doSteps(page);
      await record(page, ['Liquid: colourless'], '');
    },
  },
  { name: 'handbook', open: at('/handbook/tests/silver-acid') },
  { name: 'plan', open: place('Jar 7', 'Plan') },
  {
    name: 'preparation',
    open: async (page) => {
      await at('/preparation')(page);
      await page.getByLabel(/^Unknowns/).fill('KBr 2\nZnSO4·7H2O 2\nNaCl 2');
    },
  },
  { name: 'rules', open: at('/house-rules') },
  { name: 'compounds', open: at('/compounds') },
  {
    name: 'practice',
    open: async (page) => {
      await at('/practice')(page);
      await page.getByRole('region', { name: 'Drill' }).getByRole('combobox').selectOption({ label: 'Which gas?' });
      await page.getByRole('heading', { name: 'Which gas comes off?' }).waitFor();
    },
  },
  {
    name: 'graded',
    open: async (page) => {
      await at('/practice')(page);
      await page.getByRole('tab', { name: 'Graded samples' }).click();
      await page.getByRole('list', { name: 'Levels' }).waitFor({ timeout: 60000 });
    },
  },
  { name: 'debrief', open: debriefed },
  { name: 'benches', open: fromTheDesk('White powders from the cabinet') },
  {
    name: 'results',
    hood: true,
    open: async (page) => {
      await fromTheDesk('Three pigments')(page);
      await page.getByRole('tab', { name: 'Results' }).click();
      await page.getByRole('table', { name: 'Results' }).waitFor();
    },
  },
  { name: 'paper', open: paperWritten },
  { name: 'answers', open: paperAnswered },
];

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, hood, phone, open } of VIEWS) {
  const context = await browser.newContext({ baseURL: address, viewport: phone ? PHONE : WIDE, reducedMotion: 'reduce' });
  await context.addInitScript(() => localStorage.setItem('foxing-tour', '{"state":{"done":true},"version":0}'));
  await context.addInitScript((theme) => localStorage.setItem('foxing-theme', theme), hood ? 'hood' : 'light');
  const page = await context.newPage();
  await page.goto('/cases');
  await open(page);
  await page.waitForTimeout(SETTLED_MS);
  await page.screenshot({ path: fileURLToPath(new URL(`screenshots/${name}.png`, import.meta.url)) });
  await context.close();
}
const picture = (name: string) => fileURLToPath(new URL(`screenshots/${name}.png`, import.meta.url));

/** Pictures beside each other in one file. */
async function joined(name: string, pictures: readonly Buffer[]): Promise<void> {
  const sizes = await Promise.all(pictures.map((p) => sharp(p).metadata()));
  const height = Math.max(...sizes.map((s) => s.height));
  const width = sizes.reduce((sum, s) => sum + s.width, 0);
  const lefts = sizes.map((_, i) => sizes.slice(0, i).reduce((sum, s) => sum + s.width, 0));
  const sheet = sharp({ create: { width, height, channels: 3, background: '#ffffff' } });
  await sheet
    .composite(pictures.map((input, i) => ({ input, left: lefts[i]!, top: 0 })))
    .png({ palette: true })
    .toFile(picture(name));
}

const sheets: Buffer[] = [];
for (const hood of [false, true]) {
  const page = await browser.newPage({ viewport: SHEET, reducedMotion: 'reduce' });
  await page.setContent(drySheets(hood));
  sheets.push(await page.screenshot({ fullPage: true }));
  await page.close();
}
await joined('dry-tests', sheets);

/** The first page of the labels, as paper shows it. */
async function labels(): Promise<Buffer> {
  const asked = {
    tests: ['carbonate-extract', 'silver-acid', 'barium-acid', 'chlorine-layer', 'hydroxide'],
    benches: 16,
    spare: 2,
    allowance: 0.5,
  };
  const body = { asked: { ...asked, rules: DEFAULT_RULES, unknowns: [], stock: [], on: '2026-12-03' }, paper: 'labels', deal: 1 };
  const headers = { 'content-type': 'application/json' };
  const answer = await fetch(`${address}/api/preparation/pdf`, { method: 'POST', headers, body: JSON.stringify(body) });
  const document = await pdfjs.getDocument({ data: new Uint8Array(await answer.arrayBuffer()), verbosity: 0 }).promise;
  const page = await document.getPage(1);
  const { height } = page.getViewport({ scale: 1 });
  const viewport = page.getViewport({ scale: WIDE.height / height });
  const canvas = createCanvas(viewport.width, viewport.height);
  await page.render({ canvasContext: canvas.getContext('2d') as never, viewport }).promise;
  return canvas.toBuffer('image/png');
}
await joined('preparation', [readFileSync(picture('preparation')), await labels()]);

/** Views that stand beside each other in one picture, under the name of the first. */
const BESIDE = [
  ['suspects', 'candidates'],
  ['bench-hood', 'bench-phone'],
  ['rules', 'compounds'],
  ['ledger', 'report'],
  ['practice', 'graded'],
  ['benches', 'results'],
  ['paper', 'answers'],
] as const;
for (const names of BESIDE) {
  await joined(
    names[0],
    names.map((name) => readFileSync(picture(name))),
  );
  for (const name of names.slice(1)) rmSync(picture(name));
}
await browser.close();
