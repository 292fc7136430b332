import { AxeBuilder } from '@axe-core/playwright';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

test('whole figures stand with their holes: a hat comes off and leaves one, an errand plans what makes all whole, and one is kept whole', async ({
  page,
}) => {
  await page.goto('/wardrobe?show=figures');
  await expect(page.getByTestId('all-whole')).toContainText('for 2 parts, 1 part lying free');
  const tin = page.getByRole('region', { name: 'Hobby room › Shelf › Biscuit tin' });
  await expect(tin.getByRole('button')).toHaveCount(11);
  await tin.getByRole('button', { name: 'Dock worker 2 holes' }).click();
  const panel = page.getByRole('complementary', { name: 'Dock worker' });
  await expect(panel.getByRole('region', { name: 'Holes' })).toContainText('Side parting in walnut');
  await expect(panel).toContainText('not whole');
  await panel.getByLabel('Keep whole').click();
  await expect(tin.getByRole('button', { name: 'Dock worker kept whole' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(tin.getByRole('button', { name: 'Dock worker 2 holes' })).toBeVisible();

  // Taken apart it is gone from the shelf, and its parts lie where they were put.
  await panel.getByRole('button', { name: 'Take it apart' }).click();
  await pick(page, 'All its parts go to', 'Odds box', panel);
  await panel.getByRole('button', { name: 'Take it apart' }).last().click();
  await expect(tin.getByRole('button')).toHaveCount(10);
  await page.keyboard.press('Control+z');
  await expect(tin.getByRole('button')).toHaveCount(11);

  await page.getByRole('link', { name: 'Plan one errand for all of it' }).click();
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  await expect(page.getByTestId('paid')).toContainText('€');
  await expect(page.getByTestId('bought')).not.toHaveText('0');
});

test('a set that came is added with what was missing ticked off; a blind bag asks; a sealed bag is opened', async ({ page }) => {
  await page.goto('/wardrobe');
  const places = page.getByRole('navigation', { name: 'Places' });
  await places.getByRole('button', { name: /^Window sill/ }).click();
  await page.getByRole('button', { name: 'Add a set…' }).click();
  const sheet = page.getByRole('dialog');
  await pick(page, 'Product', 'Lanterns on the water', sheet);
  await sheet.getByText('Lantern keeper').click();
  await sheet
    .getByRole('checkbox', { name: /^Cape|^Short cape|cape/i })
    .first()
    .uncheck();
  await sheet.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('323 pieces, 28 whole figures');
  await page.getByRole('button', { name: /^Undo: Lanterns on the water came, opened/ }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('321 pieces, 26 whole figures');

  await page.getByRole('button', { name: 'Add a set…' }).click();
  await pick(page, 'Product', 'River people, bag 2', sheet);
  await expect(sheet.getByRole('button', { name: 'Add it' })).toBeDisabled();
  await sheet.getByLabel('Figure in bag 1').selectOption({ label: 'Otter steer' });
  await sheet.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('321 pieces, 27 whole figures');

  await places.getByRole('button', { name: /^River people bag, Otter steer/ }).click();
  await page.getByRole('button', { name: 'Open it…' }).click();
  await sheet.getByRole('button', { name: 'It is open' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('321 pieces, 28 whole figures');
  await expect(places.getByRole('button', { name: /^River people bag, Otter steer/ })).toBeHidden();
});

test('what is wanted twice says who gets it and why; a piece is kept for another, and the figures’ own pages follow', async ({ page }) => {
  await page.goto('/wardrobe?show=sort-out');
  const clash = page.getByRole('listitem', { name: 'Side tail in raven and cochineal' });
  await expect(clash).toContainText('Ibbe Lantry gets it');
  await expect(page.getByRole('listitem', { name: /lamplighter/ }).filter({ hasText: 'misprinted' })).toContainText(
    '26 owned, 1 of them misprinted, 40 wanted, 15 short',
  );
  await clash.getByRole('button', { name: 'Keep one for Lantern keeper' }).click();
  await expect(page.getByText(/1 × Side tail in raven and cochineal kept for Lantern keeper/)).toBeVisible();
  await expect(clash).toContainText('Lantern keeper gets it: it was kept for it');
  await page.goto('/figures/ibbe-lantry/fitting');
  await page.getByRole('region', { name: 'Marks' }).locator('summary').first().click();
  await expect(page.getByRole('region', { name: 'Marks' })).toContainText('Lantern keeper is served before');
  await expect(page.getByRole('navigation', { name: 'Stages' })).toContainText('5 to buy');
  await expect(page.getByRole('button', { name: 'Ibbe Lantry, 5 to buy' })).toBeVisible();
});

test('orphans, doubts, loans and the fewest copies are each a heap of their own', async ({ page }) => {
  await page.goto('/wardrobe?show=sort-out');
  await page.getByRole('radio', { name: 'Nobody wants · 3' }).click();
  await expect(page.getByRole('list', { name: 'Nobody wants' }).getByRole('listitem')).toHaveCount(3);
  await page.getByRole('radio', { name: 'Think so · 5' }).click();
  await page.getByRole('list', { name: 'Think so' }).getByRole('button', { name: 'It is right' }).first().click();
  await expect(page.getByRole('radio', { name: 'Think so · 4' })).toBeVisible();
  await page.getByRole('radio', { name: 'Lent and borrowed · 2' }).click();
  await expect(page.getByRole('region', { name: 'Lent' })).toContainText('was due back');
  await page.getByRole('button', { name: 'Handed back' }).click();
  await expect(page.getByRole('radio', { name: 'Lent and borrowed · 1' })).toBeVisible();
  await page.getByRole('radio', { name: 'Fewest copies' }).click();
  await expect(page.getByTestId('least-copies')).toContainText('8 official figures');
  await page.getByRole('radio', { name: 'Used up · 0' }).click();
  await page.getByLabel('What is used up').fill('Glue dots');
  await page.getByLabel('There is').fill('12');
  await page.getByLabel('Low at').fill('5');
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.getByLabel('How much of Glue dots').fill('8');
  await page.getByRole('button', { name: 'Used', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Consumables' })).toContainText('running low');
  await expect(page.getByRole('radio', { name: 'Used up · 1' })).toBeVisible();
});

test('a figure is started from a piece that nobody wants, which is chosen already', async ({ page }) => {
  await page.goto('/wardrobe?show=sort-out&heap=orphans');
  await page.getByRole('list', { name: 'Nobody wants' }).getByRole('link', { name: 'Start a figure from it' }).first().click();
  const sheet = page.getByRole('dialog', { name: 'A new figure' });
  await expect(sheet.getByRole('radio', { name: 'A part that is left over' })).toBeChecked();
  await sheet.getByLabel('Name of the new figure').fill('Odd Orrin');
  await sheet.getByRole('button', { name: 'Add to the line-up' }).click();
  await expect(page).toHaveURL(/\/fitting/);
  await expect(page.getByRole('heading', { name: 'Odd Orrin' })).toBeVisible();
});

test('a piece in the hand is told where it goes, also on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto('/wardrobe');
  await page.getByRole('button', { name: 'Where does this go?' }).click();
  const sheet = page.getByRole('dialog');
  await pick(page, 'In my hand', 'side parting walnut', sheet);
  const place = sheet.getByRole('listitem').first();
  await expect(place).toContainText('Drawer A, hair and hats');
  await expect(place).toContainText('3 of the very part lie there');
  await place.getByRole('button', { name: 'Put it there' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('322 pieces, 26 whole figures');
  const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);
  expect(wide).toBe(false);
});

test('whole figures and what is to sort out have no serious accessibility fault', async ({ page }) => {
  for (const show of ['figures', 'sort-out', 'parts']) {
    await page.goto(`/wardrobe?show=${show}`);
    await expect(page.getByTestId('wardrobe-total')).toContainText('26 whole figures');
    if (show === 'figures')
      await page
        .getByRole('button', { name: /Dock worker/ })
        .first()
        .click();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.filter((row) => row.impact === 'serious' || row.impact === 'critical').map((row) => [show, row.id])).toEqual([]);
  }
});
