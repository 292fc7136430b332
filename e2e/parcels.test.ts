import { AxeBuilder } from '@axe-core/playwright';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

test('an errand’s plan is ordered: nothing is to buy any more; a parcel comes with a wrong part, which is put away as what it is', async ({
  page,
}) => {
  await page.goto('/figures/bram-otterby/errand');
  await page.getByRole('button', { name: 'Plan the errand' }).click();
  await page.getByRole('button', { name: 'Place these orders' }).click();
  await page.getByRole('button', { name: /^Yes, \d+ parcel/ }).click();
  await expect(page.getByRole('link', { name: /parcels? ordered/ })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toContainText('nothing to buy');
  await expect(page.getByRole('button', { name: 'Bram Otterby, waiting' })).toBeVisible();

  // The market goes on: one of the parcels that were on their way before comes, with another part in it than was ordered.
  await page.goto('/market');
  await page.getByRole('button', { name: 'On by a day' }).click();
  await expect(page.getByRole('button', { name: 'On by a day' })).toBeEnabled({ timeout: 60_000 });
  await page.getByRole('button', { name: 'On by a day' }).click();
  await expect(page.getByRole('button', { name: 'On by a day' })).toBeEnabled({ timeout: 60_000 });
  await page.getByRole('link', { name: 'Parcels' }).click();
  const late = page.getByRole('region', { name: 'Late' });
  await expect(late).toContainText('Second Shelf');
  await page
    .getByRole('region', { name: 'Here, to put away' })
    .getByRole('button', { name: /Button Box/ })
    .click();
  const panel = page.getByRole('complementary', { name: 'Parcel from Button Box' });
  const form = panel.getByRole('form', { name: 'Put away' });
  await expect(form).toContainText('On the desk: 4 ×');
  await form.getByLabel(/^Came, of Standard legs/).fill('4');
  await form.getByRole('button', { name: 'Another part came…' }).first().click();
  await pick(page, /^Instead of /, 'standard legs walnut soot', form);
  await pick(page, 'Put them into', 'Drawer D', form);
  await form.getByRole('button', { name: 'Put 13 pieces away' }).click();
  await expect(panel.getByRole('list', { name: 'Lines' })).toContainText('4 came, 1 expected');

  // The seller is asked for the money back, and answers: the parcel is settled, and what came carries what it cost.
  await panel.getByRole('button', { name: 'Something was wrong' }).click();
  await panel.getByLabel('What becomes of it').selectOption('money back');
  await panel.getByLabel(/^Money back/).fill('0.60');
  await panel.getByRole('button', { name: 'Ask the seller' }).click();
  const claims = panel.getByRole('region', { name: 'Claims' });
  await expect(claims).toContainText('money back');
  await expect(page.getByRole('region', { name: 'Here, to put away' })).toContainText('Button Box');
  await claims.getByRole('button', { name: 'Settled' }).click();
  await expect(claims).toContainText('€0.60 back');
  await expect(page.getByRole('region', { name: 'Settled' })).toContainText('Button Box');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('region', { name: 'Here, to put away' })).toContainText('Button Box');
});

test('a find at a table goes straight into a drawer, and what was spent is told', async ({ page }) => {
  await page.goto('/parcels');
  await page.getByRole('button', { name: 'Add a parcel…' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('From whom').fill('The swap table');
  await pick(page, 'Part', 'low knot raven', sheet);
  await sheet.getByLabel('How many').fill('2');
  await sheet.getByLabel(/^Price each/).fill('0.50');
  await sheet.getByRole('button', { name: 'Put it in' }).click();
  await pick(page, 'It is here already, and goes into', 'Drawer A', sheet);
  await sheet.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByRole('region', { name: 'Settled' })).toContainText('The swap table');
  await expect(page.getByRole('region', { name: 'Settled' })).toContainText('€1.00');
  await page.getByRole('button', { name: /spent$/ }).click();
  await expect(page.getByRole('region', { name: 'What was spent' })).toContainText('as planned');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((row) => row.impact === 'serious' || row.impact === 'critical')).toEqual([]);
});

test('a form that is opened while the one before is still being answered stays open', async ({ page }) => {
  await page.goto('/parcels');
  await page
    .getByRole('region', { name: 'Late' })
    .getByRole('button', { name: /Second Shelf/ })
    .click();
  const panel = page.getByRole('complementary', { name: 'Parcel from Second Shelf' });
  await panel.getByRole('button', { name: 'It is here' }).click();
  const form = panel.getByRole('form', { name: 'Put away' });
  await pick(page, 'Put them into', 'Drawer D', form);
  let answer = (): void => undefined;
  const held = new Promise<void>((done) => (answer = done));
  await page.route('**/received', async (route) => {
    await held;
    await route.continue();
  });
  await form.getByRole('button', { name: /^Put \d+ pieces? away/ }).click();
  await panel.getByRole('button', { name: 'Something was wrong' }).click();
  const wrong = panel.getByRole('form', { name: 'Something was wrong' });
  await wrong.getByLabel('How many').fill('2');
  answer();
  await expect(panel.getByRole('list', { name: 'Lines' })).toContainText('came');
  await expect(wrong.getByLabel('How many')).toHaveValue('2');
});

test('an amount that is none is refused in words that stay until they are closed, and what was typed stays too', async ({ page }) => {
  await page.goto('/parcels');
  const card = page.getByRole('main').getByRole('button', { name: /^Button Box/ });
  await card.click();
  const panel = page.getByRole('complementary', { name: 'Parcel from Button Box' });
  const paid = panel.getByLabel(/^Paid, in/);
  await paid.fill('-3');
  await paid.press('Enter');
  const refusal = page.getByText('“-3” is no amount: write one such as 3.95.');
  await expect(refusal).toBeVisible();
  await expect(paid).toHaveValue('-3');
  await page.getByRole('button', { name: 'Close toast' }).click();
  await expect(refusal).toBeHidden();
  await paid.fill('6,20');
  await paid.press('Enter');
  await expect(card).toContainText('€6.20');
});
