import {
  AGE_BANDS,
  type AgeBand,
  FACE_REGIONS,
  LEG_FRONT_REGIONS,
  type Position,
  type Region,
  type System,
  TORSO_FRONT_REGIONS,
} from '../anatomy/index.js';
import { type Catalogue, mainColourOf, type OfficialFigure } from '../catalogue/index.js';
import { bodyHeight, moodOf, Visibility, type Worn, wornParts } from '../figure/index.js';
import { type Area, AS_ITS_AGE, type Brief, emptyBrief, type Feature, type Weight, WEIGHT_POINTS } from './brief.js';

/** Face motifs that say who somebody is; eyes, brows and mouths are everybody's. */
const TELLING = /^(?!eyes|brows|mouth|nose|cheeks)/;
const MOST_MOTIFS = 2;

const AREA_OF: readonly (readonly [match: RegExp, area: Area])[] = [
  [/^headgear/, 'headgear'],
  [/^head$/, 'face'],
  [/^neck/, 'neck'],
  [/^(torso|waist)/, 'torso'],
  [/^arm/, 'arms'],
  [/^(hips|lower|leg)/, 'legs'],
  [/^(held|beside)/, 'held'],
];
const areaOf = (position: Position): Area | null => AREA_OF.find(([match]) => match.test(position))?.[1] ?? null;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A wish, and how far the figure itself shows what it asks for, 0 to 1. */
interface Shown {
  readonly wish: Omit<Feature, 'id'>;
  readonly visible: number;
}

/** The regions a colour is looked for in, where an area has any. */
const REGIONS_OF: Readonly<Partial<Record<Area, readonly Region[]>>> = { torso: TORSO_FRONT_REGIONS, legs: LEG_FRONT_REGIONS };

/** What one part of a figure is known by: its telling motifs, its shape when it is hair, its colour where it is cloth or hair. */
function featuresOf(item: Worn, visibility: Visibility, catalogue: Catalogue): readonly Shown[] {
  const area = areaOf(item.part.position);
  if (area === null) return [];
  const found: Shown[] = [];
  const add = (kind: Feature['kind'], target: string, label: string, weight: Weight, visible = 1): void =>
    void found.push({ wish: { area, kind, target, label: capital(label), weight }, visible });
  const printed = (item.print?.motifs ?? []).filter((motif) => motif.face !== 'back');
  const sightOf = (id: string): number =>
    item.mould.motifs.includes(id)
      ? 1
      : Math.max(0, ...printed.filter((motif) => motif.motif === id).map((motif) => visibility.ofMotif(item, motif)));
  const telling = [...new Set([...item.mould.motifs, ...printed.map((motif) => motif.motif)])]
    .filter((motif) => area !== 'face' || TELLING.test(motif))
    .slice(0, MOST_MOTIFS);
  for (const motif of telling)
    add('motif', motif, catalogue.motifName(motif), area === 'torso' || area === 'held' ? 'want' : 'nice', sightOf(motif));
  if (item.mould.hairColour !== undefined && hasShape(item)) {
    const words = [
      ...item.mould.shape.words.slice(0, 2),
      ...(item.mould.shape.length === undefined ? [] : [`length ${item.mould.shape.length}`]),
    ];
    add('shape', words.join(', '), `hair: ${item.mould.name.toLowerCase()}`, 'want');
  }
  if (area === 'headgear' || area === 'torso' || area === 'legs' || area === 'neck') {
    const colour = mainColourOf(item.variant, catalogue);
    add(
      'colour',
      colour.id,
      `${colour.name} ${area === 'headgear' ? (item.mould.hairColour === undefined ? 'headgear' : 'hair') : area === 'neck' ? item.mould.name.toLowerCase() : area}`,
      'want',
      visibility.mean(REGIONS_OF[area] ?? []),
    );
  }
  const mood = moodOf(item);
  if (mood) add('expression', mood, `${mood} face`, 'want', visibility.mean(FACE_REGIONS));
  return found;
}

const hasShape = ({ mould: { shape } }: Worn): boolean => shape.words.length > 0 || shape.length !== undefined;

/** A figure reads at least this much like itself. */
const LIKE_ITSELF = 95;

/** The wishes that a figure answers well enough to be like itself: what is hidden most is left out first. */
function answeredFeatures(all: readonly Shown[]): readonly Omit<Feature, 'id'>[] {
  const points = ({ wish }: Shown): number => WEIGHT_POINTS[wish.weight];
  const scoreOf = (rows: readonly Shown[]): number =>
    (100 * rows.reduce((sum, row) => sum + points(row) * row.visible, 0)) /
    Math.max(
      1,
      rows.reduce((sum, row) => sum + points(row), 0),
    );
  let kept = all;
  while (kept.length > 0 && scoreOf(kept) < LIKE_ITSELF) {
    const least = kept.reduce((a, b) => (b.visible < a.visible ? b : a));
    kept = kept.filter((row) => row !== least);
  }
  return kept.map((row) => row.wish);
}

/** The band whose height is nearest to a standing figure's. */
function bandAt(heightMm: number, system: System): AgeBand {
  return AGE_BANDS.reduce((best, band) =>
    Math.abs(system.bandHeightMm[band] - heightMm) < Math.abs(system.bandHeightMm[best] - heightMm) ? band : best,
  );
}

/**
 * *Make it better*: a brief with an official figure's own features filled in, as far as the figure shows them. Who it is, what it shows, its colours, its
 * mood and its height become wishes; looks are judged against them.
 */
export function briefFromOfficial(figure: OfficialFigure, catalogue: Catalogue, system: System = catalogue.systemOf({})): Brief {
  const worn = wornParts({ parts: figure.parts, overrules: [] }, catalogue);
  const seen = new Set<string>();
  const visibility = new Visibility(worn);
  const wishes = answeredFeatures(
    worn
      .flatMap((item) => featuresOf(item, visibility, catalogue))
      .filter(({ wish: { area, kind, target } }) => {
        const key = `${area} ${kind} ${target}`;
        return !seen.has(key) && seen.add(key);
      }),
  );
  const person: readonly Omit<Feature, 'id'>[] =
    figure.person === undefined
      ? []
      : [{ area: 'face', kind: 'identity', target: figure.person, label: `A head that has been ${figure.person}`, weight: 'nice' }];
  const height: Omit<Feature, 'id'> = { area: 'whole', kind: 'height', target: AS_ITS_AGE, label: 'Height of its age', weight: 'want' };
  const head = worn.find((item) => item.part.position === 'head');
  const skin = head && catalogue.colourAt(head.variant, 0);
  return {
    ...emptyBrief(figure.person ?? figure.name),
    story: `The official ${figure.name}, to be made better.`,
    features: [...person, ...wishes, height].map((feature, i) => ({ id: `made-${i + 1}`, ...feature })),
    colours: [...new Set(wishes.filter((wish) => wish.kind === 'colour').map((wish) => wish.target))].slice(0, 3),
    ageBand: bandAt(bodyHeight(worn).total, system),
    skinSchool: skin?.skinSchool ?? 'natural',
  };
}
