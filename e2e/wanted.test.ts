import { expect, test } from './fixtures.js';
import { suiteDay } from './server.js';

test('the market opens on what is needed: who has most of it, and what fell since', async ({ page }) => {
  await page.goto('/market');
  await expect(page.getByTestId('still-needed')).toHaveText(/^Your chosen looks still need \d+ pieces of \d+ parts/);
  const sellers = page.getByRole('region', { name: 'Who has most of it' }).getByRole('listitem');
  const pieces = (await sellers.allTextContents()).map((text) => Number(/(\d+) of [\d,]+ pieces/.exec(text)?.[1]));
  expect(pieces.length).toBeGreaterThan(4);
  expect(pieces).toEqual([...pieces].sort((a, b) => b - a));

  // A part that is needed falls: it is told, with the way to its prices.
  const needed = async (): Promise<string> => (await page.getByTestId('still-needed').textContent()) ?? '';
  const before = await needed();
  await page.getByRole('button', { name: 'Import CSV…' }).click();
  await page.locator('input[type=file]').setInputFiles({
    name: 'cheap.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`seller,item,asks,left,sold in,condition,seen on\ntin-drawer,LG-701·chalk+soot,0.01,9,1,new,${suiteDay(-7)}\n`),
  });
  await page.getByRole('button', { name: 'Import 1 offer' }).click();
  const fell = page.getByRole('region', { name: 'Fell' });
  await expect(fell).toContainText('€0.01');
  expect(await needed()).toBe(before);
  await fell.getByRole('link', { name: /€0\.01/ }).click();
  await expect(page.getByRole('heading', { name: /legs/i }).first()).toBeVisible();

  await page.goto('/market');
  await sellers.first().getByRole('link').click();
  await expect(page.getByRole('table', { name: 'List of offers' })).toBeVisible();
  await page.getByRole('link', { name: 'What I need' }).click();
  await expect(page.getByTestId('still-needed')).toBeVisible();
});
