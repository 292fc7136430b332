import { NO_RULES, type BasketProblem } from '../../src/basket/problem/problem.js';
import { type BasketPlan } from '../../src/basket/problem/plan.js';

/**
 * A shopping trip small enough to do on paper. Wanted: two lanterns (one is owned) and one cape.
 * Near sells both, Far sells both cheaper; every parcel costs postage:
 *   all from Near: 60 + 150 + 100 postage = 310      all from Far: 40 + 120 + 180 + 20 handling = 360
 *   each at its cheapest is all from Far: 360. So the plan is Near for 310, 50 saved.
 */
export const EXAMPLE: BasketProblem = {
  currency: 'EUR',
  needs: [
    { id: 'lanterns', quantity: 2, options: [{ variant: 'lantern', penaltyMinor: 0 }], shortCostMinor: null, sameSeller: false },
    { id: 'cape', quantity: 1, options: [{ variant: 'cape', penaltyMinor: 0 }], shortCostMinor: 5000, sameSeller: false },
  ],
  wholes: [],
  owned: [{ variant: 'lantern', quantity: 1, costMinor: 0 }],
  items: [
    { id: 'one lantern', weightG: 2, yields: [{ variant: 'lantern', quantity: 1 }] },
    { id: 'one cape', weightG: 1, yields: [{ variant: 'cape', quantity: 1 }] },
  ],
  sellers: [
    {
      id: 'near',
      country: 'NL',
      days: 3,
      trusted: true,
      thirdParty: false,
      minimumMinor: 0,
      handlingMinor: 0,
      postage: [{ upToG: 10, costMinor: 100 }],
      freePostageFromMinor: null,
      duty: null,
    },
    {
      id: 'far',
      country: 'DE',
      days: 9,
      trusted: true,
      thirdParty: false,
      minimumMinor: 100,
      handlingMinor: 20,
      postage: [
        { upToG: 2, costMinor: 90 },
        { upToG: 20, costMinor: 180 },
      ],
      freePostageFromMinor: 500,
      duty: null,
    },
  ],
  offers: [
    { id: 'near lantern', seller: 'near', item: 'one lantern', priceMinor: 60, stock: 3, multiple: 1, condition: 'used' },
    { id: 'near cape', seller: 'near', item: 'one cape', priceMinor: 150, stock: 1, multiple: 1, condition: 'new' },
    { id: 'far lantern', seller: 'far', item: 'one lantern', priceMinor: 40, stock: 4, multiple: 2, condition: 'used' },
    { id: 'far single lantern', seller: 'far', item: 'one lantern', priceMinor: 40, stock: 1, multiple: 1, condition: 'used' },
    { id: 'far cape', seller: 'far', item: 'one cape', priceMinor: 120, stock: 2, multiple: 1, condition: 'worn' },
  ],
  resale: [],
  rules: NO_RULES,
  effort: { gap: 0, seconds: 10 },
};

/** The plan worked out above, written by hand. */
export const EXAMPLE_PLAN: BasketPlan = {
  status: 'proven',
  costMinor: 310,
  boundMinor: 310,
  gap: 0,
  shortageMinor: 0,
  leastShortageMinor: 0,
  standing: [],
  standingWorth: 0,
  mostStandingWorth: 0,
  seconds: 0,
  paidMinor: 310,
  parcels: [
    {
      seller: 'near',
      goodsMinor: 210,
      postageMinor: 100,
      handlingMinor: 0,
      dutyMinor: 0,
      weightG: 3,
      lines: [
        { offer: 'near cape', quantity: 1 },
        { offer: 'near lantern', quantity: 1 },
      ],
    },
  ],
  fills: [
    { need: 'cape', variant: 'cape', quantity: 1, from: 'bought', seller: 'near' },
    { need: 'lanterns', variant: 'lantern', quantity: 1, from: 'bought', seller: 'near' },
    { need: 'lanterns', variant: 'lantern', quantity: 1, from: 'owned', seller: null },
  ],
  short: [],
  leftovers: [],
  compared: {
    cheapestEachMinor: 360,
    cheapestEachLacks: 0,
    fewestParcelsMinor: 310,
    curve: [{ parcels: 1, costMinor: 310, besideMinor: 0, gap: 0 }],
  },
  reasons: [],
};
