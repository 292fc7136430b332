import type { Position, System } from '../anatomy/index.js';
import type { Brief } from '../brief/index.js';
import type { Catalogue } from '../catalogue/index.js';
import { isIrreversible, type Look, type LookPart, spotOf } from '../figure/index.js';
import { lookCost } from '../market/index.js';
import type { Supply } from '../wardrobe/index.js';
import { riskSwap } from './checks/index.js';
import { likeness } from './likeness/index.js';
import { subject } from './subject.js';

/** One spot where two looks are not the same; null where a look has nothing there. */
export interface Difference {
  readonly position: Position;
  readonly spot: string;
  readonly before: LookPart | null;
  readonly after: LookPart | null;
}

const same = (a: LookPart | undefined, b: LookPart | undefined, catalogue: Catalogue): boolean =>
  a !== undefined &&
  b !== undefined &&
  catalogue.resolve(a.variant) === catalogue.resolve(b.variant) &&
  a.turned === b.turned &&
  JSON.stringify(a.alterations ?? []) === JSON.stringify(b.alterations ?? []);

/**
 * Where two looks differ, spot by spot, in the order of the first look and then of what the second adds. A double that was merged is no
 * difference.
 */
export function differences(before: Look, after: Look, catalogue: Catalogue): readonly Difference[] {
  const [a, b] = [new Map(before.parts.map((part) => [spotOf(part), part])), new Map(after.parts.map((part) => [spotOf(part), part]))];
  return [...new Set([...a.keys(), ...b.keys()])]
    .filter((spot) => !same(a.get(spot), b.get(spot), catalogue))
    .map((spot) => {
      const [from, to] = [a.get(spot) ?? null, b.get(spot) ?? null];
      return { position: (from ?? to)?.position ?? 'torso', spot, before: from, after: to };
    });
}

/** What a change asks and what it brings. Money in minor units. */
export interface Effort {
  readonly pieces: number;
  readonly costMinor: number;
  readonly unsold: number;
  readonly likenessGain: number;
  /** Risks in words: a dear torso, something irreversible. */
  readonly risks: readonly string[];
}

/** Effort against effect of going from one look to another: pieces to change, what the new ones cost, risk, likeness gained. */
export function effortOf(before: Look, after: Look, brief: Brief, catalogue: Catalogue, system: System, supply: Supply): Effort {
  const changed = differences(before, after, catalogue);
  const fresh = changed.flatMap(({ before: from, after: to }) => (to && from?.variant !== to.variant ? [to] : []));
  const { toPay, unsold } = lookCost({ parts: fresh, overrules: [] }, supply, (id) => id);
  const [was, is] = [subject(before, brief, catalogue, system, supply), subject(after, brief, catalogue, system, supply)];
  const irreversible =
    fresh.some((part) => (part.alterations ?? []).some(isIrreversible)) ||
    changed.some(({ after: to }) => (to?.alterations ?? []).some(isIrreversible));
  return {
    pieces: changed.length,
    costMinor: toPay.total,
    unsold: unsold.length,
    likenessGain: likeness(is).score - likeness(was).score,
    risks: [...riskSwap(is).map((mark) => mark.sentence), ...(irreversible ? ['Something is altered for good.'] : [])],
  };
}

/** The single changes from one look to another, the most likeness for its cost first: what to do when not all is worth it. */
export function fixList(
  before: Look,
  after: Look,
  brief: Brief,
  catalogue: Catalogue,
  system: System,
  supply: Supply,
): readonly { readonly difference: Difference; readonly effort: Effort }[] {
  return differences(before, after, catalogue)
    .map((difference) => {
      const kept = before.parts.filter((part) => spotOf(part) !== difference.spot);
      const step: Look = { ...before, parts: difference.after ? [...kept, difference.after] : kept };
      return { difference, effort: effortOf(before, step, brief, catalogue, system, supply) };
    })
    .sort((a, b) => worth(b.effort) - worth(a.effort) || (a.difference.spot < b.difference.spot ? -1 : 1));
}

/** Likeness gained for each unit of money, with a little added so that free changes can be compared too. */
const worth = ({ likenessGain, costMinor }: Effort): number => likenessGain / (costMinor + 10);
