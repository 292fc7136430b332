import { AxeBuilder } from '@axe-core/playwright';
import { readFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';
import { suiteDay } from './server.js';

const csv = (text: string) => ({ name: 'choices.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
const WAYS = ['Stage', 'Table', 'Variety', 'Order', 'Fix list'];

/** Takes something by its middle, and lets it go on the middle of another. */
async function dragOnto(page: Page, what: Locator, onto: Locator): Promise<void> {
  const [from, to] = [await what.boundingBox(), await onto.boundingBox()];
  if (!from || !to) throw new Error('both are on the page');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 });
  await page.mouse.up();
}

test('one selection in five ways of looking; a role and a faction for several at once, taken back', async ({ page }) => {
  await page.goto('/line-ups/winter-post');
  await expect(page.getByTestId('promised')).toHaveText(/12 promised, 10 chosen, \d+ complete/);
  await expect(page.getByRole('heading', { name: /^Carriers 4 of 4/ })).toBeVisible();
  await expect(page.getByText('not chosen yet')).toBeVisible();
  // Shift chooses everybody between, as they stand.
  await page
    .getByRole('link', { name: /Otto Bindle/ })
    .first()
    .click({ modifiers: ['Control'] });
  await page
    .getByRole('link', { name: /Ned Parcel/ })
    .first()
    .click({ modifiers: ['Shift'] });
  const deeds = page.getByRole('group', { name: 'With what is chosen' });
  await expect(deeds).toContainText('3 figures');
  for (const way of WAYS) {
    await page.getByRole('navigation', { name: 'Ways to look' }).getByRole('link', { name: way }).click();
    await expect(page.getByRole('region', { name: way, exact: true })).toBeVisible();
    await expect(deeds).toContainText('3 figures');
  }
  await page.getByRole('navigation', { name: 'Ways to look' }).getByRole('link', { name: 'Table' }).click();
  await deeds.getByLabel('Faction for them').selectOption({ label: 'Weather keepers' });
  await expect(page.getByLabel('Faction of Otto Bindle')).toHaveValue('keepers');
  await page.getByRole('button', { name: /^Undo: Otto Bindle and 2 more/ }).click();
  await expect(page.getByLabel('Faction of Otto Bindle')).toHaveValue('carriers');
});

test('the table sorts, filters, is written in, and goes away as a file; on a phone it is cards', async ({ page }) => {
  await page.goto('/line-ups/winter-post/table');
  const names = page.getByRole('row').getByRole('link');
  await expect(names.first()).toHaveText('Perrin Oake');
  await page.getByRole('columnheader', { name: 'Name' }).getByRole('button').click();
  await expect(names.first()).toHaveText('Celia Franking');
  await page.getByRole('columnheader', { name: 'Name' }).getByRole('button').click();
  await expect(names.first()).toHaveText('Wren Tally');
  await page.getByLabel('Filter these figures').fill('sorter');
  await expect(names).toHaveCount(3);
  await page.getByLabel('Role of Hob Linnet').selectOption('Carrier');
  await expect(names).toHaveCount(3);
  await expect(page.getByLabel('Role of Hob Linnet')).toHaveValue('Carrier');
  await expect(page.getByRole('complementary', { name: 'Together' })).toContainText('Carrier: 5, at most 4.');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save as CSV' }).click()]);
  const file = await readFile(await download.path(), 'utf8');
  expect(file.split('\r\n')[0]).toBe('No.,Name,Role,Faction,Likeness,Marks,To buy,Cost,Standing,Stands (mm),Due');
  expect(file).toMatch(/3,Hob Linnet,Carrier,Sorters,100,0,0,/);
  await page.setViewportSize({ width: 390, height: 800 });
  await expect(page.getByRole('region', { name: 'Figures in rows' }).getByRole('listitem').filter({ hasText: 'Hob Linnet' })).toContainText(
    'Likeness',
  );
});

test('a figure is moved by keys and by drag, and Undo brings it back', async ({ page }) => {
  await page.goto('/line-ups/heron-crew');
  const names = page.getByRole('list', { name: 'Figures' }).getByRole('link');
  await expect(names.nth(0)).toContainText('Marta Quill');
  await names.nth(0).focus();
  // Three presses in a row, faster than they are kept, are three moves.
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Alt+ArrowRight');
  await expect(names.nth(3)).toContainText('Marta Quill');
  for (let i = 0; i < 2; i += 1) await page.keyboard.press('Alt+ArrowLeft');
  await expect(names.nth(1)).toContainText('Marta Quill');
  await dragOnto(page, names.nth(1), names.nth(4));
  await expect(names.nth(4)).toContainText('Marta Quill');
  await page.getByRole('button', { name: 'Undo: Changed the order' }).click();
  await expect(names.nth(1)).toContainText('Marta Quill');

  // The same in the list of the opening order, by its handle.
  await page.getByRole('link', { name: 'Order' }).click();
  const rows = page.getByRole('region', { name: 'Opening order' }).getByRole('listitem');
  await expect(rows.nth(1)).toContainText('Marta Quill');
  await dragOnto(page, rows.nth(1).getByTitle('Drag Marta Quill to another place'), rows.nth(3));
  await expect(rows.nth(3)).toContainText('Marta Quill');
});

test('the uniform: what a change does is shown before it happens; who is set free stays; one undo', async ({ page }) => {
  await page.goto('/line-ups/winter-post');
  await page.getByRole('button', { name: 'Change the uniform…' }).click();
  const sheet = page.getByRole('dialog', { name: 'Change the uniform' });
  await expect(sheet.getByRole('heading', { name: 'Nobody changes' })).toBeVisible();
  await pick(page, 'Part 1 of the uniform', 'torso woad winter carrier', sheet);
  await expect(sheet.getByRole('heading', { name: /^3 figures change/ })).toBeVisible();
  const effects = sheet.getByRole('region', { name: 'What it does' }).getByRole('listitem');
  await expect(effects.filter({ hasText: 'Perrin Oake' })).toContainText(/\d+ → \d+/);
  await sheet.getByRole('button', { name: 'Set Tilly Vane free' }).click();
  await expect(sheet.getByRole('heading', { name: /^2 figures change/ })).toBeVisible();
  await sheet.getByRole('button', { name: 'Change it' }).click();
  await expect(sheet).toBeHidden();
  // Three wear something else: she who was set free, for torso, legs and satchel; Wren, whose legs differ.
  await page.getByText(/wear something else/).click();
  await expect(page.getByRole('region', { name: 'Uniform' })).toContainText('Tilly Vane, torso (set free)');
  await page.getByRole('button', { name: 'Undo: Changed the uniform' }).click();
  await page.goto('/figures/perrin-oake/fitting');
  await expect(page.getByRole('list', { name: 'Parts of this look' })).toContainText('Torso in woad, carrier coat');
});

test('house rules are followed by briefs that say nothing else; a brief shows which it is', async ({ page }) => {
  await page.goto('/line-ups/winter-post');
  await page.getByRole('button', { name: 'House rules' }).click();
  const sheet = page.getByRole('dialog', { name: 'House rules' });
  await sheet.getByLabel('Year of the story').fill('1908');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet).toBeHidden();
  await page.goto('/figures/otto-bindle/brief');
  await expect(page.getByLabel('Year of the story')).toHaveValue('1908');
  await expect(page.getByText('as Winter Post, edition 1 has it').first()).toBeVisible();
  await page.getByLabel('Year of the story').fill('1911');
  await expect(page.getByText('its own; Winter Post, edition 1 says otherwise').first()).toBeVisible();
});

test('figures are ranked by pairs with the keys, by several people, from a file too', async ({ page }) => {
  await page.goto('/line-ups/kingfisher-crew/order?show=ranking');
  const order = page.getByRole('region', { name: 'The order so far' });
  await expect(order.getByRole('status')).toHaveText('Nobody has chosen yet: this is the opening order.');
  for (let i = 1; i <= 3; i += 1) {
    await page.keyboard.press('ArrowLeft');
    await expect(order).toContainText(i === 1 ? '1 choice.' : `${i} choices.`);
  }
  await page.keyboard.press('Backspace');
  await expect(order).toContainText('2 choices.');
  await page.getByRole('button', { name: 'Bring in choices…' }).click();
  await page
    .locator('input[type=file]')
    .setInputFiles(csv('who,first,second,chosen\nLou,Avis Kell,Lark Denny,Lark Denny\nLou,Avis Kell,Nobody,tie\n'));
  await page.getByRole('button', { name: 'Import the 1 sound row alone' }).click();
  await expect(order).toContainText('3 choices.');
  await order.getByLabel('Whose choices').selectOption('Lou');
  await expect(order.getByRole('listitem').first()).toContainText('Lark Denny');
  await order.getByLabel('Whose choices').selectOption({ label: 'everybody together' });
  const first = (await order.getByRole('listitem').first().textContent()) ?? '';
  await order.getByRole('button', { name: 'Stand in this order' }).click();
  await page.getByRole('button', { name: 'Order and packs' }).click();
  const opening = page.getByRole('region', { name: 'Opening order' }).getByRole('link').first();
  await expect(opening).toHaveText(/^\d+(.*?)(before the next|$)/.exec(first)?.[1] ?? 'nobody');
});

test('tokens and a build lie in the packs by their rules; what cannot be says why; a pack that is not bought is missed', async ({
  page,
}) => {
  await page.goto('/line-ups/winter-post/order');
  const packs = page.getByRole('region', { name: 'Packs' });
  await expect(packs.getByLabel('1 of Brass stamps')).toHaveCount(8);
  await expect(packs.getByRole('row').filter({ hasText: 'leads' }).getByLabel('1 of Brass stamps')).toHaveCount(3);
  await pick(page, 'The pack that is not bought', 'Wren', packs);
  await expect(packs.getByRole('status')).toContainText(/The tandem (lacks|is whole)/);
  await packs.getByRole('button', { name: 'Tokens and builds…' }).click();
  const sheet = page.getByRole('dialog', { name: 'Tokens and builds' });
  await sheet.getByLabel('How many Brass stamps').fill('9');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(packs.getByRole('alert')).toHaveText('Brass stamps: 9 do not go into 8 packs with at most 1 in one.');
});

test('an army stands copy by copy with its variations; they are shared out anew', async ({ page }) => {
  await page.goto('/line-ups/lamplighters');
  await expect(page.getByTestId('promised')).toHaveText(/40 promised, 40 chosen/);
  await expect(page.getByRole('region', { name: 'Stage' }).locator('li')).toHaveCount(40);
  await page.getByRole('button', { name: 'Copies' }).click();
  const sheet = page.getByRole('dialog', { name: 'Copies and variations' });
  await expect(sheet).toContainText('Lamplighter: 40 copies in all.');
  await sheet.getByLabel('Copies of variation 1').fill('5');
  await sheet.getByRole('button', { name: 'Share the copies out' }).click();
  await expect(sheet).toBeHidden();
  await page.getByRole('navigation', { name: 'Ways to look' }).getByRole('link', { name: 'Table' }).click();
  await page.getByText('Columns', { exact: true }).click();
  await page.getByRole('checkbox', { name: 'Copies' }).click();
  await expect(page.getByRole('row').filter({ hasText: 'with a beard' }).getByRole('cell').last()).toHaveText('5');
  await page.getByRole('button', { name: /^Undo: Varied the copies/ }).click();
  await expect(page.getByRole('row').filter({ hasText: 'with a beard' }).getByRole('cell').last()).toHaveText('3');
});

test('the fix list names one change for each figure; doing it makes the figure better', async ({ page }) => {
  await page.goto('/line-ups/better/fixes');
  const list = page.getByRole('region', { name: 'Fix list', exact: true });
  await expect(list.getByRole('status')).toHaveText(/\d+ figures? can be made better by one change/);
  await expect(list.getByRole('region', { name: 'What a budget buys' })).toContainText(/points/);
  const row = list
    .getByRole('listitem')
    .filter({ hasText: /likeness \d+ → \d+/ })
    .first();
  const [, name = '', , to = ''] = /^(.*?)(Put|Take|Turn|Rub).*?→ (\d+)/.exec((await row.textContent()) ?? '') ?? [];
  await row.getByRole('button', { name: /^Do it/ }).click();
  await expect(
    list
      .getByRole('listitem')
      .filter({ hasText: name })
      .filter({ hasText: `likeness ${to} →` })
      .or(list.getByRole('region', { name: 'Leave as it is' }).getByRole('listitem').filter({ hasText: name })),
  ).toContainText(to);
});

test('seats: what keeps somebody from sitting is said where they sit', async ({ page }) => {
  await page.goto('/line-ups/heron-crew?by=seat');
  await expect(page.getByRole('heading', { name: /The Heron boat 5 of 5/ })).toBeVisible();
  await page.getByRole('button', { name: 'Seats', exact: true }).click();
  const sheet = page.getByRole('dialog', { name: 'Seats and props' });
  await expect(sheet).toContainText('Toss Hallam cannot sit: Short legs is one piece and does not bend.');
  await sheet.getByLabel('Who is on Drum seat of The Heron boat').selectOption({ label: 'Bram Otterby' });
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet).toBeHidden();
  await expect(page.getByRole('complementary', { name: 'Together' })).not.toContainText('Toss Hallam cannot sit');

  // On the stage two change places by drag; whoever stands by takes the seat of whom they are dragged onto.
  const boat = page.getByRole('list', { name: 'The Heron boat' });
  await expect(boat.getByRole('listitem').nth(0)).toContainText(/Ibbe Lantry.*Bow/);
  await dragOnto(page, boat.getByRole('listitem').nth(0), boat.getByRole('listitem').nth(4));
  await expect(boat.getByRole('listitem').nth(4)).toContainText(/Ibbe Lantry.*Stern/);
  await expect(boat.getByRole('listitem').nth(0)).toContainText(/Marta Quill.*Bow/);
  const by = page.getByRole('list', { name: 'Standing by' });
  await dragOnto(page, by.getByRole('listitem').filter({ hasText: 'Toss Hallam' }), boat.getByRole('listitem').nth(0));
  await expect(boat.getByRole('listitem').nth(0)).toContainText('Toss Hallam');
  await expect(by).toContainText('Marta Quill');
  await page.getByRole('button', { name: 'Undo: Changed who sits where' }).click();
  await expect(boat.getByRole('listitem').nth(0)).toContainText('Marta Quill');
});

test('none of the five ways has a serious accessibility fault', async ({ page }) => {
  for (const way of ['', '/table', '/variety', '/order', '/fixes']) {
    await page.goto(`/line-ups/winter-post${way}`);
    await expect(page.getByRole('complementary', { name: 'Together' })).toContainText('Uniform');
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(
      violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id, nodes }) => `${way} ${id}: ${nodes[0]?.html ?? ''}`),
    ).toEqual([]);
  }
});

test('who would lose what is said before a line-up is due sooner, and nothing is dealt anew before it is agreed to', async ({ page }) => {
  await page.goto('/line-ups/lamplighters');
  await page.getByRole('button', { name: 'About', exact: true }).click();
  const about = page.getByRole('dialog', { name: 'About this line-up' });
  const before = await about.getByLabel('Due').inputValue();
  await about.getByLabel('Due').fill(suiteDay(1));
  await about.getByRole('button', { name: 'Keep it' }).click();
  const question = page.getByRole('dialog', { name: 'Pieces would be dealt anew' });
  await expect(question.getByRole('listitem').first()).toContainText(/ loses .+ to .*Lamplighter/);
  await question.getByRole('button', { name: 'Close' }).click();
  await expect(question).toHaveCount(0);
  await expect(about.getByLabel('Due')).toHaveValue(suiteDay(1));
  expect(((await (await page.request.get('/api/line-ups/lamplighters')).json()) as { plan: { dueOn: string } }).plan.dueOn).toBe(before);

  await about.getByRole('button', { name: 'Keep it' }).click();
  await question.getByRole('button', { name: 'Do it all the same' }).click();
  await expect(about).toHaveCount(0);
  await page.getByRole('button', { name: 'About', exact: true }).click();
  await expect(about.getByLabel('Due')).toHaveValue(suiteDay(1));
});
