import { AxeBuilder } from '@axe-core/playwright';
import { type Page } from '@playwright/test';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

const found = (page: Page) => page.getByRole('listbox', { name: 'Found parts' });
const look = async (page: Page, words: string): Promise<void> => {
  await page.getByRole('searchbox', { name: 'Search the catalogue' }).fill(words);
};

test('a part is found by nickname, by plain words, by motif and though misspelt, and its colours are seen at once', async ({ page }) => {
  await page.goto('/catalogue');
  await expect(page.getByTestId('found')).toContainText(/1,?\d{3} parts/);

  await look(page, 'librarian');
  await expect(found(page).getByRole('option').first()).toContainText('Low knot');
  const colours = page.getByRole('region', { name: 'Colours of Low knot' });
  await expect(colours).toContainText('Made in 7 colours, imagined in 2');
  await expect(colours.getByRole('link', { name: /^chestnut ?, made/ })).toBeVisible();
  await expect(colours.getByRole('link', { name: /^rust ?, imagined/ })).toBeVisible();
  await expect(colours.getByRole('link', { name: 'lagoon' })).toHaveCount(0);

  await look(page, 'brown ponytail');
  await expect(found(page).getByRole('option').first()).toContainText('also called ponytail');
  await expect(found(page).getByRole('option').first()).toContainText(/chestnut|bark|walnut/);

  await look(page, 'crew jacket badge');
  await expect(found(page)).toContainText('Heron crew jacket');

  await look(page, 'lwo knot');
  await expect(page.getByText('Nothing is called “lwo”; this is “low”.')).toBeVisible();
  await expect(found(page).getByRole('option').first()).toContainText('Low knot');

  await look(page, 'zzqxw');
  await expect(page.getByText('Nothing like that is in the catalogue')).toBeVisible();
});

test('facets narrow, say how many they leave, and live in the address', async ({ page }) => {
  await page.goto('/catalogue?q=knot');
  const hair = page.getByRole('checkbox', { name: /^hair/ });
  const count = Number(await hair.locator('xpath=..').locator('span').last().textContent());
  await hair.click();
  await expect(page.getByTestId('found')).toHaveText(`${count} parts`);
  await expect(page).toHaveURL(/family=hair/);
  await page.reload();
  await expect(page.getByTestId('found')).toHaveText(`${count} parts`);
  await page.getByRole('checkbox', { name: /^owned/ }).click();
  await expect(page).toHaveURL(/owned=owned/);
  await expect(found(page).getByRole('option').first()).toContainText('own');
  await page.getByRole('button', { name: 'Clear' }).click();
  await expect(page).toHaveURL(/\/catalogue$/);
});

test('the whole list scrolls, and the keyboard opens a part', async ({ page }) => {
  await page.goto('/catalogue?sort=number');
  await expect(found(page).getByRole('option').first()).toBeVisible();
  await found(page).focus();
  await page.keyboard.press('End');
  await expect(found(page)).not.toHaveAttribute('aria-activedescendant', 'found-0');
  // The end of the list is read from the server; only what is there can be opened.
  const end = await found(page).getAttribute('aria-activedescendant');
  await expect(page.locator(`#${end ?? ''}`)).toContainText(/\w/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/catalogue\/variants\//);
  await expect(page.getByRole('heading', { name: 'Where it comes from' })).toBeVisible();
});

test('a mould over the palette leads to a part, its source, and everything in one colour', async ({ page }) => {
  await page.goto('/catalogue/moulds/CP-801');
  const row = page.getByRole('row', { name: /^lagoon/ });
  await expect(row).toContainText('made');
  await expect(row).toContainText('2017–2025');
  await expect(page.getByRole('row', { name: /^saffron/ })).toContainText('imagined, never made');
  await row.getByRole('link', { name: 'LR-07' }).click();
  await expect(page.getByRole('heading', { name: /Lanterns on the water/ })).toBeVisible();
  await expect(page.getByText('22 parts')).toBeVisible();
  await page.getByRole('link', { name: 'Short cape in lagoon and brass' }).click();
  await expect(page.getByText('Made 2017–2025')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Who wears it' })).toContainText('Ibbe Lantry');
  await expect(page.getByRole('region', { name: 'In your wardrobe' })).toContainText('Odds box');
  await page.getByRole('link', { name: 'lagoon', exact: true }).first().click();
  await expect(page.getByRole('status').first()).toContainText(/parts made in lagoon/);
});

test('an imagined part that turns out to be made is told to whoever planned it', async ({ page }) => {
  await page.goto('/catalogue/variants/HA-118%C2%B7rust');
  await expect(page.getByText('Imagined: nobody has made this')).toBeVisible();
  await page.getByRole('button', { name: 'It has been made after all' }).click();
  await expect(page.getByText('Noted as made. One figure was told.')).toBeVisible();
  await page.getByRole('link', { name: 'Odile Marsh' }).click();
  const notices = page.getByRole('list', { name: 'Notices' });
  await expect(notices).toContainText('Low knot in rust exists');
  await notices.getByRole('button', { name: 'Put away' }).click();
  await expect(notices).toHaveCount(0);
  // Taken back again, so that the other tests meet the world as it was.
  await page.goto('/catalogue/own?do=changes');
  await page.getByRole('listitem').filter({ hasText: 'Changed Low knot in rust' }).getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText('Taken back.')).toBeVisible();
});

test('a colour that is there already is not changed by adding one of its name: it is asked first, and what uses it is said', async ({
  page,
}) => {
  await page.goto('/catalogue/own?do=colour');
  await page.getByLabel('Name', { exact: true }).fill('Saffron');
  const asked = page.getByRole('group', { name: 'It is there already' });
  await expect(asked).toContainText(/“saffron” is in the catalogue already: \d+ parts are of it\./);
  const change = page.getByRole('button', { name: 'Change Saffron' });
  await expect(change).toBeDisabled();
  await asked.getByRole('checkbox').check();
  await expect(change).toBeEnabled();
  // Another name is another colour, and nothing has to be asked.
  await page.getByLabel('Name', { exact: true }).fill('Saffron dusk');
  await expect(asked).toHaveCount(0);
  await page.getByRole('button', { name: 'Add this colour' }).click();
  await expect(page.getByRole('heading', { name: 'Saffron dusk' }).first()).toBeVisible();
});

test('a part that is there already is not changed by adding it: what it hangs on is said, and it is agreed to first', async ({ page }) => {
  await page.goto('/catalogue/own?do=part');
  await pick(page, 'Mould', 'HA-118');
  await pick(page, /^Colour 1, hair/, 'raven');
  const asked = page.getByRole('group', { name: 'It is there already' });
  await expect(asked).toContainText(/is in the catalogue already: 1 official figure wears it, 1 source holds it\./);
  const change = page.getByRole('button', { name: 'Keep the change' });
  await expect(change).toBeDisabled();
  await asked.getByRole('checkbox').check();
  await expect(change).toBeEnabled();
  // Another colour is another part: what was agreed to is asked anew for the next one that is there.
  await pick(page, /^Colour 1, hair/, 'walnut');
  await expect(asked.getByRole('checkbox')).not.toBeChecked();
});

test('a print is composed and drawn as one goes, put on a part, and found', async ({ page }) => {
  await page.goto('/catalogue/prints/new');
  await expect(page.getByRole('button', { name: 'Keep this print' })).toBeDisabled();
  await page.getByLabel('Name').fill('Ferry striper');
  await pick(page, 'Add a motif', 'hooped stripes');
  await pick(page, 'Colour 1 of hooped stripes', 'lagoon');
  const drawing = page.getByRole('region', { name: 'Drawing' });
  await expect(drawing.locator('path[fill="#1F7F8C"]').first()).toBeVisible();
  await pick(page, 'Add a motif', 'bow tie');
  await expect(page.getByRole('list', { name: 'Motifs on the front' }).getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Take off bow tie' }).click();
  await page.getByRole('button', { name: 'Keep this print' }).click();
  await expect(page.getByText('Print kept.')).toBeVisible();
  await page.getByRole('link', { name: 'Add a part with it' }).click();
  await pick(page, /^Colour 1, /, 'chalk');
  await page.getByRole('button', { name: 'Add this part' }).click();
  await page.getByRole('link', { name: /^See / }).click();
  await expect(page.getByRole('heading', { name: 'Torso in chalk, Ferry striper' })).toBeVisible();
  await page.goto('/catalogue?q=ferry+striper');
  await expect(page.getByTestId('found')).toHaveText('1 part');
});

test('a file with bad rows is looked at, told row by row, and only its sound rows are taken', async ({ page }) => {
  await page.goto('/catalogue/own?do=carry');
  await page.getByLabel('What the file holds').selectOption('variants');
  const csv = 'mould,colours,made from,made until\nHA-160,mallow,2024,2025\nHA-160,puce,2024,2025\nHA-000,raven,2024,2025\n';
  await page.getByLabel('Choose a file').setInputFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByRole('region', { name: 'In', exact: true }).getByRole('status')).toContainText(
    '3 rows: 1 new, 0 changed, 0 the same already, 2 problems. Nothing is imported yet.',
  );
  await expect(page.getByRole('row', { name: /3 .*puce/ })).toContainText('There is no colour “puce”.');
  await expect(page.getByRole('row', { name: /HA-000/ })).toContainText('There is no mould “HA-000”.');
  await page.getByRole('button', { name: 'Import the 1 sound row alone' }).click();
  await expect(page.getByRole('region', { name: 'In', exact: true }).getByRole('status')).toContainText('Imported 1 row');
  await page.goto('/catalogue?q=mallow+bob');
  await expect(found(page).getByRole('option').first()).toContainText('mallow');
  await page.goto('/catalogue/own?do=carry');
  await page.getByLabel('What the file holds').selectOption('archive');
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"parts":[]}') });
  await expect(page.getByRole('alert')).toContainText('not a catalogue archive');
});

test('a photograph is kept, and a file that is no picture is refused', async ({ page }) => {
  await page.goto('/catalogue/variants/HE-904%C2%B7teak%2Bwoad');
  const pixel = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAgAAAAICAIAAABLbSncAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAAD0lEQVQImWPowAEYhpYEANsRZgE07zdlAAAAAElFTkSuQmCC',
    'base64',
  );
  await page.getByLabel('Photograph of the back').setInputFiles({ name: 'back.png', mimeType: 'image/png', buffer: pixel });
  await expect(page.getByRole('img', { name: /back of HE-904/ })).toBeVisible();
  await page
    .getByLabel('Photograph of the left')
    .setInputFiles({ name: 'left.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByText('This is no picture that can be read.', { exact: false })).toBeVisible();
});

test('no screen of the catalogue has a serious accessibility fault', async ({ page }) => {
  for (const path of [
    '?q=brown',
    '/moulds/HA-118',
    '/colours/moss',
    '/variants/HA-118%C2%B7raven',
    '/sources',
    '/prints/patch',
    '/own?do=source',
    '/own?do=carry',
  ]) {
    await page.goto(`/catalogue${path}`);
    await page.waitForLoadState('networkidle');
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
    const grave = violations.filter((row) => row.impact === 'serious' || row.impact === 'critical');
    expect([path, grave.map((row) => `${row.id}: ${row.nodes[0]?.html ?? ''}`)]).toEqual([path, []]);
  }
});

test('the colours of a mould are ordered by price and by nearness, the cheapest marked', async ({ page }) => {
  await page.goto('/catalogue/moulds/HA-118');
  const rows = page.getByRole('group', { name: 'Mould by colour' }).getByRole('row');
  await page.getByRole('radio', { name: 'cheapest first' }).click();
  const prices = async (words: RegExp): Promise<readonly number[]> =>
    (await rows.allTextContents()).flatMap((text) => {
      const price = words.exec(text)?.[1];
      return price === undefined ? [] : [Number(price)];
    });
  // What nobody sells used or better comes after what somebody does.
  const [asked, worn] = [await prices(/about €(\d+\.\d\d)$/), await prices(/about €(\d+\.\d\d), worn$/)];
  expect(asked.length).toBeGreaterThan(4);
  for (const list of [asked, worn]) expect(list).toEqual([...list].sort((a, b) => a - b));
  await expect(page.getByRole('columnheader', { name: 'Cheapest, used or better' })).toBeVisible();
  // The row after the heads is the cheapest, and it alone says so.
  await expect(rows.nth(1)).toContainText('cheapest');
  await expect(page.getByText('the cheapest', { exact: true })).toHaveCount(1);

  const raven = rows.filter({ hasText: 'raven' });
  await raven.getByRole('button', { name: 'what is near' }).click();
  await expect(page.getByRole('radio', { name: 'nearest to raven', checked: true })).toBeVisible();
  await expect(rows.nth(1)).toContainText('raven');
  await expect(rows.nth(2)).toContainText(/peat(same to the eye|close|near|different)/);
});

test('a source that is there already is changed only when it is agreed to, and what hangs on it is said', async ({ page }) => {
  await page.goto('/catalogue/own?do=source');
  await page.getByLabel('Number').fill('LR-07');
  await page.getByLabel('Name', { exact: true }).fill('Something else');
  const asked = page.getByRole('group', { name: 'It is there already' });
  await expect(asked).toContainText(/“LR-07 Lanterns on the water” is in the catalogue already: it yields \d+ things/);
  const keep = page.getByRole('button', { name: 'Keep the changes' });
  await expect(keep).toBeDisabled();
  await asked.getByRole('checkbox').check();
  await expect(keep).toBeEnabled();
  await page.getByLabel('Number').fill('LR-07-own');
  await expect(asked).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Add this source' })).toBeEnabled();
});

test('a toy line of one’s own: its places and heights hold for the figures that are of it', async ({ page }) => {
  await page.goto('/catalogue/own?do=system');
  await page.getByLabel('Which').selectOption({ label: 'A new system' });
  await page.getByLabel('Name', { exact: true }).fill('Peg folk');
  await page.getByLabel('Adult, mm').fill('30');
  await expect(page.getByText('A youth stands taller')).toBeHidden();
  for (const place of ['Left hand', 'Right hand', 'In left hand', 'In right hand'])
    for (const list of ['figures have it', 'none can do without']) {
      const box = page.getByLabel(`${place}: ${list}`, { exact: true });
      if (await box.isChecked()) await box.uncheck();
    }
  await page.getByRole('button', { name: 'Add this system' }).click();
  await expect(page.getByText('A youth stands taller than adult.')).toBeVisible();
  await page.getByLabel('Youth, mm').fill('27');
  await page.getByLabel('Child, mm').fill('24');
  await page.getByRole('button', { name: 'Add this system' }).click();
  await expect(page.getByText('System added.')).toBeVisible();

  // Marta Quill, 34.4 mm with hands, is made one of them: too tall, and with hands on nothing.
  await page.goto('/figures/marta-quill/brief');
  await page.getByLabel('Of which toy line').selectOption({ label: 'Peg folk' });
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  await page.getByRole('link', { name: 'Go to the fitting' }).click();
  const marks = page.getByRole('region', { name: 'Marks' });
  await expect(marks).toContainText('figures of Peg folk have no place “Left hand”');
  await expect(marks).toContainText('too tall');
  await expect(page.getByRole('button', { name: 'In right hand, empty' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Headgear', exact: true })).toBeVisible();
});
