// Takes the pictures in docs/screenshots from the demo data. Needs a build and Debian's chromium.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { ROOT } from './lib.mjs';

/** A cap as it lies on the desk. */
const PART = `<svg xmlns="http://www.w3.org/2000/svg" width="900" height="675">
  <rect width="900" height="675" fill="#C9C2B4"/><ellipse cx="460" cy="520" rx="250" ry="36" fill="#A79F8F"/>
  <path d="M250 360 C190 330 180 230 270 190 C380 140 540 140 640 190 C730 230 720 330 660 360 Z" fill="#3F628F"/>
  <path d="M245 350 C380 310 530 310 665 350 L660 425 C530 390 380 390 250 425 Z" fill="#1B2742"/>
  <path d="M275 420 C380 390 530 390 635 420 C680 455 640 500 580 485 C500 462 410 462 330 485 C270 500 230 455 275 420 Z" fill="#1B2742"/>
</svg>`;

const PORT = 4653;
const data = mkdtempSync(join(tmpdir(), 'outfit-pictures-'));
const server = spawn(process.execPath, ['apps/server/dist/main.js', '--demo', '--data', data, '--port', String(PORT)], { cwd: ROOT });
await new Promise((resolve) => server.stdout.once('data', resolve));

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking', '--disable-sync'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const take = async (name, path, before = async () => {}) => {
  await page.goto(`http://127.0.0.1:${PORT}${path}`);
  await page.waitForLoadState('networkidle');
  await before();
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
};

/** Chooses among many, as a person does. */
const pick = async (label, words) => {
  await page
    .getByRole('button', { name: new RegExp(`^${label}: `) })
    .first()
    .click();
  await page.getByRole('combobox', { name: /^Search: / }).fill(words);
  await page.waitForTimeout(400);
  await page.keyboard.press('Enter');
};

await take('workroom', '/');
await take('line-up', '/line-ups/winter-post', () => page.waitForTimeout(1500));
await take('ideas', '/ideas');
await take('brief', '/figures/odile-marsh/brief');
await take('fitting', '/figures/ibbe-lantry/fitting');
await take('compare', '/figures/ibbe-lantry/compare?looks=ibbe-lantry-1,ibbe-lantry-2,ibbe-lantry-3');
await take('wardrobe', '/wardrobe', async () => {
  await page
    .getByRole('navigation', { name: 'Places' })
    .getByRole('button', { name: /^Tin of arms/ })
    .click();
  await page.getByRole('option', { name: /Arm in saffron/ }).click();
  await page.getByRole('region', { name: 'What it is doing' }).waitFor();
});
await take('whole-figures', '/wardrobe?show=figures', () => page.getByRole('button', { name: 'Dock worker 2 holes' }).click());
await take('sort-out', '/wardrobe?show=sort-out');
await take('parcels', '/parcels', () => page.getByRole('button', { name: /Second Shelf/ }).click());
await take('market', '/market');
await take('catalogue', '/catalogue?q=brown+ponytail');
await take('mould-by-colour', '/catalogue/moulds/HA-118');
await take('part', '/catalogue/variants/TO-401%C2%B7woad%C2%B7carrier-coat');
await take('photographs', '/catalogue/own?do=photos', async () => {
  const part = await sharp(Buffer.from(PART)).jpeg({ quality: 90 }).toBuffer();
  await page.getByLabel('Photographs of parts').setInputFiles([
    { name: 'cap.jpg', mimeType: 'image/jpeg', buffer: part },
    { name: 'cap again.jpg', mimeType: 'image/jpeg', buffer: part },
  ]);
  await page.getByText('2 photographs on the stack.').waitFor();
  await pick('Mould', 'peaked');
  const box = await page.getByRole('application').boundingBox();
  await page.mouse.click(box.x + box.width * 0.5, box.y + box.height * 0.36);
  await page.getByRole('button', { name: 'band and peak', exact: true }).click();
  await page.mouse.click(box.x + box.width * 0.5, box.y + box.height * 0.6);
});
await take('bench', '/figures/vita-lark/bench');
const plan = async () => {
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  await page.getByTestId('proof').waitFor({ timeout: 90_000 });
  await page
    .getByRole('region', { name: 'With fewer parcels' })
    .or(page.getByRole('region', { name: 'Fewer parcels' }))
    .waitFor();
};
await take('prices', '/market/prices/figure/LR-07-a');
await take('errand', '/line-ups/heron-crew/errand', plan);
await page.setViewportSize({ width: 390, height: 800 });
await page.goto(`http://127.0.0.1:${PORT}/line-ups/heron-crew/errand`);
const list = await page.getByRole('link', { name: 'To tick off' }).getAttribute('href');
await take('shopping-list', list, () => page.getByRole('checkbox').first().check());
await browser.close();
server.kill();
rmSync(data, { recursive: true });
