import { count, list, money } from '../kernel/index.js';
import type { Reason, RuleFact } from './problem/index.js';

/** What the sentences of a plan name things by. */
export interface PlanNames {
  /** ISO 4217. */
  readonly currency: string;
  /** A part by the name it has in the problem. */
  part(variant: string): string;
  seller(id: string): string;
}

/** A rule in words that follow "under" or "without". */
function ruleWords(fact: RuleFact, { currency, seller }: PlanNames): string {
  switch (fact.rule) {
    case 'parcels':
      return `at most ${count(fact.most, 'parcel')}`;
    case 'budget':
      return `a budget of ${money(fact.minor, currency)}`;
    case 'days':
      return `delivery within ${count(fact.most, 'day')}`;
    case 'condition':
      return `a condition of ${fact.least} or better`;
    case 'trusted':
      return 'trusted sellers only';
    case 'sellers':
      return `only ${count(fact.count, 'named seller')}`;
    case 'banned':
      return `the ban on ${list(fact.sellers.map(seller))}`;
  }
}

/** Units that cannot be had at all are told apart from those that are left out though they could. */
function shortWords({ quantity, wanted, available }: Extract<Reason, { readonly kind: 'short' }>): string {
  const nowhere = Math.min(quantity, Math.max(0, wanted - available));
  const leftOut = quantity - nowhere;
  const ofAll = ` of ${wanted}`;
  return list([
    ...(nowhere > 0 ? [`${nowhere}${ofAll} cannot be had`] : []),
    ...(leftOut > 0 ? [`${leftOut}${nowhere > 0 ? '' : ofAll} ${leftOut === 1 ? 'is' : 'are'} left out to keep the rules`] : []),
  ]);
}

/**
 * What shapes a plan, in a sentence. Names are put where they belong, and nowhere else: a seller may be called "days".
 *
 * For example: reasonWords({ kind: 'only seller', seller: 's-1', variant: 'cape' }, names) gives 'Only Tin Drawer sells Cape in raven.'.
 */
export function reasonWords(reason: Reason, names: PlanNames): string {
  const { currency, part, seller } = names;
  const inAll = (minor: number): string => money(minor, currency);
  switch (reason.kind) {
    case 'too few':
      return `${part(reason.variant)}: ${reason.wanted} wanted, ${reason.available} can be had under the rules.`;
    case 'rules exclude':
      return reason.rules.length > 0
        ? `Every part can be had, but not all of them under ${list(reason.rules.map((rule) => ruleWords(rule, names)))}.`
        : 'Every part can be had, but no set of parcels keeps every minimum order, weight limit and one-seller wish.';
    case 'not found':
      return 'No plan was found in the time given.';
    case 'only seller':
      return `Only ${seller(reason.seller)} sells ${part(reason.variant)}.`;
    case 'short':
      return `${part(reason.variant)}: ${shortWords(reason)}; ${reason.available} ${reason.available === 1 ? 'is' : 'are'} owned or for sale under these rules.`;
    case 'parcels reached':
      return `The limit of ${count(reason.most, 'parcel')} is reached.`;
    case 'filling unsettled':
      return 'Whether more of it could be had was not settled in the time given.';
    case 'plan without':
      return `Without ${ruleWords(reason.rule, names)} there is a plan, for ${inAll(reason.paidMinor)}.`;
    case 'more stand without':
      return `Without ${ruleWords(reason.rule, names)}, ${count(reason.figures, 'more figure')} could stand: the trip would come to ${inAll(reason.paidMinor)}.`;
    case 'more without':
      return `Without ${ruleWords(reason.rule, names)}, ${count(reason.parts, 'part')} more could be had: the trip would come to ${inAll(reason.paidMinor)}.`;
    case 'rule costs':
      return `Keeping to ${ruleWords(reason.rule, names)} costs ${reason.isProven ? '' : 'at least '}${inAll(reason.minor)}: without it the trip would come to ${reason.isProven ? '' : 'at most '}${inAll(reason.paidMinor)}.`;
  }
}
