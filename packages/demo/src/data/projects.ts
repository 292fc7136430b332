import { BETTER, LAMPLIGHTERS, SLEET } from './projectsAlone.js';
import { KINGFISHER, ODILE, OTTER, WINTER_POST_MORE } from './projectsMore.js';
import { figure, look, type DemoFigure, type DemoLineUp } from './projectRow.js';

const HERON: readonly DemoFigure[] = [
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

const WINTER_POST: readonly DemoFigure[] = [
  figure('perrin-oake', {
    role: 'Carrier',
    name: 'Perrin Oake',
    age: 'adult',
    colours: 'woad ink',
    story: 'Carries the river round in all weathers, on foot by choice.',
    wanted: `must torso motif post-coat: Carrier coat
      must neck motif satchel: The satchel
      want headgear shape peak: Peaked cap
      want face motif moustache: Moustache
      want held motif letter: A letter in hand
      want legs motif coat-tails: Coat carried on below
      nice torso colour woad: Post blue`,
    looks: [
      look(
        'On the round',
        'top HT-204·woad+ink+brass, head HD-101·wheat·purser, neck BG-820·teak+brass, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·wheat, legs LG-701·ink+soot·carrier-tails, right HE-915·chalk+madder',
      ),
      look(
        'Deep snow',
        'top HT-220·woad+chalk, head HD-101·wheat·purser, neck BG-820·teak+brass, neck2 SC-812·madder+chalk, neck3 CP-801·ink+pewter, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·soot, legs LG-701·ink+soot·carrier-tails, right HE-915·chalk+madder',
      ),
    ],
  }),
  figure('vesper-arl', {
    role: 'Weather keeper',
    name: 'Vesper Arl',
    age: 'adult',
    school: 'on paper',
    colours: 'bottle storm frost',
    story: 'Reads the sky from the mast and is believed about half the time.',
    wanted: `must torso motif post-coat: Keeper coat
      want torso colour bottle: Bottle green
      want headgear colour frost: Frost hair
      want headgear shape tied, length 2: Hair up, for the wind
      want neck motif cape: A long cape
      want face expression calm: Level calm`,
    looks: [
      look(
        'As made',
        'top HA-152·frost, head HD-101·rosewood·weathered, neck CP-806·storm+pewter, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·rosewood, legs LG-701·storm+soot·keeper-tails',
      ),
      look(
        'On paper',
        'top HA-140·frost, head HD-101·rosewood·weathered, neck CP-806·storm+pewter, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·rosewood, legs LG-701·storm+soot·keeper-tails',
      ),
    ],
  }),
  figure('hob-linnet', {
    role: 'Sorter',
    name: 'Hob Linnet',
    age: 'adult',
    colours: 'chalk storm',
    story: 'Sorts by handwriting. Knows everybody, has met nobody.',
    wanted: `must face motif glasses-square: Square glasses
      want torso motif waistcoat: Sorter waistcoat
      want face expression weary: Tired after the late bag
      want arms shape short sleeve: Sleeves rolled
      want headgear colour slate: Greying hair
      nice held motif letter: A letter`,
    looks: [
      look(
        'Night shift',
        'top HA-124·slate, head HD-101·wheat·night-clerk, torso TO-401·storm·sorter-waistcoat, arms AR-510·oatmeal+wheat, hands HN-601·wheat, legs LG-701·ink+soot·uniform-stripe, right HE-915·chalk+madder',
      ),
    ],
  }),
];

export const LINE_UPS: readonly DemoLineUp[] = [
  { id: 'heron-crew', name: 'The Heron crew', figures: HERON },
  { id: 'otter-crew', name: 'The Otter crew', figures: OTTER },
  { id: 'kingfisher-crew', name: 'The Kingfisher crew', figures: KINGFISHER },
  { id: 'winter-post', name: 'Winter Post, edition 1', figures: [...WINTER_POST, ...WINTER_POST_MORE] },
  { id: 'better', name: 'Nine that could be better', figures: BETTER },
  { id: 'odile', name: 'Odile Marsh', figures: ODILE },
  { id: 'sleet', name: 'Sleet', figures: SLEET },
  { id: 'lamplighters', name: 'Forty lamplighters', figures: LAMPLIGHTERS },
];
