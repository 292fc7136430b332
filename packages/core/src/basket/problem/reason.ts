import type { Condition } from '../../catalogue/index.js';

/** A rule that narrows a problem, as a fact. */
export type RuleFact =
  | { readonly rule: 'parcels'; readonly most: number }
  | { readonly rule: 'budget'; readonly minor: number }
  | { readonly rule: 'days'; readonly most: number }
  | { readonly rule: 'condition'; readonly least: Condition }
  | { readonly rule: 'trusted' }
  | { readonly rule: 'sellers'; readonly count: number }
  /** All sellers but these. */
  | { readonly rule: 'banned'; readonly sellers: readonly string[] };

/** What shapes a plan, or keeps one from being: facts with ids and minor units. Their sentences are `words.ts`’. */
export type Reason =
  /** A part that must be had, of which there are too few under the rules. */
  | { readonly kind: 'too few'; readonly variant: string; readonly wanted: number; readonly available: number }
  /** Everything can be had, but not under these rules together; none where it is minimum orders, weights and one-seller wishes. */
  | { readonly kind: 'rules exclude'; readonly rules: readonly RuleFact[] }
  | { readonly kind: 'not found' }
  | { readonly kind: 'only seller'; readonly seller: string; readonly variant: string }
  /** Units that are left out: they cannot be had, or are left out to keep the rules. */
  | {
      readonly kind: 'short';
      readonly variant: string;
      readonly quantity: number;
      readonly wanted: number;
      readonly available: number;
    }
  | { readonly kind: 'parcels reached'; readonly most: number }
  | { readonly kind: 'filling unsettled' }
  /** What the trip would come to without a rule: where there is no plan with it, where more could be had, and where it is cheaper. */
  | { readonly kind: 'plan without'; readonly rule: RuleFact; readonly paidMinor: number }
  | { readonly kind: 'more stand without'; readonly rule: RuleFact; readonly figures: number; readonly paidMinor: number }
  | { readonly kind: 'more without'; readonly rule: RuleFact; readonly parts: number; readonly paidMinor: number }
  /** `isProven` is false where the trip without the rule was not worked out to the end: it comes to so much at most. */
  | {
      readonly kind: 'rule costs';
      readonly rule: RuleFact;
      readonly minor: number;
      readonly paidMinor: number;
      readonly isProven: boolean;
    };

export const REASON_KINDS = [
  'too few',
  'rules exclude',
  'not found',
  'only seller',
  'short',
  'parcels reached',
  'filling unsettled',
  'plan without',
  'more stand without',
  'more without',
  'rule costs',
] as const satisfies readonly Reason['kind'][];
