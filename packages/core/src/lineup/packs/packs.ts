/** A pack that figures come in; one that is promised and not chosen yet is a pack too. */
export interface Pack {
  readonly id: string;
  /** The faction it belongs to; empty for none. */
  readonly group: string;
  readonly isLeader: boolean;
}

/** The packs of a line-up: one for each figure, and one for each that is promised and not chosen yet. */
export function packsOf(
  figures: readonly { readonly id: string; readonly faction: string }[],
  leaders: readonly string[],
  promised: number | null,
): readonly Pack[] {
  const packs = figures.map(({ id, faction }): Pack => ({ id, group: faction, isLeader: leaders.includes(id) }));
  const open = Math.max(0, (promised ?? 0) - packs.length);
  return [...packs, ...Array.from({ length: open }, (_, i): Pack => ({ id: openPack(i), group: '', isLeader: false }))];
}

/** What a pack is called whose figure is not chosen yet. */
export const openPack = (index: number): string => `open ${index + 1}`;
