import { AxeBuilder } from '@axe-core/playwright';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';
import { suiteDay } from './server.js';

test('a drawer opens as it lies there: some of a run are moved by name, by drag, and Undo brings them back, also after a reload', async ({
  page,
}) => {
  await page.goto('/wardrobe');
  const places = page.getByRole('navigation', { name: 'Places' });
  await page.getByLabel('New place', { exact: true }).fill('Attic');
  await page.getByRole('button', { name: 'Add the place' }).click();
  await expect(places.getByRole('button', { name: /^Attic/ })).toBeVisible();

  // The drawer itself is put into the room, with all that lies in it.
  await places.getByRole('button', { name: /^Drawer A/ }).click();
  await page.getByRole('button', { name: 'More for Drawer A, hair and hats' }).click();
  await page.getByRole('menuitem', { name: 'Put it elsewhere…' }).click();
  await pick(page, 'Put Drawer A, hair and hats into', 'Attic');
  await expect(places.getByRole('button', { name: /^Attic 29/ })).toBeVisible();

  // Two of the three side partings go to the odds box: M, how many, where to.
  await page.getByRole('option', { name: /Side parting in walnut/ }).click();
  await page.keyboard.press('m');
  await page.getByLabel('How many of the 3').fill('2');
  await pick(page, 'Where to', 'Odds box');
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByText('Put 2 × Side parting in walnut into Hobby room › Odds box.')).toBeVisible();
  await expect(places.getByRole('button', { name: /^Odds box 11$/ })).toBeVisible();

  // The silver knot is dragged there; its story tells.
  await page.getByRole('option', { name: /Low knot in silver/ }).dragTo(places.getByRole('button', { name: /^Odds box/ }));
  await expect(places.getByRole('button', { name: /^Odds box 12$/ })).toBeVisible();
  await places.getByRole('button', { name: /^Odds box/ }).click();
  await page.getByRole('option', { name: /Low knot in silver/ }).click();
  await expect(page.getByRole('complementary', { name: 'Chosen pieces' })).toContainText('1 from Drawer A, hair and hats to Odds box');

  await page.reload();
  await page.getByRole('button', { name: 'Undo: Put Low knot in silver into Hobby room › Odds box' }).click();
  await expect(places.getByRole('button', { name: /^Odds box 11$/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Put 2 × Side parting in walnut into Hobby room › Odds box')).toBeVisible();
  await expect(places.getByRole('button', { name: /^Odds box 9$/ })).toBeVisible();
});

test('a defect makes a run of its own, what is lent is away until it comes back, and a drawer is counted', async ({ page }) => {
  await page.goto('/wardrobe');
  const places = page.getByRole('navigation', { name: 'Places' });
  await places.getByRole('button', { name: /^Tin of hands/ }).click();
  await page.getByRole('option', { name: /×8.*Mitten hand in biscuit/ }).click();
  await page.keyboard.press('d');
  await page.getByLabel('How many of the 8').fill('3');
  await page.getByLabel('What is wrong').selectOption('crack');
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByRole('option', { name: /×3.*crack/ })).toBeVisible();
  await expect(page.getByRole('option', { name: /×5.*Mitten hand in biscuit/ })).toBeVisible();

  await page.getByRole('option', { name: /Mitten hand in clay/ }).click();
  await page.keyboard.press('l');
  await page.getByLabel('To whom').fill('Margit');
  await page.getByLabel('Due back on').fill(suiteDay(-329));
  await page.getByRole('button', { name: 'Do it' }).click();
  const lent = places.getByRole('button', { name: /^Lent to Margit/ });
  await expect(lent).toContainText('was due back');
  await expect(page.getByTestId('wardrobe-total')).toHaveText('319 pieces, 26 whole figures');
  await lent.click();
  await page.getByRole('option', { name: /Mitten hand in clay/ }).click();
  await page.getByRole('button', { name: 'It came back…' }).click();
  await pick(page, 'Where to', 'Tin of hands');
  await page.getByRole('button', { name: 'It came back', exact: true }).click();
  await expect(lent).toBeHidden();

  await places.getByRole('button', { name: /^Tin of hands/ }).click();
  await page.getByRole('button', { name: 'Count this place' }).click();
  await page.getByLabel('There are, of Mitten hand in umber').fill('1');
  await page.getByRole('button', { name: 'Enter 1 difference' }).click();
  await expect(page.getByText('Counted Hobby room › Cabinet › Tin of hands: 0 more and 1 fewer than written down.')).toBeVisible();
});

test('a list as it was written on paper is typed: a line that tells no part says what would do, and nothing is added before', async ({
  page,
}) => {
  await page.goto('/wardrobe');
  await expect(page.getByRole('listbox', { name: 'Pieces' }).getByRole('option').first()).toBeVisible();
  await page.keyboard.press('n');
  await page.getByRole('radio', { name: 'A list, typed' }).click();
  const list = page.getByLabel(/^A line for each part/);
  await list.fill('3 HA-118 raven\n1 ZZ-9 red');
  await page.getByRole('button', { name: 'Add what is listed' }).click();
  await expect(page.getByRole('list', { name: 'Lines that tell no part' })).toContainText('“ZZ-9” is the number of no mould.');
  await list.fill('3 HA-118 raven\n2 TO-401 woad');
  await page.getByRole('button', { name: 'Add what is listed' }).click();
  await expect(page.getByText('5 pieces added.')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('326 pieces, 26 whole figures');
});

test('the wardrobe has no serious accessibility fault, and a drawer opens on a phone', async ({ page }) => {
  await page.goto('/wardrobe');
  await page
    .getByRole('navigation', { name: 'Places' })
    .getByRole('button', { name: /^Drawer A/ })
    .click();
  await page.getByRole('listbox', { name: 'Pieces' }).getByRole('option').first().click();
  await page.keyboard.press('m');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((row) => row.impact === 'serious' || row.impact === 'critical')).toEqual([]);
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto('/wardrobe?words=hand');
  await expect(page.getByRole('listbox', { name: 'Pieces' }).getByRole('option').first()).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);
  expect(wide).toBe(false);
});
