/** An order placed some days ago at a simulated seller. Money in minor units. */
export interface DemoOrder {
  readonly seller: string;
  readonly daysAgo: number;
  readonly sentDaysAgo: number;
  /** Below nothing when the day is past: it is late then. */
  readonly expectedInDays: number;
  readonly postageMinor: number;
  readonly feesMinor: number;
  readonly lines: readonly { readonly variant: string; readonly quantity: number; readonly priceMinor: number }[];
  /** When it will come, and what of another part will be in it, by the line it came for. */
  readonly happens: { readonly arrivesInDays: number; readonly wrong: readonly { readonly line: number; readonly variant: string }[] };
}

/** Two orders on their way: one is late, in the other something will be wrong. */
export const ORDERS: readonly DemoOrder[] = [
  {
    ...{ seller: 'second-shelf', daysAgo: 31, sentDaysAgo: 27, expectedInDays: -9, postageMinor: 240, feesMinor: 0 },
    lines: [
      { variant: 'HT-208·soot+walnut+brass', quantity: 6, priceMinor: 41 },
      { variant: 'TO-401·oatmeal·lamplighter', quantity: 4, priceMinor: 82 },
    ],
    happens: { arrivesInDays: 5, wrong: [] },
  },
  {
    ...{ seller: 'button-box', daysAgo: 6, sentDaysAgo: 4, expectedInDays: 4, postageMinor: 195, feesMinor: 50 },
    lines: [
      { variant: 'LG-701·walnut+soot·lamplighter-legs', quantity: 5, priceMinor: 60 },
      { variant: 'AR-501·oatmeal', quantity: 8, priceMinor: 9 },
    ],
    happens: { arrivesInDays: 2, wrong: [{ line: 0, variant: 'LG-701·walnut+soot' }] },
  },
];
