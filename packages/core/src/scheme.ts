import { differenceCiede2000, type Lab65 } from 'culori';
import type { Catalogue } from './catalogue.js';
import { labOf, type Colour } from './colour.js';
import type { Worn } from './look.js';
import type { Position } from './positions.js';
import { REGION_AREA_MM2, regionAt, REGIONS, type Region } from './regions.js';
import type { Visibility } from './visibility.js';

/** A colour as far as it is seen: how much of it, and on which parts. */
export interface SchemeColour {
  readonly colour: Colour;
  readonly areaMm2: number;
  readonly at: readonly Position[];
}

/** Colours that read as one, with what they make up of the whole. */
export interface SchemeCluster {
  readonly colours: readonly SchemeColour[];
  readonly areaMm2: number;
  /** Of the visible area, skin and metal apart, 0 to 1. */
  readonly share: number;
}

export interface Scheme {
  readonly clusters: readonly SchemeCluster[];
  /** The one cluster under 12 %, when there is just one or the smallest of several. */
  readonly accent: SchemeCluster | null;
}

const DROP_UNDER = 0.04;
const ACCENT_UNDER = 0.12;
const MERGE_UNDER = 8;
/** What one printed motif covers of the zones it lies in, and how its colours share that. */
const MOTIF_SHARE = 0.4;
const FIRST_COLOUR_SHARE = 0.6;
/** Area of parts that no region stands for, in mm². */
const HEADGEAR_MM2 = 120;
const SMALL_MM2 = 18;

const ciede2000 = differenceCiede2000();

const regionsOf = (test: RegExp): readonly Region[] => REGIONS.filter((region) => test.test(region));

/** Regions a body part is the surface of. */
const SURFACE: Readonly<Partial<Record<Position, readonly Region[]>>> = {
  head: regionsOf(/^head/),
  torso: regionsOf(/^torso/),
  'arm.L': regionsOf(/^arm.*L$/),
  'arm.R': regionsOf(/^arm.*R$/),
  'hand.L': regionsOf(/^hand.L$/),
  'hand.R': regionsOf(/^hand.R$/),
  hips: regionsOf(/^(leg|hip)/),
  lower: regionsOf(/^(leg|hip)/),
};

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
function ofCover(item: Worn, add: Add): void {
  const { position } = item.part;
  const covered = Object.entries(item.mould.geometry.covers ?? {}).reduce(
    (all, [region, share]) => all + (REGION_AREA_MM2[region as Region] ?? 0) * share,
    0,
  );
  const area = position === 'headgear' ? HEADGEAR_MM2 : Math.max(covered, SMALL_MM2);
  const [first, second, third] = item.variant.colours;
  add(first, area * (second === undefined ? 1 : 0.8));
  add(second, area * (third === undefined ? 0.2 : 0.13));
  add(third, area * 0.07);
}

/** Visible area of every colour = Σ region area × visible fraction × share of the colour in that region's print. */
export function visibleColours(worn: readonly Worn[], visibility: Visibility, catalogue: Catalogue): readonly SchemeColour[] {
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
    else ofCover(item, add);
  }
  return [...seen].map(([id, { areaMm2, at }]) => ({ colour: catalogue.colour(id), areaMm2, at: [...at] }));
}

interface Growing {
  readonly colours: readonly SchemeColour[];
  readonly areaMm2: number;
  readonly lab: Lab65;
}

/** Area-weighted mean in CIE Lab. */
function merged(a: Growing, b: Growing): Growing {
  const areaMm2 = a.areaMm2 + b.areaMm2;
  const mean = (x: number, y: number): number => (x * a.areaMm2 + y * b.areaMm2) / areaMm2;
  return {
    colours: [...a.colours, ...b.colours],
    areaMm2,
    lab: { mode: 'lab65', l: mean(a.lab.l, b.lab.l), a: mean(a.lab.a, b.lab.a), b: mean(a.lab.b, b.lab.b) },
  };
}

/**
 * The main colours of what is seen (calculations, *Scheme*): skin and metal apart, colours under 4 % dropped, the
 * closest pair merged while it is under ΔE 8. Largest first.
 */
export function schemeOf(colours: readonly SchemeColour[]): Scheme {
  const cloth = colours.filter(({ colour }) => colour.kind !== 'skin' && colour.kind !== 'metal' && colour.finish !== 'metallic');
  const total = cloth.reduce((all, row) => all + row.areaMm2, 0);
  let growing: Growing[] = cloth
    .filter((row) => row.areaMm2 >= total * DROP_UNDER)
    .map((row) => ({ colours: [row], areaMm2: row.areaMm2, lab: labOf(row.colour.hex) }));
  for (;;) {
    let closest: { a: Growing; b: Growing; deltaE: number } | null = null;
    for (const [i, a] of growing.entries())
      for (const b of growing.slice(i + 1)) {
        const deltaE = ciede2000(a.lab, b.lab);
        if (deltaE < MERGE_UNDER && (!closest || deltaE < closest.deltaE)) closest = { a, b, deltaE };
      }
    if (!closest) break;
    const { a, b } = closest;
    growing = [...growing.filter((cluster) => cluster !== a && cluster !== b), merged(a, b)];
  }
  const clusters = growing
    .map(({ colours: members, areaMm2 }) => ({
      colours: [...members].sort((a, b) => b.areaMm2 - a.areaMm2),
      areaMm2,
      share: total === 0 ? 0 : areaMm2 / total,
    }))
    .sort((a, b) => b.areaMm2 - a.areaMm2);
  const smallest = clusters.at(-1);
  return { clusters, accent: smallest && clusters.length > 1 && smallest.share < ACCENT_UNDER ? smallest : null };
}
