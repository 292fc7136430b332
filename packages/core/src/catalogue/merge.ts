import type { Catalogue } from './catalogue.js';
import { type Variant, variantIdOf } from './entries.js';

export const MERGEABLE = ['mould', 'colour', 'print', 'variant'] as const;
export type Mergeable = (typeof MERGEABLE)[number];

/** What merging a double means for variants: which are marked as another, and which of those others must be added first. */
export interface Merge {
  readonly add: readonly Variant[];
  readonly mark: readonly { readonly variant: string; readonly mergedInto: string }[];
}

/** Two variants that cannot be one; its message says why, as a person reads it. */
export class MergeRefused extends Error {}

/**
 * Merges one entry into another of its kind. Nothing that names the double is rewritten: its variants are marked as
 * being the kept entry's, and whoever looks one up gets the other. Made years are joined. Throws MergeRefused with a
 * sentence when the two cannot be one.
 */
export function merge(kind: Mergeable, double: string, kept: string, catalogue: Catalogue): Merge {
  if (double === kept) throw new MergeRefused('Choose two different entries: this is one and the same.');
  if (kind === 'variant') return mergeVariant(double, kept, catalogue);
  const swap = (id: string): string => (id === double ? kept : id);
  const add = new Map<string, Variant>();
  const mark: { variant: string; mergedInto: string }[] = [];
  for (const variant of catalogue.data.variants) {
    if (variant.mergedInto || !uses(variant, kind, double)) continue;
    const mould = kind === 'mould' ? swap(variant.mould) : variant.mould;
    const colours = kind === 'colour' ? variant.colours.map(swap) : variant.colours;
    const print = kind === 'print' && variant.print !== undefined ? swap(variant.print) : variant.print;
    const id = variantIdOf(mould, colours, print);
    const known = add.get(id) ?? (catalogue.has(id) ? catalogue.variant(id) : undefined);
    const made = joinYears(known?.made, variant.made);
    add.set(id, { id, mould, colours, ...(print === undefined ? {} : { print }), ...(made ? { made } : {}) });
    mark.push({ variant: variant.id, mergedInto: id });
  }
  return { add: [...add.values()], mark };
}

function mergeVariant(double: string, kept: string, catalogue: Catalogue): Merge {
  const [a, b] = [catalogue.variant(double), catalogue.variant(kept)];
  if (a.id === b.id) throw new MergeRefused('These two have been merged already.');
  if (catalogue.mouldOf(a).family !== catalogue.mouldOf(b).family)
    throw new MergeRefused(`A ${catalogue.mouldOf(a).family} cannot be merged into a ${catalogue.mouldOf(b).family}.`);
  const made = joinYears(b.made, a.made);
  return { add: [{ ...b, ...(made ? { made } : {}) }], mark: [{ variant: a.id, mergedInto: b.id }] };
}

const uses = (variant: Variant, kind: Exclude<Mergeable, 'variant'>, id: string): boolean =>
  kind === 'mould' ? variant.mould === id : kind === 'print' ? variant.print === id : variant.colours.includes(id);

const joinYears = (a: Variant['made'], b: Variant['made']): Variant['made'] =>
  a && b ? { from: Math.min(a.from, b.from), until: Math.max(a.until, b.until) } : (a ?? b);
