// What a person's keys take in Debian's chromium: from the key to the paint that shows what it did.
/* global document, window, MutationObserver, requestAnimationFrame -- what `watch` runs among is a page */
import { chromium } from '@playwright/test';
import { quantile } from '../grown.mjs';
import { ARGS } from './pages.mjs';

const STEPS = 40;

/** In the page: counts from the next key to the paint after something changed in an element, and how long the key itself kept the page. */
function watch(selector) {
  const root = document.querySelector(selector);
  window.measured = new Promise((resolve) => {
    let began = 0;
    let keptMs = 0;
    const onKey = (event) => {
      began = event.timeStamp;
      const from = performance.now();
      // The next turn: by then everything the key set off has been worked out and put into the page.
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = () => (keptMs = performance.now() - from);
      port2.postMessage(null);
    };
    window.addEventListener('keydown', onKey, { capture: true, once: true });
    const observer = new MutationObserver(() => {
      if (began === 0) return;
      observer.disconnect();
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => resolve({ ms: performance.now() - began, keptMs });
        port2.postMessage(null);
      });
    });
    observer.observe(root, { subtree: true, childList: true, characterData: true, attributes: true });
  });
}

/** Presses keys and measures each; `before`, when there is one, is pressed ahead of it and not measured. */
async function keys(page, selector, presses, before = null) {
  const found = [];
  for (const key of presses) {
    if (before) await page.keyboard.press(before);
    await page.waitForTimeout(before ? 300 : 60);
    await page.evaluate(watch, selector);
    await page.keyboard.press(key);
    const measured = await Promise.race([page.evaluate(() => window.measured), page.waitForTimeout(20_000).catch(() => undefined)]);
    if (measured) found.push(measured);
  }
  return found;
}

const spread = (found, of = 'ms') => {
  const values = found.map((row) => row[of]);
  return { median: quantile(values, 0.5), p95: quantile(values, 0.95), count: values.length };
};

export async function deedsOf(base, figure) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGS });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/figures/${figure}/fitting?position=headgear`);
  await page.getByRole('option').first().waitFor({ timeout: 60_000 });
  await page.waitForTimeout(1000);
  await page.getByRole('listbox', { name: /^Candidates/ }).focus();
  const arrows = await keys(
    page,
    'main',
    Array.from({ length: STEPS }, () => 'ArrowDown'),
  );
  const worn = await keys(
    page,
    '[aria-label="Judgement"]',
    Array.from({ length: 12 }, () => 'Enter'),
    'ArrowDown',
  );
  await page.goto(`${base}/catalogue`);
  await page.getByTestId('found').filter({ hasText: /part/ }).waitFor({ timeout: 60_000 });
  await page.getByLabel('Search the catalogue').focus();
  const typed = await keys(page, '[data-testid="found"]', [...'brown knot']);
  await browser.close();
  return {
    'arrow to paint': spread(arrows),
    'the page kept by an arrow': spread(arrows, 'keptMs'),
    'put on to judged': spread(worn),
    'keystroke to result, in the catalogue': spread(typed),
  };
}
