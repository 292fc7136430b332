import { expect, test } from './fixtures.js';

const LINE_UPS = ['heron-crew', 'otter-crew', 'kingfisher-crew', 'winter-post', 'better', 'odile', 'sleet', 'lamplighters'];

interface LineUp {
  readonly id: string;
  readonly name: string;
  readonly figures: readonly {
    readonly id: string;
    readonly brief: { readonly name: string };
    readonly looks: readonly { readonly id: string }[];
  }[];
}

test('every line-up opens, and every figure of it stands there judged', async ({ page, request }) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  const all = (await (await request.get('/api/line-ups')).json()) as LineUp[];
  expect(all.map((lineUp) => lineUp.id)).toEqual(expect.arrayContaining(LINE_UPS));
  for (const lineUp of all) {
    await page.goto(`/line-ups/${lineUp.id}`);
    await expect(page.getByRole('heading', { name: lineUp.name })).toBeVisible();
    await expect(page.getByRole('main').getByRole('link', { name: /likeness \d+/ })).toHaveCount(lineUp.figures.length);
  }
  expect(errors).toEqual([]);
});

test('the first figure of every line-up opens in the fitting, look by look: likeness, height, marks in sentences', async ({
  page,
  request,
}) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  const all = (await (await request.get('/api/line-ups')).json()) as LineUp[];
  for (const figure of all.flatMap((lineUp) => lineUp.figures.slice(0, 1)))
    for (const look of figure.looks) {
      await page.goto(`/figures/${figure.id}/fitting?look=${look.id}`);
      await expect(page.getByRole('heading', { name: figure.brief.name, exact: true })).toBeVisible();
      await expect(page.getByTestId('likeness')).toHaveText(/^\d+$/);
      await expect(page.getByTestId('height')).toHaveText(/^\d+\.\d mm$/);
      await expect(page.getByRole('region', { name: 'Marks' })).toContainText(/shows|blocks|Nothing to mend/);
    }
  expect(errors).toEqual([]);
});
