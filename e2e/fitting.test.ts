import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './fixtures.js';

test('a wish that is missed is told with the one change that gains most for its cost, and that is done with a click', async ({ page }) => {
  await page.goto('/figures/corvin-pell/fitting?look=corvin-pell-1');
  const best = page.getByRole('region', { name: 'Most for least' });
  await expect(best).toContainText('Put on Windblown in ember');
  const [before, gain] = [
    Number(await page.getByTestId('likeness').textContent()),
    Number(/\+(\d+)/.exec((await best.textContent()) ?? '')?.[1]),
  ];
  await best.getByRole('button').click();
  await expect(page.getByTestId('likeness')).toHaveText(String(before + gain));
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('likeness')).toHaveText(String(before));
});

test('undo and redo survive a reload', async ({ page }) => {
  await page.goto('/figures/toss-hallam/fitting?position=headgear');
  const parts = page.getByRole('list', { name: 'Parts of this look' });
  await expect(parts).toContainText('Bowl fringe in straw');
  await page.getByLabel('Filter by words').fill('clerk');
  await page
    .getByRole('option', { name: /Side parting, HA-124/ })
    .first()
    .click();
  await expect(parts).toContainText('Side parting');
  await page.reload();
  await expect(parts).toContainText('Side parting');
  await page.keyboard.press('Control+z');
  await expect(parts).toContainText('Bowl fringe in straw');
  await page.reload();
  await expect(parts).toContainText('Bowl fringe in straw');
  await page.keyboard.press('Control+Shift+z');
  await expect(parts).toContainText('Side parting');
  await page.keyboard.press('Control+z');
  await expect(parts).toContainText('Bowl fringe in straw');
});

test('a mark is mended by its remedy, and another overruled with a reason that stays', async ({ page }) => {
  await page.goto('/figures/ibbe-lantry/fitting?look=ibbe-lantry-2');
  const marks = page.getByRole('region', { name: 'Marks' });
  await expect(marks).toContainText('The hands in clay are some way from the face in umber.');
  await marks.getByRole('button', { name: 'Put on Mitten hand in umber, owned' }).click();
  await expect(marks).not.toContainText('hands in clay');
  await marks.getByRole('listitem').filter({ hasText: 'high and loose' }).getByRole('button', { name: 'Overrule it…' }).click();
  await page.getByLabel('Why it is fine').fill('It is a windy night');
  await page.getByRole('button', { name: 'Overrule', exact: true }).click();
  await page.reload();
  await expect(marks).toContainText('Overruled: “It is a windy night”.');
});

test('a figure is dressed with the keyboard alone', async ({ page }) => {
  await page.goto('/figures/juno-sedge/fitting');
  await expect(page.getByRole('option').first()).toBeVisible();
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { name: 'In right hand' })).toBeVisible();
  await expect(page.getByRole('option').first()).toBeVisible();
  await page.getByRole('listbox').focus();
  await page.keyboard.press('ArrowDown');
  const active = await page.getByRole('listbox').getAttribute('aria-activedescendant');
  const name = (await page.locator(`#${active} b`).textContent()) ?? '';
  await page.keyboard.press('Enter');
  await expect(page.getByRole('option').filter({ hasText: 'on now' })).toContainText(name);
  await page.keyboard.press('v');
  await expect(page).toHaveURL(/view=back/);
  await page.keyboard.press('b');
  await expect(page).toHaveURL(/brief/);
});

test('the figure itself is the menu', async ({ page }) => {
  await page.goto('/figures/bram-otterby/fitting');
  await page.getByTestId('drawn-figure').locator('[data-position=torso] path').first().click({ force: true });
  await expect(page.getByRole('region', { name: 'Candidates' }).getByRole('heading', { name: 'Torso' })).toBeVisible();
});

test('no request leaves the machine, and nothing serious hinders a screen reader', async ({ page }) => {
  const asked: string[] = [];
  const errors: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  for (const path of [
    '/',
    '/figures/marta-quill/brief',
    '/figures/marta-quill/fitting',
    '/figures/marta-quill/errand',
    '/wardrobe',
    '/market',
  ]) {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
    expect([
      path,
      violations
        .filter((row) => row.impact === 'serious' || row.impact === 'critical')
        .map((row) => [row.id, row.nodes.slice(0, 3).map((node) => node.html.slice(0, 120))]),
    ]).toEqual([path, []]);
  }
  expect(asked.length).toBeGreaterThan(20);
  expect(asked.filter((url) => !/^(http:\/\/127\.0\.0\.1:\d+\/|data:|blob:)/.test(url))).toEqual([]);
  expect(errors).toEqual([]);
});

test('the thread tells of the look that is open, and of the chosen one when none is named', async ({ page }) => {
  const stages = page.getByRole('navigation', { name: 'Stages' });
  await page.goto('/figures/perrin-oake/fitting?look=perrin-oake-2');
  await expect(stages).toContainText('Fitting2 marks');
  await expect(stages).toContainText('Errand6 to buy');
  await page.goto('/figures/perrin-oake/fitting');
  await expect(stages).toContainText('Errand2 to buy');
});
