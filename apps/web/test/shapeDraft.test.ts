import { describe, expect, test } from '@jest/globals';
import { Catalogue, measuresOf, plainShapingOf, readShaping, SHAPE_FAMILIES } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import fc from 'fast-check';
import {
  coloursFor,
  draftOfMould,
  emptyDraft,
  measureOf,
  mouldOfDraft,
  sampleIn,
  usualOutline,
} from '../src/features/catalogue/shapes/draft';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);

describe('a mould told by its shape', () => {
  test('of every family is opened again as it was told, with its names and what was corrected', () => {
    for (const family of SHAPE_FAMILIES) {
      const told = { ...emptyDraft(family), name: ' Gusty thing ', number: '', nicknames: 'gust, , blow', thirdParty: true };
      const [measure = 'massG'] = Object.keys(measuresOf(told.shaping).geometry).filter((key) => key === 'riseMm' || key === 'heightMm');
      const draft = { ...told, corrected: { [measure]: '7,25' } };
      const mould = mouldOfDraft(draft);
      expect(mould).toMatchObject({ number: 'gusty-thing', name: 'Gusty thing', nicknames: ['gust', 'blow'], thirdParty: true });
      expect(mould.geometry[measure as 'massG']).toBe(7.25);
      expect(draftOfMould(mould)).toEqual({
        ...draft,
        ...{ name: 'Gusty thing', number: 'gusty-thing', nicknames: 'gust, blow', corrected: { [measure]: '7.25' } },
      });
    }
  });

  test('a correction that is no number is left out, and what the shape tells stands', () => {
    const plain = mouldOfDraft(emptyDraft('hat')).geometry;
    expect(mouldOfDraft({ ...emptyDraft('hat'), corrected: { riseMm: 'tall' } }).geometry).toEqual(plain);
    expect(['3', '3.25', '3,2', '-1', '1000', '1.234', ''].map(measureOf)).toEqual([3, 3.25, 3.2, null, null, null, null]);
  });

  test('an own number stays one’s own; a mould that is drawn by hand is no draft', () => {
    expect(mouldOfDraft({ ...emptyDraft('hat'), name: 'Hat', number: ' X-1 ' }).number).toBe('X-1');
    const drawn = data.moulds.filter((mould) => draftOfMould(mould) === null);
    expect(drawn.length).toBeGreaterThan(20);
    for (const mould of drawn) expect(readShaping(mould.silhouette)).toBeNull();
  });

  test('an own outline has a usual size: something to wear is no taller than a figure, and hair comes down over the head', () => {
    for (const family of SHAPE_FAMILIES) {
      const { heightMm, liftMm } = usualOutline(mouldOfDraft(emptyDraft(family)));
      expect(heightMm).toBeGreaterThan(0);
      expect(heightMm).toBeLessThan(60);
      expect(Math.abs(liftMm)).toBeLessThan(20);
    }
    expect(usualOutline(mouldOfDraft(emptyDraft('hair'))).liftMm).toBeLessThan(usualOutline(mouldOfDraft(emptyDraft('hat'))).liftMm);
  });

  test('its sample shows its elements in colours that can be told apart, also where there are no colours yet', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SHAPE_FAMILIES), fc.boolean(), (family, isEmpty) => {
        const own = isEmpty
          ? new Catalogue({ ...data, colours: [], variants: [], bundles: [], officialFigures: [], sources: [], prints: [] })
          : catalogue;
        const { colours, mould } = sampleIn({ ...mouldOfDraft(emptyDraft(family)), number: 'm' }, own);
        expect(mould).toBe('m');
        expect(new Set(colours).size).toBe(3);
        for (const colour of colours) expect(coloursFor(own).some(({ id }) => id === colour)).toBe(true);
      }),
    );
    expect(plainShapingOf('hat')).toEqual(emptyDraft('hat').shaping);
  });
});
