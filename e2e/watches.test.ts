import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

test('a month goes by, and a watch tells that a colour exists now', async ({ page }) => {
  await page.goto('/market');
  const day = await page.getByTestId('market-day').textContent();
  const watches = page.getByRole('complementary', { name: 'Watches' });
  await pick(page, 'Tell me when this mould', 'HA-118');
  await pick(page, 'exists in', 'ember');
  await watches.getByRole('button', { name: 'Watch for it' }).click();
  await expect(watches.getByRole('list', { name: 'Watched for' })).toContainText('when Low knot exists in ember');

  // Another watch from a part's own prices: it is true already, so it tells at once.
  await page.goto('/market/prices/variant/HA-118%C2%B7raven');
  await page.getByLabel('when it is below').fill('500');
  await page.getByRole('button', { name: 'Watch the price' }).click();
  await expect(page.getByText('Watched for. Notices stand on the Market page.')).toBeVisible();
  const recorded = await page.getByRole('region', { name: 'Price history' }).getByRole('img').getAttribute('aria-label');
  expect(recorded).toMatch(/recorded on \d+ days/);

  await page.goto('/market');
  const told = watches.getByRole('list', { name: 'Told' });
  await expect(told).toContainText('Low knot in raven is €');
  await page.getByRole('button', { name: 'On by a month' }).click();
  await expect(page.getByTestId('market-day')).not.toHaveText(day ?? '', { timeout: 60_000 });
  await expect(told).toContainText('Low knot exists in ember now.');
  await page.getByRole('button', { name: 'News' }).click();
  await expect(page.getByRole('dialog')).toContainText('Low knot in ember (HA-118·ember) is made now.');
  await page.keyboard.press('Escape');

  // The part can be looked up at once, and its prices have gone on by thirty days.
  await page.goto('/catalogue/variants/HA-118%C2%B7ember');
  await expect(page.getByRole('heading', { name: /Low knot/ }).first()).toBeVisible();
  await page.goto('/market/prices/variant/HA-118%C2%B7raven');
  const later = await page.getByRole('region', { name: 'Price history' }).getByRole('img').getAttribute('aria-label');
  const days = (label: string | null): number => Number(/recorded on (\d+) days/.exec(label ?? '')?.[1]);
  expect(days(later)).toBeGreaterThan(days(recorded) + 20);
  await expect(page.getByTestId('advice')).not.toBeEmpty();

  // A notice is put away, a watch is ended.
  await page.goto('/market');
  await told.getByRole('button', { name: /Put away: Low knot exists in ember/ }).click();
  await expect(told).not.toContainText('Low knot exists in ember now.');
  await watches.getByRole('button', { name: 'End the watch when Low knot exists in ember' }).click();
  await expect(watches.getByRole('list', { name: 'Watched for' })).not.toContainText('ember');
});

test('what is asked stands on a line for each condition; a stitch says whose it is, a condition shows its history', async ({ page }) => {
  await page.goto('/market/prices/variant/HA-118%C2%B7raven');
  const now = page.getByRole('region', { name: 'Prices now' });
  const offers = page.getByRole('region', { name: 'Offers' }).getByRole('listitem');
  const stitches = now.getByRole('button', { name: /asks €/ });
  await expect(stitches.first()).toBeVisible();
  // Every offer is a stitch, and none is shown as another.
  expect(await stitches.count()).toBe(await offers.count());
  await stitches.first().focus();
  await expect(now.getByText(/ asks €[\d.]+, €[\d.]+ landed: \d+ left, /)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What was asked, used' })).toBeVisible();
  await now.getByRole('radio', { name: /^new/ }).click();
  await expect(page.getByRole('heading', { name: 'What was asked, new' })).toBeVisible();
  await expect(page).toHaveURL(/condition=new/);
});
