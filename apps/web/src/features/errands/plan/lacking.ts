import { variantBehind } from '@outfit/core';
import type { PlanDto } from '@/api';

/** Units of a part that nobody sells under the rules, of those a plan leaves unfilled; the others are left out to keep a budget or the like. */
export function cannotBeHad({ short, reasons }: PlanDto, variant: string): number {
  const missing = short.filter((row) => variantBehind(row.need) === variant).reduce((all, row) => all + row.quantity, 0);
  const told = reasons.filter((reason) => reason.kind === 'short' && variantBehind(reason.variant ?? '') === variant);
  const nowhere = told.reduce((all, reason) => all + Math.max(0, (reason.wanted ?? 0) - (reason.available ?? 0)), 0);
  return told.length === 0 ? missing : Math.min(missing, nowhere);
}
