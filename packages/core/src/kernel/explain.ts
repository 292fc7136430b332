/** One line of a short sum. `value` is in the unit of the sum it belongs to. */
export interface Term {
  readonly label: string;
  readonly value: number;
}

/** A number that can be asked *why*: its total and the terms that made it. */
export interface Explained {
  readonly total: number;
  readonly unit: 'mm' | 'points' | 'minor';
  readonly terms: readonly Term[];
}

/** Adds up terms. Floating dust under a millionth is swept off so that 13.0 + 12.6 + 8.8 reads 34.4. */
export function sum(unit: Explained['unit'], terms: readonly Term[]): Explained {
  const total = terms.reduce((all, term) => all + term.value, 0);
  return { total: Math.round(total * 1e6) / 1e6, unit, terms };
}
