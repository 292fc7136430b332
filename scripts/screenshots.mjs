// Takes the pictures in docs/screenshots from the demo data. Needs a build and Debian's chromium.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './lib.mjs';

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

await take('line-up', '/');
await take('brief', '/figures/marta-quill/brief');
await take('fitting', '/figures/ibbe-lantry/fitting');
await take('fitting-back', '/figures/perrin-oake/fitting?position=neck.1&view=back&look=perrin-oake-2');
await take('wardrobe', '/wardrobe');
await take('market', '/market?seller=second-shelf');
await take('catalogue', '/catalogue?q=brown+ponytail');
await take('mould-by-colour', '/catalogue/moulds/HA-118');
await take('part', '/catalogue/variants/TO-401%C2%B7woad%C2%B7carrier-coat');
await take('print-composer', '/catalogue/prints/patch');
await take('source', '/catalogue/sources/LR-07');
await take('errand', '/figures/corvin-pell/errand', async () => {
  await page.getByLabel('Copies').fill('4');
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  await page.getByText(/nothing cheaper exists|above the cheapest/).waitFor();
});
await browser.close();
server.kill();
rmSync(data, { recursive: true });
