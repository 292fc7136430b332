import { describe, expect, test } from '@jest/globals';
import { Catalogue, standingHeight, wornParts, type Look, type Variant } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import {
  anchorOf,
  boxText,
  drawLook,
  drawVariant,
  figureBox,
  figureSvg,
  joints,
  markPoint,
  MOTIF_NAMES,
  silhouette,
  VIEWS,
} from '../src/index.js';

const world = demoWorld();
const catalogue = new Catalogue(world.catalogue);
const LOOKS = world.lineUps.flatMap((lineUp) =>
  lineUp.figures.flatMap((figure) =>
    figure.looks.map((look): [string, Look] => [`${figure.brief.name}, ${look.name}`, { parts: look.parts, overrules: [] }]),
  ),
);
const [, firstLook] = LOOKS[0] ?? ['', { parts: [], overrules: [] }];
const front = (look: Look): string => drawLook(look, catalogue, { view: 'front', idPrefix: 'x' }).markup;
const back = (look: Look): string => drawLook(look, catalogue, { view: 'back', idPrefix: 'x' }).markup;

/** Every tag that is opened is closed, in order. */
function isBalanced(markup: string): boolean {
  const open: string[] = [];
  for (const [, close, name = '', self] of markup.matchAll(/<(\/?)([a-zA-Z]+)[^>]*?(\/?)>/g)) {
    if (self === '/') continue;
    if (close === '') open.push(name);
    else if (open.pop() !== name) return false;
  }
  return open.length === 0;
}

describe('the demo world can be drawn', () => {
  test.each(world.catalogue.moulds.map((mould) => [mould.number, mould] as const))(
    '%s has a silhouette that is sound from every side',
    (_, mould) => {
      expect(silhouette(mould.silhouette)?.front.length).toBeGreaterThan(0);
      const variant = catalogue.variantsOf(mould.number)[0];
      const position = mould.fills[0]?.[0];
      if (!variant || !position) throw new Error(`${mould.number} is never used`);
      for (const view of VIEWS) {
        const { markup } = drawLook({ parts: [{ position, variant: variant.id, turned: false }], overrules: [] }, catalogue, {
          view,
          idPrefix: 'x',
        });
        expect(isBalanced(markup)).toBe(true);
        expect(markup).not.toMatch(/NaN|undefined|Infinity|\{ground\}/);
      }
    },
  );

  test('every printed motif is drawn by somebody', () => {
    const printed = new Set(world.catalogue.prints.flatMap((print) => print.motifs.map((motif) => motif.motif)));
    expect([...printed].filter((motif) => !MOTIF_NAMES.has(motif))).toEqual([]);
  });

  test.each(LOOKS)('%s is sound SVG from all sides, with a group for every part', (_, look) => {
    for (const view of VIEWS) {
      const { markup } = drawLook(look, catalogue, { view, idPrefix: 'x' });
      expect(isBalanced(markup)).toBe(true);
      expect(markup).not.toMatch(/NaN|undefined|\{ground\}/);
      for (const part of look.parts) expect(markup).toContain(`data-position="${part.position}"`);
    }
  });
});

describe('a drawing', () => {
  test('is the same every time', () => {
    expect(front(firstLook)).toBe(front(firstLook));
  });

  test('stands at the height that is measured', () => {
    for (const [, look] of LOOKS) {
      const worn = wornParts(look, catalogue);
      expect(joints(worn).headBase - 88).toBeCloseTo(-10 * standingHeight(worn).total, 6);
    }
  });

  test('shows in front what a turned torso has on its back', () => {
    const torso = (turned: boolean): Look => ({
      parts: [{ position: 'torso', variant: 'TO-401·woad·heron-jacket', turned }],
      overrules: [],
    });
    const printOf = (markup: string): string =>
      /clip-path="url\(#x-torso\)">(?!<path[^>]*fill="#000")(.*?)<\/g><\/g>/.exec(markup)?.[1] ?? '';
    expect(printOf(front(torso(true)))).toBe(printOf(back(torso(false))));
    expect(printOf(front(torso(true)))).not.toBe(printOf(front(torso(false))));
  });

  test('hides a face that is turned away and shows the second one', () => {
    const head = (turned: boolean): string =>
      front({ parts: [{ position: 'head', variant: 'HD-101·honey·quiet', turned }], overrules: [] });
    const lips = catalogue.colour('brick-dust').hex;
    expect(head(false)).toContain(lips);
    expect(head(true)).not.toContain(lips);
  });

  test('puts the figure’s left on the viewer’s right in front, and on the left behind', () => {
    const where = joints(wornParts(firstLook, catalogue));
    expect(anchorOf('hand.L', where, 'front').x).toBeGreaterThan(0);
    expect(anchorOf('hand.L', where, 'back').x).toBeLessThan(0);
  });

  test('tacks the outlines of imagined parts and no others', () => {
    const look: Look = {
      parts: [
        { position: 'headgear', variant: 'HA-118·rust', turned: false },
        { position: 'torso', variant: 'TO-401·woad', turned: false },
      ],
      overrules: [],
    };
    const holed = drawLook(look, catalogue, { view: 'front', idPrefix: 'x', holes: new Set(['headgear']) }).markup;
    const hole = holed.split('data-position="headgear"')[1]?.split('data-position')[0] ?? '';
    expect(hole).toContain('fill="none"');
    expect(hole).toContain('stroke-dasharray');
    expect(holed.split('data-position="torso"')[1]?.split('data-position')[0]).not.toContain('stroke-dasharray');
    const tacked = drawLook(look, catalogue, { view: 'front', idPrefix: 'x', tacked: new Set(['headgear']) }).markup;
    const groupOf = (position: string): string => tacked.split(`data-position="${position}"`)[1]?.split('data-position')[0] ?? '';
    expect(groupOf('headgear')).toContain('stroke-dasharray');
    expect(groupOf('torso')).not.toContain('stroke-dasharray');
  });

  test('ghosts the missing parts of a body, and those only', () => {
    const look: Look = { parts: [{ position: 'torso', variant: 'TO-401·woad', turned: false }], overrules: [] };
    const ghosts = (ghosted: boolean): string[] =>
      [...drawLook(look, catalogue, { view: 'front', idPrefix: 'x', ghosted }).markup.matchAll(/data-ghost="([^"]+)"/g)].map(
        (match) => match[1] ?? '',
      );
    expect(ghosts(true).sort()).toEqual(['arm.L', 'arm.R', 'hand.L', 'hand.R', 'head', 'hips']);
    expect(ghosts(false)).toEqual([]);
    const dressed = LOOKS.find(([name]) => name.startsWith('Odile'))?.[1] ?? firstLook;
    expect(drawLook(dressed, catalogue, { view: 'front', idPrefix: 'x', ghosted: true }).markup).not.toContain('data-ghost');
  });

  test('from the right is the mirror of the left for what is alike on both sides', () => {
    const bowler = catalogue.variantsOf('HT-208')[0];
    const only: Look = { parts: [{ position: 'headgear', variant: bowler?.id ?? '', turned: false }], overrules: [] };
    const left = drawLook(only, catalogue, { view: 'left', idPrefix: 'x' }).markup;
    const right = drawLook(only, catalogue, { view: 'right', idPrefix: 'x' }).markup;
    expect(right.replaceAll(' scale(-1 1)', '')).toBe(left);
    expect(right).toContain('scale(-1 1)');
  });

  test('from the side shows the near arm over the torso and the far one behind it', () => {
    const parts = (['torso', 'arm.L', 'arm.R'] as const).map((position) => ({
      position,
      variant: position === 'torso' ? 'TO-401·woad' : 'AR-501·woad',
      turned: false,
    }));
    const order = (view: 'left' | 'right'): string[] =>
      [...drawLook({ parts, overrules: [] }, catalogue, { view, idPrefix: 'x' }).markup.matchAll(/data-position="([^"]+)"/g)].map(
        (match) => match[1] ?? '',
      );
    expect(order('left')).toEqual(['arm.R', 'torso', 'arm.L']);
    expect(order('right')).toEqual(['arm.L', 'torso', 'arm.R']);
  });

  test('keeps a pole on the ground whoever holds it', () => {
    const pole = (legs: string, anchor: 'hips' | 'lower'): string =>
      front({
        parts: [
          { position: anchor, variant: legs, turned: false },
          { position: 'held.L', variant: 'HE-904·teak+chalk', turned: false },
        ],
        overrules: [],
      });
    expect(pole('LG-701·slate+soot', 'hips')).toContain('M-3.5,138 L');
    expect(pole('LG-708·slate+soot', 'lower')).toContain('M-3.5,86 L');
  });

  test('as a document has room for all of it and a title that cannot break out', () => {
    const svg = figureSvg(firstLook, catalogue, { view: 'front', idPrefix: 'x', pxPerMm: 40, title: '<script>' });
    expect(svg).toContain(`viewBox="${boxText(figureBox(firstLook, catalogue))}"`);
    expect(svg).not.toContain('<script>');
    expect(isBalanced(svg)).toBe(true);
  });

  test('of one part is framed around it', () => {
    const variant = catalogue.variant('HA-118·raven');
    const { markup, viewBox } = drawVariant(variant, 'headgear', catalogue, 'x');
    expect(isBalanced(markup)).toBe(true);
    expect(viewBox.split(' ').map(Number)).toHaveLength(4);
  });

  test('traces the colour that is lit, and only the shapes of that colour', () => {
    const cap = catalogue.data.variants.find((variant) => variant.mould === 'HT-204' && variant.colours.length === 3);
    const traced = (lit: number | null): number =>
      (drawVariant(cap as Variant, 'headgear', catalogue, 'x', 'front', lit).markup.match(/stroke="#176874"/g) ?? []).length;
    expect(traced(null)).toBe(0);
    expect(traced(2)).toBe(1);
    expect(traced(1)).toBeGreaterThan(1);
  });

  test('puts a mark about the brows on the brows, and one about the back of the head behind', () => {
    const where = joints(wornParts(firstLook, catalogue));
    expect(markPoint('headgear', 'head.front.brow', where, 'front').y).toBe(where.headBase - 60);
    expect(markPoint('head', 'head.back', where, 'back').y).toBe(where.headBase - 40);
  });
});
