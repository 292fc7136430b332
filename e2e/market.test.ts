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
