import { plainShapingOf, type ShapeFamily, type Shaping } from '../shaping/index.js';

/** Families that are drawn but not told by descriptors: the silhouette that stands for each. */
export type DrawnKind = 'plume' | 'stand-plate';

/** What a part is taken for: a shape told by descriptors, or something drawn. */
export type Placed = { readonly shaping: Shaping } | { readonly drawn: DrawnKind };

type Rule = readonly [words: RegExp, placed: (said: string) => Placed];

const say = (family: ShapeFamily, ...told: readonly (readonly [key: string, value: string, words: RegExp])[]) => {
  return (said: string): Placed => {
    const values: Record<string, string> = { ...plainShapingOf(family).values };
    for (const [key, value, words] of told) if (words.test(said)) values[key] = value;
    return { shaping: { family, values } };
  };
};
const drawnAt =
  (kind: DrawnKind): ((said: string) => Placed) =>
  () => ({ drawn: kind });

const hair = say(
  'hair',
  ['length', '3', /\b(long|shoulder)\b/],
  ['length', '4', /\b(very long|waist|down the back)\b/],
  ['length', '2', /\b(bob|chin|medium|mid)\b/],
  ['length', '0', /\b(cropped|buzz|shaved|very short)\b/],
  ['tied', 'tail', /\b(ponytail|pony tail|tail)\b/],
  ['tied', 'two-tails', /\b(pigtails|two tails|bunches)\b/],
  ['tied', 'plait', /\b(plait|braid)\b/],
  ['tied', 'two-plaits', /\b(plaits|braids)\b/],
  ['tied', 'knot', /\b(bun|top knot|topknot|knot)\b/],
  ['tied', 'side-tail', /\bside (pony)?tail\b/],
  ['texture', 'wavy', /\b(wavy|waves)\b/],
  ['texture', 'curly', /\b(curly|curls)\b/],
  ['texture', 'tight', /\b(afro|coily|coils|tight)\b/],
  ['parting', 'left', /\b(parted|parting)\b/],
  ['parting', 'middle', /\b(middle|centre|center) part/],
  ['fringe', 'straight', /\b(fringe|bangs)\b/],
  ['fringe', 'swept', /\bswept\b/],
);
const hat = say(
  'hat',
  ['crown', 'tall', /\btop hat|tall\b/],
  ['crown', 'pointed', /\b(wizard|witch|pointed|cone)\b/],
  ['crown', 'flat', /\b(boater|flat|kepi)\b/],
  ['crown', 'soft', /\b(beret|beanie|soft)\b/],
  ['brim', 'narrow', /\b(bowler|fedora|derby|brim|top hat)\b/],
  ['brim', 'wide', /\b(wide|straw|sombrero|sun)\b/],
  ['brim', 'peak', /\b(cap|peak|peaked|visor)\b/],
  ['brim', 'turned-up', /\b(cowboy|tricorne|turned up)\b/],
  ['flaps', 'yes', /\b(flaps|ushanka|trapper)\b/],
  ['hair', 'short', /\bwith hair\b/],
);
const heldBy = (outline: string) =>
  say('held', ['outline', outline, /./], ['size', 'small', /\b(small|short|mini)\b/], ['size', 'large', /\b(large|long|big)\b/]);
const beside = (outline: string) =>
  say('beside', ['outline', outline, /./], ['size', 'small', /\b(small|baby|mini)\b/], ['size', 'large', /\b(large|big)\b/]);

const SIZES = [
  ['size', 'small', /\b(small|mini)\b/],
  ['size', 'large', /\b(large|big)\b/],
] as const;

/** Tried one after the other on everything that is said of a part; the first that fits is taken. */
const RULES: readonly Rule[] = [
  [/\b(hat|cap|bonnet|beret|beanie|sombrero|tricorne|turban|crown|tiara|headband)\b/, hat],
  [/\b(hood|cowl)\b/, say('hood', ['peak', 'pointed', /\bpointed\b/], ['edge', 'fur', /\bfur\b/], ['shoulders', 'none', /\bsmall\b/])],
  [
    /\b(helmet|helm)\b/,
    say(
      'helmet',
      ['face', 'half', /\b(visor|half)\b/],
      ['face', 'full', /\b(full|closed|diver|space)\b/],
      ['top', 'pointed', /\bpointed\b/],
    ),
  ],
  [/\b(beard|moustache piece)\b/, say('beard', ['length', '2', /\blong\b/], ['length', '0', /\bshort\b/])],
  [/\b(hair|wig|ponytail|pigtails|braids?|afro)\b/, hair],
  [
    /\b(cape|cloak|poncho)\b/,
    say('cape', ['length', '4', /\blong\b/], ['length', '1', /\bshort\b/], ['split', 'yes', /\bsplit\b/], ['collar', 'high', /\bcollar\b/]),
  ],
  [/\b(scarf|bandana|ruff|neckerchief)\b/, say('scarf', ['kind', 'ruff', /\bruff\b/])],
  [/\bcollar\b/, say('scarf', ['kind', 'collar', /./])],
  [
    /\b(skirt|dress|gown|robe)\b/,
    say('skirt', ['kind', 'gown', /\b(gown|robe|long dress)\b/], ['length', '1', /\bshort\b/], ['flare', '2', /\bwide\b/]),
  ],
  [/\b(legs?|hips|trousers|pants)\b/, say('legs', ['length', 'short', /\b(short|child)\b/], ['length', 'mid', /\b(mid|medium|teen)\b/])],
  [/\b(torso|body|upper body|shirt|jacket)\b/, say('torso', ['build', 'slim', /\bslim\b/], ['build', 'broad', /\b(broad|wide|large)\b/])],
  [
    /\b(arm|arms|sleeve)\b/,
    say(
      'arm',
      ['sleeve', 'short', /\bshort\b/],
      ['sleeve', 'none', /\bbare\b/],
      ['sleeve', 'wide', /\bwide\b/],
      ['sleeve', 'glove', /\bglove/],
    ),
  ],
  [/\bhook\b/, say('hand', ['kind', 'hook', /./])],
  [/\b(hand|hands|gloves?|claws?)\b/, say('hand', ['kind', 'glove', /\bglove/], ['kind', 'claw', /\bclaw/])],
  [
    /\bmask\b/,
    say('mask', ['covers', 'eyes', /\b(eyes?|half)\b/], ['covers', 'mouth', /\bmouth\b/], ['form', 'beak', /\b(beak|bird|plague)\b/]),
  ],
  [
    /\b(head|face)\b/,
    say(
      'head',
      ['ears', 'pointed', /\b(fox|cat|wolf|pointed ears)\b/],
      ['ears', 'round', /\b(bear|mouse|round ears)\b/],
      ['ears', 'long', /\b(hare|rabbit|long ears)\b/],
      ['ears', 'side', /\bears\b/],
      ['face', 'snout', /\b(fox|wolf|bear|cat|mouse|snout)\b/],
      ['face', 'beak', /\b(bird|heron|owl|beak)\b/],
      ['horns', 'short', /\bhorns?\b/],
    ),
  ],
  [
    /\b(belt|sash|waist|apron)\b/,
    say(
      'waist',
      ['kind', 'sash', /\bsash\b/],
      ['kind', 'apron', /\bapron\b/],
      ['kind', 'cape', /\b(cape|skirt)\b/],
      ['pouch', 'yes', /\bpouch\b/],
    ),
  ],
  [/\b(backpack|rucksack|quiver|bedroll)\b/, say('pack', ['kind', 'quiver', /\bquiver\b/], ['kind', 'roll', /\bbedroll\b/], ...SIZES)],
  [/\b(satchel|shoulder bag|messenger)\b/, say('pack', ['kind', 'side', /./], ...SIZES)],
  [
    /\b(breastplate|armou?r|cuirass|pauldrons?)\b/,
    say(
      'armour',
      ['kind', 'breast', /\b(breastplate|cuirass)\b/],
      ['kind', 'shoulders', /\b(shoulder|pauldrons?)\b/],
      ['surface', 'scales', /\bscale/],
    ),
  ],
  [
    /\bwings?\b/,
    say(
      'wings',
      ['kind', 'insect', /\b(insect|fly|bee|fairy)\b/],
      ['kind', 'leaf', /\bleaf\b/],
      ['kind', 'frame', /\b(bat|glider|mechanical)\b/],
    ),
  ],
  [/\b(plume|feather)\b/, drawnAt('plume')],
  [/\b(stand|base plate|display base)\b/, drawnAt('stand-plate')],
  [/\b(sword|blade|dagger|knife|sabre|katana)\b/, heldBy('blade')],
  [/\b(axe|hatchet)\b/, heldBy('axe')],
  [/\b(hammer|mallet|mace)\b/, heldBy('hammer')],
  [/\b(bow|crossbow)\b/, heldBy('bow')],
  [/\b(oval|long|tower|kite) shield\b/, heldBy('long shield')],
  [/\bshield\b/, heldBy('round shield')],
  [/\b(staff|spear|pole|wand|stick|lance|trident|broom)\b/, heldBy('staff')],
  [/\b(oar|paddle)\b/, heldBy('oar')],
  [/\b(cup|mug|goblet|glass)\b/, heldBy('cup')],
  [/\b(bottle|flask|vial)\b/, heldBy('bottle')],
  [/\b(book|tome)\b/, heldBy('book')],
  [/\b(letter|envelope|paper|map|newspaper)\b/, heldBy('letter')],
  [/\b(lantern|lamp|torch|flashlight)\b/, heldBy('lantern')],
  [/\b(bag|suitcase|briefcase|handbag|purse|bucket)\b/, heldBy('bag')],
  [/\bbasket\b/, heldBy('basket')],
  [/\b(wrench|spanner|tool|screwdriver|drill|spade|shovel|saw)\b/, heldBy('tool')],
  [/\bwheel\b/, heldBy('wheel')],
  [/\b(rope|coil|lasso|whip)\b/, heldBy('rope')],
  [/\b(guitar|fiddle|violin|lute|instrument|drum|trumpet)\b/, heldBy('instrument')],
  [/\b(bread|loaf|food|croissant|fruit|apple|carrot)\b/, heldBy('loaf')],
  [/\b(flag|banner)\b/, heldBy('flag')],
  [/\b(umbrella|parasol)\b/, heldBy('umbrella')],
  [/\b(dog|puppy|wolf|fox)\b/, beside('dog')],
  [/\b(cat|kitten|rabbit|squirrel)\b/, beside('cat')],
  [/\b(goat|sheep|pig|cow|horse|deer|donkey)\b/, beside('goat')],
  [/\b(bird|parrot|owl|gull|duck|chicken|raven|eagle)\b/, beside('bird')],
  [/\b(fish|shark|dolphin)\b/, beside('fish')],
  [/\b(lizard|snake|dragon|frog|turtle)\b/, beside('lizard')],
  [/\b(spider|beetle|insect|crab|scorpion)\b/, beside('beetle')],
  [/\b(plant|tree|flower|bush)\b/, beside('plant')],
  [/\b(barrel|keg|pot)\b/, beside('barrel')],
  [/\b(chair|stool|seat|bench|table)\b/, beside('stool')],
  [/\b(boat|canoe|raft)\b/, beside('boat')],
  [/\b(skateboard|surfboard|board|sled|ski|skis)\b/, beside('board')],
  [/\b(box|crate|chest|case)\b/, beside('box')],
];

/** The families a whole kind of part may be said to be, each with the words a rule would know it by. */
const FAMILY_WORDS: Readonly<Record<ShapeFamily, string>> = {
  hair: 'hair',
  hat: 'hat',
  helmet: 'helmet',
  hood: 'hood',
  mask: 'mask',
  head: 'head',
  torso: 'torso',
  arm: 'arm',
  hand: 'hand',
  armour: 'armour',
  pack: 'backpack',
  wings: 'wings',
  waist: 'waist',
  cape: 'cape',
  scarf: 'scarf',
  beard: 'beard',
  skirt: 'skirt',
  legs: 'legs',
  held: 'tool',
  beside: 'box',
};

/**
 * What a part is, from its name and its kind in words: the name's own words go before those of its kind. `as` says what its kind was
 * decided to be. Null for what no word tells.
 *
 * For example: placeByWords('Long wavy ponytail', 'Hair') gives hair, length 3, tied tail, texture wavy.
 */
export function placeByWords(name: string, category: string, as?: ShapeFamily): Placed | null {
  const said = `${name} `.toLowerCase();
  const kind = category.toLowerCase();
  if (as !== undefined) return ruleFor(FAMILY_WORDS[as])?.(said) ?? null;
  return (ruleFor(said) ?? ruleFor(kind))?.(said) ?? null;
}

const ruleFor = (words: string): Rule[1] | undefined => RULES.find(([pattern]) => pattern.test(words))?.[1];
