import { defineConfig } from '@playwright/test';

/**
 * What Playwright turns off itself, which a switch of ours replaces, and the address bar's popups: pages of their own, which cost
 * 0.7 s of the processor in every window.
 */
const FEATURES_OFF = [
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'WebUIOmniboxFullPopup',
];

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results/browser',
  workers: 2,
  fullyParallel: true,
  timeout: 300000,
  // A machine that does other things beside takes its time; what never comes is seen either way.
  expect: { timeout: 60000 },
  reporter: [['list'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ?? '../test-results/report.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // It fetches the whole application for every new browser; where it is what is tested, it is allowed.
    serviceWorkers: 'block',
    // What moves is drawn by the processor.
    contextOptions: { reducedMotion: 'reduce' },
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
        `--disable-features=${FEATURES_OFF.join()}`,
      ],
    },
  },
});
