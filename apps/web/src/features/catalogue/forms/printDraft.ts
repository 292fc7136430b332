import { slug } from '../slug';
import {
  Catalogue,
  labOf,
  type Era,
  type Face,
  type Mould,
  type Position,
  type Print,
  type PrintMotif,
  type Variant,
  variantIdOf,
  type Zone,
} from '@outfit/core';
import type { Surface } from '@outfit/drawing';

/** What can be printed on, which moulds have it, and its printed faces and zones. */
export const SURFACES: Readonly<
  Record<
    Surface,
    {
      readonly name: string;
      /** The family of the moulds that have it, and the silhouette of the plainest of them. */
      readonly family: string;
      readonly plainest: string;
      readonly position: Position;
      readonly faces: readonly Face[];
      readonly zones: readonly Zone[];
    }
  >
> = {
  head: {
    name: 'Head',
    family: 'head',
    plainest: 'head',
    position: 'head',
    faces: ['front', 'back'],
    zones: ['brow', 'eyes', 'mouth', 'chin'],
  },
  torso: {
    name: 'Torso',
    family: 'torso',
    plainest: 'torso',
    position: 'torso',
    faces: ['front', 'back'],
    zones: ['collar', 'chest', 'belly', 'hem'],
  },
  arm: { name: 'Arm', family: 'arm', plainest: 'arm', position: 'arm.L', faces: ['side'], zones: ['upper', 'fore'] },
  legs: {
    name: 'Legs',
    family: 'legs',
    plainest: 'legs',
    position: 'hips',
    faces: ['front', 'back'],
    zones: ['hip', 'thigh', 'shin', 'foot'],
  },
};

/** The mould that prints of a surface are shown on: the plainest of its family; undefined while the catalogue has none. */
export function mouldFor(surface: Surface, { data }: Catalogue): Mould | undefined {
  const { family, plainest, position } = SURFACES[surface];
  const own = data.moulds.filter((mould) => mould.family === family && mould.fills.some((fills) => fills.includes(position)));
  return own.find((mould) => mould.silhouette === plainest) ?? own[0];
}

/** The surface of a mould that prints lie on; undefined where none does. */
export const surfaceOfMould = (mould: Mould): Surface | undefined =>
  (Object.keys(SURFACES) as Surface[]).find((surface) => mould.fills.some((fills) => fills.includes(SURFACES[surface].position)));

/** The surface a finished print is for, told by its zones. */
export function surfaceOfPrint(print: Print): Surface {
  const zones = new Set(print.motifs.flatMap((motif) => motif.zones));
  return (Object.keys(SURFACES) as Surface[]).find((surface) => SURFACES[surface].zones.some((zone) => zones.has(zone))) ?? 'torso';
}

/** Where a motif usually lies: as on the prints that have it, else everywhere on the surface. */
export function usualZones(motif: string, surface: Surface, catalogue: Catalogue): readonly Zone[] {
  for (const print of catalogue.data.prints) {
    const known = print.motifs.find((row) => row.motif === motif);
    if (known && known.zones.every((zone) => SURFACES[surface].zones.includes(zone))) return known.zones;
  }
  return SURFACES[surface].zones;
}

/** How many colours a motif takes: as many as the prints that have it give it. */
export function usualColours(motif: string, catalogue: Catalogue): readonly string[] {
  for (const print of catalogue.data.prints) {
    const known = print.motifs.find((row) => row.motif === motif);
    if (known) return known.colours;
  }
  return [darkest(catalogue)];
}

export interface PrintDraft {
  readonly id: string;
  readonly name: string;
  readonly era: Era;
  readonly mood: Print['mood'];
  readonly secondMood: Print['secondMood'];
  readonly surface: Surface;
  /** The plastic it is shown on. */
  readonly base: string;
  readonly motifs: readonly PrintMotif[];
}

/** The colour of the palette that lines are drawn in, and the one nearest to paper; empty in a catalogue without colours. */
const darkest = (catalogue: Catalogue): string => extreme(catalogue, (a, b) => a - b);
const palest = (catalogue: Catalogue): string => extreme(catalogue, (a, b) => b - a);
const extreme = ({ data }: Catalogue, order: (a: number, b: number) => number): string =>
  [...data.colours]
    .filter((colour) => colour.finish === 'solid')
    .sort((a, b) => order(labOf(a.hex).l, labOf(b.hex).l))
    .at(0)?.id ?? '';

export const emptyDraft = (surface: Surface, catalogue: Catalogue): PrintDraft => ({
  id: '',
  name: '',
  era: 'late',
  mood: surface === 'head' ? 'calm' : undefined,
  secondMood: undefined,
  surface,
  base: (surface === 'head' ? catalogue.data.colours.find((colour) => colour.kind === 'skin')?.id : undefined) ?? palest(catalogue),
  motifs: [],
});

export function draftOf(print: Print, catalogue: Catalogue): PrintDraft {
  const surface = surfaceOfPrint(print);
  const worn = catalogue.data.variants.find((variant) => variant.print === print.id);
  const { id, name, era, mood, secondMood, motifs } = print;
  return { id, name, era, mood, secondMood, surface, base: worn?.colours[0] ?? emptyDraft(surface, catalogue).base, motifs };
}

/** The print a draft would be saved as. Its number comes from its name when it has none yet. */
export function printOfDraft(draft: PrintDraft): Print {
  const { name, era, mood, secondMood, motifs, surface } = draft;
  const hasSecond = motifs.some((motif) => motif.face === 'back');
  return {
    id: draft.id === '' ? slug(name) : draft.id,
    name,
    era,
    ...(surface === 'head' && mood ? { mood } : {}),
    ...(surface === 'head' && hasSecond && secondMood ? { secondMood } : {}),
    motifs,
  };
}

/** A little catalogue that holds one variant, also one that is not kept yet, so that the same drawing shows it. */
export function catalogueWith(variant: Variant, { data }: Pick<Catalogue, 'data'>): Catalogue {
  const moulds = data.moulds.filter((mould) => mould.number === variant.mould);
  return new Catalogue({ ...data, moulds, variants: [variant], bundles: [], sources: [], officialFigures: [] });
}

/** A little catalogue that holds the draft on its mould, so that the same drawing shows it. */
export function draftCatalogue(
  draft: PrintDraft,
  mould: string,
  catalogue: Catalogue,
): { readonly catalogue: Catalogue; readonly variant: Variant } {
  const print = { ...printOfDraft(draft), id: 'draft' };
  const colours = [draft.base];
  const variant: Variant = { id: variantIdOf(mould, colours, 'draft'), mould, colours, print: 'draft', made: { from: 2000, until: 2000 } };
  const only = catalogueWith(variant, { data: { ...catalogue.data, prints: [print] } });
  return { catalogue: only, variant };
}
