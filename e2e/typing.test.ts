import { expect, test } from './fixtures.js';

/** Every field whose words stand in the address, and how the address calls them. */
const FIELDS = [
  { page: '/catalogue', field: 'Search the catalogue', key: 'q' },
  { page: '/wardrobe', field: 'Search the wardrobe', key: 'words' },
  { page: '/market?show=sellers', field: 'Search these offers', key: 'words' },
  { page: '/figures/marta-quill/fitting?position=headgear', field: 'Filter by words', key: 'words' },
];
const SLOWER = 6;

for (const { page: address, field, key } of FIELDS)
  test(`${field}: no letter is lost, however fast one types and however slow the machine`, async ({ page }) => {
    await page.goto(address);
    const box = page.getByLabel(field);
    await expect(box).toBeVisible();
    const client = await page.context().newCDPSession(page);
    await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
    for (const delay of [0, 40, 120]) {
      await box.fill('');
      await box.pressSequentially('brown ponytail', { delay });
      await expect(box).toHaveValue('brown ponytail');
      await expect.poll(() => new URL(page.url()).searchParams.get(key)).toBe('brown ponytail');
      // What was typed stays when the page has followed.
      await expect(box).toHaveValue('brown ponytail');
    }
    // The back of a search: what a link or Clear asks for is shown.
    await box.fill('');
    await expect.poll(() => new URL(page.url()).searchParams.get(key)).toBeNull();
    await expect(box).toHaveValue('');
  });

test('a price is kept as it was written', async ({ page }) => {
  await page.goto('/figures/marta-quill/fitting?position=headgear');
  await page.getByRole('button', { name: /More filters/ }).click();
  const price = page.getByLabel(/Under this price/);
  await price.pressSequentially('0.50', { delay: 60 });
  await expect.poll(() => new URL(page.url()).searchParams.get('under')).toBe('50');
  await expect(price).toHaveValue('0.50');
  await page.getByRole('button', { name: 'Clear all' }).click();
  await expect(price).toHaveValue('');
});

test('the palette takes the first letters typed after its keys, though its script is late', async ({ page }) => {
  await page.route('**/FindAnything*', async (route) => {
    await new Promise((done) => setTimeout(done, 3000));
    await route.continue();
  });
  await page.goto('/wardrobe?show=parts');
  await expect(page.getByRole('table', { name: 'Owned pieces' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('Odile', { delay: 20 });
  await expect(page.getByPlaceholder('A figure, a part, a place')).toHaveValue('Odile');
  // The field that looks things up takes over what was typed, and what is typed next.
  await expect(page.getByRole('option', { name: 'Odile Marsh', exact: true })).toBeVisible();
  await page.keyboard.type(' Marsh', { delay: 20 });
  await expect(page.getByPlaceholder('A figure, a part, a place')).toHaveValue('Odile Marsh');
});
