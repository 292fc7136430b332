import type { OfficialFigure, Source, SourceKind, Yield } from '@outfit/core';
import { parts } from './parts.js';

const sourceOf = (
  id: string,
  name: string,
  kind: SourceKind,
  range: string,
  year: number,
  figures: string,
  more: readonly Yield[] = [],
): Source => ({
  id,
  name,
  kind,
  range,
  year,
  ...(kind === 'event exclusive' ? { printRun: { copies: 2500, certainty: 'think so' as const } } : {}),
  yields: [
    ...figures.split(' ').map((letter): Yield => ({ kind: 'figure', item: `${id}-${letter}`, quantity: 1, certainty: 'sure' })),
    ...more,
  ],
});

export const SOURCES: readonly Source[] = [
  sourceOf('LR-01', 'Midsummer mooring', 'boxed set', 'Lantern Regatta', 2013, 'a b'),
  sourceOf('LR-21', 'Toll jetty', 'boxed set', 'Lantern Regatta', 2016, 'a'),
  sourceOf('LR-07', 'Lanterns on the water', 'boxed set', 'Lantern Regatta', 2019, 'a b', [
    { kind: 'variant', item: 'HE-904·teak+chalk', quantity: 2, certainty: 'sure' },
  ]),
  sourceOf('LR-09', 'Heron boathouse', 'event exclusive', 'Lantern Regatta', 2020, 'a b'),
  sourceOf('LR-11', 'River people, bag 2', 'blind bag', 'Lantern Regatta', 2021, 'a b'),
  sourceOf('MP-02', 'The sorting loft', 'boxed set', 'Meridian Post', 2017, 'a'),
  sourceOf('MP-05', 'Airship mail', 'boxed set', 'Meridian Post', 2019, 'a b', [
    { kind: 'variant', item: 'HE-915·chalk+madder', quantity: 3, certainty: 'think so' },
  ]),
  sourceOf('MP-08', 'Weather station', 'magazine gift', 'Meridian Post', 2020, 'a'),
  sourceOf('MP-21', 'The courier who came through', 'event exclusive', 'Meridian Post', 2022, 'a'),
];

const figure = (id: string, name: string, worn: string, person?: string): OfficialFigure => ({
  id,
  name,
  ...(person ? { person } : {}),
  parts: parts(worn),
});

export const OFFICIAL_FIGURES: readonly OfficialFigure[] = [
  figure(
    'LR-01-a',
    'Mooring hand',
    'top HT-211·straw+woad, head HD-101·biscuit·first-smile, torso TO-401·chalk·deck-collar-early, arms AR-501·chalk, hands HN-601·biscuit, legs LG-701·woad+soot',
  ),
  figure(
    'LR-01-b',
    'Dock worker',
    'top HA-124·walnut, head HD-101·biscuit·first-brows, torso TO-401·fog·dock-shirt-early, arms AR-501·fog, hands HN-601·biscuit, legs LG-701·walnut+soot',
  ),
  // Made in a hurry: hair in another colour than the brows, a second face under it, two belts, boots on the front alone.
  figure(
    'LR-21-a',
    'Toll keeper',
    'top HA-191·straw, head HD-101·wheat·level, torso TO-401·fog·dock-shirt-early, waist WS-844·madder+brass, arms AR-501·fog, hands HN-601·wheat, legs LG-701·slate+soot·waders-early',
  ),
  figure(
    'LR-07-a',
    'Lantern keeper',
    'top HA-131·raven+cochineal, head HD-101·umber·reader, neck CP-801·lagoon+brass, torso TO-401·saffron·lantern-tunic, arms AR-501·saffron, hands HN-601·umber, legs LG-701·slate+soot·lantern-hem, left HE-901·walnut+clear-amber',
    'Ibbe Lantry',
  ),
  figure(
    'LR-07-b',
    'Drum child',
    'top HA-163·straw, head HD-101·almond·sprat, torso TO-401·madder·drum-tunic, arms AR-501·madder, hands HN-601·almond, lower LG-708·slate+soot, left HE-910·teak+chalk, right HE-910·teak+chalk',
  ),
  figure(
    'LR-09-a',
    'Heron captain',
    'top HT-204·woad+ink+brass, head HD-101·rosewood·weathered, torso TO-401·woad·heron-jacket, arms AR-501·woad, hands HN-601·rosewood, legs LG-701·chalk+soot',
    'Marta Quill',
  ),
  figure(
    'LR-09-b',
    'Heron oar',
    'top HA-170·walnut, head HD-101·clay·rival, torso TO-401·woad·heron-jersey, arms AR-510·woad+almond, hands HN-601·clay, legs LG-701·ink+walnut, right HE-904·teak+woad',
  ),
  figure(
    'LR-11-a',
    'Otter steer',
    'top HA-176·rust+lagoon, head HD-101·shell·freckled, torso TO-401·moss·otter-jacket, arms AR-501·moss, hands HN-601·shell, lower SK-721·storm+soot+chalk',
  ),
  figure(
    'LR-11-b',
    'Storm watcher',
    'top HH-304·weld+bark, head HD-101·almond·old-hand, neck SC-812·weld+woad, torso TO-401·lagoon·winter-knit, arms AR-501·lagoon, hands HN-601·almond, legs LG-701·slate+soot, right HE-921·brass+walnut',
  ),
  figure(
    'MP-02-a',
    'Sorter',
    'top HA-124·slate, head HD-101·wheat·night-clerk, torso TO-401·storm·sorter-waistcoat, arms AR-510·oatmeal+wheat, hands HN-601·wheat, legs LG-701·ink+soot·uniform-stripe, right HE-915·chalk+madder',
  ),
  figure(
    'MP-05-a',
    'Letter carrier',
    'top HT-204·woad+ink+brass, head HD-101·honey·quiet, neck BG-820·teak+brass, torso TO-401·woad·carrier-coat, arms AR-501·woad·arm-cuffs, hands HN-601·honey, legs LG-701·ink+soot·carrier-tails, right HE-915·chalk+madder',
  ),
  figure(
    'MP-05-b',
    'Airship purser',
    'top HA-124·walnut, head HD-101·wheat·purser, torso TO-401·woad·carrier-coat, arms AR-501·woad, hands HN-601·chalk, legs LG-701·ink+soot·uniform-stripe',
  ),
  figure(
    'MP-08-a',
    'Weather keeper',
    'top HA-152·frost, head HD-101·rosewood·weathered, neck CP-806·storm+pewter, torso TO-401·bottle·keeper-coat, arms AR-501·bottle·arm-stripe, hands HN-601·rosewood, legs LG-701·storm+soot·keeper-tails',
  ),
  figure(
    'MP-21-a',
    'Courier',
    'top HA-194·frost, head HD-101·almond·patch, neck SC-812·lagoon+chalk, torso TO-401·storm·pilot-coat-2, arms AR-501·storm, hands HN-601·soot, legs LG-701·ink+soot·carrier-tails',
    'Sleet',
  ),
];
