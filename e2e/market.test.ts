import { expect, test } from './fixtures.js';

test('all a seller offers can be scrolled through and searched, to the dearest', async ({ page }) => {
  await page.goto('/market?seller=button-box');
  const offers = page.getByRole('table', { name: 'List of offers' });
  const found = page.getByRole('region', { name: 'Offers of Button Box' }).getByRole('status');
  await expect(found).toHaveText(/^\d{3,} offers$/);
  const total = Number((await found.textContent())?.split(' ')[0]);
  await expect(offers.getByRole('link').first()).toBeVisible();

  // The last of several hundred: pages between are not needed for it.
  await offers.getByRole('rowgroup').evaluate((list) => list.scrollTo(0, list.scrollHeight));
  const last = offers.locator(`[aria-rowindex="${total}"]`);
  await expect(last.getByRole('link')).toBeVisible();
  const dearest = (await last.getByRole('link').textContent()) ?? '';

  await page.getByLabel('Search these offers').fill(dearest);
  await expect(found).not.toHaveText(`${total} offers`);
  await expect(offers.getByRole('link').first()).toHaveText(dearest);
  await page.getByLabel('Search these offers').fill('nothing like that');
  await expect(found).toHaveText('0 offers');
  await expect(page.getByText('Nothing here has these words.')).toBeVisible();
});

test('a seller far down the list is in sight when a link opens it', async ({ page }) => {
  await page.goto('/market?seller=second-shelf');
  await expect(page.getByRole('button', { name: /^Second Shelf/ })).toBeInViewport();
});

test('a seller written down by hand is put in the bin, brought back by Undo, and its terms are taken back too', async ({ page }) => {
  await page.goto('/market?show=sellers');
  await page.getByRole('button', { name: 'Add a seller…' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Corner Drawer');
  await sheet.getByLabel('Country, two letters').fill('NL');
  await sheet.getByLabel('Days on the way').fill('3');
  await sheet.getByLabel('Step 1, grams').fill('500');
  await sheet.getByLabel('Step 1, costs').fill('3.95');
  await sheet.getByRole('button', { name: 'Add this seller' }).click();
  const sellers = page.getByRole('list', { name: 'Sellers' });
  await expect(sellers.getByRole('button', { name: /Corner Drawer/ })).toBeVisible();
  await page.getByRole('button', { name: 'Put in the bin' }).click();
  await expect(page.getByText('“Corner Drawer” lies in the bin.')).toBeVisible();
  await expect(sellers.getByRole('button', { name: /Corner Drawer/ })).toBeHidden();
  await page.reload();
  await page.getByRole('button', { name: 'Undo: Put Corner Drawer in the bin' }).click();
  await expect(sellers.getByRole('button', { name: /Corner Drawer/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Added Corner Drawer')).toBeVisible();
  await expect(sellers.getByRole('button', { name: /Corner Drawer/ })).toBeHidden();
});
