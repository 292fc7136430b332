import { money } from '@outfit/core';
import type { Fix } from '@outfit/core/lineup';

/** What a fix changes of what is still to pay, in two words. */
export function costWords({ costMinor, isOwned }: Pick<Fix, 'costMinor' | 'isOwned'>, currency: string): string {
  if (costMinor === null) return 'not sold';
  if (costMinor < 0) return `saves ${money(-costMinor, currency)}`;
  return isOwned && costMinor === 0 ? 'at hand' : money(costMinor, currency);
}
