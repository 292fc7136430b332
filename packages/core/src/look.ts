import type { Catalogue, Mould, Variant } from './catalogue.js';
import { occupied, POSITIONS, shelfOf, type Position } from './positions.js';

/** One part of a look. `position` is where it is anchored: the first of the positions it fills. */
export interface LookPart {
  readonly position: Position;
  readonly variant: string;
  /** A torso or head turned back to front. */
  readonly turned: boolean;
}

/** A check the person waved off, and why. `key` names the very problem, so a new one is not hidden by it. */
export interface Overrule {
  readonly key: string;
  readonly reason: string;
}

/** One complete choice of parts. There is at most one part anchored at a position. */
export interface Look {
  readonly parts: readonly LookPart[];
  readonly overrules: readonly Overrule[];
}

export type LookEdit =
  | { readonly action: 'put on'; readonly position: Position; readonly variant: string }
  | { readonly action: 'take off'; readonly position: Position }
  | { readonly action: 'turn'; readonly position: Position }
  | { readonly action: 'overrule'; readonly key: string; readonly reason: string }
  | { readonly action: 'restore check'; readonly key: string };

export const LOOK_ACTIONS = ['put on', 'take off', 'turn', 'overrule', 'restore check'] as const satisfies readonly LookEdit['action'][];

/** Positions whose part may be turned back to front. */
const TURNABLE: readonly Position[] = ['head', 'torso'];

/** A part with what the catalogue says about it. */
export interface Worn {
  readonly part: LookPart;
  readonly variant: Variant;
  readonly mould: Mould;
  readonly fills: readonly Position[];
}

/** The positions a mould fills when anchored at `position`, or null when it does not go there. */
export function fillingAt(mould: Mould, position: Position): readonly Position[] | null {
  return mould.fills.find((alternative) => alternative[0] === position) ?? null;
}

/** The parts of a look with their moulds, from the top down. Throws when a variant is not in the catalogue. */
export function wornParts(look: Look, catalogue: Catalogue): readonly Worn[] {
  return [...look.parts]
    .sort((a, b) => POSITIONS.indexOf(a.position) - POSITIONS.indexOf(b.position))
    .map((part) => {
      const variant = catalogue.variant(part.variant);
      const mould = catalogue.mouldOf(variant);
      return { part, variant, mould, fills: fillingAt(mould, part.position) ?? [part.position] };
    });
}

export class EditRefused extends Error {}

/**
 * Applies one edit. Putting on replaces what is anchored in the same place of the body (a skirt replaces legs);
 * a part elsewhere that also claims a position stays, and `fit.position` says so: nothing chosen is lost silently.
 * Throws EditRefused with a sentence when the part does not go there or there is nothing to turn or take off.
 */
export function applyEdit(look: Look, edit: LookEdit, catalogue: Catalogue): Look {
  switch (edit.action) {
    case 'put on': {
      if (!catalogue.has(edit.variant)) throw new EditRefused(`There is no part "${edit.variant}" in the catalogue.`);
      const mould = catalogue.mouldOf(catalogue.variant(edit.variant));
      const fills = fillingAt(mould, edit.position);
      if (!fills) throw new EditRefused(`${mould.name} does not go at ${edit.position}.`);
      const kept = look.parts.filter((part) => !makesWay(part, edit.position, fills, catalogue));
      return { ...look, parts: [...kept, { position: edit.position, variant: edit.variant, turned: false }] };
    }
    case 'take off':
      return { ...look, parts: look.parts.filter((part) => part !== partAt(look, edit.position)) };
    case 'turn': {
      const turning = partAt(look, edit.position);
      if (!TURNABLE.includes(turning.position)) throw new EditRefused(`Only a head or a torso can be turned, not ${edit.position}.`);
      return { ...look, parts: look.parts.map((part) => (part === turning ? { ...part, turned: !part.turned } : part)) };
    }
    case 'overrule': {
      if (edit.reason.trim() === '') throw new EditRefused('Give a reason: it is kept with the look.');
      const others = look.overrules.filter((overrule) => overrule.key !== edit.key);
      return { ...look, overrules: [...others, { key: edit.key, reason: edit.reason.trim() }] };
    }
    case 'restore check':
      return { ...look, overrules: look.overrules.filter((overrule) => overrule.key !== edit.key) };
  }
}

/** Does a part come off when another goes on at a position? The same place of the body does, a single leg beside another does not. */
function makesWay(part: LookPart, position: Position, fills: readonly Position[], catalogue: Catalogue): boolean {
  if (shelfOf(part.position) !== shelfOf(position)) return false;
  const held = occupied(fillingAt(catalogue.mouldOf(catalogue.variant(part.variant)), part.position) ?? [part.position]);
  return [...occupied(fills)].some((taken) => held.has(taken));
}

function partAt(look: Look, position: Position): LookPart {
  const part = look.parts.find((candidate) => candidate.position === position);
  if (!part) throw new EditRefused(`There is nothing at ${position}.`);
  return part;
}

/** Who claims each position, for every position claimed at all. */
export function claims(worn: readonly Worn[]): ReadonlyMap<Position, readonly Worn[]> {
  const claimed = new Map<Position, Worn[]>();
  for (const item of worn) for (const position of occupied(item.fills)) claimed.set(position, [...(claimed.get(position) ?? []), item]);
  return claimed;
}

/** Does a part lie on the neck post, alone or as part of a cowl? */
export const isNeckLayer = (item: Worn): boolean => item.fills.some((position) => position.startsWith('neck.'));
