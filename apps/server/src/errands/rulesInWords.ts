import { count, money, USUAL_CONDITION } from '@outfit/core';
import type { ErrandEntity } from './record/errand.entity.js';

/**
 * What an errand was asked for under, in a few words each: by these two errands of one day are told apart.
 *
 * For example: ['at most 2 parcels', 'budget €20.00', '1 adjusted'].
 */
export function rulesInWords({
  settings,
  adjustments,
  problem,
}: Pick<ErrandEntity, 'settings' | 'adjustments' | 'problem'>): readonly string[] {
  const { maxParcels, budgetMinor, withinDays, condition, trustedOnly } = settings;
  const adjusted = Object.values(adjustments).reduce((all, rows: readonly unknown[]) => all + rows.length, 0);
  return [
    ...(maxParcels ? [`at most ${count(maxParcels, 'parcel')}`] : []),
    ...(budgetMinor === null || budgetMinor === undefined ? [] : [`budget ${money(budgetMinor, problem.currency)}`]),
    ...(withinDays ? [`within ${count(withinDays, 'day')}`] : []),
    ...(condition !== undefined && condition !== USUAL_CONDITION ? [`at least ${condition}`] : []),
    ...(trustedOnly ? ['trusted sellers'] : []),
    ...(adjusted > 0 ? [`${adjusted} adjusted`] : []),
  ];
}
