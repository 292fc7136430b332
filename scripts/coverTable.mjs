// Measures what every mould hides of the body it is worn on, from the drawings.
import { Catalogue, wornParts } from '@outfit/core';
import { drawLook, joints, regionBoxes, silhouette, VIEWS } from '@outfit/drawing';
import sharp from 'sharp';

const BODY = '#00FF00';
const PART = '#FF0000';
const WORN = ['headgear', 'neck.1', 'waist'];
const BASE = { head: 'head', torso: 'torso', 'arm.L': 'arm', 'arm.R': 'arm', 'hand.L': 'hand', 'hand.R': 'hand', hips: 'legs' };
/** Less than this is a smear of the measurement, not a cover. */
const LEAST = 0.05;
const PIXELS_PER_TENTH = 1;
const FRAME = { x: -150, y: -520, width: 300, height: 530 };

const flatMould = (number, art, position, geometry) => ({
  number,
  name: number,
  nicknames: [],
  family: '',
  revision: 1,
  material: 'rigid',
  silhouette: art,
  fills: [[position]],
  geometry: { massG: 1, ...geometry },
  shape: { words: [] },
  motifs: [],
  thirdParty: false,
});
const HEIGHTS = { head: 8.8, torso: 12.6, hips: 13 };

function dressed(mould) {
  const position = mould.fills[0].find((place) => WORN.includes(place)) ?? mould.fills[0][0];
  const bases = Object.entries(BASE).map(([place, art]) => flatMould(place, art, place, { heightMm: HEIGHTS[place] }));
  const part = { ...flatMould('part', mould.silhouette, position, mould.geometry), fills: [mould.fills[0]] };
  const variants = [
    ...bases.map((row) => ({ id: row.number, mould: row.number, colours: ['body'] })),
    { id: 'part', mould: 'part', colours: ['part', 'part', 'part'] },
  ];
  const colour = (id, hex) => ({ id, name: id, hex, finish: 'solid', kind: 'cloth' });
  const catalogue = new Catalogue({
    colours: [colour('body', BODY), colour('part', PART)],
    motifs: [],
    moulds: [...bases, part],
    prints: [],
    variants,
    bundles: [],
    sources: [],
    officialFigures: [],
  });
  const parts = [
    ...Object.keys(BASE).map((place) => ({ position: place, variant: place, turned: false })),
    { position, variant: 'part', turned: false },
  ];
  return { look: { parts, overrules: [] }, catalogue };
}

async function raster(markup) {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${FRAME.x} ${FRAME.y} ${FRAME.width} ${FRAME.height}" width="${FRAME.width * PIXELS_PER_TENTH}" height="${FRAME.height * PIXELS_PER_TENTH}">${markup}</svg>`;
  return sharp(Buffer.from(svg)).flatten({ background: '#0000FF' }).raw().toBuffer();
}

/** The share of a box's body pixels that the part hides. */
function share(pixels, { x, y, width, height }) {
  let body = 0;
  let part = 0;
  for (let row = Math.round(y - FRAME.y); row < Math.round(y + height - FRAME.y); row += 1)
    for (let column = Math.round(x - FRAME.x); column < Math.round(x + width - FRAME.x); column += 1) {
      const at = (row * FRAME.width + column) * 3;
      const [red, green, blue] = [pixels[at], pixels[at + 1], pixels[at + 2]];
      if (blue > 90) continue;
      if (red > 120 && green < 110) part += 1;
      else if (green > 120 && red < 110) body += 1;
    }
  return body + part === 0 ? 0 : part / (body + part);
}

/**
 * What each silhouette that is worn hides of the body, region to fraction.
 *
 * @param moulds of which each silhouette is measured once
 */
export async function coverTable(moulds) {
  const table = {};
  for (const mould of moulds) {
    if (!mould.fills.some((fills) => fills.some((place) => WORN.includes(place))) || table[mould.silhouette]) continue;
    const { look, catalogue } = dressed(mould);
    const where = joints(wornParts(look, catalogue));
    const seen = Object.fromEntries(
      await Promise.all(VIEWS.map(async (view) => [view, await raster(drawLook(look, catalogue, { view, idPrefix: 'c' }).markup)])),
    );
    const covers = {};
    for (const { region, view, box } of regionBoxes(where)) {
      const hidden = Math.round(share(seen[view], box) * 100) / 100;
      if (hidden >= LEAST) covers[region] = hidden > 1 - LEAST ? 1 : hidden;
    }
    table[mould.silhouette] = covers;
    if (!silhouette(mould.silhouette)) throw new Error(`Nobody has drawn ${mould.silhouette}`);
  }
  return table;
}
