import { amountOf, inUnits } from '@outfit/core';
import type { SellerByHandDto, SellerDto } from '@/api';

/** A seller as it is being written down: amounts as they are typed. */
export interface SellerDraft {
  readonly name: string;
  readonly country: string;
  readonly currency: string;
  readonly days: string;
  readonly steps: readonly { readonly upToG: string; readonly cost: string }[];
  readonly minimum: string;
  readonly handling: string;
  readonly freeFrom: string;
  readonly trusted: boolean;
  readonly thirdParty: boolean;
}

export const EMPTY_SELLER: SellerDraft = {
  name: '',
  country: '',
  currency: 'EUR',
  days: '5',
  steps: [{ upToG: '2000', cost: '' }],
  minimum: '',
  handling: '',
  freeFrom: '',
  trusted: true,
  thirdParty: false,
};

const typed = (minor: number): string => (minor === 0 ? '' : inUnits(minor));

/** A known seller as a draft. Its terms are sent in the workspace's currency: `perUnit` gives them back as the seller asks. */
export function draftOf(seller: SellerDto): SellerDraft {
  const asked = (minor: number): string => typed(Math.round(minor / (seller.rate?.perUnit ?? 1)));
  return {
    name: seller.name,
    country: seller.country,
    currency: seller.currency,
    days: String(seller.days),
    steps: seller.postage.map((step) => ({ upToG: String(step.upToG), cost: asked(step.costMinor) || '0' })),
    minimum: asked(seller.minimumMinor),
    handling: asked(seller.handlingMinor),
    freeFrom: seller.freePostageFromMinor === null ? '' : asked(seller.freePostageFromMinor),
    trusted: seller.trusted,
    thirdParty: seller.thirdParty,
  };
}

/** An amount of a seller’s terms, where nothing is nothing; null for what is none. */
function termMinorOf(text: string): number | null {
  const amount = amountOf(text);
  return amount === 'nothing' ? 0 : amount === 'unreadable' ? null : amount;
}

/** What a draft would be sent as; the first field that cannot be read, in words, when there is one. */
export function readDraft(draft: SellerDraft): { readonly seller: SellerByHandDto } | { readonly fault: string } {
  const postage = draft.steps.map(({ upToG, cost }) => ({ upToG: Number(upToG), costMinor: termMinorOf(cost) }));
  const [minimumMinor, handlingMinor] = [termMinorOf(draft.minimum), termMinorOf(draft.handling)];
  const freePostageFromMinor = draft.freeFrom.trim() === '' ? null : termMinorOf(draft.freeFrom);
  if (draft.name.trim() === '') return { fault: 'What is the seller called?' };
  if (postage.some((step) => !Number.isInteger(step.upToG) || step.upToG < 1)) return { fault: 'Postage is up to so many whole grams.' };
  if (postage.some((step) => step.costMinor === null)) return { fault: 'Postage is an amount such as 3.95.' };
  if (minimumMinor === null || handlingMinor === null || (freePostageFromMinor === null && draft.freeFrom.trim() !== ''))
    return { fault: 'Amounts are written such as 3.95.' };
  return {
    seller: {
      name: draft.name.trim(),
      country: draft.country.trim().toUpperCase(),
      currency: draft.currency.trim().toUpperCase(),
      days: Number(draft.days) || 0,
      postage: postage.map(({ upToG, costMinor }) => ({ upToG, costMinor: costMinor ?? 0 })),
      minimumMinor,
      handlingMinor,
      freePostageFromMinor,
      trusted: draft.trusted,
      thirdParty: draft.thirdParty,
    },
  };
}
