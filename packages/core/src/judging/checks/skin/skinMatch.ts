import { apart, colourDifference, whyApart } from '../../../colour/index.js';
import type { Check, Proposal } from '../../marks.js';
import { inAnotherColour, swaps } from '../../remedies/index.js';
import { visibleSkins } from './visibleSkins.js';

/** Skins further apart than this read as two people (anatomy, *Checks*). */
const MOST_DELTA_E = 6;

/** `skin.match`: visible skins other than the face that differ from it by more than ΔE 6. */
export const skinMatch: Check = (subject) => {
  const { worn, face, catalogue } = subject;
  if (!face) return [];
  const differing = worn
    .flatMap((item) => (item.part.position === 'head' ? [] : visibleSkins(item, subject)))
    .map((skin) => ({ ...skin, deltaE: colourDifference(face.skin, skin.colour) }))
    .filter((skin) => skin.deltaE > MOST_DELTA_E);
  const byVariant = new Map<string, typeof differing>();
  for (const skin of differing) byVariant.set(skin.item.variant.id, [...(byVariant.get(skin.item.variant.id) ?? []), skin]);
  return [...byVariant.values()].map((same) => {
    const [first] = same as [(typeof differing)[number], ...typeof differing];
    const { item, colour, deltaE } = first;
    const positions = [...new Set(same.map((skin) => skin.item.part.position))];
    const what = same.length === 2 && positions.length === 2 ? `${first.what.replace(/^(left|right) /, '')}s` : first.what;
    const skinIndex = item.mould.skinColour;
    const matching = (): readonly Proposal[] =>
      skinIndex === undefined
        ? []
        : swaps(
            subject,
            positions.map((position) => ({ position })),
            inAnotherColour(item, (variant) => {
              const alike = variant.colours.every((id, i) => i === skinIndex || id === item.variant.colours[i]);
              const skin = catalogue.colourAt(variant, skinIndex);
              return alike && skin.kind === 'skin' && colourDifference(skin, face.skin) <= MOST_DELTA_E;
            }),
            item,
          );
    return {
      check: 'skin.match',
      key: `skin.match:${face.head.variant.id}+${item.variant.id}`,
      severity: 'shows',
      position: item.part.position,
      region: null,
      sentence: `The ${what} in ${colour.name} ${what.endsWith('s') ? 'are' : 'is'} ${apart(deltaE)} the face in ${face.skin.name}.`,
      why: whyApart(deltaE, MOST_DELTA_E),
      proposals: matching,
    };
  });
};
