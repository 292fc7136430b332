import {
  type Catalogue,
  type Colour,
  measuresOf,
  type Mould,
  type MouldGeometry,
  type OwnOutline,
  paletteOrder,
  plainShapingOf,
  readShaping,
  type ShapeFamily,
  type Shaping,
  type Variant,
  writeShaping,
} from '@outfit/core';
import { coversOf } from '@outfit/drawing';
import { slug } from '../slug';

/** The measures of a shape that a person may correct, with their names and units. */
export const MEASURES = [
  ['riseMm', 'Rises above the head, mm'],
  ['heightMm', 'Height, mm'],
  ['thicknessMm', 'Thickness on the neck, mm'],
  ['collarRiseMm', 'Collar rises, mm'],
  ['backDropMm', 'Hangs down behind, mm'],
  ['backDepthMm', 'Depth behind, mm'],
  ['massG', 'Mass, g'],
] as const satisfies readonly (readonly [keyof MouldGeometry, string])[];
export type Measure = (typeof MEASURES)[number][0];

/** A mould as it is told: its shape, its names, and the measures that a person knows better. */
export interface ShapeDraft {
  readonly shaping: Shaping;
  readonly name: string;
  readonly number: string;
  readonly nicknames: string;
  readonly thirdParty: boolean;
  /** Drawn by the person, instead of by the shape. */
  readonly outline: OwnOutline | null;
  /** As they were typed; these stay when the shape changes. */
  readonly corrected: Readonly<Partial<Record<Measure, string>>>;
}

export const emptyDraft = (family: ShapeFamily): ShapeDraft => ({
  shaping: plainShapingOf(family),
  name: '',
  number: '',
  nicknames: '',
  thirdParty: false,
  outline: null,
  corrected: {},
});

/** A known mould as a draft, when its shape is told by descriptors; a measure that does not follow from them was corrected. */
export function draftOfMould(mould: Mould): ShapeDraft | null {
  const shaping = readShaping(mould.silhouette);
  if (!shaping) return null;
  const told = measuresOf(shaping).geometry;
  const corrected = Object.fromEntries(
    MEASURES.flatMap(([key]) => {
      const stands = mould.geometry[key];
      return stands !== undefined && stands !== told[key] ? [[key, String(stands)]] : [];
    }),
  );
  return {
    shaping,
    name: mould.name,
    number: mould.number,
    nicknames: mould.nicknames.join(', '),
    thirdParty: mould.thirdParty,
    outline: mould.outline ?? null,
    corrected,
  };
}

/** How tall a thing that somebody drew usually is, and how high its lowest point sits, by where it goes (mm). */
export function usualOutline(mould: Mould): { readonly heightMm: number; readonly liftMm: number } {
  const [position = 'held.L'] = mould.fills[0] ?? [];
  const { heightMm, riseMm = 0 } = mould.geometry;
  if (position === 'headgear')
    return mould.family === 'hair' ? { heightMm: 6.4 + riseMm, liftMm: 2.4 } : { heightMm: 2.2 + riseMm, liftMm: 6.6 };
  if (position.startsWith('neck.')) return { heightMm: 10, liftMm: -9 };
  if (position.startsWith('arm.')) return { heightMm: 10.2, liftMm: 1.6 };
  if (position.startsWith('hand.')) return { heightMm: 3.6, liftMm: -1.2 };
  if (position === 'waist') return { heightMm: 9, liftMm: -8 };
  if (position.startsWith('held.')) return { heightMm: heightMm ?? 8, liftMm: -3 };
  return { heightMm: heightMm ?? 13, liftMm: 0 };
}

/** A number as it is typed, with a point or a comma; null for what is none. */
export function measureOf(text: string): number | null {
  return /^\d{1,3}([.,]\d{1,2})?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;
}

/** The mould a draft would be saved as. What it hides of the body is measured on its drawing. */
export function mouldOfDraft({ shaping, name, number, nicknames, thirdParty, outline, corrected }: ShapeDraft): Mould {
  const { geometry, words, length, family, fills, material, hairColour, skinColour, colourNames } = measuresOf(shaping);
  const better = Object.fromEntries(
    Object.entries(corrected).flatMap(([key, text]) => {
      const value = measureOf(text);
      return value === null ? [] : [[key, value]];
    }),
  );
  const silhouette = writeShaping(shaping);
  const measured = { ...geometry, ...better };
  const covers = coversOf({ silhouette, fills, geometry: measured, ...(outline && { outline }) });
  return {
    number: number.trim() === '' ? slug(name) : number.trim(),
    name: name.trim(),
    nicknames: nicknames
      .split(',')
      .map((word) => word.trim())
      .filter(Boolean),
    family,
    revision: 1,
    material,
    silhouette,
    ...(outline && { outline }),
    fills,
    geometry: { ...measured, ...(Object.keys(covers).length > 0 ? { covers } : {}) },
    shape: { words, ...(length === undefined ? {} : { length }) },
    motifs: [],
    thirdParty,
    ...(hairColour === undefined ? {} : { hairColour }),
    ...(skinColour === undefined ? {} : { skinColour }),
    ...(colourNames === undefined ? {} : { colourNames }),
  };
}

/** Colours to draw with where a catalogue has none yet. */
const STAND_INS: readonly Colour[] = ['#5FA391', '#B5543C', '#E0C243'].map((hex, i) => ({
  id: `stand-in-${i}`,
  name: hex,
  hex,
  finish: 'solid',
  kind: 'cloth',
}));

/** The colours that shapes are drawn in: those of the catalogue, or some while it is empty. */
export const coloursFor = ({ data }: Catalogue): readonly Colour[] => (data.colours.length > 0 ? data.colours : STAND_INS);

/** A part in it to be looked at, in colours that tell its elements apart. */
export function sampleIn(mould: Mould, catalogue: Catalogue): Variant {
  const cloth = [...coloursFor(catalogue)].sort(paletteOrder).filter((colour) => colour.finish === 'solid');
  const colours = [0.5, 0.15, 0.85].map((share) => cloth[Math.floor(cloth.length * share)]?.id ?? '');
  return { id: 'shape', mould: mould.number, colours };
}
