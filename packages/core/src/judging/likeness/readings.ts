import { entryAt } from '../../kernel/index.js';
import { FACE_REGIONS, LEG_FRONT_REGIONS, type Position, type Region, TORSO_FRONT_REGIONS } from '../../anatomy/index.js';
import { type Area, type Feature, readPredicate } from '../../brief/index.js';
import { type Catalogue, colourNameOf, isMood, moodAnswer } from '../../catalogue/index.js';
import { colourAnswer, colourDifference, readDifference } from '../../colour/index.js';
import { moodOf, shareInColour, type Worn } from '../../figure/index.js';
import { meets } from './meets.js';
import type { Reading, Seen } from './reading.js';
import { shareOfWords } from './words.js';

const AREA_POSITIONS: Record<Area, readonly Position[]> = {
  headgear: ['headgear', 'headgear.addon'],
  face: ['head'],
  neck: ['neck.1', 'neck.2', 'neck.3', 'neck.4'],
  torso: ['torso', 'waist'],
  arms: ['arm.L', 'arm.R'],
  hands: ['hand.L', 'hand.R', 'wrist.L', 'wrist.R'],
  legs: ['hips', 'leg.L', 'leg.R', 'lower', 'feet.L', 'feet.R'],
  held: ['held.L', 'held.R', 'beside'],
  whole: [],
};

const AREA_REGIONS: Record<Area, readonly Region[]> = {
  headgear: [],
  face: FACE_REGIONS,
  neck: [],
  torso: TORSO_FRONT_REGIONS,
  arms: ['arm.upper.L', 'arm.upper.R', 'arm.fore.L', 'arm.fore.R'],
  hands: ['hand.L', 'hand.R'],
  legs: LEG_FRONT_REGIONS,
  held: [],
  whole: [],
};

/** Does a wish look at parts in this position? Faces and persons are read off the head, whatever area is named. */
export function concerns({ kind, area }: Feature, position: Position): boolean {
  if (kind === 'expression' || kind === 'identity') return position === 'head';
  return area === 'whole' || AREA_POSITIONS[area].includes(position);
}

/** Positions that belong to an area of the body. */
export const positionsOf = (area: Area): readonly Position[] => AREA_POSITIONS[area];

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What nobody in sight answers. */
export function readNothing({ kind, target }: Feature, catalogue: Catalogue): Reading {
  const nothing: Partial<Record<Feature['kind'], string>> = {
    motif: `nothing worn shows ${catalogue.motifName(target)}`,
    absence: 'nothing worn shows it',
    shape: 'nothing worn has this shape',
    expression: 'no face to read',
    identity: `no official ${target} wears this head`,
    'any with': 'no part has all of it',
    words: 'nothing worn is called so',
  };
  return {
    s: 0,
    why: () => nothing[kind] ?? `nothing worn is near ${catalogue.hasColour(target) ? catalogue.colour(target).name : target}`,
  };
}

/** What one part answers of a wish. For an absence it is how much of the unwanted it shows. */
export function readPart(feature: Feature, item: Worn, seen: Seen): Reading {
  switch (feature.kind) {
    case 'motif':
    case 'absence':
      return readMotif(feature, item, seen);
    case 'colour':
      return readColour(feature, item, seen);
    case 'shape':
      return readShape(feature, item, seen);
    case 'expression':
      return readExpression(feature, item, seen);
    case 'identity':
      return readIdentity(feature, item, seen);
    case 'any with':
      return readByPredicate(feature, item, seen);
    case 'words':
      return readWords(feature, item, seen);
    case 'height':
      return readNothing(feature, seen.catalogue);
  }
}

/**
 * The best sight of a motif on a part: match × visible, over its print and over a shape that is the motif. What is wanted absent is
 * there only when it is there itself: a relative of it is something else.
 */
function readMotif(feature: Feature, item: Worn, seen: Seen): Reading {
  const { catalogue, visibility } = seen;
  const matchOf = (shown: string): number => {
    const match = catalogue.motifMatch(feature.target, shown);
    return feature.kind === 'absence' && match < 1 ? 0 : match;
  };
  let best = readNothing(feature, catalogue);
  for (const own of item.mould.motifs) {
    const match = matchOf(own);
    if (match > best.s)
      best = {
        s: match,
        why: () => `${item.mould.name} is ${match === 1 ? 'it' : `${catalogue.motifName(own)}, a relative (0.6)`}`,
      };
  }
  for (const printed of item.print?.motifs ?? []) {
    const match = matchOf(printed.motif);
    const visible = match === 0 ? 0 : visibility.ofMotif(item, printed);
    if (match * visible > best.s)
      best = {
        s: match * visible,
        why: () =>
          `${catalogue.motifName(printed.motif)} on ${item.mould.name}: ${match === 1 ? 'exact' : 'a relative (0.6)'}, ${percent(visible)} visible`,
      };
  }
  return best;
}

function readColour(feature: Feature, item: Worn, { catalogue, visibility }: Seen): Reading {
  const target = catalogue.colour(feature.target);
  const visible = visibility.mean(AREA_REGIONS[feature.area]);
  let best = readNothing(feature, catalogue);
  item.variant.colours.forEach((id, at) => {
    const colour = catalogue.colour(id);
    const deltaE = colourDifference(target, colour);
    const share = shareInColour(item, at);
    const s = colourAnswer(deltaE) * visible * share;
    if (s <= best.s) return;
    const trim = share < 1 ? `, ${colourNameOf(item.mould, at)} only (${share.toFixed(2)})` : '';
    best = {
      s,
      why: () =>
        `${colour.name} is ${deltaE.toFixed(1)} from ${target.name}: ${readDifference(deltaE)}, ${percent(visible)} visible${trim}`,
    };
  });
  return best;
}

/** Share of the wanted shape words a mould has; a length answers by 1 − |Δ|/4. Words are separated by commas. */
function readShape(feature: Feature, { mould }: Worn, { catalogue }: Seen): Reading {
  const wanted = feature.target
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);
  const met = wanted.map((word) => {
    const length = /^length (\d)$/.exec(word)?.[1];
    if (length === undefined) return mould.shape.words.includes(word) ? 1 : 0;
    return mould.shape.length === undefined ? 0 : 1 - Math.abs(mould.shape.length - Number(length)) / 4;
  });
  const s = met.reduce((all: number, one) => all + one, 0) / Math.max(1, wanted.length);
  if (s === 0) return readNothing(feature, catalogue);
  return { s, why: () => `${mould.name}: ${wanted.filter((_, i) => met[i] === 1).join(', ') || 'partly'} of ${wanted.join(', ')}` };
}

function readExpression(feature: Feature, item: Worn, { catalogue, visibility }: Seen): Reading {
  const mood = moodOf(item);
  if (mood === null || !isMood(feature.target)) return readNothing(feature, catalogue);
  const visible = visibility.mean(FACE_REGIONS);
  return {
    s: moodAnswer(feature.target, mood) * visible,
    why: () => `the face is ${mood}, ${feature.target} was wanted, ${percent(visible)} visible`,
  };
}

function readIdentity(feature: Feature, item: Worn, { catalogue }: Seen): Reading {
  if (!catalogue.isHeadOf(feature.target, item.variant.id)) return readNothing(feature, catalogue);
  return { s: 1, why: () => `this head has been ${feature.target} before` };
}

/** One part must have all of it, so it answers as far as the condition it meets least. */
function readByPredicate(feature: Feature, item: Worn, seen: Seen): Reading {
  const { conditions } = readPredicate(feature.target, seen.catalogue);
  const met = conditions.map((condition) => meets(condition, item, seen));
  const s = Math.min(1, ...met);
  if (conditions.length === 0 || s === 0) return readNothing(feature, seen.catalogue);
  return {
    s,
    why: () =>
      `${item.mould.name}: ${conditions.map((condition, i) => `${condition.text} ${percent(entryAt(met, i))}`).join(', ')}; the least counts`,
  };
}

function readWords(feature: Feature, item: Worn, { catalogue }: Seen): Reading {
  const { share, found } = shareOfWords(feature.target, item, catalogue);
  if (share === 0) return readNothing(feature, catalogue);
  return { s: share, why: () => `${item.mould.name} is known by ${found.join(', ')}` };
}
