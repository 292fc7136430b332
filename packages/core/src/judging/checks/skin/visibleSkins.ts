import { positionName, type Region, regionAt, type Zone } from '../../../anatomy/index.js';
import type { Colour } from '../../../colour/index.js';
import type { Worn } from '../../../figure/index.js';
import type { Subject } from '../../subject.js';

/** A skin that can be seen on a part other than the face. */
export interface VisibleSkin {
  readonly item: Worn;
  readonly colour: Colour;
  readonly what: string;
}

const SKIN_ZONES: readonly Zone[] = ['fore', 'thigh', 'shin'];

/** Skin the mould itself shows: hands, bare arms, bare legs, moulded ears. Gloves and sleeves are not skins. */
function ofMould(item: Worn, { catalogue, visibility }: Subject): readonly VisibleSkin[] {
  if (item.mould.skinColour === undefined) return [];
  const colour = catalogue.colourAt(item.variant, item.mould.skinColour);
  if (colour.kind !== 'skin') return [];
  const regions = SKIN_ZONES.map((zone) => regionAt(item.part.position, 'front', zone, false)).filter(
    (region): region is Region => region !== null,
  );
  return visibility.mean(regions) > 0 ? [{ item, colour, what: positionName(item.part.position).toLowerCase() }] : [];
}

/** Skin printed on a part: a neckline, a bare back. */
function ofPrint(item: Worn, { catalogue, visibility }: Subject): readonly VisibleSkin[] {
  return (item.print?.motifs ?? [])
    .filter((motif) => visibility.ofMotif(item, motif) > 0)
    .flatMap((motif) => motif.colours)
    .map((id) => catalogue.colour(id))
    .filter((colour) => colour.kind === 'skin')
    .map((colour) => ({ item, colour, what: 'printed neckline' }));
}

/** Every skin a part shows: its own and what is printed on it. */
export const visibleSkins = (item: Worn, subject: Subject): readonly VisibleSkin[] => [
  ...ofMould(item, subject),
  ...ofPrint(item, subject),
];
