import { describe, expect, test } from '@jest/globals';
import { briefFaults, Catalogue, judge, NO_SUPPLY, NOTHING_KNOWN, P40, regionAt, rowFaults, wornParts, type Look } from '@outfit/core';
import { demoWorld } from '../src/index.js';

const world = demoWorld();
const catalogue = new Catalogue(world.catalogue);
const figures = world.lineUps.flatMap((lineUp) => lineUp.figures);
const asLook = (parts: Look['parts']): Look => ({ parts, overrules: [] });

describe('the demo world', () => {
  test('is as broad as it was meant to be', () => {
    const { moulds, prints, variants, officialFigures, colours, sources } = world.catalogue;
    expect(moulds.length).toBeGreaterThanOrEqual(90);
    expect(colours.length).toBeGreaterThanOrEqual(48);
    expect(prints.length).toBeGreaterThanOrEqual(220);
    expect(variants.length).toBeGreaterThanOrEqual(1400);
    expect(officialFigures.length).toBeGreaterThanOrEqual(108);
    expect(sources.length).toBeGreaterThanOrEqual(60);
    expect(new Set(sources.map((source) => source.range)).size).toBe(7);
    expect(Math.max(...sources.map((source) => source.year)) - Math.min(...sources.map((source) => source.year))).toBeGreaterThanOrEqual(
      12,
    );
    expect(new Set(prints.map((print) => print.era))).toEqual(new Set(['early', 'late']));
    expect(moulds.filter((mould) => mould.family === 'hair').length).toBeGreaterThanOrEqual(26);
  });

  test('is the same every time', () => {
    expect(demoWorld().catalogue).toEqual(world.catalogue);
  });

  test('has uniforms that share a palette: a printed coat goes on over the legs made for it', () => {
    const legs = world.catalogue.officialFigures.filter((figure) => {
      const print = (position: string): string | undefined => {
        const part = figure.parts.find((row) => row.position === position);
        return part && catalogue.variant(part.variant).print;
      };
      return print('torso') !== undefined && print('hips') === `${print('torso') ?? ''}-legs`;
    });
    expect(legs.length).toBeGreaterThan(30);
  });

  test('never makes what people only picture', () => {
    for (const id of ['HA-118·rust', 'HA-118·ember', 'HA-140·frost']) expect(catalogue.variant(id).made).toBeUndefined();
    for (const figure of world.catalogue.officialFigures)
      for (const part of figure.parts) expect([figure.id, catalogue.variant(part.variant).made]).not.toEqual([figure.id, undefined]);
  });

  test('names nothing twice', () => {
    for (const ids of [
      world.catalogue.variants.map((row) => row.id),
      world.catalogue.moulds.map((row) => row.number),
      world.catalogue.prints.map((row) => row.id),
      figures.map((row) => row.id),
    ])
      expect(new Set(ids).size).toBe(ids.length);
  });

  test('refers to nothing that is not there', () => {
    for (const variant of world.catalogue.variants) {
      expect(() => catalogue.mouldOf(variant)).not.toThrow();
      expect(() => catalogue.printOf(variant)).not.toThrow();
      for (const colour of variant.colours) expect(() => catalogue.colour(colour)).not.toThrow();
    }
    for (const print of world.catalogue.prints)
      for (const motif of print.motifs) for (const colour of motif.colours) expect(() => catalogue.colour(colour)).not.toThrow();
    const official = new Set(world.catalogue.officialFigures.map((figure) => figure.id));
    for (const deed of world.wardrobe) {
      if (deed.kind === 'came') for (const piece of deed.pieces) expect(catalogue.has(piece.variant)).toBe(true);
      if (deed.kind === 'whole figures') for (const donor of deed.donors) expect(official.has(donor.officialFigure)).toBe(true);
    }
    expect(rowFaults(world.catalogue, NOTHING_KNOWN)).toEqual([]);
  });

  test('prints lie on zones their part has', () => {
    const position = { HD: 'head', TO: 'torso', AR: 'arm.L', LG: 'hips', SK: 'lower' } as const;
    for (const variant of world.catalogue.variants) {
      const place = position[variant.mould.slice(0, 2) as keyof typeof position];
      for (const motif of catalogue.printOf(variant)?.motifs ?? [])
        for (const zone of motif.zones) expect([variant.id, regionAt(place, motif.face, zone, false)]).not.toEqual([variant.id, null]);
    }
  });

  test('official figures go together: no part without a place, no two in one', () => {
    for (const figure of world.catalogue.officialFigures) {
      const worn = wornParts(asLook(figure.parts), catalogue);
      expect(new Set(worn.flatMap((item) => item.fills)).size).toBe(worn.flatMap((item) => item.fills).length);
    }
  });

  test.each(figures.map((figure) => [figure.brief.name, figure] as const))(
    '%s has a brief that can be judged and looks that can be dressed',
    (_, figure) => {
      const { brief } = figure;
      expect(briefFaults(brief, catalogue)).toEqual([]);
      for (const look of figure.looks) {
        const { likeness, marks } = judge(asLook(look.parts), brief, catalogue, P40, NO_SUPPLY);
        expect(likeness.score).toBeGreaterThan(30);
        expect(marks.open.filter((mark) => mark.check === 'fit.position')).toEqual([]);
      }
    },
  );
});
