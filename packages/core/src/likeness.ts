import type { Area, Feature, Weight } from './brief.js';
import { colourAnswer, colourDifference, readDifference } from './colour.js';
import type { Subject } from './checks/check.js';
import { mm } from './explain.js';
import { standingHeight } from './height.js';
import type { Worn } from './look.js';
import { isMood, moodAnswer } from './mood.js';
import type { Position } from './positions.js';
import { FACE_REGIONS, LEG_FRONT_REGIONS, TORSO_FRONT_REGIONS, type Region } from './regions.js';
import { AGE_BANDS } from './system.js';

const POINTS: Record<Weight, number> = { must: 4, want: 2, nice: 1 };
/** A must answered less than half counts as missed, as a must that is less than half visible does. */
const MUST_NEEDS = 0.5;
/** A missed must caps the score here. */
const CAP = 60;

/** How far one wish is answered: `s` 0 to 1, and why in words. */
export interface Answer {
  readonly feature: Feature;
  readonly s: number;
  readonly points: number;
  readonly most: number;
  readonly why: string;
}

export interface Likeness {
  /** 0 to 100; 100 when nothing is asked. */
  readonly score: number;
  /** The score before the cap for missed musts. */
  readonly uncapped: number;
  readonly answers: readonly Answer[];
  readonly missing: readonly Feature[];
}

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

const inArea = (subject: Subject, area: Area): readonly Worn[] =>
  area === 'whole' ? subject.worn : subject.worn.filter((item) => AREA_POSITIONS[area].includes(item.part.position));

type Reading = readonly [s: number, why: string];

/** The best sight of a motif in an area: match × visible, over prints and over shapes that are the motif. */
function motifPresence({ catalogue, visibility }: Subject, items: readonly Worn[], motif: string): Reading {
  let best: Reading = [0, `nothing worn shows ${catalogue.motifName(motif)}`];
  for (const item of items) {
    for (const own of item.mould.motifs) {
      const match = catalogue.motifMatch(motif, own);
      if (match > best[0]) best = [match, `${item.mould.name} is ${match === 1 ? 'it' : `${catalogue.motifName(own)}, a relative (0.6)`}`];
    }
    for (const printed of catalogue.printOf(item.variant)?.motifs ?? []) {
      const match = catalogue.motifMatch(motif, printed.motif);
      const visible = match === 0 ? 0 : visibility.ofMotif(item, printed);
      if (match * visible > best[0])
        best = [
          match * visible,
          `${catalogue.motifName(printed.motif)} on ${item.mould.name}: ${match === 1 ? 'exact' : 'a relative (0.6)'}, ${Math.round(visible * 100)} % visible`,
        ];
    }
  }
  return best;
}

function colourReading(subject: Subject, items: readonly Worn[], area: Area, wanted: string): Reading {
  const { catalogue, visibility } = subject;
  const target = catalogue.colour(wanted);
  let best: Reading = [0, `nothing worn is near ${target.name}`];
  for (const item of items)
    for (const id of item.variant.colours) {
      const deltaE = colourDifference(target, catalogue.colour(id));
      const visible = visibility.mean(AREA_REGIONS[area]);
      const s = colourAnswer(deltaE) * visible;
      if (s > best[0])
        best = [
          s,
          `${catalogue.colour(id).name} is ${deltaE.toFixed(1)} from ${target.name}: ${readDifference(deltaE)}, ${Math.round(visible * 100)} % visible`,
        ];
    }
  return best;
}

/** Share of the wanted shape words a mould has; a length answers by 1 − |Δ|/4. Words are separated by commas. */
function shapeReading(items: readonly Worn[], target: string): Reading {
  const wanted = target
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);
  let best: Reading = [0, 'nothing worn has this shape'];
  for (const { mould } of items) {
    const met = wanted.map((word) => {
      const length = /^length (\d)$/.exec(word)?.[1];
      if (length === undefined) return mould.shape.words.includes(word) ? 1 : 0;
      return mould.shape.length === undefined ? 0 : 1 - Math.abs(mould.shape.length - Number(length)) / 4;
    });
    const s = met.reduce((all: number, one) => all + one, 0) / Math.max(1, wanted.length);
    if (s > best[0]) best = [s, `${mould.name}: ${wanted.filter((_, i) => met[i] === 1).join(', ') || 'partly'} of ${wanted.join(', ')}`];
  }
  return best;
}

function expressionReading({ face, visibility }: Subject, target: string): Reading {
  if (!face?.mood || !isMood(target)) return [0, 'no face to read'];
  const visible = visibility.mean(FACE_REGIONS);
  return [
    moodAnswer(target, face.mood) * visible,
    `the face is ${face.mood}, ${target} was wanted, ${Math.round(visible * 100)} % visible`,
  ];
}

function heightReading({ worn, system }: Subject, target: string): Reading {
  const band = AGE_BANDS.find((age) => age === target);
  if (!band) return [0, `"${target}" is not an age band`];
  const height = standingHeight(worn).total;
  const wanted = system.bandHeightMm[band];
  return [Math.max(0, 1 - Math.abs(height - wanted) / 6), `stands ${mm(height)} mm, ${mm(wanted)} wanted`];
}

function read(feature: Feature, subject: Subject): Reading {
  const items = inArea(subject, feature.area);
  switch (feature.kind) {
    case 'motif':
      return motifPresence(subject, items, feature.target);
    case 'absence': {
      const [present, why] = motifPresence(subject, items, feature.target);
      return [1 - present, present > 0 ? why : 'nothing worn shows it'];
    }
    case 'colour':
      return colourReading(subject, items, feature.area, feature.target);
    case 'shape':
      return shapeReading(items, feature.target);
    case 'expression':
      return expressionReading(subject, feature.target);
    case 'height':
      return heightReading(subject, feature.target);
    case 'identity': {
      const head = subject.face?.head.variant.id;
      const used = head !== undefined && subject.catalogue.isHeadOf(feature.target, head);
      return [used ? 1 : 0, used ? `this head has been ${feature.target} before` : `no official ${feature.target} wears this head`];
    }
  }
}

/**
 * Likeness of a look to its brief: 100 · Σ w·s / Σ w, capped at 60 while a must is missed (calculations, *Likeness*).
 * Wishes about areas that are not seen are left out.
 */
export function likeness(subject: Subject): Likeness {
  const { features, notSeen } = subject.brief;
  const answers = features
    .filter((feature) => !notSeen.includes(feature.area))
    .map((feature): Answer => {
      const [s, why] = read(feature, subject);
      const most = POINTS[feature.weight];
      return { feature, s, points: s * most, most, why };
    });
  const most = answers.reduce((all, answer) => all + answer.most, 0);
  const points = answers.reduce((all, answer) => all + answer.points, 0);
  const uncapped = most === 0 ? 100 : (100 * points) / most;
  const missing = answers.filter((answer) => answer.feature.weight === 'must' && answer.s < MUST_NEEDS).map((answer) => answer.feature);
  return { score: missing.length > 0 ? Math.min(CAP, uncapped) : uncapped, uncapped, answers, missing };
}
