import type { Page } from '@playwright/test';

/** Goes on to another place within the page, as a link does. */
export async function turnTo(page: Page, address: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState({}, '', to);
    window.dispatchEvent(new PopStateEvent('popstate'));
  }, address);
}
