/**
 * The seven ranges in plain rows. A garment is a name, then what is printed on torso, legs and arms, with colours by
 * their role (base, main, trim, metal, legs), then its colourways as `base/main/trim/metal/legs`. Figures are drawn
 * from the roles by a seeded hand (`generate/`), so that uniforms share a palette and coats go on over matching legs.
 */
export interface RangeRow {
  readonly code: string;
  readonly name: string;
  /** `id: name = torso > legs > arms | colourways` */
  readonly garments: readonly string[];
  /** `role: garment, headgear…, neck…, held…` by mould numbers. */
  readonly roles: readonly string[];
  /** `id name, kind, year, figures` */
  readonly sources: readonly string[];
}

export const RANGES: readonly RangeRow[] = [
  {
    code: 'LR',
    name: 'Lantern Regatta',
    garments: [
      'crew-kingfisher: Kingfisher crew jacket = crew-jacket main base metal; bird-badge main back > jacket-hem base > shoulder-stripe main | lagoon/weld/chalk/brass/slate',
      'crew-jersey: rowing jersey = hoop-stripes main; belt trim metal > hip-belt trim metal > arm-hoops main | moss/chalk/soot/pewter/ink, lagoon/weld/walnut/brass/slate, madder/oatmeal/soot/brass/soot',
      'paper-maker: paper maker smock = lace-shirt trim main; ink-stains trim; rope-belt main > rolled-hems main | oatmeal/chalk/woad/tin/walnut, fog/chalk/cochineal/tin/slate',
      'ferry-wife: ferry shawl = shawl main trim; belt trim metal > | rust/weld/madder/brass/walnut, storm/rose-hip/ink/brass/ink, moss/oatmeal/walnut/copper/peat',
      'regatta-judge: judge tailcoat = tail-suit main base trim; star-badge metal > striped-legs main | ink/soot/madder/brass/slate, damson/ink/weld/brass/ink',
    ],
    roles: [
      'Kingfisher rower: crew-kingfisher, HA-170 HA-124 HA-176 HT-211, , HE-904',
      'Otter rower: crew-jersey, HA-109 HA-131 HA-160 HT-220, , HE-904 HE-945',
      'Paper maker: paper-maker, HA-118 HA-173 HT-235 HT-238, , HE-937 HE-918',
      'Ferry keeper: ferry-wife, HT-235 HA-140 HH-304, SC-812, HE-907 HE-945',
      'Judge: regatta-judge, HT-215 HT-208 HA-106, PL-838, HE-950 HE-912',
    ],
    sources: [
      'LR-02 The tea jetty, boxed set, 2014, 2',
      'LR-03 River people bag 1, blind bag, 2016, 2',
      'LR-05 Midsummer book, book gift, 2018, 1',
      'LR-12 Kingfisher boathouse, boxed set, 2022, 3',
      'LR-13 Judge’s launch, magazine gift, 2023, 1',
      'LR-14 Night race, boxed set, 2024, 2',
    ],
  },
  {
    code: 'MP',
    name: 'Meridian Post',
    garments: [
      'pilot-coat: pilot coat = double-breasted trim base metal; fur-trim trim > jacket-hem base > fur-cuff trim | walnut/walnut/oatmeal/brass/peat, storm/storm/chalk/pewter/ink, bark/bark/straw/copper/soot',
      'sorter-smock: sorting smock = apron main; pockets trim > apron-skirt main > sleeve-garter trim | fog/storm/ink/pewter/slate, oatmeal/woad/soot/brass/walnut',
      'telegraph: telegraph shirt = waistcoat trim main metal; bow-tie trim > side-stripe metal > sleeve-garter trim | chalk/chalk/madder/brass/ink, sky-wash/chalk/ink/pewter/slate',
      'rigger: rigger harness = lace-shirt trim base; harness main metal > leg-straps main; lace-boots main trim | bluebell/walnut/chalk/brass/storm, verdigris/peat/oatmeal/copper/walnut',
      'winter-carrier: winter carrier coat = parka trim main; stamp-badge main trim front > parka-hem base main; tall-boots trim > fur-cuff main | woad/oatmeal/ink/brass/ink, bottle/chalk/soot/pewter/storm',
    ],
    roles: [
      'Airship pilot: pilot-coat, HM-262 HT-204, SC-812 FU-817, HE-921 HE-941',
      'Parcel sorter: sorter-smock, HA-118 HA-124 HT-224 HA-146, , HE-915 HE-937',
      'Telegraph clerk: telegraph, HA-121 HA-160 HT-208, , HE-915 HE-918',
      'Rigger: rigger, HA-188 HT-238 HA-112, BG-826, HE-941 HE-945',
      'Winter carrier: winter-carrier, HT-220 HO-336 HT-204, BG-820, HE-915 HE-907',
    ],
    sources: [
      'MP-01 First mail, boxed set, 2013, 2',
      'MP-03 Mast and mooring, boxed set, 2018, 3',
      'MP-06 Stamp collectors bag, blind bag, 2020, 3',
      'MP-09 The winter round, boxed set, 2022, 3',
      'MP-11 Postmaster, event exclusive, 2023, 1',
      'MP-12 Carriers’ almanac, book gift, 2025, 1',
    ],
  },
  {
    code: 'GH',
    name: 'Glasshouse',
    garments: [
      'gardener: gardener overalls = checked-shirt trim metal; overalls main metal > overall-legs main > elbow-patch trim | chalk/moss/madder/brass/slate, oatmeal/storm/fern/copper/walnut, sky-wash/bottle/weld/brass/peat',
      'botanist: botanist cardigan = cardigan trim main; leaf-badge trim front; tie main trim > checked-legs trim > elbow-patch main | lichen/walnut/oatmeal/brass/teak, rust/bottle/straw/brass/walnut',
      'beekeeper: beekeeper jacket = parka main trim; rope-belt trim > rolled-hems main | chalk/chalk/straw/tin/oatmeal, oatmeal/oatmeal/weld/tin/chalk',
      'seed-thief: seed thief coat = bodice trim main; bandolier trim metal > pocket-flaps trim; lace-boots soot trim > rivets metal | peat/damson/walnut/brass/soot, bottle/ink/bark/pewter/ink',
      'flower-seller: flower seller blouse = dotted-blouse main trim; embroidery trim main > hem-flowers trim metal > | petal/cochineal/chalk/weld/fern, chalk/rose-hip/petal/saffron/moss, pear/chalk/mallow/weld/bottle',
    ],
    roles: [
      'Gardener: gardener, HH-312 HT-218 HA-149 HT-235, , HE-927 HE-947 HE-929',
      'Botanist: botanist, HA-124 HA-118 HA-165, BG-820, HE-918 HE-929',
      'Beekeeper: beekeeper, HT-242, , HE-923 HE-907',
      'Seed thief: seed-thief, HA-194 HA-191 HO-330, CP-810 BG-826, HE-929 HE-937',
      'Flower seller: flower-seller, HT-246 HA-155 HA-158, , HE-937',
    ],
    sources: [
      'GH-01 The palm room, boxed set, 2014, 2',
      'GH-02 Potting shed, boxed set, 2016, 2',
      'GH-03 The lily house, boxed set, 2018, 3',
      'GH-04 Seed packets, blind bag, 2019, 3',
      'GH-05 Bee garden, magazine gift, 2020, 1',
      'GH-06 Midnight in the orangery, boxed set, 2022, 3',
      'GH-07 Garden diary, book gift, 2024, 1',
    ],
  },
  {
    code: 'NT',
    name: 'Night Tram',
    garments: [
      'conductor: conductor coat = post-coat base trim metal; bell-badge metal trim front > coat-tails base; side-stripe trim > shoulder-stripe metal | bottle/bottle/weld/brass/ink, damson/damson/chalk/brass/soot, ink/ink/madder/pewter/slate',
      'musician: musician tailcoat = tail-suit main trim metal; pocket-watch metal > striped-legs main > | soot/slate/chalk/cochineal/soot, cochineal/damson/chalk/weld/ink, storm/ink/sky-wash/brass/ink',
      'night-baker: baker whites = chef-coat trim main > flour-dust trim > sleeve-garter main | chalk/slate/fog/tin/chalk, fog/madder/chalk/tin/slate',
      'night-nurse: night nurse dress = dotted-blouse trim main; apron main > apron-skirt main > | bluebell/chalk/oatmeal/tin/slate, rose-hip/chalk/petal/tin/damson',
      'lamplighter: lamplighter waistcoat = checked-shirt trim metal; waistcoat main base metal > pocket-flaps main; tall-boots main > rivets metal | oatmeal/soot/teak/brass/walnut, fog/walnut/slate/copper/soot',
    ],
    roles: [
      'Conductor: conductor, HT-204 HT-231, , HE-912 HE-907',
      'Musician: musician, HA-182 HA-185 HT-215 HA-121, SC-812, HE-931',
      'Night baker: night-baker, HT-231 HA-103 HA-137, , HE-933 HE-935',
      'Night nurse: night-nurse, HA-118 HT-224 HA-143, , HE-935 HE-937',
      'Lamplighter: lamplighter, HT-208 HT-204 HA-173, , HE-901 HE-907',
    ],
    sources: [
      'NT-01 The last tram, boxed set, 2015, 2',
      'NT-02 Dough before dawn, boxed set, 2017, 2',
      'NT-03 Passengers bag, blind bag, 2018, 3',
      'NT-04 Band on the roof, boxed set, 2019, 3',
      'NT-05 Night ticket, magazine gift, 2021, 1',
      'NT-06 Depot in the snow, boxed set, 2023, 3',
      'NT-07 Conductor’s bell, event exclusive, 2024, 1',
    ],
  },
  {
    code: 'FL',
    name: 'Frostline',
    garments: [
      'sled-crew: sled crew parka = parka trim main; harness trim metal > parka-hem base main; knee-pads trim soot > fur-cuff main | saffron/oatmeal/soot/pewter/soot, madder/chalk/ink/pewter/ink, lagoon/frost/storm/tin/storm',
      'astronomer: astronomer robe = wrap-robe main trim; star-badge metal back > robe-hem base main > | ink/bluebell/silver/brass/ink, damson/heather/chalk/brass/ink',
      'polar-cook: polar cook apron = knit-rows main trim; apron trim > apron-skirt trim > | brick-dust/oatmeal/chalk/tin/slate, moss/chalk/fog/tin/walnut',
      'ice-driller: ice driller vest = quilted-vest trim metal; tool-belt main metal > knee-pads main trim; lace-boots main trim > rivets metal | weld/peat/slate/pewter/storm, sky-wash/walnut/ink/copper/slate',
      'signaller: signaller jacket = double-breasted trim base metal; key-ring metal > side-stripe trim > shoulder-stripe trim | storm/storm/saffron/brass/ink, verdigris/verdigris/ink/tin/storm',
    ],
    roles: [
      'Sled driver: sled-crew, HO-336 HM-262, FU-817 BG-826, HE-949 HE-907',
      'Astronomer: astronomer, HT-228 HA-152 HA-106, CP-806, HE-921 HE-918',
      'Polar cook: polar-cook, HT-220 HT-238 HA-109, , HE-935 HE-933',
      'Ice driller: ice-driller, HM-270 HT-220 HA-188, BG-826, HE-949 HE-941',
      'Signaller: signaller, HT-204 HA-134 HA-160, SC-812, HE-950 HE-907',
    ],
    sources: [
      'FL-01 Observatory, boxed set, 2016, 3',
      'FL-02 The long sled, boxed set, 2018, 2',
      'FL-03 Ice station bag, blind bag, 2019, 3',
      'FL-04 Aurora, magazine gift, 2021, 1',
      'FL-05 The great telescope, boxed set, 2023, 3',
      'FL-06 Winterers’ songbook, book gift, 2025, 1',
    ],
  },
  {
    code: 'TW',
    name: 'Tidewrack',
    garments: [
      'diver: diving suit = diving-suit trim metal > leg-straps trim; water-line trim > rivets metal | teak/teak/walnut/brass/walnut, storm/storm/lagoon/copper/storm',
      'keeper: lighthouse jersey = knit-rows main trim; key-ring metal > rolled-hems trim > arm-hoops main | ink/chalk/woad/brass/slate, woad/oatmeal/ink/brass/ink',
      'comber: beachcomber shirt = lace-shirt trim main; shell-badge trim front; rope-belt trim > rolled-hems main; knee-patch trim > arm-tattoo storm | sky-wash/chalk/teak/tin/oatmeal, apricot/chalk/rust/tin/hay, verdigris/oatmeal/walnut/tin/teak',
      'surveyor: wreck surveyor coat = post-coat trim main metal; pockets trim > jacket-hem base; tall-boots soot > elbow-patch trim | moss/oatmeal/walnut/brass/peat, rust/chalk/bark/copper/walnut',
      'salvager: salvage armour = armour-bands main metal; belt trim metal > leg-armour main > rivets metal | slate/pewter/walnut/brass/soot, peat/copper/soot/brass/peat',
    ],
    roles: [
      'Diver: diver, HM-266, BG-826, HE-907 HE-941',
      'Lighthouse keeper: keeper, HH-304 HT-204 HA-106, BR-852, HE-907 HE-921',
      'Beachcomber: comber, HA-185 HA-167 HT-218 HT-211, BG-820, HE-937 HE-923',
      'Wreck surveyor: surveyor, HA-146 HT-224 HA-124, SC-812, HE-921 HE-918',
      'Salvager: salvager, HM-270 HA-191 HT-238, PL-834 PL-830, HE-945 HE-941',
    ],
    sources: [
      'TW-01 Low water, boxed set, 2014, 2',
      'TW-02 The lamp room, boxed set, 2017, 2',
      'TW-03 Flotsam bag, blind bag, 2018, 3',
      'TW-04 Bell of the Ondine, boxed set, 2020, 3',
      'TW-05 Tide table, magazine gift, 2022, 1',
      'TW-06 Salvage yard, boxed set, 2024, 3',
      'TW-07 Build a beach, build-your-own, 2025, 0',
    ],
  },
  {
    code: 'CF',
    name: 'Clockfair',
    garments: [
      'wind-up: wind-up livery = armour-bands trim metal; wheel-badge metal trim > leg-armour metal > rivets metal | lagoon/brass/weld/brass/ink, cochineal/copper/chalk/copper/soot',
      'barker: barker waistcoat = waistcoat trim main metal; bow-tie trim > striped-legs main > sleeve-garter trim | cochineal/chalk/ink/brass/soot, weld/chalk/damson/brass/damson, mallow/chalk/soot/brass/ink',
      'acrobat: acrobat tunic = tunic-diamonds main trim; sash-diagonal trim > tunic-skirt base trim > arm-hoops main | chalk/cochineal/weld/brass/chalk, bluebell/weld/mallow/brass/ink, pear/damson/chalk/brass/damson',
      'fortune: fortune teller wrap = wrap-robe main trim; necklace metal trim; shawl main metal > skirt-waves metal trim > | damson/mallow/weld/brass/damson, bottle/heather/saffron/brass/ink',
      'mechanic: fair mechanic overalls = overalls main metal; tool-belt trim metal; wheel-badge metal trim > overall-legs main; knee-pads trim soot > elbow-patch trim | fog/woad/walnut/brass/slate, straw/rust/soot/brass/walnut',
    ],
    roles: [
      'Wind-up guard: wind-up, HT-231 HT-228, PL-834, HE-943 HE-950',
      'Barker: barker, HT-215 HT-208 HA-121, , HE-912 HE-939',
      'Acrobat: acrobat, HA-127 HA-179 HA-134 HA-191, , HE-950 HE-910',
      'Fortune teller: fortune, HT-235 HA-158 HA-185, FU-817, HE-918 HE-907',
      'Mechanic: mechanic, HA-115 HA-173 HT-238 HA-137, , HE-941 HE-943',
    ],
    sources: [
      'CF-01 The carousel, boxed set, 2015, 2',
      'CF-02 Ring of keys, boxed set, 2018, 2',
      'CF-03 Sideshow bag, blind bag, 2019, 3',
      'CF-04 The mechanical bear, boxed set, 2021, 3',
      'CF-05 Fair ticket, magazine gift, 2022, 1',
      'CF-06 Winding day, boxed set, 2024, 3',
      'CF-07 Master of the fair, event exclusive, 2025, 1',
    ],
  },
];

/** Names for the few figures that are somebody. */
export const PEOPLE =
  'Tamsin Reed, Odo Plank, Wilma Fenn, Jory Vane, Nell Harrow, Silas Wick, Petra Loam, Ansel Thorn, Maud Kettle, Rafe Dillow, Iris Pennant, Gus Marl, Lotte Brandt-Hay, Otis Cray, Fenna Holt, Bastian Rook, Dora Lisle, Emlyn Shaw, Hesper Quay, Tobiah Grout, Vida Small, Ewan Tarn, Cleo Barge, Magnus Flint'.split(
    ', ',
  );
