import { brittleness } from '../../../figure/index.js';
import { supplyMoney } from '../../../wardrobe/index.js';
import type { Check } from '../../marks.js';
import { keyOf, NO_PROPOSALS } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** The arms and hands a torso is sold with: what official figures and bundles join to it. */
function joinedTo(torso: string, { catalogue }: Subject): ReadonlySet<string> {
  const joined = new Set<string>();
  for (const { parts } of catalogue.data.officialFigures)
    if (parts.some((part) => part.variant === torso))
      for (const part of parts) if (/^(arm|hand)/.test(part.position)) joined.add(part.variant);
  for (const { parts } of catalogue.data.bundles)
    if (parts.some((part) => part.variant === torso)) for (const part of parts) joined.add(part.variant);
  return joined;
}

/** `risk.swap`: taking arms or hands off a torso that is worth much or known to crack; the price at stake is named. */
export const riskSwap: Check = (subject) => {
  const { worn, supply, system, catalogue } = subject;
  const torso = worn.find((item) => item.part.position === 'torso');
  const price = torso && supply.landedMinor(torso.variant.id);
  if (!torso) return [];
  const brittle = brittleness(torso.variant, torso.mould);
  const worth = price !== null && price !== undefined && price > system.riskFromMinor;
  if (brittle === null && !worth) return [];
  const joined = joinedTo(torso.variant.id, subject);
  const swapped = worn.filter((item) => /^(arm|hand)\./.test(item.part.position) && !joined.has(item.variant.id));
  if (joined.size === 0 || swapped.length === 0) return [];
  const stake = price === null || price === undefined ? 'nobody sells another' : `${supplyMoney(supply, price)} at stake`;
  return [
    {
      check: 'risk.swap',
      key: keyOf('risk.swap', torso, ...swapped),
      severity: 'shows',
      position: 'torso',
      region: null,
      sentence: `${swapped.length === 1 ? 'One arm or hand comes' : `${swapped.length} arms and hands come`} off ${catalogue.nameOf(torso.variant)}${brittle === null ? '' : `, which ${brittle} from before ${torso.mould.brittleBefore ?? ''} and then known to crack`}: ${stake}. Warm it in the hand and never force it.`,
      proposals: NO_PROPOSALS,
    },
  ];
};
