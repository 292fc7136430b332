import type { ErrandInput } from '@outfit/core';

/** An errand's input as it crosses to a thread: what were functions are tables. */
export interface PlainInput extends Omit<ErrandInput, 'demand' | 'substitutes' | 'sameSeller' | 'yieldsOf' | 'massG'> {
  readonly demand: readonly (readonly [string, number])[];
  readonly substitutesOf: Readonly<Record<string, ReturnType<ErrandInput['substitutes']>>>;
  readonly sameSellerOf: readonly string[];
  readonly yields: Readonly<Record<string, readonly (readonly [string, number])[]>>;
  readonly masses: Readonly<Record<string, number>>;
}

/** The input again, as it was before it crossed. */
export function inputOf({ demand, substitutesOf, sameSellerOf, yields, masses, ...rest }: PlainInput): ErrandInput {
  const same = new Set(sameSellerOf);
  return {
    ...rest,
    demand: new Map(demand),
    substitutes: (variant) => substitutesOf[variant] ?? [],
    sameSeller: (variant) => same.has(variant),
    yieldsOf: ({ kind, id }) => new Map(yields[`${kind} ${id}`] ?? []),
    massG: (variant) => masses[variant] ?? 0,
  };
}

/** What crosses to the thread: an input's functions as tables over what it can ask about. */
export function plainInput({ demand, substitutes, sameSeller, yieldsOf, massG, offers, ...rest }: ErrandInput): PlainInput {
  const wanted = [...demand.keys()];
  const all = new Set([...wanted, ...wanted.flatMap((variant) => substitutes(variant).map((row) => row.variant))]);
  const useful = offers.filter(({ item }) => [...yieldsOf(item).keys()].some((variant) => all.has(variant)));
  const yields = new Map(useful.map(({ item }) => [`${item.kind} ${item.id}`, [...yieldsOf(item)] as const]));
  return {
    ...rest,
    offers: useful,
    demand: [...demand],
    substitutesOf: Object.fromEntries(wanted.map((variant) => [variant, substitutes(variant)])),
    sameSellerOf: wanted.filter(sameSeller),
    yields: Object.fromEntries(yields),
    masses: Object.fromEntries([...yields.values()].flatMap((rows) => rows.map(([variant]) => [variant, massG(variant)]))),
  };
}
