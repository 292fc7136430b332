import { colourDifference, readDifference, type Colour } from '../colour.js';
import type { Worn } from '../look.js';
import { positionName } from '../positions.js';
import { regionAt, type Region, type Zone } from '../regions.js';
import type { Check, Subject } from './check.js';
import { swaps } from './remedies.js';

/** Skins further apart than this read as two people (anatomy, *Checks*). */
const MOST_DELTA_E = 6;

interface VisibleSkin {
  readonly item: Worn;
  readonly colour: Colour;
  readonly what: string;
}

const SKIN_ZONES: readonly Zone[] = ['fore', 'thigh', 'shin'];

/** Skin the mould itself shows: hands, bare arms, bare legs, moulded ears. Gloves and sleeves are not skins. */
function ofMould(item: Worn, { catalogue, visibility }: Subject): readonly VisibleSkin[] {
  if (item.part.position === 'head' || item.mould.skinColour === undefined) return [];
  const colour = catalogue.colour(item.variant.colours[item.mould.skinColour] ?? '');
  if (colour.kind !== 'skin') return [];
  const regions = SKIN_ZONES.map((zone) => regionAt(item.part.position, 'front', zone, false)).filter(
    (region): region is Region => region !== null,
  );
  return visibility.mean(regions) > 0 ? [{ item, colour, what: positionName(item.part.position).toLowerCase() }] : [];
}

/** Skin printed on a part: a neckline, a bare back. */
function ofPrint(item: Worn, { catalogue, visibility }: Subject): readonly VisibleSkin[] {
  if (item.part.position === 'head') return [];
  return (catalogue.printOf(item.variant)?.motifs ?? [])
    .filter((motif) => visibility.ofMotif(item, motif) > 0)
    .flatMap((motif) => motif.colours)
    .map((id) => catalogue.colour(id))
    .filter((colour) => colour.kind === 'skin')
    .map((colour) => ({ item, colour, what: 'printed neckline' }));
}

/** `skin.match`: visible skins other than the face that differ from it by more than ΔE 6. */
export const skinMatch: Check = (subject) => {
  const { worn, face, catalogue } = subject;
  if (!face) return [];
  const differing = worn
    .flatMap((item) => [...ofMould(item, subject), ...ofPrint(item, subject)])
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
    const matching =
      skinIndex === undefined
        ? []
        : swaps(subject, positions, (variant) => {
            if (variant.mould !== item.mould.number || variant.print !== item.variant.print) return false;
            const alike = variant.colours.every((id, i) => i === skinIndex || id === item.variant.colours[i]);
            const skin = catalogue.colour(variant.colours[skinIndex] ?? '');
            return alike && skin.kind === 'skin' && colourDifference(skin, face.skin) <= MOST_DELTA_E;
          });
    return {
      check: 'skin.match',
      key: `skin.match:${face.head.variant.id}+${item.variant.id}`,
      severity: 'shows',
      position: item.part.position,
      region: null,
      sentence: `The ${what} in ${colour.name} ${what.endsWith('s') ? 'are' : 'is'} ${deltaE.toFixed(1)} from the face in ${face.skin.name}: ${readDifference(deltaE)}.`,
      remedies: matching,
    };
  });
};
