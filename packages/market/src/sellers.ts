import type { Seller } from '@outfit/core';

/** A simulated shop: what the basket needs of it, and how it prices and stocks. */
export interface SimulatedSeller extends Seller {
  readonly name: string;
  /** Its prices against the usual ones. */
  readonly priceLevel: number;
  /** Share of the catalogue it has on its shelves, 0 to 1. */
  readonly breadth: number;
  /** Most units of one part it holds. */
  readonly depth: number;
  readonly sellsFigures: boolean;
}

const tiers = (...rows: readonly (readonly [upToG: number, costMinor: number])[]): Seller['postage'] =>
  rows.map(([upToG, costMinor]) => ({ upToG, costMinor }));

const seller = (
  id: string,
  name: string,
  rest: Omit<SimulatedSeller, 'id' | 'name' | 'trusted' | 'thirdParty' | 'duty' | 'freePostageFromMinor'> & Partial<SimulatedSeller>,
): SimulatedSeller => ({
  id,
  name,
  trusted: true,
  thirdParty: false,
  duty: null,
  freePostageFromMinor: null,
  ...rest,
});

/** The shops of the simulated market. Their names and terms are made up. */
export const SELLERS: readonly SimulatedSeller[] = [
  seller('tin-drawer', 'Tin Drawer', {
    country: 'NL',
    days: 4,
    minimumMinor: 0,
    handlingMinor: 0,
    postage: tiers([20, 195], [100, 360], [500, 620]),
    priceLevel: 1,
    breadth: 0.85,
    depth: 9,
    sellsFigures: false,
  }),
  seller('button-box', 'Button Box', {
    country: 'BE',
    days: 5,
    minimumMinor: 300,
    handlingMinor: 0,
    postage: tiers([50, 230], [250, 410], [1000, 690]),
    priceLevel: 0.92,
    breadth: 0.8,
    depth: 6,
    sellsFigures: true,
  }),
  seller('second-shelf', 'Second Shelf', {
    country: 'DE',
    days: 6,
    minimumMinor: 0,
    handlingMinor: 30,
    postage: tiers([20, 160], [100, 290], [500, 540]),
    priceLevel: 0.85,
    breadth: 0.75,
    depth: 12,
    sellsFigures: true,
  }),
  seller('odd-sock-parts', 'Odd Sock Parts', {
    country: 'DE',
    days: 7,
    minimumMinor: 500,
    handlingMinor: 50,
    postage: tiers([100, 250], [500, 480]),
    priceLevel: 0.74,
    breadth: 0.7,
    depth: 20,
    sellsFigures: false,
    freePostageFromMinor: 2500,
  }),
  seller('harbour-lane-spares', 'Harbour Lane Spares', {
    country: 'IE',
    days: 9,
    minimumMinor: 0,
    handlingMinor: 0,
    postage: tiers([50, 310], [250, 560]),
    priceLevel: 0.95,
    breadth: 0.65,
    depth: 8,
    sellsFigures: true,
  }),
  seller('loft-and-lane', 'Loft and Lane', {
    country: 'FR',
    days: 6,
    minimumMinor: 200,
    handlingMinor: 0,
    postage: tiers([30, 185], [200, 390]),
    priceLevel: 1.08,
    breadth: 0.6,
    depth: 5,
    sellsFigures: true,
  }),
  seller('pegwell-counter', 'Pegwell spare parts counter', {
    country: 'DK',
    days: 21,
    minimumMinor: 0,
    handlingMinor: 250,
    postage: tiers([1000, 0]),
    priceLevel: 1.25,
    breadth: 0.3,
    depth: 50,
    sellsFigures: false,
  }),
  seller('mane-works', 'Mane Works', {
    country: 'PT',
    days: 12,
    minimumMinor: 0,
    handlingMinor: 0,
    postage: tiers([100, 420]),
    priceLevel: 1.4,
    breadth: 0.15,
    depth: 10,
    sellsFigures: false,
    thirdParty: true,
  }),
];
