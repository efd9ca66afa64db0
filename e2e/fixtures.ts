/**
 * Every browser worker has a Foxing of its own and one window, which its tests use one after another: to open a window and load the
 * application anew takes two seconds of the processor. What hangs on a first visit, a sign-in, the house rules, a clock or the keys
 * asks for a `fresh` one. Every test begins with the same house rules.
 */
import { test as base, type BrowserContext, expect, type Page } from '@playwright/test';
import { Client } from '../server/test/client';
import { type Foxing, foxingAt } from './foxing';
import { turnTo } from './turn';

/** Browsers and fetch refuse some ports, 4190 among them. */
const FIRST_PORT = 4310;
const HOUSE = { help: 'words' };
const VIEWPORT = { width: 1280, height: 800 };

/** The offer of a tour is taken as refused already. */
export const refuseTour = (context: BrowserContext) =>
  context.addInitScript(() => localStorage.setItem('foxing-tour', '{"state":{"done":true},"version":0}'));

export const test = base.extend<{ house: void; client: Client; fresh: Page }, { foxing: Foxing; window: Page }>({
  foxing: [
    async ({ playwright: _playwright }, use, worker) => {
      const foxing = await foxingAt(FIRST_PORT + worker.workerIndex);
      await use(foxing);
      await foxing.remove();
    },
    { scope: 'worker', timeout: 60000 },
  ],
  window: [
    async ({ browser, foxing }, use) => {
      const context = await browser.newContext({
        baseURL: foxing.url,
        viewport: VIEWPORT,
        serviceWorkers: 'block',
        reducedMotion: 'reduce',
      });
      await refuseTour(context);
      const page = await context.newPage();
      await page.goto('/nowhere');
      await use(page);
      await context.close();
    },
    { scope: 'worker' },
  ],
  /** Where nothing is open any more that the test before it left. */
  page: async ({ window, house: _house }, use) => {
    await window.setViewportSize(VIEWPORT);
    await turnTo(window, '/nowhere');
    await expect(window.getByText('There is no such page')).toBeVisible();
    await use(window);
    for (const other of window.context().pages()) if (other !== window) await other.close();
  },
  context: async ({ context }, use) => {
    await refuseTour(context);
    await use(context);
  },
  fresh: async ({ context }, use) => use(await context.newPage()),
  baseURL: async ({ foxing }, use) => use(foxing.url),
  /** The server without its pages, for what comes before that which a test is about. */
  client: async ({ foxing }, use) => use(new Client(foxing)),
  house: [
    async ({ request, foxing }, use) => {
      await request.put(`${foxing.url}/api/house-rules`, { data: HOUSE });
      await use();
    },
    { auto: true },
  ],
});

export { expect, type Page };
