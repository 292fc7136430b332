import type { Page } from '@playwright/test';
import { candidates, parts, pick } from './dressing.js';
import { expect, test } from './fixtures.js';

test.use({ isDemo: false });

const beginWithBasics = async (page: Page): Promise<void> => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'How do you want to begin?' })).toBeVisible();
  await page.getByRole('button', { name: 'Start with the basics' }).click();
  await expect(page.getByRole('heading', { name: 'Workroom' })).toBeVisible();
};

test('from nothing to the first priced figure, without touching a file', async ({ page }) => {
  await beginWithBasics(page);
  const steps = page.getByRole('region', { name: 'First steps' });
  await expect(steps.getByLabel('to do')).toHaveCount(4);

  // A line-up.
  await steps.getByRole('link', { name: '1. Make a line-up' }).click();
  await page.getByLabel('Name of the line-up').fill('The bakery');
  await page.getByRole('button', { name: 'Begin it' }).click();
  await expect(page.getByRole('heading', { name: 'The bakery' })).toBeVisible();
  await expect(page.getByText('Nobody stands here yet')).toBeVisible();

  // Two parts of one's own, with how many there are of them.
  await page.getByRole('link', { name: 'Outfit' }).click();
  await steps.getByRole('link', { name: '2. Add two parts you have' }).click();
  for (const [mould, colour] of [
    ['bob', 'rust'],
    ['torso', 'weld'],
  ] as const) {
    await pick(page, 'Mould', mould);
    await pick(page, /^Colour 1, /, colour);
    await page.getByLabel('How many you have').fill('1');
    await page.getByRole('button', { name: 'Add this part' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Added.' })).toBeVisible();
  }
  await page.getByRole('link', { name: 'Wardrobe' }).click();
  await expect(page.getByTestId('wardrobe-total')).toHaveText('2 pieces, 0 whole figures');

  // A dressed figure.
  await page.getByRole('link', { name: 'Outfit' }).click();
  await expect(steps.getByLabel('done', { exact: true })).toHaveCount(2);
  await steps.getByRole('link', { name: '3. Dress a figure' }).click();
  await page.getByLabel('Name of the new figure').fill('Ada Crumb');
  await page.getByRole('button', { name: 'Add to the line-up' }).click();
  await page.getByRole('link', { name: 'Go to the fitting' }).click();
  await expect(page.getByRole('heading', { name: 'Ada Crumb' })).toBeVisible();
  for (const [position, words] of [
    ['Headgear', 'bob rust'],
    ['Torso', 'torso weld'],
    ['Head', 'head honey'],
    ['Left arm', 'arm woad'],
    ['Right arm', 'arm woad'],
    ['Left hand', 'hand honey'],
    ['Right hand', 'hand honey'],
    ['Legs', 'standard slate'],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(`^${position}(, empty)?$`) }).click();
    await page.getByLabel('Filter by words').fill(words);
    const best = candidates(page).first();
    for (const word of words.split(' ')) await expect(best).toContainText(new RegExp(word, 'i'));
    await best.click();
    await expect(parts(page)).toContainText(`${position}: `);
  }
  await expect(page.getByText('Nothing to mend: this look can be built.')).toBeVisible();

  // A seller with three offers.
  await page.getByRole('link', { name: 'Market' }).click();
  await page.getByRole('button', { name: 'Add a seller…' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Tuesday table');
  await page.getByLabel('Country, two letters').fill('NL');
  await page.getByLabel('Step 1, costs').fill('2.50');
  await page.getByRole('button', { name: 'Add this seller' }).click();
  await page.getByRole('button', { name: 'Offer by hand…' }).click();
  for (const [part, price] of [
    ['head honey', '0.80'],
    ['standard legs slate', '1.20'],
    ['hand honey', '0.15'],
  ] as const) {
    await pick(page, 'Part', part);
    await page.getByLabel('Price of one').fill(price);
    await page.getByLabel('How many are left').fill('4');
    await page.getByRole('button', { name: 'Add the offer' }).click();
    await expect(page.getByRole('list', { name: 'Offers added' })).toContainText(price);
  }
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByTestId('market-total')).toHaveText('3 offers from 1 seller');

  // A plan with its cost, and what is short.
  await page.getByRole('link', { name: 'Outfit' }).click();
  await steps.getByRole('link', { name: '4. See what is missing' }).click();
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  // 0.80 + 1.20 + 2 × 0.15, and 2.50 of postage.
  await expect(page.getByText('€4.80').first()).toBeVisible();
  await expect(page.getByText(/arm in woad/i).first()).toBeVisible();
});

test('nothing crashes in a workspace that has nothing: every page says what to do', async ({ page }) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  for (const path of [
    '/catalogue',
    '/catalogue/sources',
    '/catalogue/prints/new',
    '/wardrobe',
    '/market',
    '/market?show=sellers',
    '/bin',
    '/ideas',
    '/ideas?show=ideas',
    '/ideas?show=owed',
    '/bench',
    '/parcels',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
  }
  for (const task of ['part', 'mould', 'colour', 'source', 'merge', 'carry', 'changes']) {
    await page.goto(`/catalogue/own?do=${task}`);
    await expect(page.locator('#task')).toBeVisible();
  }
  await expect(page.getByText('This screen broke')).toHaveCount(0);
  expect(errors).toEqual([]);
  await page.goto('/catalogue/own?do=part');
  await expect(page.getByText('The catalogue is empty')).toBeVisible();
});

test('the demo opens beside one’s own workspace; the switch goes there and back, and nothing mixes', async ({ page }) => {
  await beginWithBasics(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Workspace' }).click();
  await page.getByRole('menuitem', { name: 'New workspace…' }).click();
  await page.getByLabel('Name of the workspace').fill('Swap night');
  await page.getByRole('button', { name: 'Make and open it' }).click();
  await expect(page).toHaveURL(/\/w\/swap-night\/$/);
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await expect(page).toHaveURL(/\/w\/demo\/$/, { timeout: 30_000 });
  await expect(page.getByRole('link', { name: 'The Heron crew' })).toBeVisible();
  // A figure of the demo opens, is ranked and drawn at an address of its own.
  await page.goto(`${new URL(page.url()).origin}/w/demo/figures/hob-linnet/fitting?position=headgear`);
  await expect(candidates(page).nth(2)).toBeVisible();
  await page.getByRole('button', { name: 'Demo' }).click();
  await page.getByRole('menuitem', { name: 'Workspace', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Workroom' })).toBeVisible();
  await expect(page.getByText('No line-up yet')).toBeVisible();
});

test('somebody else’s catalogue is read into an empty workspace: columns are told, kinds placed by picture, and it is searched', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Choose a file…' }).click();
  const file = [
    'Ref,Part name,Group,Shade,Tone',
    '1,Windy ponytail,Hair,Sea,#1F7F8C',
    '2,Windy ponytail,Hair,Berry,#A8323A',
    '3,Standing torso,Bodies,Berry,#A8323A',
    '4,Doodad,Odds,Sea,#1F7F8C',
    '5,,Odds,Sea,#1F7F8C',
  ].join('\n');
  await page
    .getByLabel('A catalogue in other columns')
    .setInputFiles({ name: 'theirs.csv', mimeType: 'text/csv', buffer: Buffer.from(file) });
  // The columns are guessed; the guess can be said otherwise.
  await expect(page.getByLabel('What it is called')).toHaveValue('Part name');
  await expect(page.getByLabel('Its colour as a value')).toHaveValue('Tone');
  await expect(page.getByLabel('Its colour in words')).toHaveValue('Shade');
  await page.getByLabel('Its number').selectOption('none');
  await page.getByRole('button', { name: 'Look through the file' }).click();
  await expect(page.getByRole('region', { name: 'Not placed' })).toContainText('Odds');
  await expect(
    page
      .getByRole('table', { name: /problem/i })
      .or(page.getByText('It has no name.'))
      .first(),
  ).toBeVisible();
  await page.getByRole('group', { name: 'What Odds are' }).getByRole('button', { name: 'hat' }).click();
  await expect(page.getByRole('region', { name: 'Not placed' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Import the .* sound row/ }).click();
  await expect(page.getByText(/^Imported/)).toBeVisible();
  await page.goto('/catalogue?q=ponytail');
  await expect(page.getByTestId('found')).toHaveText('2 parts');
  await page.goto('/catalogue/moulds/doodad');
  await expect(page.getByRole('link', { name: 'Change its shape' })).toBeVisible();
});

test('a currency is chosen before anything is paid in it; every field and sum has its decimals from then on', async ({ page }) => {
  await beginWithBasics(page);
  await page.getByRole('button', { name: 'Workspace' }).click();
  await page.getByRole('menuitem', { name: 'Settings' }).click();
  await pick(page, 'Currency', 'yen');
  await expect(page.getByText('a part that costs a little reads')).toContainText('JP¥42');
  await page.getByRole('link', { name: 'Market' }).click();
  await page.getByRole('button', { name: 'Add a seller…' }).click();
  const form = page.getByRole('dialog');
  await expect(form.getByLabel('Currency')).toHaveValue('JPY');
  await form.getByLabel('Name').fill('Paper Kite');
  await form.getByLabel('Country, two letters').fill('JP');
  await form.getByLabel('Step 1, costs').fill('1.50');
  await expect(form.getByText('Postage is an amount such as 395.')).toBeVisible();
  await form.getByLabel('Step 1, costs').fill('150');
  await form.getByRole('button', { name: 'Add this seller' }).click();
  await expect(page.getByText('postage from JP¥150')).toBeVisible();
});
