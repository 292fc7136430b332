import {
  Catalogue,
  type Era,
  type Face,
  type Position,
  type Print,
  type PrintMotif,
  type Variant,
  variantIdOf,
  type Zone,
} from '@outfit/core';
import type { Surface } from '@outfit/drawing';

/** What can be printed on, the mould it is shown on while it is composed, and its printed faces. */
export const SURFACES: Readonly<
  Record<
    Surface,
    {
      readonly name: string;
      readonly mould: string;
      readonly position: Position;
      readonly faces: readonly Face[];
      readonly zones: readonly Zone[];
    }
  >
> = {
  head: { name: 'Head', mould: 'HD-101', position: 'head', faces: ['front', 'back'], zones: ['brow', 'eyes', 'mouth', 'chin'] },
  torso: { name: 'Torso', mould: 'TO-401', position: 'torso', faces: ['front', 'back'], zones: ['collar', 'chest', 'belly', 'hem'] },
  arm: { name: 'Arm', mould: 'AR-501', position: 'arm.L', faces: ['side'], zones: ['upper', 'fore'] },
  legs: { name: 'Legs', mould: 'LG-701', position: 'hips', faces: ['front', 'back'], zones: ['hip', 'thigh', 'shin', 'foot'] },
};

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
  return ['soot'];
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

export const emptyDraft = (surface: Surface): PrintDraft => ({
  id: '',
  name: '',
  era: 'late',
  mood: surface === 'head' ? 'calm' : undefined,
  secondMood: undefined,
  surface,
  base: surface === 'head' ? 'almond' : 'oatmeal',
  motifs: [],
});

export function draftOf(print: Print, catalogue: Catalogue): PrintDraft {
  const surface = surfaceOfPrint(print);
  const worn = catalogue.data.variants.find((variant) => variant.print === print.id);
  const { id, name, era, mood, secondMood, motifs } = print;
  return { id, name, era, mood, secondMood, surface, base: worn?.colours[0] ?? emptyDraft(surface).base, motifs };
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

/** "Lamp keeper's coat" as "lamp-keepers-coat". */
export const slug = (text: string): string =>
  text
    .toLowerCase()
    .replace(/['’]/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');

/** A little catalogue that holds one variant, also one that is not kept yet, so that the same drawing shows it. */
export function holding(variant: Variant, { data }: Catalogue): Catalogue {
  const moulds = data.moulds.filter((mould) => mould.number === variant.mould);
  return new Catalogue({ ...data, moulds, variants: [variant], bundles: [], sources: [], officialFigures: [] });
}

/** A little catalogue that holds the draft on its mould, so that the same drawing shows it. */
export function draftCatalogue(draft: PrintDraft, catalogue: Catalogue): { readonly catalogue: Catalogue; readonly variant: Variant } {
  const print = { ...printOfDraft(draft), id: 'draft' };
  const { mould } = SURFACES[draft.surface];
  const colours = [draft.base, 'soot'];
  const variant: Variant = { id: variantIdOf(mould, colours, 'draft'), mould, colours, print: 'draft', made: { from: 2000, until: 2000 } };
  const only = holding(variant, new Catalogue({ ...catalogue.data, prints: [print] }));
  return { catalogue: only, variant };
}
