import sharp from 'sharp';
import { pick } from './dressing.js';
import { expect, test } from './fixtures.js';

/** A photograph as it lies on the desk: a part of one colour on grey card. */
async function photograph(name: string, hex: string) {
  const part = `<svg xmlns="http://www.w3.org/2000/svg" width="600" height="600"><rect width="600" height="600" fill="#9a9a96"/><rect x="150" y="150" width="300" height="300" rx="60" fill="${hex}"/></svg>`;
  return { name, mimeType: 'image/png', buffer: await sharp(Buffer.from(part)).png().toBuffer() };
}

test('a plain part comes from a photograph in at most twelve clicks and keys, the next colour of its mould in at most four', async ({
  page,
}) => {
  await page.goto('/catalogue/own?do=photos');
  let deeds = 0;
  const click = async (what: ReturnType<typeof page.locator>, options = {}): Promise<void> => {
    deeds += 1;
    await what.click(options);
  };
  // Taking the photographs is one choice of files.
  deeds += 1;
  await page
    .getByLabel('Photographs of parts')
    .setInputFiles([await photograph('cap.png', '#1F7F8C'), await photograph('cap 2.png', '#C4265B')]);
  await expect(page.getByText('2 photographs on the stack.')).toBeVisible();

  await click(page.getByRole('button', { name: /^Mould: / }));
  await page.getByRole('combobox', { name: /^Search: / }).pressSequentially('bob');
  deeds += 3;
  await expect(page.getByRole('listbox', { name: 'Mould' }).getByRole('option').first()).toContainText('Bob');
  await page.keyboard.press('Enter');
  deeds += 1;
  const picture = page.getByRole('application');
  await click(picture);
  await expect(page.getByRole('group', { name: 'The nearest colours' }).getByRole('button', { pressed: true })).toContainText('lagoon');
  await click(page.getByRole('button', { name: 'Add this part' }));
  await expect(page.getByText('1 photograph on the stack.')).toBeVisible();
  expect(deeds).toBeLessThanOrEqual(12);

  // The mould stays: the next one takes its colour only.
  deeds = 0;
  await expect(page.getByRole('button', { name: 'Mould: Bob' })).toBeVisible();
  await click(picture);
  await expect(page.getByRole('group', { name: 'The nearest colours' }).getByRole('button', { pressed: true })).toContainText('cochineal');
  await click(page.getByRole('button', { name: 'Add this part' }));
  await expect(page.getByText('Nothing waits.')).toBeVisible();
  expect(deeds).toBeLessThanOrEqual(4);

  // Both are parts that are owned, each with its photograph.
  await page.goto('/catalogue/variants/HA-160%C2%B7cochineal');
  await expect(page.getByRole('heading', { name: 'Bob in cochineal' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'front of HA-160·cochineal' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'In your wardrobe' })).toContainText('1');
});

test('a stack outlives being interrupted; a photograph is turned and cut, one that is no picture is refused', async ({ page }) => {
  await page.goto('/catalogue/own?do=photos');
  await page
    .getByLabel('Photographs of parts')
    .setInputFiles([
      await photograph('one.png', '#5E7042'),
      { name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('no picture') },
    ]);
  await expect(page.getByText(/^notes\.png: /)).toBeVisible();
  await page.reload();
  await expect(page.getByText('1 photograph on the stack.')).toBeVisible();
  await page.getByRole('radio', { name: 'Turn and cut it' }).click();
  await page.getByRole('button', { name: 'Turn', exact: true }).click();
  await expect(page.getByLabel('Straighten')).toHaveValue('90');
  await page.getByRole('radio', { name: 'Pick its colours' }).click();
  await pick(page, 'Mould', 'torso');
  await page.getByRole('application').click();
  await page.getByRole('button', { name: 'Add this part' }).click();
  await expect(page.getByText('Nothing waits.')).toBeVisible();
});

test('a mould is told by its shape: drawn and measured as it is said, a corrected measure stays', async ({ page }) => {
  await page.goto('/catalogue/own?do=shape');
  await page.getByRole('radio', { name: 'Cape', exact: true }).click();
  const sides = page.getByRole('group', { name: 'From four sides' });
  const before = await sides.innerHTML();
  await page.getByRole('radio', { name: 'to the ground' }).click();
  await expect.poll(() => sides.innerHTML()).not.toBe(before);
  const mass = page.getByLabel('Mass, g');
  await expect(mass).toHaveValue('0.6');
  await mass.fill('0.9');
  await page.getByRole('radio', { name: 'to the waist' }).click();
  await expect(mass).toHaveValue('0.9');
  await expect(page.getByRole('button', { name: 'corrected; back to 0.3' })).toBeVisible();
  // The same measure lies on the drawing as a line: it is moved by a tenth with an arrow, and dragged.
  const depth = page.getByRole('slider', { name: 'Depth behind, mm' });
  const typed = page.getByLabel('Depth behind, mm').and(page.locator('input'));
  await depth.press('ArrowUp');
  await expect(typed).toHaveValue('1.1');
  const box = await depth.boundingBox();
  if (!box) throw new Error('the line is not drawn');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 12, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => Number(await typed.inputValue())).toBeGreaterThan(3);
  await page.getByRole('button', { name: 'corrected; back to 1', exact: true }).click();
  await page.getByLabel('Name', { exact: true }).fill('Gusty cape');
  await page.getByRole('button', { name: 'Add this mould' }).click();
  await expect(page.getByRole('heading', { name: /Gusty cape/ })).toBeVisible();
  // It is opened again as it was told.
  await page.getByRole('link', { name: 'Change its shape' }).click();
  await expect(page.getByRole('radio', { name: 'to the waist' })).toBeChecked();
  await expect(page.getByLabel('Mass, g')).toHaveValue('0.9');
  // Nothing uses it: it goes into the bin, and comes back.
  await page.goBack();
  await page.getByRole('button', { name: 'Put in the bin' }).click();
  await page.goto('/bin');
  await expect(page.getByRole('list', { name: 'In the bin' })).toContainText('Gusty cape');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await page.goto('/catalogue/moulds/gusty-cape');
  await expect(page.getByRole('heading', { name: /Gusty cape/ })).toBeVisible();
});

test('what is printed is marked on a map of faces and zones, its colours picked from the photograph', async ({ page }) => {
  await page.goto('/catalogue/own?do=photos');
  await page.getByLabel('Photographs of parts').setInputFiles([await photograph('shirt.png', '#1F7F8C')]);
  await pick(page, 'Mould', 'torso');
  await page.getByRole('application').click();
  await page.getByRole('radio', { name: 'Mark what is printed' }).click();
  const map = page.getByRole('table', { name: 'Where something is printed' });
  await map.getByRole('button', { name: 'chest, back: plain' }).click();
  await pick(page, 'What is printed at chest, back', 'hooped stripes');
  await expect(map.getByRole('button', { name: 'chest, back: hooped stripes' })).toBeVisible();
  await expect(map.getByRole('button', { name: 'chest, front: plain' })).toBeVisible();
  // The colour of the stripes is the one that a click on the photograph gives now; the plastic keeps its own.
  await page.getByRole('application').click();
  await expect(page.getByRole('button', { name: 'Colour 1 of hooped stripes: lagoon' })).toBeVisible();
  await page.getByRole('button', { name: 'Add this part' }).click();
  await expect(page.getByText('Nothing waits.')).toBeVisible();
  await page.goto('/catalogue/prints/hooped-stripes');
  await page.getByRole('button', { name: 'back', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Motifs on the back' }).getByRole('listitem')).toHaveCount(1);
});

test('a mould is drawn by oneself: an SVG becomes its outline, a hostile one is refused with its reason', async ({ page }) => {
  const drawing = (name: string, inner: string) => ({
    name,
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40">${inner}</svg>`),
  });
  await page.goto('/catalogue/own?do=shape');
  await page.getByRole('radio', { name: 'Hat', exact: true }).click();
  await page.getByText('Drawn by yourself, as SVG').click();
  const choose = async (button: string, file: ReturnType<typeof drawing>): Promise<void> => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: button }).click();
    await (await chooser).setFiles(file);
  };
  await choose('From the front…', drawing('bad.svg', '<script>1</script><path d="M0 0h9v9z"/>'));
  await expect(page.getByRole('alert')).toHaveText('bad.svg: The drawing holds a script. Export it as a plain SVG.');
  await choose(
    'From the front…',
    drawing('paper.svg', '<path fill="#c33" d="M0 40L30 0L60 40z"/><path fill="#fff" d="M0 40h60v-6h-60z"/>'),
  );
  await expect(page.getByRole('alert')).toBeHidden();
  const front = page.getByRole('group', { name: 'From four sides' }).locator('figure').first();
  await expect(front.locator('path[d^="M-45,-66 L0,-126"]')).toHaveCount(1);
  await page.getByLabel('Name', { exact: true }).fill('Paper hat');
  await page.getByRole('button', { name: 'Add this mould' }).click();
  await expect(page.getByRole('heading', { name: /Paper hat/ })).toBeVisible();
  await page.getByRole('link', { name: 'Change its shape' }).click();
  await expect(page.getByRole('button', { name: 'From the front: another…' })).toBeVisible();
});
