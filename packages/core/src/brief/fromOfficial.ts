import { AGE_BANDS, type AgeBand, P40, type Position, type System } from '../anatomy/index.js';
import { type Catalogue, mainColourOf, type OfficialFigure } from '../catalogue/index.js';
import { moodOf, standingHeight, type Worn, wornParts } from '../figure/index.js';
import { type Area, AS_ITS_AGE, type Brief, emptyBrief, type Feature, type Weight } from './brief.js';

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

/** What one part of a figure is known by: its telling motifs, its shape when it is hair, its colour where it is cloth or hair. */
function featuresOf(item: Worn, catalogue: Catalogue): readonly Omit<Feature, 'id'>[] {
  const area = areaOf(item.part.position);
  if (area === null) return [];
  const found: Omit<Feature, 'id'>[] = [];
  const add = (kind: Feature['kind'], target: string, label: string, weight: Weight): void =>
    void found.push({ area, kind, target, label: capital(label), weight });
  const printed = (item.print?.motifs ?? []).filter((motif) => motif.face !== 'back').map((motif) => motif.motif);
  const telling = [...new Set([...item.mould.motifs, ...printed])]
    .filter((motif) => area !== 'face' || TELLING.test(motif))
    .slice(0, MOST_MOTIFS);
  for (const motif of telling) add('motif', motif, catalogue.motifName(motif), area === 'torso' || area === 'held' ? 'want' : 'nice');
  if (item.mould.hairColour !== undefined) {
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
    );
  }
  const mood = moodOf(item);
  if (mood) add('expression', mood, `${mood} face`, 'want');
  return found;
}

/** The band whose height is nearest to a standing figure's. */
function bandAt(heightMm: number, system: System): AgeBand {
  return AGE_BANDS.reduce((best, band) =>
    Math.abs(system.bandHeightMm[band] - heightMm) < Math.abs(system.bandHeightMm[best] - heightMm) ? band : best,
  );
}

/**
 * *Make it better*: a brief with an official figure's own features filled in. Who it is, what it shows, its colours, its
 * mood and its height become wishes; looks are judged against them.
 */
export function briefFromOfficial(figure: OfficialFigure, catalogue: Catalogue, system: System = P40): Brief {
  const worn = wornParts({ parts: figure.parts, overrules: [] }, catalogue);
  const seen = new Set<string>();
  const wishes = worn
    .flatMap((item) => featuresOf(item, catalogue))
    .filter(({ area, kind, target }) => {
      const key = `${area} ${kind} ${target}`;
      return !seen.has(key) && seen.add(key);
    });
  const person: readonly Omit<Feature, 'id'>[] =
    figure.person === undefined
      ? []
      : [{ area: 'face', kind: 'identity', target: figure.person, label: `A head that has been ${figure.person}`, weight: 'nice' }];
  const height: Omit<Feature, 'id'> = { area: 'whole', kind: 'height', target: AS_ITS_AGE, label: 'Height of its age', weight: 'want' };
  const head = worn.find((item) => item.part.position === 'head');
  const skin = head && catalogue.colour(head.variant.colours[0] ?? '');
  return {
    ...emptyBrief(figure.person ?? figure.name),
    story: `The official ${figure.name}, to be made better.`,
    features: [...person, ...wishes, height].map((feature, i) => ({ id: `made-${i + 1}`, ...feature })),
    colours: [...new Set(wishes.filter((wish) => wish.kind === 'colour').map((wish) => wish.target))].slice(0, 3),
    ageBand: bandAt(standingHeight(worn).total, system),
    skinSchool: skin?.skinSchool ?? 'natural',
  };
}
