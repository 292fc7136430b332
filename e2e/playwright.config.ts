import { defineConfig } from '@playwright/test';

/** The built application on the demo data, in a folder of its own, driven with Debian's chromium. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  globalSetup: './globalSetup.ts',
  fullyParallel: true,
  workers: 2,
  timeout: 300_000,
  expect: { timeout: 40_000 },
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 60_000,
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
