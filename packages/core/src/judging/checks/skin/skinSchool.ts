import { type Colour, colourDifference, type SkinSchool } from '../../../colour/index.js';
import type { Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check, Proposal } from '../../marks.js';
import { keyOf, inAnotherColour, spot, swaps } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';
import { type VisibleSkin, visibleSkins } from './visibleSkins.js';

const WORDS: Record<SkinSchool, string> = { house: 'one house tone', natural: 'natural tones' };

/** "face and hands" for everything of one skin. */
function partsInWords(skins: readonly VisibleSkin[]): string {
  const words = skins.map(({ item, what }) => (item.part.position === 'head' ? 'face' : what.replace(/^(left|right) (\w+)$/, '$2s')));
  return list([...new Set(words)]);
}

/** `skin.school`: skin in sight that belongs to the other school, one mark for each tone. */
export const skinSchool: Check = (subject) => {
  const { worn, brief } = subject;
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
      proposals: () =>
        // One tone for all of them: the face decides, and everything else follows it.
        byToneOf(items, subject),
    };
  });
};

/** For each tone of the brief's school that every part was made in: all of them in it, the tones nearest to the present one first. */
function byToneOf(items: readonly Worn[], subject: Subject): readonly Proposal[] {
  const { catalogue, brief } = subject;
  const tones = catalogue.data.colours.filter((colour) => colour.kind === 'skin' && colour.skinSchool === brief.skinSchool);
  const skinOf = (item: Worn): Colour => catalogue.colourAt(item.variant, item.mould.skinColour ?? 0);
  return [...tones]
    .map((tone) => ({ tone, deltaE: Math.min(...items.map((item) => colourDifference(tone, skinOf(item)))) }))
    .sort((a, b) => a.deltaE - b.deltaE)
    .flatMap(({ tone }): readonly Proposal[] => {
      const edits = items.map((item) => {
        const at = item.mould.skinColour;
        if (at === undefined) return null;
        const [nearest] = swaps(
          subject,
          [spot(item)],
          inAnotherColour(item, (variant) => variant.colours[at] === tone.id),
          item,
        );
        return nearest?.edits ?? null;
      });
      if (edits.some((edit) => edit === null)) return [];
      return [{ label: `Put all skin on in ${tone.name}`, edits: edits.flatMap((edit) => edit ?? []) }];
    });
}
