import { AxeBuilder } from '@axe-core/playwright';
import { type Page } from '@playwright/test';
import { candidates, parts, putOnBest, pick } from './dressing.js';
import { expect, test } from './fixtures.js';

const press = async (page: Page, ...keys: string[]): Promise<void> => {
  for (const key of keys) await page.keyboard.press(key);
};

test('a figure is dressed with the keyboard alone, from finding it to judging it', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('contentinfo', { name: 'Shelf' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('hob linnet');
  await expect(page.getByRole('option', { name: /Hob Linnet/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Hob Linnet' })).toBeVisible();

  // 1 is the hair; L goes to its list; arrows preview, Enter puts on, A notes a substitute.
  await page.keyboard.press('1');
  await expect(candidates(page).nth(3)).toBeVisible();
  await press(page, 'l', 'ArrowDown', 'ArrowDown');
  await expect(page.getByRole('listbox')).toHaveAttribute('aria-activedescendant', 'candidate-2');
  // Looked at from behind, the list stays where it is.
  await page.keyboard.press('v');
  await expect(page.getByRole('button', { name: 'back', pressed: true })).toBeVisible();
  await expect(page.getByRole('listbox')).toHaveAttribute('aria-activedescendant', 'candidate-2');
  const active = await page.getByRole('listbox').getAttribute('aria-activedescendant');
  const name = (await page.locator(`#${active ?? ''} b`).textContent()) ?? '';
  await page.keyboard.press('a');
  await expect(page.getByRole('button', { name: '1 substitute…' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(candidates(page).filter({ hasText: 'on now' })).toContainText(name);

  // The torso turns, and all of it is undone.
  await page.keyboard.press('t');
  await expect(parts(page)).toContainText('turned round');
  await press(page, 'Control+z', 'Control+z', 'Control+z');
  await expect(parts(page)).toContainText('Headgear: Side parting in slate');
  await expect(page.getByRole('button', { name: /substitute…/ })).toHaveCount(0);
  await page.keyboard.press('?');
  await expect(page.getByText('apply the first remedy of the gravest mark')).toBeVisible();
  // The digits say which position each is.
  await expect(page.getByRole('row', { name: '4 torso' })).toBeVisible();
  await page.keyboard.press('Escape');
  await press(page, 'ArrowRight');
  await expect(page.getByRole('button', { name: 'left', pressed: true })).toBeVisible();
  await press(page, 'ArrowRight');
  await expect(page.getByRole('button', { name: 'front', pressed: true })).toBeVisible();
  await page.keyboard.press('b');
  await expect(page).toHaveURL(/brief/);
});

test('things are built up in a hand, companions stand beside, and what is where is told', async ({ page }) => {
  await page.goto('/figures/avis-kell/fitting');
  await page.getByRole('button', { name: 'More places' }).click();
  await page.getByRole('menuitem', { name: 'Beside' }).click();
  await putOnBest(page, 'ferry dog');
  await expect(parts(page)).toContainText('Beside: Ferry dog');
  await page.getByRole('button', { name: 'More places' }).click();
  await page.getByRole('menuitem', { name: 'Beside, one more' }).click();
  await putOnBest(page, 'gull');
  await expect(parts(page)).toContainText('Beside, 2: Gull');
  await expect(page.getByRole('button', { name: 'Beside 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Beside', exact: true }).click();
  await page.getByRole('button', { name: 'Take off', exact: true }).click();
  await expect(parts(page)).toContainText('Beside: Gull');
});

test('a verdict stands beside, a snapshot is gone back to, a look is renamed and binned', async ({ page }) => {
  await page.goto('/figures/isaac-brill/fitting?position=headgear');
  await page.getByRole('button', { name: '4 of 5' }).click();
  await page.getByLabel('Your verdict in words').fill('Nearly him');
  await page.getByLabel('Your verdict in words').press('Enter');
  await page.getByRole('checkbox', { name: 'Leave it as it is' }).click();
  await expect(page.getByRole('checkbox', { name: 'Leave it as it is' })).toBeChecked();
  await expect(page.getByText('You decided to leave it as it is.')).toBeVisible();

  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page).toHaveURL(/look=/);
  await page.getByRole('button', { name: 'More for this look' }).click();
  await page.getByRole('menuitem', { name: 'Rename…' }).click();
  await page.getByLabel('Name of the look').fill('In the rain');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(page.getByRole('button', { name: /In the rain/, pressed: true })).toBeVisible();

  await page.getByRole('button', { name: 'More for this look' }).click();
  await page.getByRole('menuitem', { name: 'History and snapshots…' }).click();
  await page.getByLabel('Name of the snapshot').fill('Dry');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('list', { name: 'Changes, the newest first' })).toContainText('Snapshot: Dry');
  await page.getByRole('button', { name: 'Close' }).click();
  const hair = (await parts(page).getByRole('listitem').first().textContent()) ?? '';
  await page.getByRole('button', { name: 'Take off', exact: true }).click();
  await expect(parts(page)).not.toContainText(hair);
  await page.reload();
  await page.getByRole('button', { name: 'More for this look' }).click();
  await page.getByRole('menuitem', { name: 'History and snapshots…' }).click();
  await page.getByRole('button', { name: 'Go back to after “Dry”' }).click();
  await expect(parts(page)).toContainText(hair);

  await page.getByRole('button', { name: 'More for this look' }).click();
  await page.getByRole('menuitem', { name: 'Put in the bin' }).click();
  await expect(page.getByText('“In the rain” is in the bin.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByRole('button', { name: /In the rain/ })).toBeVisible();
});

test('a part is imagined in a colour nobody made, altered, and kept in a house-tone edition', async ({ page }) => {
  await page.goto('/figures/ness-elver/fitting?position=torso');
  await page.getByRole('button', { name: 'Recolour…' }).click();
  const sheet = page.getByRole('region', { name: 'Torso in another colour' });
  const colours = sheet.getByRole('listbox', { name: 'Colours' });
  // What is passed over is on the drawing, and on the look only once it is taken.
  const drawn = () => page.getByTestId('drawn-figure').innerHTML();
  await expect(colours).toBeFocused();
  const before = await drawn();
  await page.keyboard.press('ArrowDown');
  await expect.poll(drawn).not.toBe(before);
  await expect(colours.getByRole('option', { selected: true })).toContainText(/same to the eye|close|near|different/);
  await sheet.getByLabel('A colour by its name').fill('mallow');
  await expect(colours.getByRole('option')).toHaveText([/mallow.*nobody has made it/]);
  await expect(parts(page)).not.toContainText('mallow');
  await expect(sheet.getByRole('list', { name: 'What changes' })).toContainText(/Likeness \d+/);
  await expect(sheet.getByRole('list', { name: 'What changes' })).toContainText('never made so');
  await sheet.getByRole('button', { name: 'Imagine it and put it on' }).click();
  await expect(parts(page)).toContainText('Torso in mallow');
  const marks = page.getByRole('region', { name: 'Marks' });
  await expect(marks).toContainText('belongs to “on paper”: nobody has made it in this colour.');
  await page.keyboard.press('Control+z');
  await expect(parts(page)).not.toContainText('mallow');

  await page.getByRole('button', { name: 'Alter…' }).click();
  const alter = page.getByRole('region', { name: 'Alter Torso' });
  await expect(alter).toContainText('Mask the print beside it, wear eye protection and open a window.');
  await alter.getByRole('button', { name: 'Record it' }).click();
  await expect(alter.getByRole('list', { name: 'Alterations of this piece' })).toContainText('all print removed');
  await page.keyboard.press('Escape');
  await expect(candidates(page).first()).toBeVisible();
  await expect(marks).toContainText('it is altered (all print removed). The brief says “as moulded”.');
  await marks.getByRole('button', { name: 'Leave it unaltered (all print removed)' }).click();
  await expect(marks).not.toContainText('it is altered');

  await page.getByRole('button', { name: 'More for this look' }).click();
  await page.getByRole('menuitem', { name: 'Edition in another skin…' }).click();
  const house = page.getByRole('region', { name: 'House tone: everybody alike' });
  await expect(house).toContainText('biscuit');
  await house.getByRole('button', { name: 'Make this edition' }).click();
  await expect(page.getByRole('button', { name: /biscuit/, pressed: true })).toBeVisible();
  await expect(parts(page)).toContainText('Head in biscuit');
  await expect(marks).not.toContainText('natural tones');
});

test('what would do as well stands beside the figure: passed over on the drawing, preferred, given a reason, put on', async ({ page }) => {
  await page.goto('/figures/hob-linnet/fitting?position=headgear');
  const list = page.getByRole('listbox', { name: /^Candidates/ });
  await expect(candidates(page).nth(3)).toBeVisible();
  const before = await parts(page).textContent();
  await list.focus();
  await press(page, 'ArrowDown', 'a', 'ArrowDown', 'a');
  await page.getByRole('button', { name: '2 substitutes…' }).click();
  const panel = page.getByRole('region', { name: /^Substitutes for/ });
  const rows = panel.getByRole('list', { name: 'Substitutes, best first' }).getByRole('listitem');
  await expect(rows).toHaveCount(2);
  const drawn = page.getByTestId('drawn-figure');
  const asItIs = await drawn.innerHTML();
  await press(page, 'ArrowDown');
  await expect(panel.getByRole('list', { name: 'What changes' })).toContainText(/Likeness \d+/);
  expect(await drawn.innerHTML()).not.toBe(asItIs);
  // The reason is kept, and the second is preferred to the first.
  await rows
    .nth(1)
    .getByLabel(/^Why .* would do$/)
    .fill('the fringe is what is seen');
  await rows
    .nth(1)
    .getByLabel(/^Why .* would do$/)
    .press('Enter');
  await rows
    .nth(1)
    .getByRole('button', { name: /^Prefer/ })
    .click();
  await expect(rows.nth(0).getByLabel(/^Why .* would do$/)).toHaveValue('the fringe is what is seen');
  expect(await parts(page).textContent()).toBe(before);
  await rows.nth(0).getByRole('button', { name: 'Put it on' }).click();
  await expect(page.getByRole('region', { name: 'Candidates' })).toBeVisible();
  await expect(parts(page)).not.toHaveText(before ?? '');
});

test('the colours of a part are named, and lit on the drawing when pointed at', async ({ page }) => {
  await page.goto('/catalogue/own');
  await pick(page, 'Mould', 'HT-204');
  await page.getByRole('button', { name: 'Another colour' }).click();
  await expect(page.getByText('band and peak')).toBeVisible();
  const traced = page.locator('figure svg path[stroke="#176874"]');
  await page.getByRole('heading', { name: 'Add a part' }).hover();
  await expect(traced).toHaveCount(0);
  await page.getByText('band and peak').hover();
  await expect(traced).toHaveCount(2);
});

test('candidates are narrowed, ordered, explained; the filters are in the address', async ({ page }) => {
  await page.goto('/figures/odile-marsh/fitting?position=headgear');
  await expect(candidates(page).first()).toBeVisible();
  await page.getByRole('button', { name: 'More filters and order' }).click();
  await pick(page, 'Exists in the colour', 'rust');
  await pick(page, 'Shape', 'tied');
  await page.getByRole('combobox', { name: /^Order/ }).selectOption('price');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page).toHaveURL(/colour=rust/);
  await expect(page).toHaveURL(/sort=price/);
  await page.reload();
  await expect(page.getByRole('button', { name: 'More filters and order, 2 set' })).toBeVisible();
  const rows = candidates(page);
  await expect(rows.nth(1)).toContainText('rust');
  const prices = (await rows.allTextContents()).flatMap((text) => (/€(\d+\.\d\d)/.exec(text)?.[1] ?? []) as string[]).map(Number);
  expect(prices.length).toBeGreaterThan(2);
  expect(prices).toEqual([...prices].sort((a, b) => a - b));
  await rows.nth(1).hover();
  await page.getByRole('button', { name: 'Why this rank: why?' }).click();
  await expect(page.getByRole('dialog')).toContainText('Rust hair, as in the story');
});

test('a role is given in the brief and read in the line-up; Compare chooses; the focus arrives at the heading', async ({ page }) => {
  await page.goto('/figures/ibbe-lantry/brief');
  await page.getByLabel('Role in the line-up').fill('Keeper of the long pole');
  await page.getByLabel('Role in the line-up').press('Enter');
  // Each wish says what answers it.
  await expect(page.getByText('round glasses on Head: exact, 100 % visible')).toBeVisible();
  await page.goto('/line-ups/heron-crew?by=role');
  await expect(page.getByRole('heading', { name: /Keeper of the long pole/ })).toBeVisible();

  await page.goto('/figures/ibbe-lantry/compare?looks=ibbe-lantry-1,ibbe-lantry-2');
  const made = page.getByRole('region', { name: 'As made', exact: true });
  await expect(made.getByText('chosen')).toHaveCount(0);
  await made.getByRole('button', { name: 'Choose' }).click();
  await expect(made.getByText('chosen')).toBeVisible();

  // Gone to by the palette, which is there no more: the focus is not nowhere, it is on the heading of the page.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('hob linnet');
  await expect(page.getByRole('option', { name: /Hob Linnet/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Hob Linnet' })).toBeFocused();
});

test('no screen of brief and fitting has a serious accessibility fault', async ({ page }) => {
  const grave = async (name: string): Promise<void> => {
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
    const found = violations.filter((row) => row.impact === 'serious' || row.impact === 'critical');
    expect([name, found.map((row) => `${row.id}: ${row.nodes[0]?.html.slice(0, 160) ?? ''}`)]).toEqual([name, []]);
  };
  await page.goto('/figures/ibbe-lantry/brief');
  await page.waitForLoadState('networkidle');
  await page.getByText('Budget, copies, date').click();
  await grave('brief');
  await page.getByRole('tab', { name: 'Pictures' }).click();
  await grave('pictures');
  await page.goto('/figures/ibbe-lantry/fitting?look=ibbe-lantry-2');
  await expect(candidates(page).first()).toBeVisible();
  await grave('fitting');
  for (const button of ['Recolour…', 'Alter…']) {
    await page.getByRole('button', { name: button }).click();
    await grave(button);
    await page.keyboard.press('Escape');
  }
  await page.goto('/figures/ibbe-lantry/compare?looks=ibbe-lantry-1,ibbe-lantry-2,LR-07-a');
  await page.waitForLoadState('networkidle');
  await grave('compare');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('low knot');
  await expect(page.getByRole('option', { name: /knot/i }).first()).toBeVisible();
  await grave('find anything');
});

test('Ctrl K does things: takes back, recolours, starts a figure from a picture', async ({ page }) => {
  const does = async (words: string): Promise<void> => {
    await page.keyboard.press('Control+k');
    await page.keyboard.type(words);
    await page.getByRole('group', { name: 'Do' }).getByRole('option').first().click();
  };
  await page.goto('/figures/toss-hallam/fitting?position=torso');
  await expect(candidates(page).first()).toBeVisible();
  const worn = await parts(page).textContent();
  await page.getByRole('button', { name: 'Take off' }).click();
  await expect(parts(page)).not.toHaveText(worn ?? '');
  await does('undo');
  await expect(parts(page)).toHaveText(worn ?? '');

  await does('recolour');
  await expect(page.getByRole('listbox', { name: 'Colours' })).toBeFocused();
  await page.keyboard.press('Escape');

  await does('from a picture');
  const start = page.getByRole('dialog', { name: 'A new figure' });
  await expect(start.getByRole('radio', { name: /^A picture/ })).toBeChecked();
  await start.getByLabel('Name of the new figure').fill('Ada Wick');
  await start.getByRole('button', { name: 'Add to the line-up' }).click();
  await expect(page.getByRole('tab', { name: 'Pictures', selected: true })).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ada Wick');
});
