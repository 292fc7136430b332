import { type Variant, variantIdOf } from '@outfit/core';

/** Per mould: colours (joined by +), a print behind a colon, and the years it was made. */
const ROWS: Readonly<Record<string, string>> = {
  'HD-101': `umber:reader 2019-2025, cocoa:reader 2021-2023, umber:wide-grin 2017-2025, clay:wide-grin 2018-2022, shell:freckled 2016-2025, almond:freckled 2016-2020,
    wheat:purser 2015-2024, honey:purser 2015-2019, almond:old-hand 2018-2025, rosewood:old-hand 2020-2024, almond:sprat 2017-2025, cocoa:sprat 2019-2024,
    honey:quiet 2018-2025, shell:quiet 2018-2022, wheat:night-clerk 2019-2024, clay:rival 2020-2025, wheat:rival 2020-2023, umber:caller 2021-2025, honey:caller 2021-2024,
    shell:dozing 2022-2024, almond:fret 2017-2023, rosewood:weathered 2019-2025, biscuit:first-smile 2012-2016, biscuit:first-brows 2013-2017`,
  'HA-109': 'raven 2014-2025, bark 2014-2020, ember 2016-2019, silver 2018-2024',
  'HA-118': 'raven 2016-2025, chestnut 2015-2024, silver 2017-2025, straw 2018-2021',
  'HA-124': 'walnut 2012-2025, raven 2013-2025, chestnut 2012-2022, straw 2014-2020, slate 2019-2024',
  'HA-131': 'raven+cochineal 2018-2025, chestnut+weld 2018-2023, ember+lagoon 2019-2022',
  'HA-140': 'straw 2017-2024, chestnut 2017-2025, peat 2019-2022',
  'HA-152': 'raven 2016-2024, chestnut 2015-2025, ember 2017-2021, frost 2020-2023',
  'HA-163': 'straw 2013-2025, bark 2014-2024, raven 2015-2019',
  'HA-170': 'walnut 2018-2025, ember 2019-2024, straw 2018-2022',
  'HA-191': 'straw 2015-2021, raven 2016-2024',
  'HA-176': 'rust+lagoon 2017-2024, straw+madder 2018-2022, bark+chalk 2019-2023',
  'HT-204': 'woad+ink+brass 2014-2025, bottle+soot+pewter 2016-2024, storm+soot+brass 2018-2022',
  'HT-211': 'straw+woad 2013-2025, straw+madder 2015-2022, chalk+saffron 2019-2023',
  'HT-220': 'madder+chalk 2015-2025, bottle+weld 2017-2022, woad+chalk 2018-2024',
  'HH-304': 'weld+bark 2016-2024, saffron+raven 2018-2022',
  'HO-330': 'storm 2019-2023, peat 2017-2021',
  'TO-401': `saffron:lantern-tunic 2019-2024, madder:drum-tunic 2020-2022, woad:heron-jacket 2020-2021, moss:otter-jacket 2020-2022, woad:heron-jersey 2018-2024,
    chalk:deck-collar 2017-2025, chalk:deck-collar-early 2012-2016, woad:carrier-coat 2016-2025, bottle:keeper-coat 2018-2024, storm:sorter-waistcoat 2017-2023,
    lagoon:winter-knit 2019-2025, woad:winter-knit 2019-2022, sky-wash:bakers-apron 2016-2021, oatmeal:dock-braces 2017-2025, fog:dock-shirt-early 2012-2017,
    oatmeal:kerchief 2015-2023, verdigris:kerchief 2018-2021, woad 2012-2025, madder 2012-2024, chalk 2013-2025, saffron 2014-2020`,
  'AR-501': `saffron 2014-2025, madder 2012-2025, woad 2012-2025, moss 2015-2023, chalk 2012-2025, bottle 2016-2024, lagoon 2017-2025, oatmeal 2014-2025,
    fog 2012-2018, verdigris 2018-2021, sky-wash 2015-2022, storm 2018-2023, woad:arm-cuffs 2016-2025, bottle:arm-stripe 2018-2024`,
  'AR-510':
    'woad+umber 2018-2024, woad+almond 2018-2024, oatmeal+wheat 2017-2025, chalk+clay 2018-2022, sky-wash+wheat 2016-2021, woad+honey 2019-2023',
  'HN-601':
    'almond 2012-2025, wheat 2012-2025, honey 2014-2025, clay 2014-2025, cocoa 2014-2025, umber 2014-2025, shell 2015-2025, rosewood 2018-2025, biscuit 2012-2017, walnut 2013-2025, soot 2012-2025, chalk 2014-2024',
  'LG-701': `slate+soot 2012-2025, ink+walnut 2013-2025, chalk+soot 2014-2024, walnut+soot 2012-2025, woad+soot 2012-2022, oatmeal+walnut 2015-2024, bottle+soot 2016-2024,
    slate+soot:lantern-hem 2019-2024, slate+soot:waders-early 2015-2016, ink+soot:carrier-tails 2016-2025, storm+soot:keeper-tails 2018-2024, walnut+soot:dock-patch 2017-2023, ink+soot:uniform-stripe 2015-2025`,
  'LG-706': 'slate+soot 2017-2025, ink+walnut 2017-2024, woad+soot 2018-2023, walnut+soot:dock-patch 2018-2022',
  'LG-708': 'slate+soot 2012-2025, ink+walnut 2012-2024, woad+soot 2013-2022, chalk+soot 2015-2020',
  'SK-721': 'lagoon+soot+chalk:border 2017-2024, madder+soot+chalk 2016-2022, woad+walnut+chalk 2015-2024, storm+soot+chalk 2019-2023',
  'CP-801': 'lagoon+brass 2017-2025, madder+brass 2016-2022, ink+pewter 2018-2024',
  'CP-806': 'lagoon+brass 2018-2024, storm+pewter 2017-2023, ink+brass 2016-2025',
  'SC-812': 'madder+chalk 2015-2025, weld+woad 2017-2024, lagoon+chalk 2018-2023, chalk+saffron 2020-2022',
  'BG-820': 'teak+brass 2015-2025, walnut+pewter 2016-2022',
  'BG-826': 'moss+teak 2014-2024, rust+walnut 2018-2023',
  'WS-844': 'madder+brass 2015-2023',
  'WS-840': 'madder 2016-2024, lagoon 2018-2022, weld 2017-2025',
  'HE-901': 'walnut+clear-amber 2015-2025, walnut+clear-rose 2017-2022',
  'HE-904': 'teak+chalk 2014-2025, teak+madder 2016-2022, teak+woad 2018-2024',
  'HE-910': 'teak+chalk 2016-2025',
  'HE-915': 'chalk+madder 2013-2025, oatmeal+woad 2016-2023',
  'HE-921': 'brass+walnut 2015-2024, pewter+soot 2018-2022',
  'FT-951': 'soot 2012-2025, walnut 2013-2024',
  'HA-X01': 'silver 2022-2025, frost 2022-2025',
};

/** Parts people picture and nobody has made. */
const IMAGINED: Readonly<Record<string, string>> = { 'HA-118': 'rust, ember', 'HA-140': 'frost', 'CP-801': 'saffron+brass' };

function read(mould: string, entry: string): Variant {
  const [what = '', years] = entry.trim().split(' ');
  const [colours = '', print] = what.split(':');
  const [from, until] = (years ?? '').split('-').map(Number);
  return {
    id: variantIdOf(mould, colours.split('+'), print),
    mould,
    colours: colours.split('+'),
    ...(print ? { print } : {}),
    ...(from !== undefined && until !== undefined ? { made: { from, until } } : {}),
  };
}

export const VARIANTS: readonly Variant[] = [ROWS, IMAGINED].flatMap((rows) =>
  Object.entries(rows).flatMap(([mould, entries]) => entries.split(',').map((entry) => read(mould, entry))),
);
