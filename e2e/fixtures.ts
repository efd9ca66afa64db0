/** Every browser worker has a Foxing of its own; every test begins with the same house rules. */
import { test as base } from '@playwright/test';
import { Client } from '../server/test/client';
import { foxingAt } from './foxing';

const FIRST_PORT = 4187;
const HOUSE = { help: 'words' };

export const test = base.extend<{ house: void; client: Client }, { foxing: string }>({
  foxing: [
    async ({ playwright: _playwright }, use, worker) => {
      const foxing = await foxingAt(FIRST_PORT + worker.workerIndex);
      await use(foxing.url);
      await foxing.remove();
    },
    { scope: 'worker', timeout: 60000 },
  ],
  /** The offer of a tour is taken as refused already. */
  context: async ({ context }, use) => {
    await context.addInitScript(() => localStorage.setItem('foxing-tour', '{"state":{"done":true},"version":0}'));
    await use(context);
  },
  baseURL: async ({ foxing }, use) => use(foxing),
  /** The server without its pages, for what comes before that which a test is about. */
  client: async ({ foxing }, use) => use(new Client({ url: foxing })),
  house: [
    async ({ request, foxing }, use) => {
      await request.put(`${foxing}/api/house-rules`, { data: HOUSE });
      await use();
    },
    { auto: true },
  ],
});

export { expect, type Page } from '@playwright/test';
