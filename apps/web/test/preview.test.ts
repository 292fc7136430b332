import { describe, expect, test } from '@jest/globals';
import { Catalogue, type Look } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { previewOf } from '@/features/fitting/preview';

const catalogue = new Catalogue(demoWorld().catalogue);
const EMPTY: Look = { parts: [], overrules: [] };

describe('what is looked at and not done', () => {
  test('is done to the look that is drawn, also with a part nobody has entered', () => {
    const known = catalogue.variant('HA-118·raven');
    const { made: _, ...rest } = known;
    const variant = { ...rest, id: 'HA-118·mallow', colours: ['mallow'] };
    const shown = previewOf(EMPTY, { edit: { action: 'put on', variant: variant.id, position: 'headgear' }, variant }, catalogue);
    expect(shown.look.parts.map((part) => part.variant)).toEqual([variant.id]);
    expect(shown.catalogue.variant(variant.id)).toBe(variant);
    expect(catalogue.has(variant.id)).toBe(false);
  });

  test('gives way when the part it is about has gone, as by Ctrl Z', () => {
    const edit = { action: 'alter', alteration: 'paint', what: 'lagoon', note: '', position: 'torso' } as const;
    expect(previewOf(EMPTY, { edit }, catalogue)).toEqual({ look: EMPTY, catalogue });
  });
});
