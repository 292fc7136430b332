import { type Page } from '@playwright/test';
import { expect, test } from './fixtures.js';

const story = (page: Page) => page.getByRole('textbox', { name: 'Story' });
const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();

async function openBrief(page: Page): Promise<void> {
  await page.goto('/');
  const shelf = page.getByRole('contentinfo', { name: 'Shelf' });
  await shelf.getByRole('button', { name: 'Unfold the shelf' }).click();
  await shelf.getByRole('button', { name: /^Marta Quill/ }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Marta Quill');
}

test('what is written in one tab is read in the other, taken back there, and brought back', async ({ context }) => {
  const [here, there] = [await context.newPage(), await context.newPage()];
  await openBrief(here);
  await openBrief(there);
  const before = await story(here).inputValue();
  await story(here).fill('She mends nets at dusk.');
  await saved(here);
  await expect(story(there)).toHaveValue('She mends nets at dusk.');

  await there.getByRole('button', { name: /^Undo: / }).click();
  await expect(story(there)).toHaveValue(before);
  await expect(story(here)).toHaveValue(before);
  await here.getByRole('button', { name: /^Redo: / }).click();
  await expect(story(there)).toHaveValue('She mends nets at dusk.');
});

test('a brief written in two tabs at once is shown twice over, and neither is lost before one is chosen', async ({ context }) => {
  const [here, there] = [await context.newPage(), await context.newPage()];
  // This tab hears nothing of the other, as when the machine had slept.
  await here.route('**/api/live', (route) => route.abort());
  await openBrief(here);
  await openBrief(there);
  await story(there).fill('Written at the other desk.');
  await saved(there);

  await story(here).fill('Written at this desk.');
  await expect(here.getByText('This brief was changed elsewhere meanwhile')).toBeVisible();
  await expect(here.getByRole('row', { name: /Story/ })).toHaveText(/Written at this desk\..*Written at the other desk\./);
  await expect(story(there)).toHaveValue('Written at the other desk.');

  await here.getByRole('button', { name: 'Keep what is here' }).click();
  await saved(here);
  await expect(story(there)).toHaveValue('Written at this desk.');
});

test('what was typed and not yet saved is there again after the page was closed at once', async ({ context }) => {
  const page = await context.newPage();
  await openBrief(page);
  await page.route('**/brief*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await story(page).fill('Typed a moment before the lights went out.');
  await page.close();

  const again = await context.newPage();
  await openBrief(again);
  await expect(story(again)).toHaveValue('Typed a moment before the lights went out.');
  await saved(again);
});
