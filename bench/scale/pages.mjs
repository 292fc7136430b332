// How long a page takes in Debian's chromium until a person can use it, and how much is sent for it.
/* global document, window, MutationObserver, requestAnimationFrame -- what `watch` runs among is a page */
import { chromium } from '@playwright/test';

export const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-sync',
];
const MOST_MS = 60_000;
/** A page that is opened and sent somewhere at once is loaded twice by this browser; a person has it open. */
const SETTLED_MS = 1000;

/** Each page with what shows that it can be used. The fitting twice: the figure drawn and judged, and its candidates ranked. */
const PAGES = (figure, lineUp) => [
  ['/', '/', 'footer[aria-label="Shelf"] button'],
  ['/catalogue', '/catalogue', '[data-testid="found"]', 'part'],
  ['/wardrobe', '/wardrobe', '[aria-label="Pieces"] [role="option"]'],
  ['wardrobe, to sort out', '/wardrobe?show=sort-out', '[aria-label="What to sort out"]'],
  ['wardrobe, parts', '/wardrobe?show=parts', '[aria-label="Owned pieces"] [role="row"]:nth-child(2)'],
  ['/market', '/market', '[aria-label="Who has most of it"] li'],
  ['sellers', '/market?show=sellers', '[aria-label="List of offers"] [role="row"]:nth-child(2)'],
  ['fitting, judged', `/figures/${figure}/fitting?position=headgear`, '[aria-label="Judgement"]'],
  ['fitting, ranked', `/figures/${figure}/fitting?position=headgear`, '[role="option"]'],
  ['brief', `/figures/${figure}/brief`, 'main', 'Add a wish'],
  ['errand', `/figures/${figure}/errand`, 'main button'],
  ['line-up, stage', `/line-ups/${lineUp}`, '[data-testid="promised"]', 'complete'],
  ['line-up, table', `/line-ups/${lineUp}/table`, 'tbody tr'],
  ['line-up, variety', `/line-ups/${lineUp}/variety`, 'table'],
  ['line-up, fix list', `/line-ups/${lineUp}/fixes`, '[aria-label="Fix list"] [role="status"]', 'best left'],
  ['ideas', '/ideas', 'main li'],
  ['parcels', '/parcels', 'main h1'],
  ['bench', '/bench', 'main h1'],
];

/** In the page: the paint after something with these words is first there, counted from the start of the way to the page. */
function watch([selector, words = '']) {
  window.usable = new Promise((resolve) => {
    const look = new MutationObserver(() => {
      if (!document.querySelector(selector)?.textContent.includes(words)) return;
      look.disconnect();
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => resolve(performance.now());
        port2.postMessage(null);
      });
    });
    look.observe(document, { subtree: true, childList: true, characterData: true });
  });
}

export async function pagesOf(base, figure, lineUp) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGS });
  const measured = {};
  for (const [name, path, ...usable] of PAGES(figure, lineUp)) {
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
    await page.addInitScript(watch, usable);
    await page.waitForTimeout(SETTLED_MS);
    await page.goto(base + path, { waitUntil: 'commit' });
    const usableMs = await Promise.race([
      page.evaluate(() => window.usable),
      page.waitForTimeout(MOST_MS).then(
        () => NaN,
        () => NaN,
      ),
    ]);
    measured[name] = { usableMs, kB: bytes / 1024, scriptKB: scripts / 1024 };
    await context.close();
  }
  await browser.close();
  return measured;
}
