import { describe, expect, test } from '@jest/globals';
import { Catalogue, Visibility, wornParts, type CatalogueData, type Look, type LookPart, type Position } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import sharp from 'sharp';
import { drawLook, joints, regionBoxes, VIEWS, type RegionBox, type View } from '../src/index.js';

/**
 * The share of each region that the picture shows, counted in pixels, against the share the checks reckon with. The
 * model multiplies covers as if they overlapped by chance, so where two layers hide the same spot they may differ more.
 * Covers are measured on a standard body; on shorter legs a long cape reaches further down.
 */
const TOLERANCE = { oneLayer: 0.15, twoLayers: 0.25 };
const FRAME = { x: -160, y: -560, width: 320, height: 570 };
const SAMPLE = 48;

const world = demoWorld().catalogue;
const catalogue = new Catalogue(world);
const LAYERS = /^(headgear|head|neck\..|torso|arm\..|waist|hips)$/;
const standing = world.officialFigures
  .map((figure) => ({ name: `${figure.id} ${figure.name}`, parts: figure.parts.filter((part) => LAYERS.test(part.position)) }))
  .filter(
    ({ parts }) =>
      parts.some((part) => catalogue.variant(part.variant).mould === 'LG-701') && parts.some((part) => /neck|headgear/.test(part.position)),
  );
const looks = standing.filter((_, i) => i % Math.ceil(standing.length / SAMPLE) === 0);

/** The same world without prints, in which one part is green and everything else red. */
function painted(parts: readonly LookPart[], green: Position): { look: Look; data: CatalogueData } {
  const colour = (id: string, hex: string): CatalogueData['colours'][number] => ({ id, name: id, hex, finish: 'solid', kind: 'cloth' });
  const variants = parts.map((part) => {
    const paint = part.position === green ? 'green' : 'red';
    return { id: part.position, mould: catalogue.variant(part.variant).mould, colours: [paint, paint, paint] };
  });
  return {
    look: { parts: parts.map(({ position }) => ({ position, variant: position, turned: false })), overrules: [] },
    data: {
      ...world,
      colours: [colour('green', '#00FF00'), colour('red', '#FF0000')],
      variants,
      officialFigures: [],
      sources: [],
      bundles: [],
    },
  };
}

async function pixels(markup: string): Promise<Buffer> {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${FRAME.x} ${FRAME.y} ${FRAME.width} ${FRAME.height}" width="${FRAME.width}" height="${FRAME.height}">${markup}</svg>`;
  return sharp(Buffer.from(svg)).flatten({ background: '#0000FF' }).raw().toBuffer();
}

function shown(raster: Buffer, { box }: RegionBox): number {
  let [green, red] = [0, 0];
  for (let y = Math.round(box.y - FRAME.y); y < Math.round(box.y + box.height - FRAME.y); y += 1)
    for (let x = Math.round(box.x - FRAME.x); x < Math.round(box.x + box.width - FRAME.x); x += 1) {
      const at = (y * FRAME.width + x) * 3;
      const [r = 0, g = 0, b = 0] = raster.subarray(at, at + 3);
      if (b > 90) continue;
      if (g > 120 && r < 110) green += 1;
      else if (r > 120 && g < 110) red += 1;
    }
  return green + red === 0 ? 0 : green / (green + red);
}

const OWNER: readonly (readonly [start: string, owner: Position])[] = [
  ['head', 'head'],
  ['torso', 'torso'],
  ['hip', 'hips'],
  ['leg', 'hips'],
];

describe('what is hidden is hidden in the picture', () => {
  test.each(looks.map((row) => [row.name, row.parts] as const))('%s', async (_, parts) => {
    const worn = wornParts({ parts, overrules: [] }, catalogue);
    const visibility = new Visibility(worn);
    const off: string[] = [];
    for (const owner of ['head', 'torso', 'hips'] as const) {
      if (!parts.some((part) => part.position === owner)) continue;
      const { look, data } = painted(parts, owner);
      const flat = new Catalogue(data);
      const rasters = new Map<View, Buffer>();
      for (const view of VIEWS) rasters.set(view, await pixels(drawLook(look, flat, { view, idPrefix: 'x' }).markup));
      for (const region of regionBoxes(joints(worn))) {
        if (OWNER.find(([start]) => region.region.startsWith(start))?.[1] !== owner) continue;
        const drawn = shown(rasters.get(region.view) ?? Buffer.alloc(0), region);
        const reckoned = visibility.of(region.region);
        const layers = worn.filter((item) => (item.mould.geometry.covers?.[region.region] ?? 0) > 0).length;
        if (Math.abs(drawn - reckoned) > (layers > 1 ? TOLERANCE.twoLayers : TOLERANCE.oneLayer))
          off.push(`${region.region}: drawn ${drawn.toFixed(2)}, reckoned ${reckoned.toFixed(2)}`);
      }
    }
    expect(off).toEqual([]);
  });

  test('looks at enough of them', () => {
    expect(looks.length).toBeGreaterThanOrEqual(15);
  });
});
