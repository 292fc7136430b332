import { seededRandom, shuffle } from '../../kernel/index.js';

/** An order drawn by a seed: the same seed gives the same order. */
export const shuffledOrder = (figures: readonly string[], seed: number): readonly string[] => shuffle(figures, seededRandom(seed));

/** Faction by faction, in the order factions stand in; leaders first, who is in none last; else as they stood. */
export function orderByFaction(
  figures: readonly { readonly id: string; readonly faction: string }[],
  factions: readonly { readonly id: string; readonly leader: string }[],
): readonly string[] {
  const at = new Map(factions.map(({ id }, i) => [id, i]));
  const leaders = new Set(factions.map(({ leader }) => leader));
  const place = ({ faction }: { readonly faction: string }): number => at.get(faction) ?? factions.length;
  return [...figures].sort((a, b) => place(a) - place(b) || Number(leaders.has(b.id)) - Number(leaders.has(a.id))).map(({ id }) => id);
}
