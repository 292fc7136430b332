import { describe, expect, test } from '@jest/globals';
import {
  Catalogue,
  DESCRIPTORS,
  type Look,
  measuresOf,
  type Mould,
  plainShapingOf,
  type Position,
  readShaping,
  SHAPE_FAMILIES,
  type Shaping,
  writeShaping,
  wornParts,
} from '@outfit/core';
import sharp from 'sharp';
import { coversOf, drawLook, drawVariant, joints, regionBoxes, silhouette, VIEWS } from '../src/index.js';

const withValues = (family: Shaping['family'], values: Shaping['values']): Shaping => ({
  family,
  values: { ...plainShapingOf(family).values, ...values },
});
/** The plain shape of a family, and each with one thing said otherwise. */
const VARIED: readonly Shaping[] = SHAPE_FAMILIES.flatMap((family) => [
  plainShapingOf(family),
  ...DESCRIPTORS[family].flatMap(({ key, options }) => options.slice(1).map(([value]) => withValues(family, { [key]: value }))),
]);
const names = (all: readonly Shaping[]) => all.map((shaping): [string, Shaping] => [writeShaping(shaping), shaping]);

function mouldOf(shaping: Shaping): Mould {
  const { family, fills, material, geometry, words, length } = measuresOf(shaping);
  return {
    number: 'part',
    name: 'part',
    nicknames: [],
    family,
    revision: 1,
    material,
    silhouette: writeShaping(shaping),
    fills,
    geometry,
    shape: { words, ...(length === undefined ? {} : { length }) },
    motifs: [],
    thirdParty: false,
  };
}

describe('a shape told by its descriptors', () => {
  test.each(names(VARIED))('%s is drawn from four sides, and reads as it was written', (name, shaping) => {
    expect(readShaping(name)).toEqual(shaping);
    const art = silhouette(name);
    const mould = mouldOf(shaping);
    const catalogue = new Catalogue({
      colours: ['a', 'b', 'c'].map((id) => ({ id, name: id, hex: '#777777', finish: 'solid', kind: 'cloth' })),
      motifs: [],
      moulds: [mould],
      prints: [],
      variants: [{ id: 'v', mould: 'part', colours: ['a', 'b', 'c'] }],
      systems: [],
      bundles: [],
      sources: [],
      officialFigures: [],
    });
    for (const view of VIEWS) {
      const { markup } = drawVariant(catalogue.variant('v'), mould.fills[0]?.[0] ?? 'beside', catalogue, 'x', view);
      expect(markup).not.toMatch(/NaN|undefined/);
    }
    expect(art?.front.length).toBeGreaterThan(0);
  });

  test('is refused where it says what cannot be said', () => {
    expect(readShaping('hair: length 9')).toBeNull();
    expect(readShaping('hair: colour red')).toBeNull();
    expect(readShaping('boots: length 1')).toBeNull();
    expect(readShaping('hair-bob')).toBeNull();
    // What is left out is plain.
    expect(readShaping('hair: length 3')).toEqual(withValues('hair', { length: '3' }));
  });

  test('has measures that follow what is said: a taller crown rises higher, fuller hair too, a large thing is longer and heavier', () => {
    const rise = (family: 'hat' | 'hair', values: Shaping['values']): number => measuresOf(withValues(family, values)).geometry.riseMm ?? 0;
    expect(rise('hat', { crown: 'pointed' })).toBeGreaterThan(rise('hat', { crown: 'tall' }));
    expect(rise('hat', { crown: 'tall' })).toBeGreaterThan(rise('hat', { crown: 'flat' }));
    expect(rise('hair', { volume: '2' })).toBeGreaterThan(rise('hair', { volume: '0' }));
    const staff = (size: string) => measuresOf(withValues('held', { size })).geometry;
    // 17 mm × 1.35 = 22.95, rounded to a tenth.
    expect(staff('large').heightMm).toBe(23);
    expect(staff('large').massG).toBeGreaterThan(staff('small').massG);
  });

  test('hides more where it is longer: hair the sides of the head, a cape the legs', () => {
    const hides = (family: 'hair' | 'cape', length: number, region: 'head.side' | 'leg.back.shin'): number =>
      coversOf(mouldOf(withValues(family, { length: String(length) })))[region] ?? 0;
    expect(hides('hair', 3, 'head.side')).toBeGreaterThan(hides('hair', 0, 'head.side'));
    expect(hides('cape', 4, 'leg.back.shin')).toBeGreaterThan(0.9);
    expect(hides('cape', 1, 'leg.back.shin')).toBe(0);
  });
});

const TOLERANCE = 0.08;
const FRAME = { x: -170, y: -560, width: 340, height: 570 };
const BODY = { head: 'head', torso: 'torso', 'arm.L': 'arm', 'arm.R': 'arm', 'hand.L': 'hand', 'hand.R': 'hand', hips: 'legs' } as const;
const HEIGHTS: Readonly<Record<string, number>> = { head: 8.8, torso: 12.6, hips: 13 };

/** The body in green with the part in red on it. */
function painted(mould: Mould): { readonly look: Look; readonly catalogue: Catalogue } {
  const position =
    (['headgear', 'neck.1', 'waist'] as const).find((place) => mould.fills.some((fills) => fills.includes(place))) ?? 'headgear';
  const bases = Object.entries(BODY).map(([place, art]): Mould => ({
    ...mould,
    number: place,
    silhouette: art,
    fills: [[place as Position]],
    geometry: { massG: 1, heightMm: HEIGHTS[place] },
  }));
  const colour = (id: string, hex: string) => ({ id, name: id, hex, finish: 'solid' as const, kind: 'cloth' as const });
  const catalogue = new Catalogue({
    colours: [colour('body', '#00FF00'), colour('part', '#FF0000')],
    motifs: [],
    moulds: [...bases, mould],
    prints: [],
    variants: [
      ...bases.map((row) => ({ id: row.number, mould: row.number, colours: ['body'] })),
      { id: 'part', mould: 'part', colours: ['part', 'part', 'part'] },
    ],
    systems: [],
    bundles: [],
    sources: [],
    officialFigures: [],
  });
  const parts = [...Object.keys(BODY).map((place) => [place, place]), [position, 'part']].map(([at = '', variant = '']) => ({
    position: at as Position,
    variant,
    turned: false,
  }));
  return { look: { parts, overrules: [] }, catalogue };
}

const WORN = names(VARIED).filter(([, { family }]) =>
  ['hair', 'hat', 'helmet', 'hood', 'mask', 'cape', 'scarf', 'armour', 'pack', 'wings', 'beard', 'waist'].includes(family),
);

describe('what a shape is said to hide', () => {
  test.each(WORN)('is what its drawing hides, counted in pixels: %s', async (_, shaping) => {
    const mould = mouldOf(shaping);
    const covers = coversOf(mould);
    const { look, catalogue } = painted(mould);
    const where = joints(wornParts(look, catalogue));
    const off: string[] = [];
    for (const view of ['front', 'back', 'left'] as const) {
      const { markup } = drawLook(look, catalogue, { view, idPrefix: 'c' });
      const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${FRAME.x} ${FRAME.y} ${FRAME.width} ${FRAME.height}" width="${FRAME.width}" height="${FRAME.height}">${markup}</svg>`;
      const pixels = await sharp(Buffer.from(svg)).flatten({ background: '#0000FF' }).raw().toBuffer();
      for (const { region, view: squarely, box } of regionBoxes(where)) {
        if (squarely !== view) continue;
        let [body, part] = [0, 0];
        for (let y = Math.round(box.y - FRAME.y); y < Math.round(box.y + box.height - FRAME.y); y += 1)
          for (let x = Math.round(box.x - FRAME.x); x < Math.round(box.x + box.width - FRAME.x); x += 1) {
            const at = (y * FRAME.width + x) * 3;
            const [r = 0, g = 0, b = 0] = pixels.subarray(at, at + 3);
            if (b > 90) continue;
            if (r > 120 && g < 110) part += 1;
            else if (g > 120 && r < 110) body += 1;
          }
        const drawn = body + part === 0 ? 0 : part / (body + part);
        const said = covers[region] ?? 0;
        if (Math.abs(drawn - said) > TOLERANCE) off.push(`${region}: drawn ${drawn.toFixed(2)}, said ${said}`);
      }
    }
    expect(off).toEqual([]);
  });
});
