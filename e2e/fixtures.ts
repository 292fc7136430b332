import { expect, type Page, test as base } from '@playwright/test';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Host, startHost, suiteNow } from './server.js';

/**
 * Milliseconds by which every change, and every reading, reaches the server late: `OUTFIT_E2E_LATE=400 npm run e2e` finds what only holds
 * where the machine is quick, in the tests and in the application.
 */
const LATE_MS = { change: Number(process.env['OUTFIT_E2E_LATE'] ?? 0), read: Number(process.env['OUTFIT_E2E_LATE_READS'] ?? 0) };

/** What the server refused and what did not get there, as it happens: a sentence about it has gone from the screen when a test gives up. */
function refusedOf(page: Page): readonly string[] {
  const told: string[] = [];
  page.on('response', (response) => {
    if (response.status() < 400) return;
    void response.text().then(
      (body) => told.push(`${response.status()} ${response.request().method()} ${response.url()} ${body.slice(0, 300)}`),
      () => told.push(`${response.status()} ${response.url()}`),
    );
  });
  page.on('requestfailed', (request) => told.push(`${request.failure()?.errorText ?? 'failed'} ${request.method()} ${request.url()}`));
  page.on('pageerror', (error) => told.push(error.message));
  return told;
}

/** Whoever leaves a page waits until it no longer asks to stay: until what was done there is saved. */
async function whenSaved(page: Page): Promise<void> {
  const asksToStay = (): Promise<boolean> =>
    page.evaluate(() => !window.dispatchEvent(new Event('beforeunload', { cancelable: true }))).catch(() => false);
  await expect.poll(asksToStay).toBe(false);
}

/** Has a page take it for so many milliseconds later than it is. What is timed goes on as ever: only the calendar moves. */
function shiftDate(aheadMs: number): void {
  const Real = Date;
  globalThis.Date = class extends Real {
    constructor(...given: readonly [] | ConstructorParameters<DateConstructor>) {
      if (given.length === 0) super(Real.now() + aheadMs);
      else super(...given);
    }

    static override now(): number {
      return Real.now() + aheadMs;
    }
  } as DateConstructor;
}

/** Every test has the application to itself, on a copy of the demo data: none sees what another did, so they run side by side. */
export const test = base.extend<{ readonly application: string; readonly isDemo: boolean }, { readonly host: Host }>({
  host: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads from the pattern what a fixture stands on
    async ({}, use) => {
      const host = startHost();
      await use(host);
      host.close();
    },
    { scope: 'worker' },
  ],
  /** False where a test begins with nothing at all. */
  isDemo: [true, { option: true }],
  application: [
    async ({ isDemo, host }, use) => {
      const folder = mkdtempSync(join(tmpdir(), 'outfit-e2e-'));
      if (isDemo) cpSync(process.env['OUTFIT_E2E_TEMPLATE'] ?? '', folder, { recursive: true });
      await use(await host.start(folder, isDemo));
      await host.stop(folder);
      rmSync(folder, { recursive: true, force: true });
    },
    { auto: true },
  ],
  page: async ({ page }, use, info) => {
    const refused = refusedOf(page);
    await page.addInitScript(shiftDate, suiteNow().getTime() - Date.now());
    if (LATE_MS.change + LATE_MS.read > 0)
      await page.route('**/api/**', async (route) => {
        const lateMs = route.request().method() === 'GET' ? LATE_MS.read : LATE_MS.change;
        await new Promise((done) => setTimeout(done, lateMs));
        await route.continue().catch(() => undefined);
      });
    const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
    page.goto = async (...args) => (await whenSaved(page), goto(...args));
    page.reload = async (...args) => (await whenSaved(page), reload(...args));
    await use(page);
    if (info.status !== info.expectedStatus) for (const told of refused) console.log(`  ${info.title}: ${told}`);
  },
  baseURL: async ({ application }, use) => use(application),
});

export { expect } from '@playwright/test';
