import { isDay } from '../../kernel/index.js';
import type { Claim, Takes } from './serve.js';

/** A figure as far as promises go: the parts of its chosen look, for how many copies, and when it is served. */
export interface Claimant {
  readonly id: string;
  readonly name: string;
  /** Where it stands in line, as text that sorts (`orderOf`). */
  readonly order: string;
  readonly copies: number;
  /** Figures of one group are never shown together and share their pieces; null for one that may stand beside everybody. */
  readonly group: string | null;
  readonly newOnly: boolean;
  readonly parts: readonly { readonly spot: string; readonly variant: string }[];
}

/** Days after every day: who is not due at all comes last. */
const NEVER = '9999-12-31';
const padIndex = (place: number): string => String(place).padStart(6, '0');

/**
 * Where a figure stands in line: by the day it is due, then by its line-up's place, then by its own.
 *
 * @example orderOf('2026-03-01', 0, 2, 'a') < orderOf(null, 0, 0, 'b') // true
 */
export const orderOf = (dueOn: string | null, lineUpPlace: number, figurePlace: number, id: string): string =>
  [dueOn ?? NEVER, padIndex(lineUpPlace), padIndex(figurePlace), id].join(' ');

/**
 * A place in line with another day, or another index within its line-up.
 *
 * @example orderWith(orderOf(null, 0, 2, 'a'), { index: 0 }) < orderOf(null, 0, 1, 'b') // true
 */
export function orderWith(order: string, { dueOn, index }: { readonly dueOn?: string | null; readonly index?: number }): string {
  const [day = NEVER, lineUp = '', figure = '', ...id] = order.split(' ');
  return [dueOn === undefined ? day : (dueOn ?? NEVER), lineUp, index === undefined ? figure : padIndex(index), ...id].join(' ');
}

/**
 * The day of a place in line; null for one without a day.
 *
 * @example dueIn(orderOf('2026-03-01', 0, 2, 'a')) // '2026-03-01'
 */
export function dueIn(order: string): string | null {
  const [day = NEVER] = order.split(' ');
  return isDay(day) && day !== NEVER ? day : null;
}

/** Who claims pieces together: a figure by itself, or its whole group. */
export const partyOf = ({ id, group }: Pick<Claimant, 'id' | 'group'>): string => (group === null ? `figure ${id}` : `group ${group}`);

const STRICTNESS: Readonly<Record<Takes, number>> = { anything: 0, unflawed: 1, new: 2 };

/**
 * What a party wants, part by part. Figures of a group share spot by spot: as many pieces as the one that wants most of them, as good as
 * the strictest wants, and as early as the first of them.
 *
 * @param isSeen is a part in sight where a figure wears it: what is not may be flawed
 * For example: two looks of a group with the same hat gives one claim for one hat, of both.
 */
export function claimsOf(
  members: readonly Claimant[],
  isSeen: (figure: string, spot: string) => boolean,
): readonly (Claim & { readonly variant: string })[] {
  const claims = new Map<string, Claim & { readonly variant: string }>();
  const inLine = members.length > 1 ? [...members].sort((a, b) => (a.order < b.order ? -1 : 1)) : members;
  for (const member of inLine)
    for (const { spot, variant } of member.parts) {
      const id = `${partyOf(member)} ${spot} ${variant}`;
      const takes: Takes = member.newOnly ? 'new' : isSeen(member.id, spot) ? 'unflawed' : 'anything';
      const known = claims.get(id);
      const quantity = member.copies;
      claims.set(
        id,
        known
          ? {
              ...known,
              figures: [...known.figures, member.id],
              quantity: Math.max(known.quantity, quantity),
              takes: STRICTNESS[known.takes] >= STRICTNESS[takes] ? known.takes : takes,
              order: known.order < member.order ? known.order : member.order,
            }
          : { id, figures: [member.id], spot, variant, quantity, takes, order: member.order },
      );
    }
  return [...claims.values()];
}
