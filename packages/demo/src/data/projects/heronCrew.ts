import { type DemoFigure, figure, look } from './row.js';

export const HERON: readonly DemoFigure[] = [
  figure('marta-quill', {
    role: 'Steer',
    name: 'Marta Quill',
    age: 'adult',
    colours: 'woad chalk',
    story: 'Sixty, steers the Heron boat for the fortieth summer and has opinions about paper.',
    more: { born: 1845, year: 1905 },
    wanted: `must torso motif crew-jacket: Crew jacket
      want face expression calm: Calm, amused face
      want headgear colour silver: Silver hair
      want headgear shape tied: Hair tied up
      nice face motif wrinkles: Sixty years of weather
      want torso colour woad: Heron blue
      nice whole height adult: Height of an adult`,
    looks: [
      look(
        'As made',
        'top HT-204·woad+ink+brass, head HD-101·rosewood·weathered, torso TO-401·woad·heron-jacket, arms AR-501·woad, hands HN-601·rosewood, legs LG-701·chalk+soot',
      ),
      look(
        'Bareheaded',
        'top HA-118·silver, head HD-101·rosewood·weathered, neck SC-812·chalk+saffron, torso TO-401·woad·heron-jacket, arms AR-501·woad, hands HN-601·rosewood, legs LG-701·chalk+soot',
      ),
    ],
    chosen: 1,
  }),
  figure('ibbe-lantry', {
    role: 'Bow lantern',
    name: 'Ibbe Lantry',
    age: 'adult',
    colours: 'saffron lagoon',
    story: 'Thirty-four, keeps the bow lantern lit through wind, rain and Corvin.',
    wanted: `must face motif glasses-round: Round glasses
      want torso motif tunic-diamonds: Tunic with diamonds
      want torso colour saffron: Saffron tunic
      want headgear shape tied, length 3: Long hair, tied
      want headgear colour raven: Raven hair
      want face expression calm: Calm, open face
      nice neck colour lagoon: Lagoon at the shoulders
      nice held motif lantern: A paper lantern
      nice whole height adult: Height of an adult`,
    looks: [
      look(
        'As made',
        'top HA-131·raven+cochineal, head HD-101·umber·reader, neck CP-801·lagoon+brass, torso TO-401·saffron·lantern-tunic, arms AR-501·saffron, hands HN-601·umber, legs LG-701·slate+soot·lantern-hem, left HE-901·walnut+clear-amber',
      ),
      look(
        'Festival',
        'top HA-131·raven+cochineal, head HD-101·umber·reader, neck CP-806·lagoon+brass, neck2 SC-812·weld+woad, torso TO-401·saffron·lantern-tunic, arms AR-501·saffron, hands HN-601·clay, legs LG-701·slate+soot·lantern-hem, left HE-901·walnut+clear-amber',
      ),
      look(
        'Plain',
        'top HA-118·chestnut, head HD-101·umber·reader, torso TO-401·saffron, arms AR-501·saffron, hands HN-601·umber, legs LG-701·slate+soot',
      ),
    ],
    chosen: 1,
  }),
  figure('toss-hallam', {
    role: 'Drum',
    name: 'Toss Hallam',
    age: 'child',
    colours: 'madder slate',
    story: 'Nine. Was given the drum so as to sit still.',
    more: { born: 1896, year: 1905 },
    wanted: `must held motif drumsticks: Drumsticks
      want face expression merry: Merry face
      want headgear colour straw: Straw hair
      want torso colour madder: Madder tunic
      nice face motif freckles: Freckles
      must whole height child: Height of a child`,
    looks: [
      look(
        'As made',
        'top HA-163·straw, head HD-101·almond·sprat, torso TO-401·madder·drum-tunic, arms AR-501·madder, hands HN-601·almond, lower LG-708·slate+soot, left HE-910·teak+chalk, right HE-910·teak+chalk',
      ),
      look(
        'First try',
        'top HA-124·walnut, head HD-101·almond·sprat, torso TO-401·madder·drum-tunic, arms AR-501·madder, hands HN-601·almond, legs LG-701·slate+soot, left HE-910·teak+chalk, right HE-910·teak+chalk',
      ),
    ],
  }),
  figure('juno-sedge', {
    role: 'Oar',
    name: 'Juno Sedge',
    age: 'youth',
    colours: 'woad chalk',
    story: 'Sixteen, second oar, and faster than first.',
    wanted: `must held motif oar: An oar
      want torso motif hoop-stripes: Hooped jersey
      want headgear shape braided: Plaits
      want headgear colour rust: Rust hair
      want face motif freckles: Freckles
      nice legs colour ink: Dark trousers
      want whole height youth: Height of a sixteen-year-old`,
    looks: [
      look(
        'Race day',
        'top HA-176·rust+lagoon, head HD-101·shell·freckled, torso TO-401·woad·heron-jersey, arms AR-510·woad+almond, hands HN-601·shell, legs LG-706·ink+walnut, right HE-904·teak+madder',
      ),
      look(
        'In training',
        'top HA-176·bark+chalk, head HD-101·shell·freckled, torso TO-401·chalk, arms AR-510·oatmeal+wheat, hands HN-601·shell, legs LG-706·slate+soot, right HE-904·teak+chalk',
      ),
    ],
  }),
  figure('corvin-pell', {
    role: 'Oar',
    name: 'Corvin Pell',
    age: 'adult',
    colours: 'woad ink',
    story: 'Twenty-seven, first oar, rows as if the river owed him money.',
    wanted: `must held motif oar: An oar
      must face motif scar: The scar
      want face expression brave: Fearless face
      want torso motif hoop-stripes: Hooped jersey
      want headgear shape tousled, length 1: Windblown hair
      want headgear colour ember: Ember hair
      nice whole height adult: Height of an adult`,
    looks: [
      look(
        'Race day',
        'top HA-170·walnut, head HD-101·clay·rival, torso TO-401·woad·heron-jersey, arms AR-510·woad+almond, hands HN-601·clay, legs LG-701·ink+walnut, right HE-904·teak+woad',
      ),
      look(
        'Copper top',
        'top HA-170·ember, head HD-101·wheat·rival, torso TO-401·woad·heron-jersey, arms AR-501·woad, hands HN-601·wheat, legs LG-701·ink+walnut, right HE-904·teak+woad',
      ),
    ],
  }),
  figure('bram-otterby', {
    role: 'Rival steer',
    name: 'Bram Otterby',
    age: 'adult',
    colours: 'lagoon weld',
    story: 'Steers the Otter. Has never once mentioned last year.',
    wanted: `must face motif beard: A full beard
      want face expression calm: Untroubled face
      want neck motif woven-scarf: The long scarf
      want held motif spyglass: His spyglass
      want headgear shape brim: A hat against spray
      nice torso motif knit-rows: Winter knit`,
    looks: [
      look(
        'On the jetty',
        'top HH-304·weld+silver, head HD-101·almond·old-hand, neck SC-812·weld+woad, torso TO-401·lagoon·winter-knit, arms AR-501·lagoon, hands HN-601·almond, legs LG-701·slate+soot, right HE-921·brass+walnut',
      ),
    ],
  }),
];
