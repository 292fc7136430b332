import type { EntryKind } from '@outfit/core/wardrobe';

interface DeedKind {
  /** What the ledger enters it as; pieces that are moved are put away unless they come off or go onto a figure. */
  readonly entry: EntryKind;
  /** Pieces go to a place that is named, to somebody, out of the wardrobe, or become another lot where they lie. */
  readonly does: 'go' | 'lend' | 'leave' | 'change';
}

/** What can be done with owned pieces. A deed that is added here does not compile until the ledger, its sentences and the web know it. */
const KINDS = {
  move: { entry: 'put away', does: 'go' },
  return: { entry: 'returned', does: 'go' },
  lend: { entry: 'lent', does: 'lend' },
  'hand back': { entry: 'returned', does: 'leave' },
  sell: { entry: 'sold', does: 'leave' },
  give: { entry: 'given', does: 'leave' },
  lose: { entry: 'lost', does: 'leave' },
  break: { entry: 'broke', does: 'leave' },
  defect: { entry: 'split', does: 'change' },
  condition: { entry: 'split', does: 'change' },
  confirm: { entry: 'corrected', does: 'change' },
  alter: { entry: 'altered', does: 'change' },
  split: { entry: 'split', does: 'change' },
} as const satisfies Readonly<Record<string, DeedKind>>;

export type Deed = keyof typeof KINDS;
type DeedThat<Does extends DeedKind['does']> = { [D in Deed]: (typeof KINDS)[D]['does'] extends Does ? D : never }[Deed];
/** Deeds after which pieces are another lot. */
export type ChangingDeed = DeedThat<'change'>;

export const DEED_KINDS: Readonly<Record<Deed, DeedKind>> = KINDS;
export const DEEDS = Object.keys(KINDS) as Deed[];
export const isChanging = (deed: Deed): deed is ChangingDeed => DEED_KINDS[deed].does === 'change';
