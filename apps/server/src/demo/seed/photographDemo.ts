import type { INestApplicationContext } from '@nestjs/common';
import { drawLook, figureBox } from '@outfit/drawing';
import sharp from 'sharp';
import { BenchService } from '../../bench/index.js';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { FileStore } from '../../platform/files/index.js';
import { WardrobePicturesService } from '../../wardrobe/index.js';

const SIZE = { width: 720, height: 900 };
/** Walls and tables of a room, by turns: from the top of the wall down, then the table. */
const ROOMS = [
  ['#dfe6e4', '#c9d3d0', '#b98f63', '#9c7348'],
  ['#ece2d2', '#d9cbb4', '#8d8f7d', '#70725f'],
  ['#d6dbe6', '#bcc4d3', '#c7a77d', '#a98758'],
  ['#e7dedd', '#d0c2c1', '#6f6259', '#574b43'],
] as const;

/** Pictures of what stands built in the demo, drawn as if somebody had photographed it on a table. Once: a demo that has any keeps them. */
export async function photographDemo(app: INestApplicationContext): Promise<void> {
  const pictures = app.get(WardrobePicturesService, { strict: false });
  if (pictures.knows('bench')) return;
  const bench = app.get(BenchService, { strict: false });
  const files = app.get(FileStore, { strict: false });
  const catalogue = app.get(CatalogueService, { strict: false }).now();
  const taken = await Promise.all(
    bench.builtBefore().map(async ({ id, endedAt, parts }, i) => {
      const data = await sharp(Buffer.from(scene({ parts, overrules: [] }, catalogue, i)))
        .webp({ quality: 82 })
        .toBuffer();
      return { id, at: endedAt, file: await files.put(data) };
    }),
  );
  const now = app.get(Clock, { strict: false }).now().toISOString();
  await app.get(Database, { strict: false }).write(() => {
    for (const { id, at, file } of taken) pictures.put(`bench:${id}:after`, { file, ...SIZE }, at ?? now);
  });
}

function scene(look: Parameters<typeof drawLook>[0], catalogue: Parameters<typeof drawLook>[1], turn: number): string {
  const [high, low, near, edge] = ROOMS[turn % ROOMS.length] ?? ROOMS[0];
  const box = figureBox(look, catalogue);
  const { markup } = drawLook(look, catalogue, { view: 'front', idPrefix: `p${turn}` });
  const scale = 690 / box.height;
  const tilt = ((turn * 7) % 5) - 2;
  const [x, ground] = [SIZE.width / 2 + ((turn * 53) % 60) - 30, SIZE.height - 96];
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${SIZE.width}" height="${SIZE.height}">
    <defs>
      <linearGradient id="wall" x1="0" y1="0" x2="0.4" y2="1"><stop offset="0" stop-color="${high}"/><stop offset="1" stop-color="${low}"/></linearGradient>
      <linearGradient id="table" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="${near}"/><stop offset="1" stop-color="${edge}"/></linearGradient>
      <radialGradient id="dark" cx="0.5" cy="0.45" r="0.75"><stop offset="0.6" stop-color="#000" stop-opacity="0"/><stop offset="1" stop-color="#000" stop-opacity="0.28"/></radialGradient>
      <filter id="soft"><feGaussianBlur stdDeviation="9"/></filter>
    </defs>
    <rect width="100%" height="100%" fill="url(#wall)"/>
    <rect y="${ground - 120}" width="100%" height="400" fill="url(#table)"/>
    <ellipse cx="${x + 26}" cy="${ground + 2}" rx="150" ry="20" fill="#000" opacity="0.34" filter="url(#soft)"/>
    <g transform="translate(${x} ${ground}) rotate(${tilt}) scale(${scale})">${markup}</g>
    <rect width="100%" height="100%" fill="url(#dark)"/>
  </svg>`;
}
