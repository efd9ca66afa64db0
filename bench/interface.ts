/**
 * What a person waits for in the browser: `./foxing bench interface`. A phone of the middle class on a middling network is put in the
 * place of this machine by the browser itself (its processor four times slower, 9 Mbit/s with 60 ms), and without that.
 */
import { chromium, type Page } from '@playwright/test';
import { throwawayDemo } from '#launcher/throwaway';
import { Supervisor } from '../launcher/src/supervisor';
import { buildWeb, WEB } from '../launcher/src/web';

const SLOW = { latency: 60, downloadThroughput: (9 * 1024 * 1024) / 8, uploadThroughput: (2 * 1024 * 1024) / 8, offline: false };
const ROUNDS = 5;

const middle = (list: readonly number[]) => Math.round([...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!);

/** Largest contentful paint, ms after the address was asked for. */
const largestPaint = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        new PerformanceObserver((list) => setTimeout(() => resolve(list.getEntries().at(-1)!.startTime), 600)).observe({
          type: 'largest-contentful-paint',
          buffered: true,
        });
      }),
  );

/** The slowest of the taps on a form, from the finger to the next picture, ms. */
async function slowestTap(page: Page): Promise<number> {
  await page.evaluate(() => {
    const taps: number[] = [];
    Object.assign(window, { taps });
    new PerformanceObserver((list) => taps.push(...list.getEntries().map((e) => e.duration))).observe({
      type: 'event',
      durationThreshold: 16,
    } as PerformanceObserverInit);
  });
  const form = page.getByRole('region', { name: 'Record what you see' });
  for (const word of ['Flame: yellow', 'Flame: violet', 'Flame: no colour', 'Flame: crimson', 'Flame: yellow'])
    await form.getByRole('button', { name: word, exact: true }).click();
  await page.waitForTimeout(500);
  return page.evaluate(() => Math.max(16, ...(window as unknown as { taps: number[] }).taps));
}

export async function benchInterface(): Promise<number> {
  await buildWeb();
  const { cluster, remove } = await throwawayDemo();
  const supervisor = await Supervisor.start({ databaseUrl: cluster.url, port: 4699, logLevel: 'error', web: WEB }, null);
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
  try {
    const report: Record<string, unknown> = {};
    for (const [machine, slow] of [['this machine', false] as const, ['slowed down', true] as const]) {
      const paints: number[] = [];
      const taps: number[] = [];
      for (let i = 0; i < ROUNDS; i++) {
        const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
        await context.addInitScript(() => localStorage.setItem('foxing-tour', '{"state":{"done":true},"version":0}'));
        const page = await context.newPage();
        if (slow) {
          const cdp = await context.newCDPSession(page);
          await cdp.send('Network.enable');
          await cdp.send('Network.emulateNetworkConditions', SLOW);
          await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
        }
        await page.goto(`${supervisor.url}/cases`);
        paints.push(await largestPaint(page));
        await page.getByRole('link', { name: /^Jar 2\b/ }).click();
        await page.getByLabel('Test', { exact: true }).selectOption({ label: 'Flame test' });
        await page.getByRole('button', { name: 'Flame: yellow', exact: true }).waitFor();
        taps.push(await slowestTap(page));
        await context.close();
      }
      report[machine] = {
        'largest paint, ms': middle(paints),
        'slowest tap, ms': middle(taps),
        paints: paints.map(Math.round),
        taps,
      };
    }
    process.stdout.write(`${JSON.stringify(report, null, 1)}\n`);
    return 0;
  } finally {
    await browser.close();
    await supervisor.stop();
    await remove();
  }
}
