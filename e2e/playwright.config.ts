import { defineConfig } from '@playwright/test';

const port = 4187;

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  timeout: 180000,
  expect: { timeout: 20000 },
  reporter: [['list'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ?? '../test-results/report.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
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
  webServer: {
    command: 'npx --no-install tsx e2e/server.ts',
    cwd: '..',
    env: { PORT: String(port) },
    url: `http://127.0.0.1:${port}/api/me`,
    timeout: 120000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 15000 },
    stdout: 'ignore',
    stderr: 'pipe',
  },
});
