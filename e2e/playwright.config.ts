import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results/browser',
  workers: 2,
  fullyParallel: true,
  timeout: 180000,
  expect: { timeout: 20000 },
  reporter: [['list'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ?? '../test-results/report.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // It fetches the whole application for every new browser; where it is what is tested, it is allowed.
    serviceWorkers: 'block',
    // A trace makes every step twice as slow; ask for one with --trace on.
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
