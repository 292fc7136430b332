import { describe, expect, test } from '@jest/globals';
import { Catalogue } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { OwnedPieces } from '@/workspace/answers/ownedPieces';
import { Promised, supplyFrom, workspaceFor } from '@/workspace/promised';
import type { Workspace } from '@/workspace/workspace';

const catalogue = new Catalogue(demoWorld().catalogue);
const [hat = '', coat = '', boot = ''] = catalogue.data.variants.map((variant) => variant.id);
/** Ada is served first, then the twins Bo and Cy, who share their pieces, then Di. Two hats and a coat are owned. */
const TOLD = {
  figures: ['ada', 'bo', 'cy', 'di'],
  names: ['Ada', 'Bo', 'Cy', 'Di'],
  standings: ['ready to build', 'ready to build', 'ready to build', 'wanting'],
  toBuy: [0, 0, 0, 1],
  onTheirWay: [0, 0, 0, 0],
  variants: [hat, coat],
  free: [0, 1],
  freeOnDonors: [0, 2],
  owned: [2, 3],
  of: [0, 0, 0, 1],
  by: [0, 1, 3, 0],
  wants: [1, 1, 1, 0],
  gets: [1, 1, 0, 0],
  offDonors: [0, 0, 0, 0],
  bound: [0, 0, 0, 0],
  shared: [{ row: 1, figures: [1, 2] }],
} as ConstructorParameters<typeof Promised>[0];
const promised = new Promised(TOLD);
const NOTHING = { get: () => 0, onDonors: () => 0 };

describe('the promises as they were told', () => {
  test('say what a figure can count on: what those before it leave', () => {
    const hats = (figure: string): number => promised.countsApart(figure, NOTHING).get(hat)?.owned ?? 0;
    expect(['ada', 'bo', 'cy', 'di', 'nobody'].map(hats)).toEqual([2, 1, 1, 0, 0]);
  });

  test('say who else wants a part and who is served before; whoever shares a piece is nobody else', () => {
    expect(promised.wantsOf(hat, 'cy')).toEqual([
      { name: 'Ada', count: 1, isServedBefore: true },
      { name: 'Di', count: 1, isServedBefore: false },
    ]);
    expect(promised.wantsOf(hat, null).map((row) => row.name)).toEqual(['Ada', 'Bo', 'Di']);
    expect(promised.wantsOf(boot, 'ada')).toEqual([]);
  });

  test('say what a figure waits for', () => {
    expect([promised.standingOf('di'), promised.standingOf('nobody')]).toEqual(['wanting', null]);
  });
});

describe('the workspace of a figure', () => {
  const stock = {
    ...{ catalogue: 'v1', rows: [0, 1, 2], quantities: [2, 1, 4] },
    ...{ donorRows: [1], donorQuantities: [2], donorNames: ['Keeper in the tin'] },
  };
  const owned = OwnedPieces.of(stock, catalogue);
  const price = (): number => 30;
  const workspace = {
    ...{ catalogue, owned, currency: 'EUR', today: '2026-11-01' },
    supply: supplyFrom('EUR', owned, price),
    prices: { landedMinor: price },
  } as unknown as Workspace;

  test('counts what it can count on, and knows what there is in all', () => {
    const { supply } = workspaceFor(workspace, promised, 'di');
    expect([supply.owned(hat), supply.stock?.(hat), supply.owned(boot), supply.stock?.(boot)]).toEqual([0, 2, 4, 4]);
    expect(supply.donor?.(coat)).toEqual({ donor: 'Keeper in the tin', holeMinor: 30, quantity: 2 });
    expect(supply.donor?.(hat)).toBeNull();
  });

  test('is the same object while promises told anew say the same of it', () => {
    const before = workspaceFor(workspace, promised, 'di');
    expect(workspaceFor(workspace, new Promised(TOLD), 'di')).toBe(before);
    // What nobody wants does nothing for one that goes short; a piece more for it does.
    expect(workspaceFor(workspace, new Promised({ ...TOLD, gets: [1, 1, 1, 0], free: [1, 1] }), 'di')).not.toBe(before);
  });
});
