import type { Catalogue } from '@outfit/core';

/** The sentence a planner reads when an imagined part turned out to be made. */
export function madeSentence(id: string, catalogue: Catalogue): string {
  const variant = catalogue.variant(id);
  const { from, until } = variant.made ?? { from: 0, until: 0 };
  const years = from === until ? String(from) : `${from}–${until}`;
  return `${catalogue.nameOf(variant)} exists: made ${years}. You planned it as imagined.`;
}
