import { type Lab65 } from 'culori/fn';
import type { Position } from '../anatomy/index.js';
import { labDifference, type Colour, labOf } from './colour.js';

/** A colour as far as it is seen: how much of it, and on which parts. */
export interface SchemeColour {
  readonly colour: Colour;
  readonly areaMm2: number;
  readonly at: readonly Position[];
}

/** Colours that read as one, with what they make up of the whole. */
interface SchemeCluster {
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

interface Growing {
  readonly colours: readonly SchemeColour[];
  readonly areaMm2: number;
  readonly lab: Lab65;
}

/** Area-weighted mean in CIE Lab. */
function merge(a: Growing, b: Growing): Growing {
  const areaMm2 = a.areaMm2 + b.areaMm2;
  const mean = (x: number, y: number): number => (x * a.areaMm2 + y * b.areaMm2) / areaMm2;
  return {
    colours: [...a.colours, ...b.colours],
    areaMm2,
    lab: { mode: 'lab65', l: mean(a.lab.l, b.lab.l), a: mean(a.lab.a, b.lab.a), b: mean(a.lab.b, b.lab.b) },
  };
}

/**
 * The main colours of what is seen: skin and metal apart, colours under 4 % dropped, the
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
        const deltaE = labDifference(a.lab, b.lab);
        if (deltaE < MERGE_UNDER && (!closest || deltaE < closest.deltaE)) closest = { a, b, deltaE };
      }
    if (!closest) break;
    const { a, b } = closest;
    growing = [...growing.filter((cluster) => cluster !== a && cluster !== b), merge(a, b)];
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
