import type { Brief } from '../../brief/index.js';
import { type Enrolled, HOUSE_KEYS, type HouseKey, type HouseRules, type LineUpPlan } from './plan.js';

/** How a brief stands to a house rule: nothing is said, it follows, it was set free, or it says otherwise. */
export type Following = 'nothing said' | 'follows' | 'set free' | 'says otherwise';

const isSaid = (value: HouseRules[HouseKey]): boolean => value !== null && (!Array.isArray(value) || value.length > 0);
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The house rules for a figure: those of the line-up, with the colours of its faction where that has some. */
export function houseFor({ house, factions }: Pick<LineUpPlan, 'house' | 'factions'>, { faction }: Pick<Enrolled, 'faction'>): HouseRules {
  const own = factions.find(({ id }) => id === faction)?.colours ?? [];
  return own.length > 0 ? { ...house, colours: own } : house;
}

/** How a brief stands to one of the house rules that are for it. */
export function followingOf(brief: Brief, key: HouseKey, house: HouseRules, free: readonly string[]): Following {
  if (!isSaid(house[key])) return 'nothing said';
  if (free.includes(key)) return 'set free';
  return isSame(brief[key], house[key]) ? 'follows' : 'says otherwise';
}

/** A brief that starts from the house rules: where they say something, and it was not set free, it says the same. */
export const startedFrom = (brief: Brief, house: HouseRules, free: readonly string[] = []): Brief => ({
  ...brief,
  ...Object.fromEntries(HOUSE_KEYS.filter((key) => isSaid(house[key]) && !free.includes(key)).map((key) => [key, house[key]])),
});

/**
 * A brief after the house rules changed: where it followed what was said before, or said nothing of its own where nothing was said, it
 * follows what is said now. What it was set free of, and where it says otherwise, stays.
 *
 * @param empty a brief before anything is said: what a rule that is taken back leaves behind
 */
export function afterHouseChange(brief: Brief, before: HouseRules, after: HouseRules, free: readonly string[], empty: Brief): Brief {
  const changes = HOUSE_KEYS.filter((key) => {
    if (isSame(before[key], after[key]) || free.includes(key)) return false;
    return isSame(brief[key], isSaid(before[key]) ? before[key] : empty[key]);
  });
  return { ...brief, ...Object.fromEntries(changes.map((key) => [key, isSaid(after[key]) ? after[key] : empty[key]])) };
}
