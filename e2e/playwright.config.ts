import { defineConfig } from '@playwright/test';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PORT = 4651;
const data = (process.env['OUTFIT_E2E_DATA'] ??= mkdtempSync(join(tmpdir(), 'outfit-e2e-')));

/** The built application on the demo data, in a folder of its own, driven with Debian's chromium. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
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
    command: `node ../apps/server/dist/main.js --demo --data "${data}" --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/api/line-ups`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
