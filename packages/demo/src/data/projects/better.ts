import { OFFICIAL_FIGURES } from '../catalogue/official.js';
import { type DemoFigure, figure, look } from './row.js';

/** Official figures to be improved: as they were sold, and what could be done. One is fine as it is. */
const better = (id: string, official: string, story: string, wanted: string, colours: string, improved: string | null): DemoFigure => {
  const sold = OFFICIAL_FIGURES.find((row) => row.id === official);
  if (!sold) throw new RangeError(`There is no official figure ${official}`);
  const asMade = { name: 'As made', parts: sold.parts, verdict: null, variation: null };
  return {
    ...figure(id, {
      role: official,
      name: sold.name,
      age: sold.id === 'LR-07-b' ? 'child' : 'adult',
      colours,
      story,
      wanted,
      looks: improved === null ? [] : [look('Better', improved)],
    }),
    looks:
      improved === null
        ? [{ ...asMade, verdict: { stars: 5, words: 'Nothing would make her better.', leave: true } }]
        : [asMade, look('Better', improved)],
    chosen: improved === null ? 0 : 1,
  };
};

export const BETTER: readonly DemoFigure[] = [
  better(
    'better-mooring',
    'LR-01-a',
    'Plain legs, plain face, and a rope he never had.',
    `want face expression glad: The same smile
      want torso motif sailor-collar: The same collar
      want legs motif rolled-hems: Rolled hems`,
    'chalk woad',
    'top HT-211·straw+woad, head HD-101·almond·bright, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·almond, legs LG-701·oatmeal+walnut, right HE-945·teak+woad+chalk',
  ),
  better(
    'better-dock',
    'LR-01-b',
    'The belt is printed, the shirt is fine, the legs are bare.',
    `want torso motif shirt-buttons: The buttoned shirt
      want legs motif knee-patch: Patched knees
      want face motif brows: The brows`,
    'fog walnut',
    'top HA-124·walnut, head HD-101·clay·smirk, torso TO-401·fog·dock-shirt-early, arms AR-501·fog, hands HN-601·clay, legs LG-701·walnut+soot·dock-patch',
  ),
  better(
    'better-keeper',
    'LR-07-a',
    'Nothing wrong with her.',
    `must face motif glasses-round: Round glasses
      want held motif lantern: The lantern`,
    'saffron lagoon',
    null,
  ),
  better(
    'better-drum',
    'LR-07-b',
    'The hair sits on his eyebrows.',
    `want face expression merry: Merry
      want held motif drumsticks: Drumsticks
      want whole height child: Height of a child`,
    'madder slate',
    'top HA-109·bark, head HD-101·almond·sprat, torso TO-401·madder·drum-tunic, arms AR-501·madder, hands HN-601·almond, lower LG-708·slate+soot, left HE-910·teak+chalk, right HE-910·teak+chalk',
  ),
  better(
    'better-captain',
    'LR-09-a',
    'A captain in white trousers deserves boots.',
    `must torso motif crew-jacket: Crew jacket
      want legs motif tall-boots: Boots
      want headgear shape peak: Peaked cap`,
    'woad chalk',
    'top HT-204·woad+ink+brass, head HD-101·rosewood·weathered, torso TO-401·woad·heron-jacket, arms AR-501·woad, hands HN-601·rosewood, legs LG-701·ink+soot·carrier-tails',
  ),
  better(
    'better-carrier',
    'MP-05-a',
    'Her second face shows under the cap.',
    `must torso motif post-coat: Carrier coat
      want neck motif satchel: The satchel
      want headgear shape tied: Hair that covers the back`,
    'woad ink',
    'top HA-118·chestnut, head HD-101·honey·quiet, neck BG-820·teak+brass, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·honey, legs LG-701·ink+soot·carrier-tails, right HE-915·chalk+madder',
  ),
  better(
    'better-purser',
    'MP-05-b',
    'Gloves on a man who counts coins.',
    `want face motif moustache: The moustache
      want hands colour wheat: Bare hands
      want torso motif post-coat: The coat`,
    'woad ink',
    'top HA-124·walnut, head HD-101·wheat·purser, torso TO-401·woad·carrier-coat, arms AR-501·woad, hands HN-601·wheat, legs LG-701·ink+soot·uniform-stripe',
  ),
  better(
    'better-sorter',
    'MP-02-a',
    'He needs sleeves rolled and something to sort.',
    `want torso motif waistcoat: Waistcoat
      want held motif letter: A letter
      want arms shape short sleeve: Rolled sleeves`,
    'storm oatmeal',
    'top HA-124·slate, head HD-101·wheat·night-clerk, torso TO-401·storm·sorter-waistcoat, arms AR-510·oatmeal+wheat, hands HN-601·wheat, legs LG-701·ink+soot·uniform-stripe, right HE-915·chalk+madder',
  ),
  better(
    'better-weather',
    'MP-08-a',
    'A cape that long wants hair that short.',
    `must torso motif post-coat: Keeper coat
      want neck motif cape: The cape
      want headgear shape tied: Hair up`,
    'bottle storm',
    'top HA-140·straw, head HD-101·rosewood·weathered, neck CP-806·storm+pewter, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·rosewood, legs LG-701·storm+soot·keeper-tails',
  ),
];
