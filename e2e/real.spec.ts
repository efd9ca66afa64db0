import { readFile } from 'node:fs/promises';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import sharp from 'sharp';
import { photograph, someLighting } from '#core/senses/camera';
import { sampleOf } from '#core/senses/colour';
import { seeded } from '#core/reasoning/student';
import { expect, type Page, test } from './fixtures';
import { bench, caseId, chooseTest, conclude, doSteps, doTest, record, suspects, tap } from './helpers';

test.use({ serviceWorkers: 'allow' });

/** A photo of a silver halide under a warm, uneven lamp. */
async function photoOf(
  colour: 'white' | 'cream',
): Promise<{ file: Buffer; on: { x: number; y: number }; card: { x: number; y: number } }> {
  const random = seeded(3);
  const solid = { hex: sampleOf(colour)!, texture: 'curdy', fill: 0.3, hanging: false };
  const drawing = { mL: 2, liquid: { hex: '#ffffff', cloudy: false }, solid, droplets: false, bubbles: 0, text: '' };
  const shot = photograph(drawing, { ...someLighting(random), tint: [1.22, 1, 0.72] }, random);
  const file = await sharp(Buffer.from(shot.data), { raw: { width: shot.width, height: shot.height, channels: 4 } })
    .png()
    .toBuffer();
  const share = ({ x, y }: { x: number; y: number }) => ({ x: x / shot.width, y: y / shot.height });
  return { file, on: share(shot.solid!), card: share(shot.card) };
}

/** Photographs the tube, points at it and at the card, and takes the nearest word into the entry. */
async function photographed(page: Page, colour: 'white' | 'cream'): Promise<void> {
  const { file, on, card } = await photoOf(colour);
  await page.getByRole('button', { name: 'Photo …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Photo' });
  await dialog.getByLabel('Take or choose a photo').setInputFiles({ name: 'tube.png', mimeType: 'image/png', buffer: file });
  await dialog.getByRole('button', { name: 'solid', exact: true }).click();
  const picture = dialog.getByAltText('The photo');
  const box = (await picture.boundingBox())!;
  const at = (spot: { x: number; y: number }) => ({ position: { x: spot.x * box.width, y: spot.y * box.height } });
  await picture.click({ ...at(on), force: true });
  await expect(dialog.getByText(/Point at the white card close beside/)).toBeVisible();
  await picture.click({ ...at(card), force: true });
  await dialog.getByRole('list', { name: 'Expected colours' }).getByRole('button').first().click();
  await dialog.getByLabel('Caption').fill('Silver nitrate, against the card');
  await dialog.getByRole('button', { name: 'Keep the photo' }).click();
  await expect(page.getByRole('group', { name: 'Photos for this entry' })).toBeVisible();
}

const form = (page: Page) => page.getByRole('region', { name: 'Record what you see' });
const written = (page: Page, number: number) =>
  expect(form(page).getByRole('button', { name: `Write entry ${number}` })).toBeVisible();

test('a real salt, from the bottle to a report on paper, with the server gone in the middle', async ({
  fresh: page,
  foxing,
  client,
}) => {
  await page.goto('/cases');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.getByRole('button', { name: 'New case' }).click();
  await page.getByRole('tab', { name: 'A sample of your own' }).click();
  const sheet = page.getByRole('form', { name: 'A real sample' });
  await sheet.getByLabel('Name or number').fill('Bottle 31');
  await sheet.getByLabel('What it looks like').fill('white crystals');
  await sheet.getByLabel('Grams').fill('4');
  await sheet.getByRole('button', { name: 'Begin with the real sample' }).click();
  await expect(bench(page)).toBeVisible();
  await doTest(page, 'Appearance of the solid');
  await record(page, ['Dry solid: white'], '');
  let view = await client.read(caseId(page));
  for (const title of ['Solubility in water', 'Sodium carbonate extract'])
    view = await client.work(view, title, [{ channel: 'solution', colour: 'colourless' }]);
  await written(page, 4);

  // A false positive, and the blank that takes it away.
  await doTest(page, 'Flame test');
  await tap(page, 'Flame: yellow');
  await form(page).getByRole('button', { name: 'Write entry 4' }).click();
  await written(page, 5);
  await expect(suspects(page).getByRole('link', { name: /sodium/i })).toBeVisible();
  await tap(page, 'Flame: yellow');
  await form(page).getByRole('button', { name: 'shows this too' }).click();
  await form(page).getByRole('button', { name: 'Write entry 5' }).click();
  await written(page, 6);
  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  await page.getByRole('button', { name: 'Strike entry 4' }).click();
  await page.getByLabel('Why?').fill('the blank shows it too');
  await page.getByRole('button', { name: 'Strike it' }).click();
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await expect(suspects(page).getByRole('link', { name: /sodium/i })).toHaveCount(0);

  // Ten things done and written while the server is gone; the page is loaded anew in between.
  await page.waitForTimeout(1500);
  await foxing.stop();
  await chooseTest(page, 'Silver nitrate test');
  await doSteps(page);
  await photographed(page, 'cream');
  await form(page).getByRole('button', { name: 'Write entry 6' }).click();
  await written(page, 7);
  await expect(page.getByText(/Foxing cannot be reached/)).toBeVisible();
  await page.reload();
  await expect(bench(page)).toBeVisible();
  await expect(page.getByText(/This (is older than the record|was worked out before)/)).toBeVisible();
  await doTest(page, 'Barium chloride test for sulfate');
  await record(page, ['Precipitate: none'], 'No sulfate.');
  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  await expect(page.getByText('waits to be sent')).toHaveCount(2);
  await foxing.start();
  await expect(page.getByText('waits to be sent')).toHaveCount(0, { timeout: 30000 });
  const id = caseId(page);
  const events = (await (await page.request.get(`/api/cases/${id}/events?after=0`)).json()) as {
    body: { event: { kind: string; payload: { test?: string } } };
  }[];
  const all = events.map((e) => e.body.event);
  const late = all.slice(all.findLastIndex((e) => e.kind === 'strike') + 1);
  expect(late.length).toBeGreaterThanOrEqual(10);
  expect(late.filter((e) => e.kind === 'entry').map((e) => e.payload.test)).toEqual(['silver-acid', 'barium-acid']);
  expect(late.filter((e) => e.kind === 'photo')).toHaveLength(1);

  // Under a warm lamp white looks cream and cream yellow: the corrected colour is what was written, and bromide came up.
  await expect(page.getByRole('row', { name: /Silver nitrate test/ })).toContainText('Cream precipitate.');
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  // A server that was just started reads its atlas first.
  await expect(suspects(page).getByRole('link', { name: /bromide/i })).toBeVisible({ timeout: 90000 });

  await conclude(page, { bromide: '6' }, 'KBr');
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Report on Bottle 31' })).toBeVisible();
  await expect(page.getByAltText('Silver nitrate, against the card')).toBeVisible();
  const pdf = await page.request.get(`/api/cases/${id}/report.pdf`);
  const document = await pdfjs.getDocument({ data: new Uint8Array(await pdf.body()), verbosity: 0 }).promise;
  let text = '';
  for (let i = 1; i <= document.numPages; i++)
    for (const item of (await (await document.getPage(i)).getTextContent()).items) text += 'str' in item ? item.str : '';
  for (const said of [
    'Report on Bottle 31',
    'Yellow flame.',
    'Blank: the same.',
    'Struck: the blank shows it too',
    'cream precipitate',
    'Br− (bromide) present; entry 6.',
    'Signed Ilse Varnholt',
  ])
    expect(text.replaceAll('-', '−').toLowerCase()).toContain(said.toLowerCase());
  expect(text).not.toContain('computed by Foxing');

  await page.goto('/cases');
  await page.getByLabel('Find a case, or words in it').fill('no sulfate');
  await page.getByRole('link', { name: /Bottle 31, entry 7/ }).click();
  await expect(page.getByRole('row', { name: /Barium chloride test for sulfate/ })).toBeVisible();

  // Taken elsewhere, deleted, taken in again.
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await page.getByRole('button', { name: 'Export' }).click();
  const exported = async (as: RegExp) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: as }).click()]);
    return readFile(await download.path());
  };
  const eln = await exported(/\.eln/);
  await page.getByRole('button', { name: 'Export' }).click();
  const json = await exported(/JSON/);
  const removed = async () => {
    await page.goto('/cases');
    await page.getByRole('button', { name: 'Archive Bottle 31' }).click();
    await page.getByRole('button', { name: /^Archived/ }).click();
    await page.getByRole('button', { name: 'Delete Bottle 31' }).click();
    await page.getByRole('button', { name: 'Delete permanently' }).click();
    await expect(page.getByRole('link', { name: /^Bottle 31/ })).toHaveCount(0);
  };
  // Its format is known by what is in it, whatever the browser says of the file.
  for (const file of [
    { name: 'case.eln', mimeType: 'application/zip', buffer: eln },
    { name: 'case.json', mimeType: 'application/json', buffer: json },
  ]) {
    await removed();
    await page.getByRole('button', { name: 'New case' }).click();
    await page.getByRole('tab', { name: 'From a file' }).click();
    await page.getByLabel('Choose the file').setInputFiles(file);
    await expect(page.getByRole('row', { name: /Barium chloride test for sulfate/ })).toBeVisible();
  }
});
