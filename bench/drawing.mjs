// Drawing in Debian's chromium: whole figures and thumbnails, against putting markup that is ready into the page.
/* global window, document -- what is measured runs in the page */
import { chromium } from '@playwright/test';
import { demoWorld } from '@outfit/demo';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';

const entry = fileURLToPath(new URL('../packages/drawing/dist/index.js', import.meta.url));
const core = fileURLToPath(new URL('../packages/core/dist/index.js', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'outfit-bench-'));
const file = join(folder, 'entry.js');
writeFileSync(file, `export * from ${JSON.stringify(entry)}; export { Catalogue } from ${JSON.stringify(core)};`);
const bundled = await build({
  logLevel: 'error',
  configFile: false,
  build: { write: false, lib: { entry: file, formats: ['iife'], name: 'outfit' } },
});
rmSync(folder, { recursive: true });
const [result] = Array.isArray(bundled) ? bundled : [bundled];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.setContent('<svg id="stage" viewBox="-112 -440 224 450" width="300"></svg><div id="list"></div>');
await page.addScriptTag({ content: result.output[0].code });
const measured = await page.evaluate((data) => {
  const { Catalogue, drawLook, drawVariant } = window.outfit;
  const catalogue = new Catalogue(data);
  const stage = document.getElementById('stage');
  const list = document.getElementById('list');
  const looks = data.officialFigures.map((figure) => ({ parts: figure.parts, overrules: [] }));
  const views = ['front', 'back', 'left', 'right'];
  const show = (markup) => {
    stage.innerHTML = markup;
    return stage.getBBox().width;
  };
  const draw = (look, view) => drawLook(look, catalogue, { view, idPrefix: 'b', ghosted: true }).markup;
  const ready = looks.map((look) => draw(look, 'front'));
  for (const look of looks) show(draw(look, 'front'));
  const [ours, baseline] = [[], []];
  for (const view of views)
    looks.forEach((look, i) => {
      let started = performance.now();
      show(draw(look, view));
      ours.push(performance.now() - started);
      started = performance.now();
      show(ready[i]);
      baseline.push(performance.now() - started);
    });
  const variants = data.variants.filter((_, i) => i % 5 === 0).slice(0, 300);
  const started = performance.now();
  list.innerHTML = variants
    .map((variant, i) => {
      const { markup, viewBox } = drawVariant(variant, catalogue.mouldOf(variant).fills[0][0], catalogue, `v${i}`);
      return `<svg width="54" height="54" viewBox="${viewBox}">${markup}</svg>`;
    })
    .join('');
  list.getBoundingClientRect();
  const thumbnails = performance.now() - started;
  const sorted = (times) => [...times].sort((a, b) => a - b);
  const at = (times, q) => sorted(times)[Math.floor(times.length * q)];
  return { median: at(ours, 0.5), p95: at(ours, 0.95), base: at(baseline, 0.5), thumbnails };
}, demoWorld().catalogue);
await browser.close();
console.log('Drawing a whole figure in chromium, against inserting the same figure as ready markup:');
console.log(
  `  ${(measured.median / measured.base).toFixed(2)} times (median ${measured.median.toFixed(2)} ms, p95 ${measured.p95.toFixed(2)} ms); 300 thumbnails ${measured.thumbnails.toFixed(0)} ms, ${(measured.thumbnails / 300).toFixed(2)} ms each`,
);
