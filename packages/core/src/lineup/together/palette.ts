import type { Catalogue } from '../../catalogue/index.js';
import { type Colour, colourDifference, type SchemeColour } from '../../colour/index.js';
import { clothColours, isNeckLayer } from '../../figure/index.js';
import { list } from '../../kernel/index.js';
import type { Seen } from './member.js';

/** A colour of the line-up with its share of all cloth in sight, 0 to 1. */
export interface PaletteColour {
  readonly colour: Colour;
  readonly share: number;
}

/** What makes a line-up read as one, and what does not. */
export interface Togetherness {
  readonly palette: readonly PaletteColour[];
  /** How far each figure's colours are from everybody else's: mean ΔE, 0 for alike. */
  readonly apart: readonly { readonly figure: string; readonly deltaE: number }[];
  readonly oddOneOut: string | null;
  /** The contrast of each figure with the pack or ground, and with the neighbour it differs least from. */
  readonly contrasts: readonly { readonly figure: string; readonly withPack: number | null; readonly withNeighbour: number | null }[];
  readonly remarks: readonly { readonly sentence: string; readonly figures: readonly string[] }[];
}

/** The odd one out is that much farther from the others than they are from each other, and noticeably so. */
const ODD_TIMES = 1.6;
const ODD_LEAST = 12;
const LEAST_FIGURES = 4;
/** Main colours nearer than this to what stands behind them are lost before it (calculations, *Colour*: alike). */
const LOST_UNDER = 12;
const SHOWN_SHARE = 0.02;

const total = (colours: readonly SchemeColour[]): number => colours.reduce((all, { areaMm2 }) => all + areaMm2, 0);

/** Mean over one figure's colours, by area, of the distance to the nearest that the others have, weighted towards their main ones. */
function distance(own: readonly SchemeColour[], others: readonly PaletteColour[]): number {
  const area = total(own);
  if (area === 0 || others.length === 0) return 0;
  return own.reduce(
    (all, { colour, areaMm2 }) =>
      all + (areaMm2 / area) * Math.min(...others.map((other) => colourDifference(colour, other.colour) + RARE * (1 - other.share))),
    0,
  );
}
/** A colour that hardly anybody wears explains one less: at most so many ΔE. */
const RARE = 8;

function paletteOf(figures: readonly (readonly SchemeColour[])[]): readonly PaletteColour[] {
  const areas = new Map<string, { readonly colour: Colour; share: number }>();
  const counted = figures.filter((colours) => total(colours) > 0);
  for (const colours of counted)
    for (const { colour, areaMm2 } of colours) {
      const known = areas.get(colour.id) ?? { colour, share: 0 };
      known.share += areaMm2 / total(colours) / counted.length;
      areas.set(colour.id, known);
    }
  return [...areas.values()].sort((a, b) => b.share - a.share);
}

/**
 * Togetherness of a line-up: its palette by visible area (each figure counts alike), the figure whose colours are farthest from the
 * others', cape lengths, and the contrast of main colours with the pack and with neighbours in ΔE (calculations, *Colour*).
 */
export function togethernessOf(figures: readonly Seen[], catalogue: Catalogue, packColour: string): Togetherness {
  const colours = figures.map(({ worn, visibility }) =>
    clothColours(worn, visibility, catalogue).filter(({ colour }) => colour.kind !== 'skin'),
  );
  const apart = figures.flatMap(({ id }, i) =>
    total(colours[i] ?? []) === 0
      ? []
      : [{ figure: id, deltaE: distance(colours[i] ?? [], paletteOf(colours.filter((_, other) => other !== i))) }],
  );
  const sorted = [...apart].sort((a, b) => b.deltaE - a.deltaE);
  const [first, second] = sorted;
  const isOdd =
    first !== undefined &&
    second !== undefined &&
    apart.length >= LEAST_FIGURES &&
    first.deltaE >= ODD_LEAST &&
    first.deltaE >= ODD_TIMES * second.deltaE;
  const oddOneOut = isOdd ? first.figure : null;
  const pack = packColour !== '' && catalogue.hasColour(packColour) ? catalogue.colour(packColour) : null;
  const mains = colours.map((own) => [...own].sort((a, b) => b.areaMm2 - a.areaMm2)[0]?.colour ?? null);
  const between = (a: Colour | null | undefined, b: Colour | null | undefined): number | null => (a && b ? colourDifference(a, b) : null);
  const contrasts = figures.map(({ id }, i) => {
    const near = [mains[i - 1], mains[i + 1]].map((other) => between(mains[i], other)).filter((value) => value !== null);
    return { figure: id, withPack: between(mains[i], pack), withNeighbour: near.length > 0 ? Math.min(...near) : null };
  });
  const nameOf = (figure: string): string => figures.find(({ id }) => id === figure)?.name ?? '';
  const lost = contrasts.filter(({ withPack }) => withPack !== null && withPack < LOST_UNDER).map(({ figure }) => figure);
  const remarks = [
    ...(oddOneOut === null ? [] : [{ sentence: `${nameOf(oddOneOut)} is the odd one out in colour.`, figures: [oddOneOut] }]),
    ...capeRemarks(figures),
    ...(lost.length > 0 && pack
      ? [
          {
            sentence: `${list(lost.slice(0, 4).map(nameOf))} ${lost.length === 1 ? 'is' : 'are'} hard to see before ${pack.name}.`,
            figures: lost,
          },
        ]
      : []),
  ];
  return { palette: paletteOf(colours).filter(({ share }) => share >= SHOWN_SHARE), apart, oddOneOut, contrasts, remarks };
}

/** A cape is long when it hides the lower leg behind. */
const isLong = (covers: Readonly<Partial<Record<string, number>>> | undefined): boolean => (covers?.['leg.back.shin'] ?? 0) >= 0.5;

function capeRemarks(figures: readonly Seen[]): Togetherness['remarks'] {
  const capes = figures.flatMap(({ id, worn }) =>
    worn
      .filter((item) => isNeckLayer(item) && item.mould.family === 'cape')
      .map(({ mould }) => ({ id, long: isLong(mould.geometry.covers) })),
  );
  const [long, short] = [capes.filter((cape) => cape.long), capes.filter((cape) => !cape.long)];
  if (long.length === 0 || short.length === 0) return [];
  const fewer = long.length < short.length ? long : short;
  return [{ sentence: `Capes: ${long.length} long, ${short.length} short.`, figures: fewer.map(({ id }) => id) }];
}
