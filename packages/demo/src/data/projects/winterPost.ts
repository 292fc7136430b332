import { member, type DemoFigure, figure, look } from './row.js';

const post = (id: string, role: string, name: string, colours: string, story: string, wanted: string, parts: string): DemoFigure =>
  member(id, role, name, 'adult', colours, story, wanted, ['Edition 1', parts]);

export const WINTER_POST: readonly DemoFigure[] = [
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
