import { type Page } from '@playwright/test';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';
import { readFile } from 'node:fs/promises';
import { suiteDay } from './server.js';

const csv = (text: string) => ({ name: 'desk.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
const pounds = (text: string | null): number => Math.round(Number((text ?? '').replace(/[^\d.]/g, '')) * 100);

async function saved(page: Page, click: () => Promise<void>): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent('download'), click()]);
  return readFile(await download.path(), 'utf8');
}

test('one figure, from brief to a priced shopping plan', async ({ page }) => {
  // The shelf stands along the bottom, folded while the Workroom shows the line-ups; Marta Quill is opened from it.
  await page.goto('/');
  const shelf = page.getByRole('contentinfo', { name: 'Shelf' });
  await shelf.getByRole('button', { name: 'Unfold the shelf' }).click();
  await shelf.getByRole('button', { name: /^Marta Quill/ }).click();

  // Brief: a wish is added and counts at once.
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Marta Quill');
  await page.getByRole('button', { name: 'Add a wish' }).click();
  const wish = page.getByRole('row').last();
  await wish.getByLabel('What').fill('A letter in hand');
  await wish.getByLabel('Where').selectOption({ label: 'in the hands' });
  await pick(page, 'Target', 'letter', wish);
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();

  // Fitting: 13.0 + 12.6 + 8.8 = 34.4 mm, and 38.7 with the 1.4 of the scarf and 2.9 of the hair. Nobody is called tall for a scarf.
  await page.getByRole('link', { name: 'Go to the fitting' }).click();
  await expect(page.getByTestId('height')).toHaveText('34.4 mm');
  await page.getByTestId('height').click();
  await expect(page.getByRole('dialog')).toContainText('With headgear and what lies round the neck 38.7 mm.');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'Marks' })).not.toContainText('too tall');
  await page.getByRole('button', { name: 'Neck 1' }).click();
  await page.getByRole('button', { name: 'Take off', exact: true }).click();
  await expect(page.getByTestId('height')).toHaveText('34.4 mm');
  await expect(page.getByRole('region', { name: 'Marks' })).toContainText('Nothing to mend');

  // A letter in the right hand answers the new wish: 2 of its 2 points.
  await expect(page.getByRole('listitem').filter({ hasText: 'A letter in hand' })).toContainText('0.0');
  await page.getByRole('button', { name: 'In right hand, empty' }).click();
  await page.getByLabel('Filter by words').fill('letter chalk');
  await page.getByRole('option', { name: /Letter, HE-915 chalk/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'A letter in hand' })).toContainText('2.0');
  await expect(page.getByRole('list', { name: 'Parts of this look' })).toContainText('In right hand: Letter in chalk and madder');

  // Torso and head turn. This head has one face: turned away, its calm (2) and wrinkles (1) are lost, 13 of 16 points.
  await expect(page.getByTestId('likeness')).toHaveText('100');
  await page.getByRole('button', { name: 'Turn torso' }).click();
  await expect(page.getByRole('list', { name: 'Parts of this look' })).toContainText('Heron crew jacket, turned round');
  await page.getByRole('button', { name: 'Turn torso' }).click();
  await page.getByRole('button', { name: 'Turn head' }).click();
  await expect(page.getByTestId('likeness')).toHaveText('81');
  await page.getByRole('button', { name: 'Turn head' }).click();
  await expect(page.getByTestId('likeness')).toHaveText('100');

  // Wardrobe: bad rows are told one by one; nothing is imported before agreement; the sound rows alone are taken.
  const toBuy = pounds((await page.getByTestId('to-buy').textContent())?.split(',')[0] ?? '');
  await page.getByRole('link', { name: 'Wardrobe' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('321 pieces, 26 whole figures');
  await page.getByRole('navigation', { name: 'Ways to look' }).getByRole('link', { name: 'Parts' }).click();
  await page.getByRole('button', { name: 'Import CSV…' }).click();
  await page
    .locator('input[type=file]')
    .setInputFiles(
      csv(
        'variant,quantity,condition,place\nTO-401·woad·heron-jacket,1,new,Tray\nHA-118·sillver,1,used,Tray\nHN-601·rosewood,0,used,Tray\n',
      ),
    );
  await expect(page.getByRole('row', { name: /3 variant HA-118·sillver .* Did you mean HA-118·silver\?/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /4 quantity 0 Not between 1 and 10000\./ })).toBeVisible();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('321 pieces, 26 whole figures');
  await page.getByRole('button', { name: 'Import the 1 sound row alone' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('322 pieces, 26 whole figures');

  // Market: one very cheap offer for the white legs, imported the same way.
  await page.getByRole('link', { name: 'Market' }).click();
  await expect(page.getByRole('heading', { name: 'Market' })).toBeVisible();
  await page.getByRole('button', { name: 'Import CSV…' }).click();
  await page
    .locator('input[type=file]')
    .setInputFiles(
      csv(
        `seller,item,asks,left,sold in,condition,seen on\ntin-drawer,LG-701·chalk+soot,0.01,9,1,new,${suiteDay(-7)}\ntin-drawer,HN-601·rosewood,0.02,9,1,new,${suiteDay(-7)}\ntin-drawer,HD-101·rosewood·weathered,0.03,9,1,new,${suiteDay(-7)}\n`,
      ),
    );
  await page.getByRole('button', { name: 'Import 3 offers' }).click();
  await expect(page.getByText('3 offers imported.')).toBeVisible();

  // Errand: legs 0.01, two hands 0.04, head 0.03 and 1.95 postage make 2.03; the rest is owned.
  await shelf.getByRole('button', { name: /^Marta Quill/ }).click();
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /Fitting/ })
    .click();
  await expect(page.getByTestId('to-buy')).toContainText(`${toBuy / 100 - 1}, about`);
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /Errand/ })
    .click();
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  await expect(page.getByTestId('paid')).toHaveText('€2.03');
  await expect(page.getByText('Proven: nothing that fills as much is cheaper')).toBeVisible();
  await expect(page.getByTestId('bought')).toHaveText('4');
  await expect(page.getByRole('article', { name: 'Parcel from Tin Drawer' })).toContainText('€1.95');
  await page.getByTestId('paid').click();
  await expect(page.getByRole('dialog')).toContainText('Goods€0.08');
  await page.keyboard.press('Escape');

  // Three copies cost more, and never more than each part at its cheapest.
  await page.getByLabel('Copies').fill('3');
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  await expect(page.getByRole('heading', { name: /3 copies/ })).toBeVisible();
  // The plan for one stands until the one for three is there.
  await expect(page.getByTestId('paid')).not.toHaveText('€2.03');
  await expect(page.getByTestId('saved')).not.toContainText('-');

  // What is taken away: the list adds up to what is paid, the picture is the drawing.
  await expect(page.getByText(/nothing that fills as much is cheaper|above the cheapest/)).toBeVisible();
  const paid = pounds(await page.getByTestId('paid').textContent());
  const list = await saved(page, () => page.getByRole('link', { name: 'Shopping list (CSV)' }).click());
  const rows = list.trim().split('\r\n').slice(1);
  expect(rows.reduce((all, row) => all + Math.round(Number(row.split(',').at(-2)) * 100), 0)).toBe(paid);
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /Fitting/ })
    .click();
  await page.getByRole('button', { name: 'Take the picture away' }).click();
  const svg = await saved(page, () => page.getByRole('link', { name: 'Save as SVG' }).click());
  expect(svg).toContain('<svg');
  const png = await saved(page, () => page.getByRole('link', { name: 'Save as PNG' }).click());
  expect(png.slice(1, 4)).toBe('PNG');
});
