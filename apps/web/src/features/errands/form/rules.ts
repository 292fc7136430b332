import { type Amount, amountOf, type Condition, inUnits } from '@outfit/core';
import type { ErrandSettingsDto } from '@/api';

/** The rules of a trip as they are typed and ticked. */
export interface RulesDraft {
  readonly parcels: string;
  readonly budget: string;
  readonly days: string;
  readonly condition: Condition;
  readonly trustedOnly: boolean;
  readonly allowThirdParty: boolean;
  readonly useDonors: boolean;
  readonly matchArms: boolean;
  /** In per cent. */
  readonly resale: string;
  /** What a point of likeness is worth. */
  readonly point: string;
}

const textOf = (value: number | null | undefined): string => (value === null || value === undefined ? '' : String(value));
const amountText = (minor: number | null | undefined, currency: string): string =>
  minor === null || minor === undefined ? '' : inUnits(minor, currency);

export const draftOf = (settings: ErrandSettingsDto, currency: string): RulesDraft => ({
  parcels: textOf(settings.maxParcels),
  budget: amountText(settings.budgetMinor, currency),
  days: textOf(settings.withinDays),
  condition: settings.condition ?? 'used',
  trustedOnly: settings.trustedOnly ?? false,
  allowThirdParty: settings.allowThirdParty ?? false,
  useDonors: settings.useDonors ?? true,
  matchArms: settings.matchArms ?? false,
  resale: String(Math.round((settings.resaleShare ?? 0) * 100)),
  point: amountText(settings.pointMinor ?? 20, currency),
});

/** Null for no rule, a whole number of at least one, or "bad" when it is neither. */
export function limit(text: string): number | null | 'bad' {
  if (text.trim() === '') return null;
  const value = Number(text);
  return Number.isInteger(value) && value >= 1 ? value : 'bad';
}

/** The rules as the server takes them; null while one of them is not sound. */
export function settingsFrom(draft: RulesDraft, currency: string): ErrandSettingsDto | null {
  const maxParcels = limit(draft.parcels);
  const withinDays = limit(draft.days);
  const [budget, point] = [amountOf(draft.budget, currency), amountOf(draft.point, currency)];
  if (maxParcels === 'bad' || withinDays === 'bad' || budget === 'unreadable' || point === 'unreadable') return null;
  const { condition, trustedOnly, allowThirdParty, useDonors, matchArms } = draft;
  return {
    ...{ maxParcels, withinDays, budgetMinor: minorOr(null, budget), condition, trustedOnly, allowThirdParty, useDonors, matchArms },
    resaleShare: Number(draft.resale) / 100,
    ...(typeof point === 'number' ? { pointMinor: point } : {}),
  };
}

const minorOr = <T>(nothing: T, amount: Amount): number | T => (typeof amount === 'number' ? amount : nothing);
