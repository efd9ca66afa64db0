/** A laboratory opened to a class: from an empty folder to a student’s phone that loses the network, over TLS. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { fileURLToPath } from 'node:url';
import { type BrowserContext, chromium, expect, type Page, test } from '@playwright/test';
import { ensureCertutil } from '../launcher/src/packages';
import { refuseTour } from './fixtures';
import { freePort } from '../launcher/src/cluster';

const root = fileURLToPath(new URL('..', import.meta.url));
const PASS = 'three old brushes';
const ADDRESS = /Foxing is at (\S+)/;
const OPENING = /administrator: (\S+)/;

interface Laboratory {
  readonly address: string;
  readonly opening: string;
  readonly folder: string;
  /** All that it wrote to its log. */
  log(): string;
  stop(): Promise<void>;
}

async function openLaboratory(): Promise<Laboratory> {
  const folder = mkdtempSync(`${tmpdir()}/foxing-serve-`);
  chmodSync(folder, 0o755);
  const port = await freePort();
  const args = [
    'serve',
    '--certificate',
    'own',
    '--port',
    String(port),
    '--trust-port',
    String(await freePort()),
    '--processes',
    '2',
  ];
  const child: ChildProcess = spawn('./foxing', args, {
    cwd: root,
    env: { ...process.env, FOXING_DATA: folder, DATABASE_URL: undefined },
  });
  let out = '';
  let log = '';
  child.stderr!.on('data', (part: Buffer) => (log += part.toString()));
  await new Promise<void>((resolve, reject) => {
    child.stdout!.on('data', (part: Buffer) => {
      out += part.toString();
      if (OPENING.test(out)) resolve();
    });
    child.once('exit', (code) => reject(new Error(`./foxing serve ended with ${code}: ${log}`)));
  });
  const stop = async () => {
    child.removeAllListeners('exit');
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
    rmSync(folder, { recursive: true, force: true });
  };
  return { address: ADDRESS.exec(out)![1]!, opening: OPENING.exec(out)![1]!, folder, log: () => log, stop };
}

/** A browser of its own, in whose profile the laboratory’s authority was installed. */
async function trusting({ folder }: Laboratory, name: string): Promise<BrowserContext> {
  const home = `${folder}/${name}`;
  const store = `sql:${home}/.pki/nssdb`;
  mkdirSync(`${home}/.pki/nssdb`, { recursive: true });
  for (const args of [
    ['-N', '-d', store, '--empty-password'],
    ['-A', '-d', store, '-n', 'laboratory', '-t', 'C,,', '-i', `${folder}/authority/authority.pem`],
  ])
    expect(spawnSync('certutil', args).status).toBe(0);
  const context = await chromium.launchPersistentContext(`${home}/profile`, {
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
    env: { ...process.env, HOME: home },
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'allow',
  });
  await refuseTour(context);
  return context;
}

/** As the page itself asks, which trusts the authority. */
const ask = <T>(page: Page, path: string, body?: object): Promise<T> =>
  page.evaluate(
    async ([to, sent]) => {
      const how =
        sent === undefined ? {} : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(sent) };
      return (await fetch(to, how)).json();
    },
    [path, body] as const,
  ) as Promise<T>;

test('an empty folder becomes a laboratory; a student joins by the code from another address, loses the network and goes on', async () => {
  await ensureCertutil();
  const laboratory = await openLaboratory();
  const [desk, phone] = [await trusting(laboratory, 'desk'), await trusting(laboratory, 'phone')];
  try {
    const keeper = await desk.newPage();
    await keeper.goto(laboratory.opening);
    const form = keeper.getByRole('form', { name: 'Open your laboratory' });
    for (const [field, text] of [
      ['Name of the laboratory', 'Paper laboratory'],
      ['Name of the first class', 'First year'],
      ['Your name', 'Anna'],
      ['Login', 'anna'],
      ['Passphrase', PASS],
    ] as const)
      await form.getByLabel(field).fill(text);
    await form.getByRole('button', { name: 'Open the laboratory' }).click();
    await expect(keeper.getByRole('heading', { name: 'First year' })).toBeVisible();
    const code = await keeper.getByRole('region', { name: 'People' }).locator('strong').first().innerText();
    await expect(keeper.getByRole('img', { name: `QR code of ${laboratory.address}/join/${code}` })).toBeVisible();
    await keeper.goto(laboratory.opening);
    await form.getByRole('button', { name: 'Open the laboratory' }).waitFor();

    // The other address of the machine: loopback, under the same certificate.
    const elsewhere = laboratory.address.replace(/\/\/.*:/, '//localhost:');
    const student = await phone.newPage();
    await student.goto(`${elsewhere}/join/${code}`);
    const join = student.getByRole('form', { name: 'Join a class' });
    await expect(join.getByLabel('Code of the class')).toHaveValue(code);
    for (const [field, text] of [
      ['Your name', 'Stig'],
      ['Login', 'stig'],
      ['Passphrase', PASS],
    ] as const)
      await join.getByLabel(field).fill(text);
    await join.getByRole('button', { name: 'Join', exact: true }).click();
    await expect(student.getByRole('heading', { name: 'No cases yet' })).toBeVisible();
    expect(await student.evaluate(() => window.isSecureContext)).toBe(true);

    const { summary } = await ask<{ summary: { id: string } }>(student, '/api/cases', {
      real: { name: 'Bottle 9', look: 'white', grams: 3 },
    });
    await student.goto(`${elsewhere}/cases/${summary.id}/bench`);
    await student.evaluate(() => navigator.serviceWorker.ready);
    await student.reload();
    const write = async (text: string) => {
      const form = student.getByRole('region', { name: 'Record what you see' });
      const words = form.getByRole('textbox').first();
      if (!(await words.count())) await form.getByRole('button', { name: /^In words/ }).click();
      await words.fill(text);
      await form.getByRole('button', { name: /^Write entry/ }).click();
      await expect(words).not.toHaveValue(text);
    };
    await write('before the network went');
    // What the device keeps to go on by itself is read a moment after it was written.
    await student.waitForTimeout(1500);
    await phone.setOffline(true);
    await write('with no network');
    await student.goto(`${elsewhere}/cases/${summary.id}/ledger`);
    await expect(student.getByText('with no network').first()).toBeVisible();
    await phone.setOffline(false);
    await expect
      .poll(async () =>
        (await ask<{ entries: { note: string }[] }>(student, `/api/cases/${summary.id}`)).entries.map((e) => e.note),
      )
      .toEqual(['before the network went', 'with no network']);

    for (const secret of [PASS, code, laboratory.opening.split('#')[1]!, 'Bottle 9', 'with no network', 'foxing='])
      expect(laboratory.log()).not.toContain(secret);
    expect(laboratory.log()).toContain('/api/cases/:id/events');
  } finally {
    await desk.close();
    await phone.close();
    await laboratory.stop();
  }
});
