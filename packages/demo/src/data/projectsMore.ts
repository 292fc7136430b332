import type { AgeBand } from '@outfit/core';
import { figure, look, type DemoFigure } from './projectRow.js';

/** Rivals, recruits, and one keeper at three ages. */
const member = (
  id: string,
  role: string,
  name: string,
  age: AgeBand,
  colours: string,
  story: string,
  wanted: string,
  ...worn: readonly (readonly [string, string])[]
): DemoFigure => figure(id, { role, name, age, colours, story, wanted, looks: worn.map(([title, parts]) => look(title, parts)) });

export const OTTER: readonly DemoFigure[] = [
  member(
    'wick-sallow',
    'Steer',
    'Wick Sallow',
    'adult',
    'moss weld',
    'Steers when Bram is looking at the sky. Reads the water with her feet.',
    `must torso motif crew-jacket: Otter jacket
      want headgear shape tied: Hair out of the wind
      want face expression stern: Stern at the tiller
      want torso colour moss: Otter green`,
    [
      'Race day',
      'top HA-134·walnut+weld, head HD-101·clay·grit, torso TO-401·moss·otter-jacket, arms AR-501·moss, hands HN-601·clay, legs LG-701·ink+walnut',
    ],
    [
      'Cold start',
      'top HT-220·bottle+weld, head HD-101·clay·grit, neck SC-812·weld+moss, torso TO-401·moss·otter-jacket, arms AR-501·moss, hands HN-601·soot, legs LG-701·ink+walnut',
    ],
  ),
  member(
    'pim-otterby',
    'Bow lantern',
    'Pim Otterby',
    'child',
    'moss weld',
    'Ten. Bram’s grandchild, and lighter than any lantern.',
    `must held motif lantern: A lantern
      want whole height child: Height of a child
      want face expression merry: Merry
      want headgear shape curled: Curls`,
    [
      'Race day',
      'top HA-109·bark, head HD-101·cocoa·sprat, torso TO-401·moss·otter-jacket, arms AR-501·moss, hands HN-601·cocoa, lower LG-708·ink+walnut, left HE-907·walnut+clear-amber',
    ],
  ),
  member(
    'dace-roe',
    'Drum',
    'Dace Roe',
    'adult',
    'moss soot',
    'Keeps time for a living: repairs clocks on weekdays.',
    `must held motif drumsticks: Drumsticks
      want face motif goatee: Goatee
      want headgear shape locks, length 3: Long locks`,
    [
      'Race day',
      'top HA-185·raven, head HD-101·umber·goatee, torso TO-401·moss·crew-jersey, arms AR-501·moss, hands HN-601·umber, legs LG-701·ink+walnut, left HE-910·teak+chalk, right HE-910·teak+chalk',
    ],
  ),
  member(
    'ness-elver',
    'Oar',
    'Ness Elver',
    'adult',
    'moss chalk',
    'Rowed for Heron until the argument about the towel.',
    `must held motif oar: An oar
      want torso motif hoop-stripes: Hooped jersey
      want headgear shape short: Short hair`,
    [
      'Race day',
      'top HA-112·straw, head HD-101·almond·banded-straw, torso TO-401·moss·crew-jersey, arms AR-510·moss+almond, hands HN-601·almond, legs LG-701·ink+walnut, right HE-904·teak+chalk',
    ],
  ),
  member(
    'tench-hollow',
    'Oar',
    'Tench Hollow',
    'adult',
    'moss chalk',
    'Says nothing, rows everything.',
    `must held motif oar: An oar
      want face motif beard-short: Short beard
      want torso motif hoop-stripes: Hooped jersey`,
    [
      'Race day',
      'top HA-103·walnut, head HD-101·honey·short-beard-walnut, torso TO-401·moss·crew-jersey, arms AR-510·moss+honey, hands HN-601·honey, legs LG-701·ink+walnut, right HE-904·teak+chalk',
    ],
  ),
];

export const KINGFISHER: readonly DemoFigure[] = [
  member(
    'avis-kell',
    'Steer',
    'Avis Kell',
    'adult',
    'lagoon weld',
    'Won it twice and would rather you asked about her roses.',
    `must torso motif crew-jacket: Kingfisher jacket
      want headgear colour silver: Silver hair
      want face motif glasses: Glasses`,
    [
      'Race day',
      'top HA-160·silver, head HD-101·wheat·half-moon, torso TO-401·lagoon·crew-kingfisher, arms AR-501·lagoon, hands HN-601·wheat, legs LG-701·slate+soot·crew-kingfisher-legs',
    ],
  ),
  member(
    'lark-denny',
    'Bow lantern',
    'Lark Denny',
    'youth',
    'lagoon weld',
    'Fifteen, and paints the lantern again every night.',
    `must held motif lantern: A lantern
      want whole height youth: Height of a fifteen-year-old
      want headgear shape tied: Two knots`,
    [
      'Race day',
      'top HA-179·ember, head HD-101·shell·winker, torso TO-401·lagoon·crew-kingfisher, arms AR-501·lagoon·crew-kingfisher-arms, hands HN-601·shell, legs LG-706·slate+soot·crew-kingfisher-legs, left HE-901·walnut+clear-rose',
    ],
  ),
  member(
    'moss-arbour',
    'Drum',
    'Moss Arbour',
    'adult',
    'lagoon weld',
    'Drums with his eyes shut and opens them for bridges.',
    `must held motif drumsticks: Drumsticks
      want face motif eyes-shut: Eyes shut
      want headgear motif flowers: A wreath`,
    [
      'Race day',
      'top HT-211·straw+woad, head HD-101·shell·dozing, torso TO-401·lagoon·crew-kingfisher, arms AR-501·lagoon, hands HN-601·shell, legs LG-701·slate+soot·crew-kingfisher-legs, left HE-910·teak+chalk, right HE-910·teak+chalk',
    ],
  ),
  member(
    'isaac-brill',
    'Oar',
    'Isaac Brill',
    'adult',
    'lagoon weld',
    'New. Counts strokes under his breath and loses count.',
    `must held motif oar: An oar
      want face expression sad: Worried
      want headgear shape parted: A careful parting`,
    [
      'Race day',
      'top HA-124·straw, head HD-101·almond·worry, torso TO-401·lagoon·crew-kingfisher, arms AR-501·lagoon, hands HN-601·almond, legs LG-701·slate+soot·crew-kingfisher-legs, right HE-904·teak+chalk',
    ],
  ),
  member(
    'bea-quarrel',
    'Oar',
    'Bea Quarrel',
    'adult',
    'lagoon weld',
    'Sixty and the strongest of them; does not discuss it.',
    `must held motif oar: An oar
      want face motif wrinkles: Sixty years
      want headgear shape tied: Hair tied`,
    [
      'Race day',
      'top HA-140·silver, head HD-101·rosewood·weathered, torso TO-401·lagoon·crew-kingfisher, arms AR-501·lagoon, hands HN-601·rosewood, legs LG-701·slate+soot·crew-kingfisher-legs, right HE-904·teak+chalk',
    ],
  ),
];

const post = (id: string, role: string, name: string, colours: string, story: string, wanted: string, parts: string): DemoFigure =>
  member(id, role, name, 'adult', colours, story, wanted, ['Edition 1', parts]);

export const WINTER_POST_MORE: readonly DemoFigure[] = [
  post(
    'wren-tally',
    'Carrier',
    'Wren Tally',
    'woad oatmeal',
    'Carries the hill round because the hill has dogs.',
    `must torso motif parka: Winter coat
      want neck motif satchel: The satchel
      want headgear shape hood: Fur hood`,
    'top HO-336·woad+oatmeal, head HD-101·umber·frosty, neck2 BG-820·teak+brass, torso TO-401·woad·winter-carrier, arms AR-501·woad·winter-carrier-arms, hands HN-601·soot, legs LG-701·ink+soot·winter-carrier-legs, right HE-915·chalk+madder',
  ),
  post(
    'otto-bindle',
    'Carrier',
    'Otto Bindle',
    'woad ink',
    'Forty years of doorsteps and one bite.',
    `must torso motif post-coat: Carrier coat
      want face motif moustache: A walrus moustache
      want headgear shape peak: Peaked cap`,
    'top HT-204·woad+ink+brass, head HD-101·wheat·walrus, neck BG-820·teak+brass, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·wheat, legs LG-701·ink+soot·carrier-tails',
  ),
  post(
    'celia-franking',
    'Sorter',
    'Celia Franking',
    'fog storm',
    'Finds the lost ones by smell.',
    `must torso motif apron: Sorting apron
      want face motif glasses: Glasses
      want headgear shape tied: Hair in a knot`,
    'top HA-118·chestnut, head HD-101·honey·scholar, torso TO-401·fog·sorter-smock, arms AR-501·fog·sorter-smock-arms, hands HN-601·honey, legs LG-701·slate+soot·sorter-smock-legs, right HE-937·teak+fog+chalk',
  ),
  post(
    'ned-parcel',
    'Sorter',
    'Ned Parcel',
    'chalk madder',
    'Ties every knot twice.',
    `must torso motif waistcoat: Waistcoat
      want torso motif bow-tie: Bow tie
      want headgear shape swept: A quiff`,
    'top HA-121·raven, head HD-101·almond·curled, torso TO-401·chalk·telegraph, arms AR-501·chalk·telegraph-arms, hands HN-601·almond, legs LG-701·ink+soot·telegraph-legs, right HE-915·chalk+madder',
  ),
  post(
    'gale-minchin',
    'Weather keeper',
    'Gale Minchin',
    'bottle storm',
    'Keeps the barometer warm.',
    `must torso motif post-coat: Keeper coat
      want headgear shape fitted: Flyer helmet
      want neck motif scarf: A scarf`,
    'top HM-262·brass+walnut+clear-glass, head HD-101·clay·goggled, neck SC-812·madder+chalk, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·clay, legs LG-701·storm+soot·keeper-tails, right HE-921·brass+walnut',
  ),
  post(
    'ivo-drift',
    'Weather keeper',
    'Ivo Drift',
    'bottle storm',
    'Predicts snow every day and is sometimes right.',
    `must torso motif post-coat: Keeper coat
      want face motif beard: Long beard
      want neck motif cape: A cape`,
    'top HT-220·bottle+weld, head HD-101·almond·old-hand, neck CP-801·ink+pewter, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·almond, legs LG-701·storm+soot·keeper-tails',
  ),
  post(
    'tilly-vane',
    'Carrier',
    'Tilly Vane',
    'woad chalk',
    'Rides the back of the tandem and steers by shouting.',
    `must torso motif post-coat: Carrier coat
      want headgear shape braided: A plait
      want held motif letter: A letter`,
    'top HA-146·ember+woad, head HD-101·shell·bright-rust, neck BG-820·teak+brass, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·shell, legs LG-701·ink+soot·carrier-tails, left HE-915·chalk+madder',
  ),
];

export const ODILE: readonly DemoFigure[] = [
  figure('odile-marsh', {
    role: 'Tide-clock keeper',
    name: 'Odile Marsh',
    age: 'adult',
    colours: 'lagoon chalk',
    story: 'Thirty-four here. Winds the tide clock and hates being early.',
    more: { born: 1871, year: 1905, credit: 'From an idea of Petra Holm' },
    wanted: `must headgear colour rust: Rust hair, as in the story
      want headgear shape tied, length 2: Hair in a knot
      want face motif mouth-lips: Painted lips
      want torso motif sailor-collar: Wide collar
      want legs shape skirt: A long skirt
      nice legs colour lagoon: Lagoon skirt
      nice face any-with rust brows and a calm face: Rust brows, and calm about it
      nice held motif spyglass: Spyglass`,
    looks: [
      look(
        'At thirty-four',
        'top HA-118·chestnut, head HD-101·shell·quiet, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·shell, lower SK-721·lagoon+soot+chalk·border, right HE-921·brass+walnut',
      ),
      look(
        'As imagined',
        'top HA-118·rust, head HD-101·shell·quiet, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·shell, lower SK-721·lagoon+soot+chalk·border, right HE-921·brass+walnut',
      ),
      look(
        'At nineteen',
        'top HA-176·rust+lagoon, head HD-101·shell·freckled, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·shell, legs LG-706·slate+soot, right HE-921·brass+walnut',
        { year: 1890 },
      ),
      look(
        'At seventy, house tone',
        'top HA-118·silver, head HD-101·biscuit·early-glasses, neck SC-812·lagoon+chalk, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·biscuit, lower SK-721·lagoon+soot+chalk·border, right HE-921·brass+walnut',
        { year: 1941, skinSchool: 'house' },
      ),
    ],
  }),
];
