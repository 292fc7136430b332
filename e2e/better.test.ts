import { type Page } from '@playwright/test';
import { candidates, marks, parts, putOnBest, pick } from './dressing.js';
import { expect, test } from './fixtures.js';
import sharp from 'sharp';

const shown = async (page: Page): Promise<number> => Number(await page.getByTestId('likeness').textContent());

async function begin(page: Page, kind: RegExp, name: string, which?: string): Promise<void> {
  await page.goto('/line-ups/better');
  await page.getByRole('button', { name: 'New figure…' }).click();
  await page.getByLabel(kind).check();
  if (which !== undefined) await pick(page, 'Which', which);
  await page.getByLabel('Name of the new figure').fill(name);
  await page.getByRole('button', { name: 'Add to the line-up' }).click();
}

test('an official figure is made better: its faults are spotted, and mended by their remedies', async ({ page }) => {
  await begin(page, /An official figure/, 'The better toll keeper', 'LR-21-a');
  await expect(page.getByRole('heading', { name: 'The better toll keeper' })).toBeVisible();
  const before = await shown(page);

  // What was wrong with it as made, each in one sentence; its figures stand behind the why.
  await expect(marks(page)).toContainText('The hair in straw is far from the raven brows.');
  await expect(marks(page)).toContainText('The second face shows behind under Crest: 49 % of it is bare.');
  await expect(marks(page)).toContainText('2 belts, one on the other: printed belt on Torso and Leather belt.');
  await expect(marks(page)).toContainText('is on the front alone: from the side it stays slate');

  // The second face is hidden by other hair, the belt comes off, the legs are printed all round.
  await marks(page)
    .getByRole('listitem')
    .filter({ hasText: 'second face' })
    .getByRole('button', { name: /^Put on Low knot in straw/ })
    .click();
  await expect(parts(page)).toContainText('Low knot in straw');
  await expect(marks(page)).not.toContainText('second face');
  await marks(page).getByRole('button', { name: 'Take off Leather belt' }).click();
  await expect(marks(page)).not.toContainText('2 belts');
  await marks(page)
    .getByRole('listitem')
    .filter({ hasText: 'on the front alone' })
    .getByRole('button', { name: /^Put on Standard legs in slate/ })
    .first()
    .click();
  await expect(marks(page)).not.toContainText('on the front alone');
  // What is left is mended with a key: the first remedy of the gravest mark. It costs something, so it is said before it is done.
  await expect(marks(page)).toContainText('far from the raven brows');
  await page.keyboard.press('r');
  await expect(page.getByText(/^Put on .* likeness, .*Press R once more to do it\.$/)).toBeVisible();
  await expect(marks(page)).toContainText('far from the raven brows');
  await page.keyboard.press('r');
  await expect(marks(page)).not.toContainText('from the raven brows');

  // Compared with what was made, and with the official figure itself.
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page).toHaveURL(/look=/);
  await page.getByRole('button', { name: 'Take off', exact: true }).click();
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByRole('region', { name: 'As made', exact: true })).toBeVisible();
  await pick(page, 'Add to the comparison', 'LR-21-a');
  const official = page.getByRole('region', { name: 'Toll keeper, official' });
  await expect(official.getByRole('img', { name: 'Toll keeper, official, back' })).toBeVisible();
  await expect(official).toContainText('pieces to change');
  await expect(official.getByRole('listitem').filter({ hasText: 'Crest in straw' })).toContainText('(differs)');
  expect(before).toBeGreaterThan(60);
});

test('a new character is designed from a reference picture', async ({ page }) => {
  // Chestnut above, verdigris across the middle, madder below.
  const band = (background: string, height: number) =>
    sharp({ create: { width: 300, height, channels: 3, background } })
      .png()
      .toBuffer();
  const picture = await sharp(await band('#A5323C', 400))
    .composite([
      { input: await band('#5FA391', 200), top: 0, left: 0 },
      { input: await band('#7B4A32', 130), top: 0, left: 0 },
    ])
    .png()
    .toBuffer();
  await begin(page, /^Nothing/, 'Somebody in madder');
  await page.getByRole('tab', { name: 'Pictures' }).click();
  await page.getByLabel('Add a picture').setInputFiles({ name: 'harbour.png', mimeType: 'image/png', buffer: picture });
  const viewer = page.getByRole('application', { name: /harbour\.png/ });
  await expect(viewer).toBeVisible();
  await expect(page.getByText('Click the picture to pick a colour.', { exact: false })).toBeVisible();

  // From the first moment the parts that exist in its colours stand beside it, position by position.
  const inColours = page.getByRole('region', { name: 'Parts in these colours' });
  const ofPicture = inColours.getByRole('list', { name: 'Colours of this picture' }).getByRole('listitem');
  await expect(ofPicture.first()).toHaveText('madder');
  await expect(ofPicture).toHaveText(['madder', 'chestnut', 'verdigris']);
  const torsos = inColours.getByRole('listitem').filter({ hasText: /^Torso/ });
  await expect(torsos.getByRole('link').first()).toHaveAttribute('aria-label', /^Torso in madder/);

  // The lower half is nearly madder; the disc says so in figures and words, and what exists in it.
  const box = await viewer.boundingBox();
  if (!box) throw new Error('the picture is on the page');
  const at = (share: number): Promise<void> => page.mouse.click(box.x + box.width / 2, box.y + box.height * share);
  await at(0.8);
  const palette = page.getByRole('list', { name: 'Nearest palette colours' });
  await expect(palette.getByRole('listitem').first()).toContainText('madder');
  await expect(palette.getByRole('listitem').first()).toContainText('same to the eye');
  await palette.getByRole('listitem').first().getByRole('button', { name: 'Wish for it' }).click();
  await palette.getByRole('listitem').first().getByRole('button', { name: 'Main' }).click();
  await expect(inColours.getByRole('heading')).toHaveText('Parts in the colours nearest to it');

  // On the seam the patch is not one colour, and says so.
  await at(0.5);
  await expect(page.getByText(/Not one colour: its pixels stray by \d+/)).toBeVisible();
  await page.getByLabel('For which area').selectOption({ label: 'hair, hat' });
  await at(0.2);
  await expect(palette.getByRole('listitem').first()).toContainText('chestnut');
  await palette.getByRole('listitem').first().getByRole('button', { name: 'Wish for it' }).click();

  // A pin with a note stays on the picture.
  await page.getByRole('button', { name: 'Pin a note' }).click();
  await at(0.3);
  await page.getByLabel('Note of pin 1').fill('Hair like wet rope');
  await page.getByLabel('Note of pin 1').press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Note of pin 1')).toHaveValue('Hair like wet rope');

  // The wishes are there, a sentence is added, and the fitting ranks by all of it.
  await page.getByRole('tab', { name: 'Wanted' }).click();
  await expect(page.getByRole('row').filter({ has: page.locator('input[value^="madder, from"]') })).toHaveCount(1);
  await page.getByRole('button', { name: 'Add a wish' }).click();
  const wish = page.getByRole('row').last();
  await wish.getByLabel('What').fill('Brown brows, and calm');
  await wish.getByLabel('Kind').selectOption({ label: 'any part with' });
  await wish.getByLabel('Target').fill('any head with brown brows and a calm face');
  await expect(wish).toContainText('All of: brown brows + calm');
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /Fitting/ })
    .click();
  for (const [place, wanted] of [
    ['Headgear', /chestnut/],
    ['Head', /Head/],
    ['Torso', /madder/],
  ] as const) {
    await page.getByRole('button', { name: `${place}, empty` }).click();
    await expect(candidates(page).first()).toContainText(wanted);
    await candidates(page).first().click();
    await expect(page.getByRole('button', { name: place, exact: true })).toBeVisible();
  }
  // It still lacks arms, hands and legs: one mark says all of it, and one press puts them on.
  await expect(page.getByText('held at 90: something is lacking')).toBeVisible();
  await expect(marks(page)).toContainText('It is not whole: it lacks both arms, both hands and legs.');
  await marks(page)
    .getByRole('listitem')
    .filter({ hasText: 'not whole' })
    .getByRole('button', { name: /^Put on / })
    .click();
  await expect(marks(page)).not.toContainText('not whole');
  expect(await shown(page)).toBeGreaterThan(90);
});

/** Hands a file to the page the way a person's clipboard or file manager does. */
async function handOver(page: Page, how: 'paste' | 'drop', file: { name: string; type: string; bytes: Buffer }): Promise<void> {
  const content = await page.evaluateHandle(
    ({ name, type, base64 }) => {
      const data = new DataTransfer();
      data.items.add(new File([Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))], name, { type }));
      return data;
    },
    { name: file.name, type: file.type, base64: file.bytes.toString('base64') },
  );
  if (how === 'drop')
    return page.getByText('or drop it here, or paste it.', { exact: false }).dispatchEvent('drop', { dataTransfer: content });
  await content.evaluate((data) => window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true })));
}

test('pictures are pasted and dropped; what is no picture is refused, and the bin gives back', async ({ page }) => {
  const plain = (background: string) =>
    sharp({ create: { width: 60, height: 60, channels: 3, background } })
      .jpeg()
      .toBuffer();
  await begin(page, /^Nothing/, 'Somebody out of two pictures');
  await page.getByRole('tab', { name: 'Pictures' }).click();
  await handOver(page, 'paste', { name: 'pasted.jpg', type: 'image/jpeg', bytes: await plain('#5FA391') });
  await expect(page.getByRole('application', { name: /pasted\.jpg/ })).toBeVisible();
  await handOver(page, 'drop', { name: 'dropped.jpg', type: 'image/jpeg', bytes: await plain('#A5323C') });
  await expect(page.getByRole('application', { name: /dropped\.jpg/ })).toBeVisible();

  await handOver(page, 'drop', { name: 'notes.txt', type: 'text/plain', bytes: Buffer.from('no picture') });
  await expect(page.getByText('This is no PNG, JPEG or WebP picture. Nothing was added.')).toBeVisible();
  await expect(page.getByRole('img', { name: /(pasted|dropped)\.jpg/ })).toHaveCount(2);

  await page.getByRole('button', { name: 'Put in the bin' }).click();
  await expect(page.getByRole('application', { name: /pasted\.jpg/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByRole('img', { name: 'dropped.jpg' })).toBeVisible();
});

test('a bald character: no hair is wished for, and the checks say what the bare head means', async ({ page }) => {
  await begin(page, /An official figure/, 'The bald barker', 'LR-21-a');
  await page.getByRole('button', { name: 'Take off', exact: true }).click();
  await expect(parts(page)).not.toContainText('Headgear');
  await expect(marks(page)).toContainText('The second face shows behind on the bare head: 100 % of it is bare.');
  await expect(marks(page)).not.toContainText('brows');
  // A head with one face settles it; nothing has to hide under hair then.
  await page.getByRole('button', { name: 'Head', exact: true }).click();
  await putOnBest(page, 'walrus wheat');
  await expect(marks(page)).not.toContainText('second face');
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: /Brief/ }).click();
  await page.getByRole('button', { name: 'Add a wish' }).click();
  const wish = page.getByRole('row').last();
  await wish.getByLabel('What').fill('Bald as an egg');
  await wish.getByLabel('Where').selectOption({ label: 'hair, hat' });
  await wish.getByLabel('Kind').selectOption({ label: 'must not show' });
  await expect(wish.getByRole('img', { name: /met|answered/i }).or(wish.locator('svg').first())).toBeVisible();
});

test('cape, plate and scarf are stacked until the head no longer seats', async ({ page }) => {
  await page.goto('/figures/pim-otterby/fitting?position=neck.1');
  const stack = async (place: string, words: string): Promise<void> => {
    await page.getByRole('button', { name: `${place}, empty` }).click();
    await putOnBest(page, words);
    await expect(page.getByRole('button', { name: place, exact: true })).toBeVisible();
  };
  // The neck is 4.0 long and the head wants 2.4 of it: 0.8 and 1.0 leave 2.2.
  await stack('Neck 1', 'CP-801');
  await expect(marks(page)).not.toContainText('loose');
  await stack('Neck 2', 'breastplate');
  await expect(marks(page)).toContainText('leave the head high and loose on the neck.');
  await stack('Neck 3', 'woven scarf');
  await expect(marks(page)).toContainText('leave too little of the neck for the head, which will not hold.');
  await expect(marks(page).getByRole('listitem').filter({ hasText: 'will not hold' })).toContainText('blocks');
  await expect(page.getByRole('contentinfo', { name: 'Shelf' }).getByRole('button', { name: /Pim Otterby, blocked/ })).toBeVisible();
  await marks(page).getByRole('button', { name: 'Take off Woven scarf' }).click();
  await expect(marks(page)).not.toContainText('will not hold');
});

test('a child grows up when the year of the story changes', async ({ page }) => {
  await page.goto('/figures/toss-hallam/brief');
  await expect(page.getByTestId('age-band')).toHaveText('9 years old in the story: child, stands 29.2 mm.');
  await page.getByLabel('Year of the story').fill('1915');
  await expect(page.getByTestId('age-band')).toHaveText('19 years old in the story: adult, stands 34.4 mm.');
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: /Fitting/ })
    .click();
  await expect(marks(page)).toContainText('5.2 mm too short for somebody of 19 (adult): Short legs makes it so.');
  await marks(page)
    .getByRole('listitem')
    .filter({ hasText: 'too short' })
    .getByRole('button', { name: /^Put on Standard legs in slate/ })
    .first()
    .click();
  await expect(page.getByTestId('height')).toHaveText('34.4 mm');
  await expect(marks(page)).not.toContainText('too short');
});
