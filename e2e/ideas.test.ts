import { AxeBuilder } from '@axe-core/playwright';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

const csv = (text: string) => ({ name: 'poll.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });

test('the page for a free evening: what is ready first, what is late in red, an idea last', async ({ page }) => {
  await page.goto('/ideas');
  const chances = page.getByRole('list', { name: 'What could be done now' }).getByRole('listitem');
  await expect(chances.first()).toContainText('ready, to build');
  await expect(chances.filter({ hasText: 'Marta at the helm, for Pernille Aske' })).toContainText('late since');
  await expect(chances.last()).toContainText('an idea');
  await chances.first().getByRole('link').click();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
});

test('an idea is written down, voted for by hand and by a poll, and becomes a figure with its credit', async ({ page }) => {
  await page.goto('/ideas?show=ideas');
  await page.getByRole('button', { name: 'Write down an idea…' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('The idea').fill('The ferryman');
  await sheet.getByLabel('Whose idea it was').fill('Ines');
  await sheet.getByLabel('Where it was heard').fill('the pier');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  const idea = page.getByRole('listitem').filter({ hasText: 'The ferryman' });
  await expect(idea).toContainText('Ines, the pier');
  await idea.getByRole('button', { name: 'One vote more for The ferryman' }).click();
  await page.getByRole('button', { name: 'Bring in a poll…' }).click();
  await page.locator('input[type=file]').setInputFiles(csv('voter,The ferryman\nAnn,x\nann,x\nBo,\n'));
  await expect(page.getByText('Voted in a row before; that one counts.')).toBeVisible();
  await page.getByRole('button', { name: 'Import the 2 sound rows alone' }).click();
  await expect(idea.getByTitle('1 by hand, 1 in polls')).toHaveText('2');
  await pick(page, 'Plan The ferryman in', 'Otter', idea);
  await page.getByRole('listitem').filter({ hasText: 'The ferryman' }).getByRole('link', { name: 'what it became' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('The ferryman');
  await page.getByText('Budget, copies, date').click();
  await expect(page.getByLabel('Whose idea it was')).toHaveValue('Ines (the pier)');
});

test('something is promised to somebody, given, and Undo takes that back; a new promise says what its figure waits for', async ({
  page,
}) => {
  await page.goto('/ideas?show=owed');
  const first = page.getByRole('main').getByRole('listitem').first();
  await expect(first).toContainText('Marta at the helm, for Pernille Aske');
  await expect(first).toContainText('Marta Quill: 3 to buy');
  await first.getByRole('button', { name: 'It is given' }).click();
  await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'Pernille Aske' })).toContainText('given');
  await page.getByRole('button', { name: /^Undo: Gave Pernille Aske/ }).click();
  await expect(first).toContainText('late since');
  await page.getByRole('button', { name: 'Promise something…' }).click();
  const sheet = page.getByRole('dialog', { name: 'Owed' });
  await sheet.getByLabel('To whom').fill('Kim');
  await sheet.getByLabel('What', { exact: true }).fill('the steer of the Otters');
  await pick(page, 'Add a figure', 'Wick', sheet);
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'for Kim' })).toContainText('Wick Sallow');
});

test('the three ways to look at ideas have no serious accessibility fault', async ({ page }) => {
  for (const show of ['', '?show=ideas', '?show=owed']) {
    await page.goto(`/ideas${show}`);
    await expect(page.getByRole('heading', { name: 'Ideas' })).toBeVisible();
    await page.waitForLoadState('networkidle');
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(
      violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id, nodes }) => `${show} ${id}: ${nodes[0]?.html ?? ''}`),
    ).toEqual([]);
  }
});
