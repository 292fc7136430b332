import type { Page } from '@playwright/test';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

/** Keeps a script waiting. */
async function late(page: Page, script: string): Promise<void> {
  await page.route(`**/assets/${script}-*.js`, async (route) => {
    await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
}

test('a page stays until the next one is there; back and forward go where one was', async ({ page }) => {
  await late(page, 'market');
  await page.goto('/wardrobe');
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeVisible();
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Market' }).click();
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeVisible();
  await expect(page.getByText('Opening the workroom')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Market', level: 1 })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeHidden();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeVisible();
  await page.goForward();
  await expect(page.getByRole('heading', { name: 'Market', level: 1 })).toBeVisible();
});

test('an address that stands for another leads there, and one that is nowhere says so', async ({ page }) => {
  await page.goto('/figures/marta-quill');
  await expect(page).toHaveURL(/\/figures\/marta-quill\/fitting$/);
  await page.goto('/guide');
  await expect(page).toHaveURL(/\/guide\/begin$/);
  await expect(page.getByRole('article').getByRole('heading', { level: 1 })).toBeVisible();
  await page.goto('/nowhere/at/all');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
});

test('a page whose script does not come says what to do, and the way back is open', async ({ page }) => {
  await page.goto('/wardrobe');
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeVisible();
  await page.route('**/assets/market-*.js', (route) => route.abort());
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Market' }).click();
  await expect(page.getByText('This screen broke')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeVisible();
});

test('a menu opens on the first press, by mouse and by keys, though its script is late', async ({ page }) => {
  await late(page, 'OpenMenu');
  await page.goto('/figures/marta-quill/fitting');
  const places = page.getByRole('button', { name: 'More places' });
  await places.click();
  await expect(page.getByRole('menu')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('menu')).toBeHidden();
  await expect(places).toBeFocused();
  const more = page.getByRole('button', { name: 'More for this look' });
  await more.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menuitem', { name: 'Rename…' })).toBeFocused();
});

test('whoever leaves while something is not saved is asked first; once it is saved nobody asks', async ({ page }) => {
  await page.goto('/figures/marta-quill/fitting?position=headgear');
  let answer = (): void => undefined;
  const held = new Promise<void>((done) => (answer = done));
  await page.route('**/edits*', async (route) => {
    await held;
    await route.continue();
  });
  await page.getByRole('button', { name: 'Take off', exact: true }).click();
  await expect(page.getByText('Saving…')).toBeVisible();
  const asked = new Promise<string>((tell) =>
    page.once('dialog', (dialog) => {
      tell(dialog.type());
      void dialog.dismiss();
    }),
  );
  await page.evaluate(() => window.location.assign('/market'));
  expect(await asked).toBe('beforeunload');
  await expect(page).toHaveURL(/fitting/);
  answer();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.evaluate(() => window.location.assign('/market'));
  await expect(page.getByRole('heading', { name: 'Market', level: 1 })).toBeVisible();
});

test('a part that was just added is known on the next page, though the catalogue takes its time', async ({ page }) => {
  await page.goto('/catalogue/own');
  await expect(page.getByRole('button', { name: 'Add this part' })).toBeVisible();
  await page.route('**/catalogue/packed', async (route) => {
    await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
  await pick(page, 'Mould', 'bob');
  await pick(page, /^Colour 1, /, 'moss');
  await page.getByLabel('How many you have').fill('3');
  await page.getByRole('button', { name: 'Add this part' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Added.' })).toBeVisible();
  await page.getByRole('link', { name: 'Wardrobe' }).click();
  await expect(page.getByRole('heading', { name: 'Wardrobe', level: 1 })).toBeVisible();
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByLabel('Search the wardrobe').fill('bob moss');
  await expect(page.getByRole('table').getByText(/moss/i).first()).toBeVisible();
  await expect(page.getByText('This screen broke')).toBeHidden();
});
