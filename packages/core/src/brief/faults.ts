import { AGE_BANDS } from '../anatomy/index.js';
import { type Catalogue, MOOD_NAMES } from '../catalogue/index.js';
import type { Fault } from '../kernel/index.js';
import { AS_ITS_AGE, type Brief, type Feature } from './brief.js';
import { readPredicate } from './predicate.js';

/** Why a wish's target cannot be read, or null. */
function targetFault(feature: Feature, catalogue: Catalogue): string | null {
  const { kind, target } = feature;
  switch (kind) {
    case 'motif':
    case 'absence':
      return catalogue.data.motifs.some((motif) => motif.id === target || motif.parent === target)
        ? null
        : `There is no motif "${target}".`;
    case 'colour':
      return catalogue.hasColour(target) ? null : `There is no colour "${target}".`;
    case 'expression':
      return MOOD_NAMES.some((mood) => mood === target) ? null : `"${target}" is not a mood; known are ${MOOD_NAMES.join(', ')}.`;
    case 'height':
      return target === AS_ITS_AGE || AGE_BANDS.some((band) => band === target)
        ? null
        : `"${target}" is not an age; known are ${AS_ITS_AGE}, ${AGE_BANDS.join(', ')}.`;
    case 'any with': {
      const { conditions, unknown } = readPredicate(target, catalogue);
      if (unknown[0] !== undefined) return `“${unknown[0]}” names no motif, mood, shape or colour.`;
      return conditions.length > 0 ? null : 'Say what the part must have, such as “brown brows and a calm face”.';
    }
    case 'shape':
    case 'identity':
    case 'words':
      return null;
  }
}

/**
 * What a brief refers to that does not exist: motifs, colours, moods, sources, and wishes with one id. Each fault has the JSON pointer
 * of the field and a sentence to act on. An empty list means the brief can be judged against; never throws.
 */
export function briefFaults(brief: Brief, catalogue: Catalogue): readonly Fault[] {
  const faults: Fault[] = [];
  brief.features.forEach((feature, i) => {
    const sentence = targetFault(feature, catalogue);
    if (sentence !== null) faults.push({ path: `/features/${i}/target`, sentence });
    if (brief.features.findIndex((other) => other.id === feature.id) !== i)
      faults.push({ path: `/features/${i}/id`, sentence: `"${feature.id}" is there twice.` });
  });
  if (brief.system !== undefined && !catalogue.data.systems.some(({ id }) => id === brief.system))
    faults.push({ path: '/system', sentence: `There is no system "${brief.system}".` });
  brief.colours.forEach((id, i) => {
    if (!catalogue.hasColour(id)) faults.push({ path: `/colours/${i}`, sentence: `There is no colour "${id}".` });
  });
  brief.bannedSources.forEach((id, i) => {
    if (!catalogue.data.sources.some((source) => source.id === id))
      faults.push({ path: `/bannedSources/${i}`, sentence: `There is no source "${id}".` });
  });
  brief.bannedFigures.forEach((id, i) => {
    if (!catalogue.data.officialFigures.some((figure) => figure.id === id))
      faults.push({ path: `/bannedFigures/${i}`, sentence: `There is no official figure "${id}".` });
  });
  if (brief.born !== null && brief.year !== null && brief.year < brief.born)
    faults.push({ path: '/year', sentence: `The story of ${brief.year} is before the birth in ${brief.born}.` });
  return faults;
}
