/** A version of a look: what it costs and how like its brief it is. */
export interface Version {
  readonly costMinor: number;
  readonly likeness: number | null;
  readonly short: number;
}

/**
 * Versions that keep a likeness and can be had whole, cheapest first; of those that cost more only the ones that look better (the Pareto
 * front of cost and likeness). Equal cost goes to the more alike.
 */
export function worthwhileVersions<V extends Version>(versions: readonly V[], floor: number): readonly V[] {
  const kept: V[] = [];
  const rising = versions
    .filter((version) => (version.likeness ?? 0) >= floor && version.short === 0)
    .sort((a, b) => a.costMinor - b.costMinor || (b.likeness ?? 0) - (a.likeness ?? 0));
  for (const version of rising) if ((version.likeness ?? 0) > (kept.at(-1)?.likeness ?? -1)) kept.push(version);
  return kept;
}
