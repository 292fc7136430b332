/**
 * What people say for what catalogues call otherwise. An everyday word is looked for by its first meaning that there is, and only
 * when nothing is called by the word itself.
 */
const EVERYDAY: Readonly<Record<string, readonly string[]>> = {
  wig: ['hair'],
  hairdo: ['hair'],
  haircut: ['hair'],
  headgear: ['hat', 'hair'],
  bonnet: ['hat', 'hood'],
  sword: ['blade', 'axe', 'hook'],
  weapon: ['axe', 'hook', 'spade'],
  knife: ['blade', 'trowel', 'axe'],
  staff: ['pole', 'oar', 'broom'],
  stick: ['drumstick', 'pole'],
  lamp: ['lantern'],
  light: ['lantern'],
  trousers: ['legs'],
  pants: ['legs'],
  jeans: ['legs'],
  shorts: ['legs'],
  shoe: ['boots', 'foot'],
  shoes: ['boots', 'foot'],
  dress: ['gown', 'skirt'],
  frock: ['gown', 'skirt'],
  shirt: ['shirt', 'torso'],
  body: ['torso'],
  chest: ['torso'],
  jumper: ['knit', 'jersey'],
  sweater: ['knit', 'jersey'],
  coat: ['coat', 'jacket'],
  cloak: ['cape'],
  mantle: ['cape'],
  necklace: ['medal'],
  purse: ['bag', 'satchel'],
  rucksack: ['backpack'],
  knapsack: ['backpack'],
  specs: ['glasses'],
  spectacles: ['glasses'],
  whiskers: ['beard', 'moustache'],
  face: ['head'],
  glove: ['hand', 'mitten'],
  gloves: ['hand', 'mitten'],
  puppy: ['dog'],
  kitten: ['cat'],
  box: ['crate'],
  violin: ['fiddle'],
  telescope: ['spyglass'],
  bread: ['loaf'],
  shovel: ['spade'],
  spanner: ['wrench'],
};

/** The meanings of an everyday word, the likeliest first; none when it is no such word. */
export const meaningsOf = (word: string): readonly string[] =>
  EVERYDAY[word] ?? (word.length > 3 && word.endsWith('s') ? (EVERYDAY[word.slice(0, -1)] ?? []) : []);

/** Words that part others and are part of no name: a query that has others does without them. */
export const LITTLE_WORDS: ReadonlySet<string> = new Set(
  'a an and as at by for from her his in into its of on onto or some that the their this to with without'.split(' '),
);
