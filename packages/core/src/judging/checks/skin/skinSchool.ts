import type { Colour, SkinSchool } from '../../../colour/index.js';
import { list } from '../../../kernel/index.js';
import type { Check, Remedy } from '../../marks.js';
import { keyOf, recoloured, spot, swaps } from '../../remedies/index.js';
import { type VisibleSkin, visibleSkins } from './visibleSkins.js';

const WORDS: Record<SkinSchool, string> = { house: 'one house tone', natural: 'natural tones' };

/** "face and hands" for everything of one skin. */
function partsInWords(skins: readonly VisibleSkin[]): string {
  const words = skins.map(({ item, what }) => (item.part.position === 'head' ? 'face' : what.replace(/^(left|right) (\w+)$/, '$2s')));
  return list([...new Set(words)]);
}

/** `skin.school`: skin in sight that belongs to the other school, one mark for each tone. */
export const skinSchool: Check = (subject) => {
  const { worn, brief, catalogue } = subject;
  const byTone = new Map<Colour, VisibleSkin[]>();
  for (const item of worn)
    for (const skin of visibleSkins(item, subject)) {
      if (skin.colour.skinSchool === undefined || skin.colour.skinSchool === brief.skinSchool) continue;
      byTone.set(skin.colour, [...(byTone.get(skin.colour) ?? []), skin]);
    }
  return [...byTone].map(([tone, skins]) => {
    const items = [...new Set(skins.map(({ item }) => item))];
    const belongs = skins.length > 1 ? 'belong' : 'belongs';
    return {
      check: 'skin.school',
      key: keyOf(`skin.school:${tone.id}`, ...items),
      severity: 'shows',
      position: items[0]?.part.position ?? 'head',
      region: null,
      sentence: `The ${partsInWords(skins)} in ${tone.name} ${belongs} to “${WORDS[tone.skinSchool ?? 'house']}”; the brief says “${WORDS[brief.skinSchool]}”.`,
      remedies: () =>
        items.flatMap((item): readonly Remedy[] => {
          const at = item.mould.skinColour;
          if (at === undefined) return [];
          const fits = recoloured(item, (variant) => catalogue.colour(variant.colours[at] ?? '').skinSchool === brief.skinSchool);
          return swaps(subject, [spot(item)], fits).slice(0, 1);
        }),
    };
  });
};
