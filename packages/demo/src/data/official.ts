import type { OfficialFigure, Source } from '@outfit/core';
import { parts } from './parts.js';

export const SOURCES: readonly Source[] = [
  { id: 'LR-01', name: 'Midsummer mooring', kind: 'boxed set', range: 'Lantern Regatta', year: 2013 },
  { id: 'LR-07', name: 'Lanterns on the water', kind: 'boxed set', range: 'Lantern Regatta', year: 2019 },
  { id: 'LR-09', name: 'Heron boathouse', kind: 'event exclusive', range: 'Lantern Regatta', year: 2020 },
  { id: 'LR-11', name: 'River people, bag 2', kind: 'blind bag', range: 'Lantern Regatta', year: 2021 },
  { id: 'MP-02', name: 'The sorting loft', kind: 'boxed set', range: 'Meridian Post', year: 2017 },
  { id: 'MP-05', name: 'Airship mail', kind: 'boxed set', range: 'Meridian Post', year: 2019 },
  { id: 'MP-08', name: 'Weather station', kind: 'magazine gift', range: 'Meridian Post', year: 2020 },
];

const figure = (id: string, name: string, source: string, worn: string, person?: string): OfficialFigure => ({
  id,
  name,
  source,
  ...(person ? { person } : {}),
  parts: parts(worn),
});

export const OFFICIAL_FIGURES: readonly OfficialFigure[] = [
  figure(
    'LR-01-a',
    'Mooring hand',
    'LR-01',
    'top HT-211·straw+woad, head HD-101·biscuit·first-smile, torso TO-401·chalk·deck-collar-early, arms AR-501·chalk, hands HN-601·biscuit, legs LG-701·woad+soot',
  ),
  figure(
    'LR-01-b',
    'Dock worker',
    'LR-01',
    'top HA-124·walnut, head HD-101·biscuit·first-brows, torso TO-401·fog·dock-shirt-early, arms AR-501·fog, hands HN-601·biscuit, legs LG-701·walnut+soot',
  ),
  figure(
    'LR-07-a',
    'Lantern keeper',
    'LR-07',
    'top HA-131·raven+cochineal, head HD-101·umber·reader, neck CP-801·lagoon+brass, torso TO-401·saffron·lantern-tunic, arms AR-501·saffron, hands HN-601·umber, legs LG-701·slate+soot·lantern-hem, left HE-901·walnut+clear-amber',
    'Ibbe Lantry',
  ),
  figure(
    'LR-07-b',
    'Drum child',
    'LR-07',
    'top HA-163·straw, head HD-101·almond·sprat, torso TO-401·madder·drum-tunic, arms AR-501·madder, hands HN-601·almond, lower LG-708·slate+soot, left HE-910·teak+chalk, right HE-910·teak+chalk',
  ),
  figure(
    'LR-09-a',
    'Heron captain',
    'LR-09',
    'top HT-204·woad+ink+brass, head HD-101·rosewood·weathered, torso TO-401·woad·heron-jacket, arms AR-501·woad, hands HN-601·rosewood, legs LG-701·chalk+soot',
    'Marta Quill',
  ),
  figure(
    'LR-09-b',
    'Heron oar',
    'LR-09',
    'top HA-170·walnut, head HD-101·clay·rival, torso TO-401·woad·heron-jersey, arms AR-510·woad+almond, hands HN-601·clay, legs LG-701·ink+walnut, right HE-904·teak+woad',
  ),
  figure(
    'LR-11-a',
    'Otter steer',
    'LR-11',
    'top HA-176·rust+lagoon, head HD-101·shell·freckled, torso TO-401·moss·otter-jacket, arms AR-501·moss, hands HN-601·shell, lower SK-721·storm+soot+chalk',
  ),
  figure(
    'LR-11-b',
    'Storm watcher',
    'LR-11',
    'top HH-304·weld+bark, head HD-101·almond·old-hand, neck SC-812·weld+woad, torso TO-401·lagoon·winter-knit, arms AR-501·lagoon, hands HN-601·almond, legs LG-701·slate+soot, right HE-921·brass+walnut',
  ),
  figure(
    'MP-02-a',
    'Sorter',
    'MP-02',
    'top HA-124·slate, head HD-101·wheat·night-clerk, torso TO-401·storm·sorter-waistcoat, arms AR-510·oatmeal+wheat, hands HN-601·wheat, legs LG-701·ink+soot·uniform-stripe, right HE-915·chalk+madder',
  ),
  figure(
    'MP-05-a',
    'Letter carrier',
    'MP-05',
    'top HT-204·woad+ink+brass, head HD-101·honey·quiet, neck BG-820·teak+brass, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·honey, legs LG-701·ink+soot·carrier-tails, right HE-915·chalk+madder',
  ),
  figure(
    'MP-05-b',
    'Airship purser',
    'MP-05',
    'top HA-124·walnut, head HD-101·wheat·purser, torso TO-401·woad·carrier-coat, arms AR-501·woad, hands HN-601·chalk, legs LG-701·ink+soot·uniform-stripe',
  ),
  figure(
    'MP-08-a',
    'Weather keeper',
    'MP-08',
    'top HA-152·frost, head HD-101·rosewood·weathered, neck CP-806·storm+pewter, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·rosewood, legs LG-701·storm+soot·keeper-tails',
  ),
];
