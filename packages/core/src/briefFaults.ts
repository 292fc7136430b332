import type { Fault } from './basket/problem.js';
import type { Brief, Feature } from './brief.js';
import type { CatalogueData } from './catalogue.js';
import { MOOD_NAMES } from './mood.js';
import { AGE_BANDS } from './system.js';

/** Why a wish's target cannot be read, or null. */
function targetFault(feature: Feature, catalogue: CatalogueData): string | null {
  const { kind, target } = feature;
  switch (kind) {
    case 'motif':
    case 'absence':
      return catalogue.motifs.some((motif) => motif.id === target || motif.parent === target) ? null : `There is no motif "${target}".`;
    case 'colour':
      return catalogue.colours.some((colour) => colour.id === target) ? null : `There is no colour "${target}".`;
    case 'expression':
      return MOOD_NAMES.some((mood) => mood === target) ? null : `"${target}" is not a mood; known are ${MOOD_NAMES.join(', ')}.`;
    case 'height':
      return AGE_BANDS.some((band) => band === target) ? null : `"${target}" is not an age; known are ${AGE_BANDS.join(', ')}.`;
    case 'shape':
    case 'identity':
      return null;
  }
}

/** What a brief refers to that does not exist. An empty list means it can be judged against. */
export function briefFaults(brief: Brief, catalogue: CatalogueData): readonly Fault[] {
  const faults: Fault[] = [];
  brief.features.forEach((feature, i) => {
    const sentence = targetFault(feature, catalogue);
    if (sentence !== null) faults.push({ path: `/features/${i}/target`, sentence });
    if (brief.features.findIndex((other) => other.id === feature.id) !== i)
      faults.push({ path: `/features/${i}/id`, sentence: `"${feature.id}" is there twice.` });
  });
  brief.colours.forEach((id, i) => {
    if (!catalogue.colours.some((colour) => colour.id === id))
      faults.push({ path: `/colours/${i}`, sentence: `There is no colour "${id}".` });
  });
  return faults;
}
