// How long a page takes in Debian's chromium until a person can use it, and how much is sent for it.
import { chromium } from '@playwright/test';

export const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-sync',
];
const MOST_MS = 120_000;

/** Each page with what shows that it can be used. */
const PAGES = (figure) => ({
  '/': (page) => page.getByRole('contentinfo', { name: 'Shelf' }).getByRole('button').first(),
  '/catalogue': (page) => page.getByTestId('found').filter({ hasText: /part/ }),
  '/wardrobe': (page) => page.getByRole('table', { name: 'Owned pieces' }).getByRole('row').nth(2),
  '/market': (page) => page.getByRole('table', { name: 'List of offers' }).getByRole('row').nth(2),
  [`/figures/${figure}/fitting?position=headgear`]: (page) => page.getByRole('option').first(),
  [`/figures/${figure}/brief`]: (page) => page.getByRole('button', { name: 'Add a wish' }),
  [`/figures/${figure}/errand`]: (page) => page.getByRole('main').getByRole('button').first(),
});

export async function pagesOf(base, figure) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGS });
  const measured = {};
  for (const [path, usable] of Object.entries(PAGES(figure))) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const client = await context.newCDPSession(page);
    await client.send('Network.enable');
    const kinds = new Map();
    let [bytes, scripts] = [0, 0];
    client.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
    client.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      bytes += encodedDataLength;
      if (kinds.get(requestId) === 'Script') scripts += encodedDataLength;
    });
    const began = performance.now();
    await page.goto(base + path);
    const usableMs = await usable(page)
      .waitFor({ timeout: MOST_MS })
      .then(
        () => performance.now() - began,
        () => NaN,
      );
    measured[path.replace(figure, '…')] = { usableMs, kB: bytes / 1024, scriptKB: scripts / 1024 };
    await context.close();
  }
  await browser.close();
  return measured;
}
