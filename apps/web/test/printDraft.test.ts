import { describe, expect, test } from '@jest/globals';
import { Catalogue, labOf } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import {
  draftCatalogue,
  draftOf,
  emptyDraft,
  mouldFor,
  printOfDraft,
  SURFACES,
  surfaceOfMould,
  surfaceOfPrint,
  usualColours,
  usualZones,
} from '../src/features/catalogue/forms/printDraft';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);
const surfaces = Object.keys(SURFACES) as (keyof typeof SURFACES)[];

describe('a print as it is made', () => {
  test('every print of the demo is opened and saved again as it is', () => {
    for (const print of data.prints) {
      const saved = printOfDraft(draftOf(print, catalogue));
      expect(saved).toMatchObject({ id: print.id, name: print.name, era: print.era, motifs: print.motifs });
      if (print.mood !== undefined) expect(saved.mood).toBe(print.mood);
      if (print.secondMood !== undefined) expect(saved.secondMood).toBe(print.secondMood);
    }
  });

  test('the surface of a print is the one its parts have', () => {
    for (const variant of data.variants) {
      if (variant.print === undefined) continue;
      const print = data.prints.find(({ id }) => id === variant.print);
      const surface = surfaceOfMould(catalogue.mouldOf(variant));
      if (print && surface) expect([print.id, surfaceOfPrint(print)]).toEqual([print.id, surface]);
    }
  });

  test('a second mood is kept only with something printed on the back, and moods only on heads', () => {
    const [motif = ''] = data.motifs.map(({ id }) => id);
    const onBack = { motif, face: 'back' as const, zones: ['eyes' as const], colours: ['ink'] };
    const draft = { ...emptyDraft('head', catalogue), name: 'Two minds', secondMood: 'glad' as never };
    expect(printOfDraft(draft).secondMood).toBeUndefined();
    expect(printOfDraft({ ...draft, motifs: [onBack] }).secondMood).toBe('glad');
    expect(printOfDraft({ ...draft, surface: 'torso', motifs: [onBack] })).not.toHaveProperty('mood');
    expect(printOfDraft(draft).id).toBe('two-minds');
  });

  test('a motif lies where prints have it, and takes their colours; one nobody printed yet lies everywhere, in the darkest', () => {
    const known = data.prints.flatMap(({ motifs }) => motifs)[0];
    if (!known) throw new Error('the demo has prints');
    const surface = surfaces.find((own) => known.zones.every((zone) => SURFACES[own].zones.includes(zone))) ?? 'torso';
    expect(usualZones(known.motif, surface, catalogue)).toEqual(known.zones);
    expect(usualColours(known.motif, catalogue)).toEqual(known.colours);
    expect(usualZones('nobody’s', 'torso', catalogue)).toEqual(SURFACES.torso.zones);
    const [dark = ''] = usualColours('nobody’s', catalogue);
    const solid = data.colours.filter(({ finish }) => finish === 'solid');
    const lightness = (id: string): number => labOf(data.colours.find((colour) => colour.id === id)?.hex ?? '#fff').l;
    expect(lightness(dark)).toBe(Math.min(...solid.map(({ id }) => lightness(id))));
  });

  test('the plainest mould of each surface shows a draft, by a catalogue of that one part', () => {
    for (const surface of surfaces) {
      const mould = mouldFor(surface, catalogue);
      expect(mould?.fills.flat()).toContain(SURFACES[surface].position);
      const shown = draftCatalogue({ ...emptyDraft(surface, catalogue), name: 'Draft' }, mould?.number ?? '', catalogue);
      expect(shown.catalogue.data.variants).toEqual([shown.variant]);
      expect(shown.catalogue.mouldOf(shown.variant).number).toBe(mould?.number);
    }
    expect(
      mouldFor('head', new Catalogue({ ...data, moulds: [], variants: [], bundles: [], officialFigures: [], sources: [] })),
    ).toBeUndefined();
  });
});
