import { describe, expect, test } from '@jest/globals';
import { ALONE, Catalogue, judge, NOTHING_KNOWN, P40, rankCandidates, rowFaults, emptyBrief } from '@outfit/core';
import { SILHOUETTE_NAMES } from '@outfit/drawing';
import { demoWorld, starterKit } from '../src/index.js';

const kit = starterKit();

describe('the starter kit', () => {
  test('is sound by itself, and everything in it can be drawn', () => {
    expect(rowFaults(kit, { ...NOTHING_KNOWN, silhouettes: new Set(SILHOUETTE_NAMES) })).toEqual([]);
  });

  test('has 48 colours and at least 60 plain moulds over all families that the demo world has', () => {
    expect(kit.colours).toHaveLength(48);
    expect(kit.moulds.length).toBeGreaterThanOrEqual(60);
    const families = new Set(kit.moulds.map((mould) => mould.family));
    expect(demoWorld().catalogue.moulds.filter((mould) => !families.has(mould.family))).toEqual([]);
  });

  test('has nothing of a world of its own: no prints, official figures, sources', () => {
    expect([kit.prints, kit.officialFigures, kit.sources, kit.bundles]).toEqual([[], [], [], []]);
  });

  test('is ranked for every place it has parts for, also those written down with fewer colours than their mould has', () => {
    const catalogue = new Catalogue(kit);
    const supply = { currency: 'EUR', owned: () => 0, landedMinor: () => null };
    const bare = { parts: [{ position: 'head', variant: 'head·honey', turned: false }], overrules: [] } as never;
    for (const position of ['headgear', 'torso', 'hand.L', 'neck.1', 'held.R', 'hips'] as const)
      expect(rankCandidates(bare, emptyBrief('Somebody'), { position }, catalogue, P40, supply, ALONE).rows.length).toBeGreaterThan(0);
  });

  test('dresses a figure that can be built: nothing blocks', () => {
    const catalogue = new Catalogue(kit);
    const look = {
      parts: [
        ['headgear', 'hair-bob·walnut'],
        ['head', 'head·honey'],
        ['torso', 'torso·woad'],
        ['arm.L', 'arm·woad'],
        ['arm.R', 'arm·woad'],
        ['hand.L', 'hand·honey'],
        ['hand.R', 'hand·honey'],
        ['hips', 'legs·slate'],
      ].map(([position, variant]) => ({ position, variant, turned: false })) as never,
      overrules: [],
    };
    const { marks, standing } = judge(look, emptyBrief('Somebody'), catalogue, P40, {
      currency: 'EUR',
      owned: () => 0,
      landedMinor: () => null,
      donors: [],
    } as never);
    expect(marks.open.filter((mark) => mark.severity === 'blocks')).toEqual([]);
    expect(standing.total).toBeGreaterThan(30);
  });
});
