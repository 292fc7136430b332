import { amountOf, inUnits, isCurrency, quote } from '@outfit/core';
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

/** A seller nobody has written down yet, who asks what the workspace reckons in. */
export const emptySeller = (currency: string): SellerDraft => ({
  name: '',
  country: '',
  currency,
  days: '5',
  steps: [{ upToG: '2000', cost: '' }],
  minimum: '',
  handling: '',
  freeFrom: '',
  trusted: true,
  thirdParty: false,
});

/** A known seller as a draft, in the currency it asks. */
export function draftOf({ asked, currency, ...seller }: SellerDto): SellerDraft {
  const typed = (minor: number): string => (minor === 0 ? '' : inUnits(minor, currency));
  return {
    name: seller.name,
    country: seller.country,
    currency,
    days: String(seller.days),
    steps: asked.postage.map((step) => ({ upToG: String(step.upToG), cost: inUnits(step.costMinor, currency) })),
    minimum: typed(asked.minimumMinor),
    handling: typed(asked.handlingMinor),
    freeFrom: asked.freePostageFromMinor === null ? '' : inUnits(asked.freePostageFromMinor, currency),
    trusted: seller.trusted,
    thirdParty: seller.thirdParty,
  };
}

/** An amount of a seller’s terms, where nothing is nothing; null for what is none. */
function termMinorOf(text: string, currency: string): number | null {
  const amount = amountOf(text, currency);
  return amount === 'nothing' ? 0 : amount === 'unreadable' ? null : amount;
}

/** What a draft would be sent as; the first field that cannot be read, in words, when there is one. */
export function readDraft(draft: SellerDraft): { readonly seller: SellerByHandDto } | { readonly fault: string } {
  const currency = draft.currency.trim().toUpperCase();
  if (!isCurrency(currency)) return { fault: `${quote(draft.currency.trim())} is no currency. Write its three letters, such as EUR.` };
  const inIt = (text: string): number | null => termMinorOf(text, currency);
  const postage = draft.steps.map(({ upToG, cost }) => ({ upToG: Number(upToG), costMinor: inIt(cost) }));
  const [minimumMinor, handlingMinor] = [inIt(draft.minimum), inIt(draft.handling)];
  const freePostageFromMinor = draft.freeFrom.trim() === '' ? null : inIt(draft.freeFrom);
  if (draft.name.trim() === '') return { fault: 'What is the seller called?' };
  if (postage.some((step) => !Number.isInteger(step.upToG) || step.upToG < 1)) return { fault: 'Postage is up to so many whole grams.' };
  if (postage.some((step) => step.costMinor === null)) return { fault: `Postage is an amount such as ${inUnits(395, currency)}.` };
  if (minimumMinor === null || handlingMinor === null || (freePostageFromMinor === null && draft.freeFrom.trim() !== ''))
    return { fault: `Amounts are written such as ${inUnits(395, currency)}.` };
  return {
    seller: {
      name: draft.name.trim(),
      country: draft.country.trim().toUpperCase(),
      currency,
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
