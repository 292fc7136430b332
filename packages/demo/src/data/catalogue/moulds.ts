import { mould, type MouldRow } from './mouldRow.js';

/**
 * Every mould, a line of facts each: number, name, nicknames after a slash, silhouette, then what its family needs.
 * Hair and hats: rise above the head in mm; hair: its length 0–4. What each hides of the body is measured from the
 * drawings (`covers.ts`).
 */
const ROWS: readonly MouldRow[] = [
  {
    family: 'head',
    rows: [
      ['HD-101 Head', 'head'],
      ['HD-140 Fox head / reynard', 'head-ears', 'own-headgear'],
      ['HD-146 Heron head / stork', 'head-beak', 'own-headgear'],
    ],
  },
  {
    family: 'hair',
    rows: [
      ['HA-103 Crop / buzz, stubble cut', 'hair-cropped', 'rise 0.9, length 0, short smooth loose'],
      ['HA-106 Ring of hair / abbot, tonsure', 'hair-ring', 'rise 0, length 0, short bald-crown loose'],
      ['HA-109 Short curls / sheep, corks', 'hair-curls', 'rise 2.8, length 1, loose curled short'],
      ['HA-112 Spikes / hedgehog', 'hair-spikes', 'rise 3.4, length 1, loose spiked short'],
      ['HA-115 Flat top / brush', 'hair-flat-top', 'rise 4.2, length 1, loose coiled short'],
      ['HA-118 Low knot / bun, librarian', 'hair-low-knot', 'rise 2.9, length 2, tied parted smooth'],
      ['HA-121 Quiff / wave', 'hair-quiff', 'rise 5, length 1, loose swept short'],
      ['HA-124 Side parting / clerk', 'hair-side-parting', 'rise 3, length 1, loose parted smooth short'],
      ['HA-127 Top knot / pinecone', 'hair-top-knot', 'rise 5.4, length 2, tied swept smooth'],
      ['HA-131 Side tail / ponytail, comma', 'hair-side-tail', 'rise 3, length 3, tied tail smooth'],
      ['HA-134 High ponytail / horse tail', 'hair-high-tail', 'rise 2.6, length 3, tied tail swept'],
      ['HA-137 Low ponytail / ribbon tail', 'hair-low-tail', 'rise 2.7, length 3, tied tail parted'],
      ['HA-140 Crown braid / loaf, wreath', 'hair-crown-braid', 'rise 3.2, length 2, tied braided'],
      ['HA-143 Long plait / rope', 'hair-long-plait', 'rise 2.7, length 4, tied braided parted'],
      ['HA-146 Shoulder plait / bell rope', 'hair-shoulder-plait', 'rise 2.8, length 3, tied braided parted'],
      ['HA-149 Half tied / teacher', 'hair-half-tied', 'rise 2.8, length 4, half-tied swept smooth'],
      ['HA-152 Long loose / curtain', 'hair-long-loose', 'rise 2.9, length 4, loose parted smooth'],
      ['HA-155 Long waves / tide', 'hair-long-wavy', 'rise 2.9, length 4, loose parted wavy'],
      ['HA-158 Long curls / bramble', 'hair-long-curls', 'rise 3.4, length 3, loose curled fringe'],
      ['HA-160 Bob / bell', 'hair-bob', 'rise 2.8, length 2, loose parted smooth'],
      ['HA-163 Bowl fringe / mushroom', 'hair-bowl-fringe', 'rise 2.8, length 2, loose fringe smooth'],
      ['HA-165 Page cut / helmet hair', 'hair-page', 'rise 2.7, length 2, loose fringe smooth'],
      ['HA-167 Wavy bob / ripple', 'hair-wavy-bob', 'rise 2.9, length 2, loose parted wavy'],
      ['HA-170 Windblown / gull', 'hair-windblown', 'rise 5.2, length 1, loose tousled short'],
      ['HA-173 Shag / haystack', 'hair-shaggy', 'rise 2.6, length 2, loose tousled fringe'],
      ['HA-176 Two plaits / handlebars, plaits', 'hair-two-plaits', 'rise 2.9, length 3, tied braided parted'],
      ['HA-179 Two knots / teapot', 'hair-two-knots', 'rise 4, length 2, tied parted'],
      ['HA-182 Halo / dandelion clock', 'hair-halo', 'rise 4.6, length 2, loose curled round'],
      ['HA-185 Locks / ropes', 'hair-locks', 'rise 2.8, length 3, loose locks parted'],
      ['HA-188 Tied locks / anchor chain', 'hair-locks-tied', 'rise 2.8, length 3, tied locks tail'],
      ['HA-191 Crest / cockatoo', 'hair-crest', 'rise 6.4, length 1, crest spiked shaved-sides'],
      ['HA-194 Side shave / swoop', 'hair-side-shaved', 'rise 3.2, length 2, loose swept shaved-sides'],
      ['HA-X01 Storm mane', 'hair-windblown', 'rise 5.2, length 2, loose tousled, third party'],
    ],
  },
  {
    family: 'hat',
    rows: [
      ['HT-204 Peaked cap / postcap', 'hat-peaked-cap', 'rise 3.2, brim peak'],
      ['HT-208 Bowler / pudding', 'hat-bowler', 'rise 3.8, brim round-crown, hole pin'],
      ['HT-211 Flat straw hat / pie lid', 'hat-boater', 'rise 2.7, brim wide-brim, hole pin'],
      ['HT-215 Top hat / chimney', 'hat-top', 'rise 6.2, brim tall-crown, hole pin'],
      ['HT-218 Wide hat / sunshade', 'hat-wide', 'rise 3, brim wide-brim, hole pin'],
      ['HT-220 Bobble hat / onion', 'hat-bobble', 'rise 6.2, knitted no-brim'],
      ['HT-224 Beret / pancake', 'hat-beret', 'rise 4, no-brim soft-crown, hole pin'],
      ['HT-228 Wind cone / winder', 'hat-cone', 'rise 8.8, brim tall-crown'],
      ['HT-231 Drum hat / tin', 'hat-drum', 'rise 4.8, no-brim tall-crown, hole plume'],
      ['HT-235 Headscarf / dumpling', 'hat-headscarf', 'rise 2.8, cloth tied'],
      ['HT-238 Bandana / knot', 'hat-bandana', 'rise 2.6, cloth tied'],
      ['HT-242 Bee hat / beekeeper, tent', 'hat-bee-veil', 'rise 3, brim wide-brim veil'],
      ['HT-246 Flower wreath / salad', 'hat-wreath', 'rise 0.8, flowers'],
      ['HT-250 Diadem / tiara', 'hat-diadem', 'rise 2.6, crown'],
    ],
  },
  {
    family: 'helmet',
    rows: [
      ['HM-262 Flyer helmet / owl', 'helmet-flyer', 'rise 3.8, fitted ear-flaps'],
      ['HM-266 Diver helmet / fishbowl, globe', 'helmet-diver', 'rise 4.4, round window'],
      ['HM-270 Crash helmet / nut', 'helmet-crash', 'rise 3.6, fitted, hole plume goggles'],
    ],
  },
  {
    family: 'hat with hair',
    rows: [
      ['HH-304 Storm hat with hair / fishwife', 'hat-souwester-hair', 'rise 4.2, length 2, brim wide-brim loose, hair 1'],
      ['HH-308 Beret with bob / painter', 'hat-beret-hair', 'rise 4, length 2, no-brim soft-crown loose, hair 2'],
      ['HH-312 Wide hat with waves / gardener', 'hat-wide-hair', 'rise 3, length 3, brim wide-brim loose wavy, hair 2'],
    ],
  },
  {
    family: 'hood',
    rows: [
      ['HO-330 Cowl / monk', 'hat-cowl', 'rise 3.8, hood, thick 0.8'],
      ['HO-336 Fur hood / snowdrift', 'hood-parka', 'rise 3.8, hood fur, thick 0.8'],
    ],
  },
  {
    family: 'add-on',
    rows: [
      ['AD-351 Plume / dusting', 'plume', 'fits plume'],
      ['AD-354 Goggles / frog', 'goggles', 'fits goggles'],
      ['AD-357 Flower pin', 'pin', 'fits pin'],
      ['AD-360 Feather / quill', 'feather', 'fits pin'],
    ],
  },
  { family: 'torso', rows: [['TO-401 Torso', 'torso']] },
  {
    family: 'arm',
    rows: [
      ['AR-501 Arm', 'arm', 'skin 0'],
      ['AR-510 Short-sleeved arm / rolled sleeve', 'arm-short', 'short-sleeve, skin 1'],
      ['AR-516 Gloved arm / gauntlet', 'arm-glove', 'glove'],
    ],
  },
  {
    family: 'hand',
    rows: [
      ['HN-601 Mitten hand', 'hand', 'skin 0'],
      ['HN-640 Hook / question mark', 'hook', 'hook'],
    ],
  },
  {
    family: 'wrist',
    rows: [
      ['WR-651 Cuff', 'cuff', 'thick 0.4'],
      ['WR-655 Bracelet / bangle', 'bracelet', 'thick 0.3'],
    ],
  },
  {
    family: 'legs',
    rows: [
      ['LG-701 Standard legs', 'legs', 'height 13, trousers'],
      ['LG-706 Mid legs', 'legs-mid', 'height 10.6, trousers mid'],
      ['LG-708 Short legs / stumps', 'legs-short', 'height 7.8, trousers short, lower'],
    ],
  },
  { family: 'hips', rows: [['LG-712 Hips', 'hips', 'height 13']] },
  {
    family: 'leg',
    rows: [
      ['LG-714 Single leg', 'leg', 'trousers'],
      ['LG-718 Peg leg / stilt', 'peg', 'peg'],
    ],
  },
  {
    family: 'skirt',
    rows: [
      ['SK-721 Skirt / bell skirt', 'skirt', 'height 13, skirt'],
      ['SK-726 Gown / lampshade', 'gown', 'height 19.2, skirt gown'],
      ['SK-730 Sloped dress / slide', 'sloped-dress', 'height 13, skirt trailing'],
    ],
  },
  {
    family: 'animal body',
    rows: [
      ['AN-741 Deer body / trotter', 'deer-body', 'height 13, animal hooves'],
      ['AN-745 Fish tail / kipper', 'fish-tail', 'height 13, animal tail'],
    ],
  },
  {
    family: 'cape',
    rows: [
      ['CP-801 Short cape / capelet', 'cape-short', 'thick 0.8, depth 1, short, is cape'],
      ['CP-806 Long cape', 'cape-long', 'thick 0.8, depth 1, long, is cape'],
      ['CP-808 Split cape / swallow', 'cape-split', 'thick 0.8, depth 1, long split, is cape'],
      ['CP-810 Shoulder cape / half moon', 'cape-shoulder', 'thick 0.8, depth 1, short one-sided two-sided, is cape'],
    ],
  },
  {
    family: 'scarf',
    rows: [
      ['SC-812 Woven scarf', 'scarf', 'thick 1.4, collar 1.2, knotted, is woven-scarf'],
      ['SC-815 Ruff / cartwheel', 'ruff', 'thick 0.8, collar 1, is ruff'],
    ],
  },
  { family: 'fur', rows: [['FU-817 Fur collar / badger', 'fur', 'thick 1.2, collar 1.6, is fur-collar']] },
  {
    family: 'bag',
    rows: [
      ['BG-820 Post satchel / mailbag', 'satchel', 'thick 0.6, depth 0.4, is satchel'],
      ['BG-823 Quiver / pencil case', 'quiver', 'thick 0.8, depth 3, is quiver'],
      ['BG-826 Backpack', 'backpack', 'thick 1, depth 5, is backpack'],
    ],
  },
  {
    family: 'armour',
    rows: [
      ['PL-830 Breastplate / tureen', 'breastplate', 'thick 1, depth 0.6, is breastplate'],
      ['PL-834 Shoulder plates / beetle', 'shoulders', 'thick 1, collar 0.4, is shoulder-plates'],
      ['PL-838 Medal', 'medal', 'thick 0.4, is medal'],
    ],
  },
  {
    family: 'waist',
    rows: [
      ['WS-840 Waist sash', 'sash', 'thick 0.6, is waist-sash'],
      ['WS-844 Leather belt', 'belt', 'thick 0.6, is worn-belt'],
      ['WS-848 Waist cape / apron back', 'waist-cape', 'thick 0.6, is waist-cape'],
    ],
  },
  { family: 'beard', rows: [['BR-852 Long beard / waterfall', 'beard', 'thick 0.4, hair 0, is beard']] },
  { family: 'wings', rows: [['WG-856 Leaf wings / mayfly', 'wings', 'thick 0.8, depth 1.4, is wings']] },
  {
    family: 'held',
    rows: [
      ['HE-901 Lantern on a pole / moonstick', 'lantern-pole', 'height 16.8, grip bar, is lantern'],
      ['HE-904 Oar', 'oar', 'height 23.8, grip bar, is oar'],
      ['HE-907 Hand lantern', 'lantern', 'height 7, grip bar, is lantern'],
      ['HE-910 Drumstick', 'drumsticks', 'height 7.6, grip bar, is drumsticks'],
      ['HE-912 Bell', 'bell', 'height 5.4, grip bar, is bell'],
      ['HE-915 Letter', 'letter', 'height 1.8, grip flat, is letter'],
      ['HE-918 Book', 'book', 'height 3, grip flat, is book'],
      ['HE-921 Spyglass', 'spyglass', 'height 6.6, grip bar, is spyglass'],
      ['HE-923 Net', 'net', 'height 18, grip bar, is net'],
      ['HE-925 Broom', 'broom', 'height 18, grip bar, two hands, is broom'],
      ['HE-927 Watering can', 'watering-can', 'height 8, grip bar, is watering-can'],
      ['HE-929 Trowel', 'trowel', 'height 6, grip bar, is trowel'],
      ['HE-931 Fiddle', 'fiddle', 'height 9, grip bar, two hands, is fiddle'],
      ['HE-933 Loaf', 'loaf', 'height 3, grip clip, is loaf'],
      ['HE-935 Tray', 'tray', 'height 4, grip flat, is tray'],
      ['HE-937 Basket', 'basket', 'height 8, grip bar, is basket'],
      ['HE-939 Umbrella', 'umbrella', 'height 17, grip bar, is umbrella'],
      ['HE-941 Wrench', 'wrench', 'height 8, grip bar, is wrench'],
      ['HE-943 Winding key / butterfly', 'wind-key', 'height 7, grip bar, is winding-key'],
      ['HE-945 Boat hook', 'boat-hook', 'height 17.8, grip bar, two hands, is boat-hook'],
      ['HE-947 Spade', 'spade', 'height 8.8, grip bar, two hands, is spade'],
      ['HE-949 Ice axe', 'ice-axe', 'height 8, grip bar, is ice-axe'],
      ['HE-950 Flag', 'flag', 'height 17, grip bar, is flag'],
    ],
  },
  {
    family: 'foot',
    rows: [
      ['FT-951 Foot plate / riser', 'foot-plate', 'height 3.2'],
      ['FT-954 Stud', 'foot-stud', 'height 1.6'],
      ['FT-957 Boot extension / platform', 'boot-extension', 'height 3.2'],
    ],
  },
  {
    family: 'beside',
    rows: [
      ['BS-961 Ferry dog', 'dog', 'height 9.8, is dog'],
      ['BS-963 Tram cat', 'cat', 'height 10.6, is cat'],
      ['BS-965 Gull', 'gull', 'height 8, is bird'],
      ['BS-967 Goat', 'goat', 'height 12, is goat'],
      ['BS-969 Auk', 'auk', 'height 9.8, is bird'],
      ['BS-971 Crate', 'crate', 'height 7.2, is crate'],
      ['BS-973 Barrow', 'barrow', 'height 8.4, is barrow'],
    ],
  },
  {
    family: 'stand',
    rows: [
      ['ST-981 Base plate', 'stand-plate'],
      ['ST-984 Flying stand', 'stand-flying'],
    ],
  },
];

export const MOULDS = ROWS.flatMap(({ family, rows }) =>
  rows.map(([title, silhouette, facts]) => mould(family, title, silhouette, facts ?? '')),
);
