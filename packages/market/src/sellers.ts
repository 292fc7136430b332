import type { Seller } from '@outfit/core';

export const SELLER_KINDS = ['shop', 'maker’s counter', 'build-your-own station', 'workshop'] as const;
export type SellerKind = (typeof SELLER_KINDS)[number];

/** A simulated seller: terms in its own currency, and how it prices, stocks and sends. */
export interface SimulatedSeller extends Seller {
  readonly name: string;
  readonly kind: SellerKind;
  /** The currency of its prices and terms, ISO 4217. */
  readonly currency: string;
  /** Share of its parcels that arrive complete and right, 0 to 1. */
  readonly reliability: number;
  /** Its prices against the usual ones. */
  readonly priceLevel: number;
  /** Share of the catalogue it has on its shelves, 0 to 1. */
  readonly breadth: number;
  /** Most units of one part it holds. */
  readonly depth: number;
  readonly sellsFigures: boolean;
  readonly sellsSources: boolean;
  /** Its list is read every so many days: prices in between carry the day they were last seen. */
  readonly readEveryDays: number;
}

/**
 * One shop a row: id, country and currency, days, level × breadth × depth, postage tiers "up to g:minor", then words:
 * `min500` minimum order, `fee50` handling, `free2500` free postage from, `figures`, `sets`, `new` shop not yet trusted,
 * `seldom` read once in three months, `95` parcels in a hundred complete and right.
 */
const SHOPS = `
tin-drawer           NL EUR  4  1.00 0.40 9   20:195 100:360 500:620            98
button-box           BE EUR  5  0.92 0.36 6   50:230 250:410 1000:690           min300 figures 97
second-shelf         DE EUR  6  0.85 0.34 12  20:160 100:290 500:540            fee30 figures sets 95
odd-sock-parts       DE EUR  7  0.74 0.30 20  100:250 500:480                   min500 fee50 free2500 93
harbour-lane-spares  IE EUR  9  0.95 0.28 8   50:310 250:560                    figures 97
loft-and-lane        FR EUR  6  1.08 0.26 5   30:185 200:390                    min200 figures sets 96
attic-trunk          FR EUR  8  0.70 0.16 14  50:240 250:430                    min400 seldom figures 90
two-left-feet        NL EUR  5  0.88 0.14 10  20:175 100:330 500:600            94
paper-lantern        IT EUR  8  0.97 0.15 7   50:260 250:470 1000:820           sets figures 95
quay-and-kettle      IE EUR  9  0.81 0.12 9   50:320 250:590                    92
spool-and-thimble    AT EUR  7  1.04 0.17 6   30:210 200:400 1000:740           fee25 97
the-spare-elbow      DE EUR  5  0.90 0.13 11  20:155 100:285 500:530            min250 95
midsummer-crate      SE SEK  8  0.83 0.15 9   50:3200 250:5600                  min5000 figures sets 96
little-tenement      GB GBP  7  0.78 0.22 12  50:290 250:480 1000:850           fee20 figures 95
moth-and-marble      GB GBP  8  0.86 0.14 8   50:310 250:520                    figures sets 93
fourpenny-shelf      GB GBP  9  0.66 0.11 15  50:330 250:560                    min300 88
snow-cellar          SE SEK  9  0.94 0.12 7   50:2900 250:5100                  95
copper-thread        PT EUR 10  0.72 0.12 10  50:280 250:510                    free3000 91
night-market-nine    ES EUR 11  0.69 0.10 13  50:300 250:540                    min350 figures 86 new
pocket-harbour       DK EUR  6  1.02 0.12 6   50:270 250:460                    96
heel-and-toe         NL EUR  4  1.10 0.11 5   20:190 100:350                    99
grey-cupboard        BE EUR  6  0.87 0.10 8   50:235 250:415                    sets 94
marzipan-lane        DE EUR  6  0.93 0.10 9   20:165 100:295 500:545            figures 96
first-frost-finds    FI EUR 10  0.80 0.09 8   50:340 250:610                    92
ballast-and-brass    GB GBP 10  0.82 0.09 9   50:300 250:510                    sets 94
odds-of-october      FR EUR  7  0.76 0.09 10  30:195 200:395                    fee40 89 new
the-glass-thumb      CZ EUR  8  0.71 0.10 12  50:225 250:405                    min300 93
seven-drawers        PL EUR  9  0.68 0.11 14  50:215 250:395                    min400 fee20 92
ropewalk-remnants    IE EUR  9  0.91 0.07 7   50:315 250:570                    95
clerk-of-hats        AT EUR  7  1.06 0.07 6   30:205 200:395                    98
summer-ferry         SE SEK  8  0.88 0.07 8   50:3100 250:5400                  free60000 figures 94
wicker-and-wire      ES EUR 10  0.77 0.07 9   50:290 250:530                    91
halfpenny-trunk      GB GBP  9  0.73 0.06 11  50:320 250:540                    seldom 87
lamp-and-ladder      NL EUR  5  0.98 0.06 7   20:185 100:345                    figures 97
cellar-door          DE EUR  7  0.84 0.06 10  100:245 500:470                   min300 93
tuppence-row         GB GBP  8  0.89 0.05 6   50:295 250:505                    new 90
`;

const tiersOf = (words: readonly string[]): Seller['postage'] =>
  words.filter((word) => word.includes(':')).map((word) => ({ upToG: Number(word.split(':')[0]), costMinor: Number(word.split(':')[1]) }));

const titleOf = (id: string): string =>
  id
    .split('-')
    .map((word, i) => (i > 0 && ['and', 'of'].includes(word) ? word : word.charAt(0).toUpperCase() + word.slice(1)))
    .join(' ');

/** Parcels from outside the union are dutiable on the whole goods value above this, in their own currency. */
const DUTY = { aboveMinor: 13_000, percent: 21, feeMinor: 500 };

function shopOf(row: string): SimulatedSeller {
  const [id = '', country = '', currency = '', days = '', level = '', breadth = '', depth = '', ...words] = row.trim().split(/\s+/);
  const amount = (key: string): number | null => {
    const word = words.find((candidate) => candidate.startsWith(key) && /^\d+$/.test(candidate.slice(key.length)));
    return word === undefined ? null : Number(word.slice(key.length));
  };
  return {
    id,
    name: titleOf(id),
    kind: 'shop',
    country,
    currency,
    days: Number(days),
    trusted: !words.includes('new'),
    thirdParty: false,
    minimumMinor: amount('min') ?? 0,
    handlingMinor: amount('fee') ?? 0,
    postage: tiersOf(words),
    freePostageFromMinor: amount('free'),
    duty: country === 'GB' ? DUTY : null,
    reliability: Number(words.find((word) => /^\d\d$/.test(word)) ?? 95) / 100,
    priceLevel: Number(level),
    breadth: Number(breadth),
    depth: Number(depth),
    sellsFigures: words.includes('figures'),
    sellsSources: words.includes('sets'),
    readEveryDays: words.includes('seldom') ? 90 : 1,
  };
}

const special = (
  id: string,
  name: string,
  kind: SellerKind,
  rest: Pick<SimulatedSeller, 'country' | 'days' | 'handlingMinor' | 'postage' | 'priceLevel' | 'breadth' | 'depth' | 'reliability'>,
): SimulatedSeller => ({
  id,
  name,
  kind,
  currency: 'EUR',
  trusted: true,
  thirdParty: kind === 'workshop',
  minimumMinor: 0,
  freePostageFromMinor: null,
  duty: null,
  sellsFigures: false,
  sellsSources: false,
  readEveryDays: 1,
  ...rest,
});

/** The sellers of the simulated market. Their names and terms are made up. */
export const SELLERS: readonly SimulatedSeller[] = [
  ...SHOPS.trim().split('\n').map(shopOf),
  special('pegwell-counter', 'Pegwell spare parts counter', 'maker’s counter', {
    country: 'DK',
    days: 21,
    handlingMinor: 250,
    postage: [{ upToG: 1000, costMinor: 0 }],
    priceLevel: 1.25,
    breadth: 0.2,
    depth: 50,
    reliability: 1,
  }),
  special('pegwell-station', 'Pegwell build-your-own station', 'build-your-own station', {
    country: 'DK',
    days: 6,
    handlingMinor: 0,
    postage: [
      { upToG: 50, costMinor: 290 },
      { upToG: 500, costMinor: 450 },
    ],
    priceLevel: 0.4,
    breadth: 0.05,
    depth: 40,
    reliability: 1,
  }),
  special('mane-works', 'Mane Works', 'workshop', {
    country: 'PT',
    days: 12,
    handlingMinor: 0,
    postage: [{ upToG: 100, costMinor: 420 }],
    priceLevel: 1.4,
    breadth: 1,
    depth: 10,
    reliability: 0.97,
  }),
  special('small-hours-casting', 'Small Hours Casting', 'workshop', {
    country: 'DE',
    days: 16,
    handlingMinor: 50,
    postage: [{ upToG: 200, costMinor: 380 }],
    priceLevel: 1.15,
    breadth: 0.7,
    depth: 6,
    reliability: 0.92,
  }),
];
