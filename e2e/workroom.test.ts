import { AxeBuilder } from '@axe-core/playwright';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

test('line-ups are made, renamed, copied and put away from the Workroom; Undo says what it takes back, also after a reload', async ({
  page,
}) => {
  await page.goto('/');
  const cards = page.getByRole('list', { name: 'Line-ups' }).getByRole('article');
  await expect(cards.first()).toBeVisible();
  const before = await cards.count();
  await page.getByRole('button', { name: 'New line-up…' }).click();
  await page.getByLabel('Name of the line-up').fill('Harbour fair');
  await page.getByRole('button', { name: 'Begin it' }).click();
  await expect(page.getByRole('heading', { name: 'Harbour fair' })).toBeVisible();
  await page.getByRole('link', { name: 'Outfit' }).click();
  await expect(cards).toHaveCount(before + 1);

  await page.getByRole('button', { name: 'More for The Heron crew' }).click();
  await page.getByRole('menuitem', { name: 'Copy it with its figures' }).click();
  await expect(page.getByRole('article', { name: 'Copy of The Heron crew' })).toContainText('6 of 6');
  await page.getByRole('button', { name: 'More for Copy of The Heron crew' }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByLabel('Name of the line-up').fill('Second crew');
  await page.getByLabel('Name of the line-up').press('Enter');
  await expect(page.getByRole('article', { name: 'Second crew' })).toBeVisible();
  await page.getByRole('button', { name: 'More for Second crew' }).click();
  await page.getByRole('menuitem', { name: 'Put it in the bin' }).click();
  await expect(page.getByRole('article', { name: 'Second crew' })).toHaveCount(0);

  await page.reload();
  await expect(page.getByRole('button', { name: 'Undo: Put “Second crew” in the bin' })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('article', { name: 'Second crew' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('article', { name: 'Copy of The Heron crew' })).toBeVisible();
});

test('figures are moved, copied and put away several at once, and come back whole', async ({ page }) => {
  await page.goto('/line-ups/winter-post');
  await page.getByLabel('Choose Perrin Oake').check();
  await page.getByLabel('Choose Hob Linnet').check();
  await pick(page, 'Move to', 'otter');
  await expect(page.getByTestId('promised')).toContainText('8 chosen');
  await page.goto('/line-ups/winter-post');
  await expect(page.getByRole('button', { name: /^Undo: Moved/ })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('promised')).toContainText('10 chosen');

  await page.getByLabel('Choose Hob Linnet').check();
  await page.getByRole('button', { name: 'Put in the bin' }).click();
  await expect(page.getByTestId('promised')).toContainText('9 chosen');
  await page.goto('/figures/hob-linnet/fitting');
  await expect(page.getByText('There is no such figure')).toBeVisible();
  await page.goto('/bin');
  const lying = page.getByRole('list', { name: 'In the bin' }).getByRole('listitem').filter({ hasText: 'Hob Linnet' });
  await expect(lying).toContainText('figure, of Winter Post, edition 1');
  await lying.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('“Hob Linnet” is back.')).toBeVisible();
  await page.goto('/figures/hob-linnet/fitting');
  await expect(page.getByRole('heading', { name: 'Hob Linnet' })).toBeVisible();
});

test('the guide opens at the page of the screen one is on, and is found by Ctrl K', async ({ page }) => {
  await page.goto('/market');
  await page.getByRole('link', { name: 'Guide: Market' }).click();
  await expect(page.getByRole('heading', { name: 'Market' })).toBeVisible();
  await expect(page.getByRole('article').getByRole('img')).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('guide fitting');
  await page.getByRole('option', { name: /Guide: Fitting/ }).click();
  await expect(page.getByRole('heading', { name: 'Fitting' })).toBeVisible();
});

test('no screen of the workroom, the bin, the guide or one’s own parts has a serious accessibility fault', async ({ page }) => {
  for (const path of [
    '/',
    '/bin',
    '/guide/begin',
    '/catalogue/own?do=part',
    '/catalogue/own?do=photos',
    '/catalogue/own?do=shape',
    '/catalogue/own?do=foreign',
  ]) {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    const { violations } = await new AxeBuilder({ page }).analyze();
    const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
    expect(serious.map(({ id, nodes }) => `${path} ${id}: ${nodes[0]?.html.slice(0, 160) ?? ''}`)).toEqual([]);
  }
});
