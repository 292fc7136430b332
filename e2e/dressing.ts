import type { Locator, Page } from '@playwright/test';
import { expect } from './fixtures.js';

/** What a person sees and does while dressing a figure. */
export const candidates = (page: Page): Locator => page.getByRole('listbox', { name: /^Candidates/ }).getByRole('option');
export const parts = (page: Page): Locator => page.getByRole('list', { name: 'Parts of this look' });
export const marks = (page: Page): Locator => page.getByRole('region', { name: 'Marks' });

/** Chooses among many: opens the choice, types what is looked for, takes the first that is found once the list has followed. */
export async function pick(page: Page, label: string | RegExp, words: string, within: Page | Locator = page): Promise<void> {
  await within
    .getByRole('button', { name: typeof label === 'string' ? new RegExp(`^${label}: `) : label })
    .first()
    .click();
  const search = page.getByRole('combobox', { name: /^Search: / });
  await search.fill(words);
  const first = page
    .locator(`[id="${(await search.getAttribute('aria-controls')) ?? ''}"]`)
    .getByRole('option')
    .first();
  for (const word of words.split(' ')) await expect(first).toContainText(new RegExp(word, 'i'));
  await first.click();
}

/** Types words into the filter, waits until the list has followed, as a reader does, and puts the best of them on. */
export async function putOnBest(page: Page, words: string): Promise<void> {
  await page.getByLabel('Filter by words').fill(words);
  const best = candidates(page).first();
  for (const word of words.split(' ')) await expect(best).toContainText(new RegExp(word, 'i'));
  await best.click();
}
