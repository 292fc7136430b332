import { type Position, type Region, REGION_AREA_MM2, regionAt } from '../../anatomy/index.js';
import type { Catalogue } from '../../catalogue/index.js';
import type { SchemeColour } from '../../colour/index.js';
import type { Worn } from '../look/index.js';
import { SURFACE } from './surface.js';
import type { Visibility } from './visibility.js';

/** What one printed motif covers of the zones it lies in, and how its colours share that. */
const MOTIF_SHARE = 0.4;
const FIRST_COLOUR_SHARE = 0.6;
/** Area of parts that no region stands for, in mm². */
const HEADGEAR_MM2 = 120;
const SMALL_MM2 = 18;

type Add = (colour: string | undefined, areaMm2: number) => void;

/** The areas of a part's own surface: its plastic, and its print on the zones it lies in. */
function ofSurface(item: Worn, regions: readonly Region[], visibility: Visibility, add: Add): void {
  const printed = new Map<Region, number>();
  for (const motif of item.print?.motifs ?? [])
    for (const zone of motif.zones) {
      const region = regionAt(item.part.position, motif.face, zone, item.part.turned);
      if (!region || !regions.includes(region)) continue;
      const share = MOTIF_SHARE * Math.max(0, 1 - (printed.get(region) ?? 0));
      printed.set(region, (printed.get(region) ?? 0) + share);
      const area = REGION_AREA_MM2[region] * visibility.of(region) * share;
      const rest = motif.colours.length - 1;
      motif.colours.forEach((colour, i) =>
        add(colour, area * (rest === 0 ? 1 : i === 0 ? FIRST_COLOUR_SHARE : (1 - FIRST_COLOUR_SHARE) / rest)),
      );
    }
  const [base, second] = item.variant.colours;
  for (const region of regions) {
    const area = REGION_AREA_MM2[region] * visibility.of(region) * (1 - (printed.get(region) ?? 0));
    const isFoot = region.endsWith('.foot') || region.startsWith('arm.fore');
    add(isFoot ? (second ?? base) : base, area);
  }
}

/** What covers shows itself where it covers; headgear, held and small things have areas of their own. */
function ofCover(item: Worn, add: Add, isLeftOut: LeftOut): void {
  const { position } = item.part;
  const covered = Object.entries(item.mould.geometry.covers ?? {}).reduce(
    (all, [region, share]) => all + (REGION_AREA_MM2[region as Region] ?? 0) * share,
    0,
  );
  const area = position === 'headgear' ? HEADGEAR_MM2 : Math.max(covered, SMALL_MM2);
  const { colours } = item.variant;
  colours.forEach((colour, at) => {
    if (!isLeftOut(item, at)) add(colour, area * coverShare(at, colours.length));
  });
}

/** What share of a part that covers is in its first, second and third colour, of so many. */
const COVER_SHARES: Readonly<Record<number, readonly number[]>> = { 1: [1], 2: [0.8, 0.2], 3: [0.8, 0.13, 0.07] };
const coverShare = (at: number, of: number): number => COVER_SHARES[of]?.[at] ?? 0;

/**
 * How far a part is in one of its colours, 0 to 1: a tie in a plait does not make the hair woad. What a part that covers or is held has besides
 * its first colour and its hair is a trim, and counts by its share against the first; a body part is in each of its colours.
 *
 * @param at which of the part's colours, the first 0
 * @param of how many colours the part is in
 * For example: the tie of a plait in two colours gives 0.2 ÷ 0.8 = 0.25.
 */
export function shareInColour({ part, mould, variant }: Worn, at: number, of = variant.colours.length): number {
  if (at === 0 || at === mould.hairColour || SURFACE[part.position]) return 1;
  return coverShare(at, of) / coverShare(0, of);
}

/** Visible area of every colour = Σ region area × visible fraction × share of the colour in that region's print. */
export const visibleColours = (worn: readonly Worn[], visibility: Visibility, catalogue: Catalogue): readonly SchemeColour[] =>
  coloursOf(worn, visibility, catalogue, () => false);

/** The same for the clothes alone: hair, and what is printed on a face, are no colours of theirs (calculations, *Colour*: scheme). */
export const clothColours = (worn: readonly Worn[], visibility: Visibility, catalogue: Catalogue): readonly SchemeColour[] =>
  coloursOf(
    worn.filter(({ part, mould }) => part.position !== 'head' || mould.skinColour === undefined),
    visibility,
    catalogue,
    ({ mould }, at) => mould.hairColour === at,
  );

/** Says of a colour of a part, by its place among the part's colours, that it is not to be counted. */
type LeftOut = (item: Worn, at: number) => boolean;

function coloursOf(worn: readonly Worn[], visibility: Visibility, catalogue: Catalogue, isLeftOut: LeftOut): readonly SchemeColour[] {
  const seen = new Map<string, { areaMm2: number; at: Set<Position> }>();
  for (const item of worn) {
    const { position } = item.part;
    if (position === 'beside' || position === 'stand' || position === 'built') continue;
    const add: Add = (colour, areaMm2) => {
      if (colour === undefined || areaMm2 <= 0) return;
      const known = seen.get(colour) ?? { areaMm2: 0, at: new Set() };
      known.areaMm2 += areaMm2;
      known.at.add(position);
      seen.set(colour, known);
    };
    const regions = SURFACE[position];
    if (regions) ofSurface(item, regions, visibility, add);
    else ofCover(item, add, isLeftOut);
  }
  return [...seen].map(([id, { areaMm2, at }]) => ({ colour: catalogue.colour(id), areaMm2, at: [...at] }));
}
