import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './fixtures.js';
import { suiteDay } from './server.js';

test('a sale is taken back by itself, though a loan came after it; the loan stays', async ({ page }) => {
  await page.goto('/wardrobe');
  const total = page.getByTestId('wardrobe-total');
  const places = page.getByRole('navigation', { name: 'Places' });
  await places.getByRole('button', { name: /^Tin of hands/ }).click();
  await page.getByRole('option', { name: /×8.*Mitten hand in biscuit/ }).click();
  await page.keyboard.press('s');
  await page.getByLabel('How many of the 8').fill('2');
  // What is no amount is said while it is typed; a currency behind it is none the worse.
  await page.getByLabel(/^What it brought/).fill('12 apples');
  await expect(page.getByText('“12 apples” is no amount: write one such as 3.95.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Do it' })).toBeDisabled();
  await page.getByLabel(/^What it brought/).fill('12 €');
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(total).toHaveText('319 pieces, 26 whole figures');
  await page.getByRole('option', { name: /Mitten hand in clay/ }).click();
  await page.keyboard.press('l');
  await page.getByLabel('To whom').fill('Margit');
  await page.getByLabel('Due back on').fill(suiteDay(30));
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(places.getByRole('button', { name: /^Lent to Margit/ })).toBeVisible();

  await page.getByRole('button', { name: 'What was done here' }).click();
  const sheet = page.getByRole('dialog', { name: 'What was done here' });
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((row) => row.impact === 'serious' || row.impact === 'critical')).toEqual([]);
  await sheet.getByRole('button', { name: 'Take back: Sold 2 × Mitten hand in biscuit' }).click();
  await expect(sheet.getByRole('listitem').filter({ hasText: 'Sold 2 × Mitten hand in biscuit' })).toContainText('taken back');
  await page.keyboard.press('Escape');
  await expect(places.getByRole('button', { name: /^Lent to Margit/ })).toBeVisible();
  await expect(page.getByRole('option', { name: /×8.*Mitten hand in biscuit/ })).toBeVisible();
});

test('a place and what was put into it go by two Undos, and an emptied place is taken away', async ({ page }) => {
  await page.goto('/wardrobe');
  const places = page.getByRole('navigation', { name: 'Places' });
  const tray = places.getByRole('button', { name: /^Test tray/ });
  await page.getByLabel('New place', { exact: true }).fill('Test tray');
  await page.getByRole('button', { name: 'Add the place' }).click();
  await expect(tray).toBeVisible();
  await places.getByRole('button', { name: /^Drawer A/ }).click();
  await page.getByRole('option', { name: /Low knot in silver/ }).dragTo(tray);
  await expect(tray).toHaveText(/1$/);
  await page.keyboard.press('Control+z');
  await expect(tray).toHaveText(/0$/);
  await page.keyboard.press('Control+z');
  await expect(tray).toBeHidden();
  await page.keyboard.press('Control+Shift+z');
  await expect(tray).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(tray).toHaveText(/1$/);

  // Emptied by hand it can go, though a piece lay in it.
  await tray.click();
  await page.getByRole('option', { name: /Low knot in silver/ }).dragTo(places.getByRole('button', { name: /^Odds box/ }));
  await expect(tray).toHaveText(/0$/);
  await page.getByRole('button', { name: 'More for Test tray' }).click();
  await page.getByRole('menuitem', { name: /^Take it away/ }).click();
  await expect(tray).toBeHidden();
});

test('what is done from the fix list is undone on its page', async ({ page }) => {
  await page.goto('/line-ups/better/fixes');
  const list = page.getByRole('region', { name: 'Fix list', exact: true });
  const doable = list.getByRole('button', { name: /^Do it/ });
  await expect(list.getByRole('status')).toHaveText(/\d+ figures? can be made better by one change/);
  const name = (await doable.first().getAttribute('aria-label')) ?? '';
  await doable.first().click();
  const [, figure = '', fix = ''] = /^Do it: (.*?), (.*)$/.exec(name) ?? [];
  await page.getByRole('button', { name: `Undo: ${figure}: ${fix}` }).click();
  await expect(page.getByText(`Undone: ${figure}: ${fix}`)).toBeVisible();
  await expect(list.getByRole('button', { name })).toBeVisible();
});

test('a photograph taken away at the bench comes back by Undo there', async ({ page }) => {
  await page.goto('/figures/thea-bramble/bench');
  const picture = page.getByRole('region', { name: 'Bench history' }).getByRole('img', { name: 'Thea Bramble after' });
  await expect(picture).toBeVisible();
  await page.getByRole('button', { name: 'Take the photograph away' }).first().click();
  await expect(picture).toBeHidden();
  await page.getByRole('button', { name: 'Undo: Took a photograph of Thea Bramble away' }).click();
  await expect(picture).toBeVisible();
});
