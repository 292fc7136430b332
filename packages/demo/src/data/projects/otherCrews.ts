import { type DemoFigure, member } from './row.js';

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
