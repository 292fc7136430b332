import { occupiedBy, type Position, shelfOf, STACKS } from '../../anatomy/index.js';
import type { Catalogue } from '../../catalogue/index.js';
import type { SkinSchool } from '../../colour/index.js';
import { ALTERATION_KINDS, type AlterationKind } from './alterations.js';
import { type NotedSubstitute, fillingAt, isTwoSided, type Look, type LookPart, placeOf } from './look.js';

/** Where an edit happens: a position, and the place in its stack. */
interface At {
  readonly position: Position;
  readonly place?: number | undefined;
}

export type LookEdit =
  | ({ readonly action: 'put on'; readonly variant: string } & At)
  | ({ readonly action: 'take off' } & At)
  | ({ readonly action: 'turn' } & At)
  | ({ readonly action: 'alter'; readonly alteration: AlterationKind; readonly what: string; readonly note: string } & At)
  | ({ readonly action: 'drop alteration'; readonly index: number } & At)
  | { readonly action: 'overrule'; readonly key: string; readonly reason: string }
  | { readonly action: 'restore check'; readonly key: string }
  | { readonly action: 'judge'; readonly stars: number | null; readonly words: string }
  | { readonly action: 'leave as it is'; readonly leave: boolean }
  | { readonly action: 'vary'; readonly year: number | null; readonly skinSchool: SkinSchool | null }
  | { readonly action: 'note substitute'; readonly position: Position; readonly variant: string; readonly reason: string }
  | { readonly action: 'drop substitute'; readonly position: Position; readonly variant: string }
  | { readonly action: 'prefer substitute'; readonly position: Position; readonly variant: string };

export const LOOK_ACTIONS = [
  'put on',
  'take off',
  'turn',
  'alter',
  'drop alteration',
  'overrule',
  'restore check',
  'judge',
  'leave as it is',
  'vary',
  'note substitute',
  'drop substitute',
  'prefer substitute',
] as const satisfies readonly LookEdit['action'][];

const MOST_STARS = 5;
const MOST_STACKED = 12;

/** An edit that cannot be done to a look; its message is the sentence the person reads. */
export class EditRefused extends Error {}

/**
 * Applies one edit. Putting on replaces what is anchored in the same place of the body (a skirt replaces legs);
 * a part elsewhere that also claims a position stays, and `fit.position` says so: nothing chosen is lost silently.
 * Throws EditRefused with a sentence when it cannot be done.
 */
export function applyEdit(look: Look, edit: LookEdit, catalogue: Catalogue): Look {
  switch (edit.action) {
    case 'put on':
      return putOn(look, edit, catalogue);
    case 'take off':
      return takeOff(look, edit);
    case 'turn':
      return turn(look, edit, catalogue);
    case 'alter': {
      const { alteration: kind, what, note } = edit;
      if (!ALTERATION_KINDS.includes(kind)) throw new EditRefused(`“${kind}” is no alteration.`);
      if (kind === 'paint' && !catalogue.hasColour(what)) throw new EditRefused(`There is no colour “${what}” to paint it in.`);
      if (kind !== 'remove print' && what.trim() === '') throw new EditRefused('Say what is done: which part of it, or what is put on.');
      return changePart(look, edit, (part) => ({ ...part, alterations: [...(part.alterations ?? []), { kind, what, note }] }));
    }
    case 'drop alteration':
      return changePart(look, edit, (part) => {
        if (!part.alterations?.[edit.index]) throw new EditRefused('There is no such alteration to take back.');
        return { ...part, alterations: part.alterations.filter((_, i) => i !== edit.index) };
      });
    case 'overrule': {
      if (edit.reason.trim() === '') throw new EditRefused('Give a reason: it is kept with the look.');
      const others = look.overrules.filter((overrule) => overrule.key !== edit.key);
      return { ...look, overrules: [...others, { key: edit.key, reason: edit.reason.trim() }] };
    }
    case 'restore check':
      if (!look.overrules.some((overrule) => overrule.key === edit.key)) throw new EditRefused('This mark was never overruled.');
      return { ...look, overrules: look.overrules.filter((overrule) => overrule.key !== edit.key) };
    case 'judge':
      if (edit.stars !== null && !(Number.isInteger(edit.stars) && edit.stars >= 0 && edit.stars <= MOST_STARS))
        throw new EditRefused(`A verdict is 0 to ${MOST_STARS}, or none.`);
      return { ...look, verdict: { stars: edit.stars, words: edit.words.trim(), leave: look.verdict?.leave ?? false } };
    case 'leave as it is':
      return { ...look, verdict: { stars: null, words: '', ...look.verdict, leave: edit.leave } };
    case 'vary': {
      const { year, skinSchool } = edit;
      return { ...look, variation: { ...(year === null ? {} : { year }), ...(skinSchool === null ? {} : { skinSchool }) } };
    }
    case 'note substitute':
      return noteSubstitute(look, edit, catalogue);
    case 'drop substitute':
      if (!look.substitutes?.some((row) => isFor(row, edit))) throw new EditRefused('This part was never said to do as well.');
      return { ...look, substitutes: (look.substitutes ?? []).filter((row) => !isFor(row, edit)) };
    case 'prefer substitute':
      return prefer(look, edit);
  }
}

/** Applies edits in order. Throws EditRefused when one of them cannot be done. */
export const applyEdits = (look: Look, edits: readonly LookEdit[], catalogue: Catalogue): Look =>
  edits.reduce((state, edit) => applyEdit(state, edit, catalogue), look);

function putOn(look: Look, edit: { readonly variant: string } & At, catalogue: Catalogue): Look {
  const { position, variant } = edit;
  if (!catalogue.has(variant)) throw new EditRefused(`There is no part "${variant}" in the catalogue.`);
  const mould = catalogue.mouldOf(catalogue.variant(variant));
  const fills = fillingAt(mould, position);
  if (!fills) throw new EditRefused(`${mould.name} does not go at ${position}.`);
  if (STACKS.includes(position)) {
    const stacked = look.parts.filter((part) => part.position === position).length;
    const place = Math.min(placeOf(edit), stacked);
    if (place >= MOST_STACKED) throw new EditRefused(`More than ${MOST_STACKED} parts do not go there.`);
    const kept = look.parts.filter((part) => part.position !== position || placeOf(part) !== place);
    return { ...look, parts: [...kept, place === 0 ? { position, variant, turned: false } : { position, variant, turned: false, place }] };
  }
  const kept = look.parts.filter((part) => !makesWay(part, position, fills, catalogue));
  return { ...look, parts: [...kept, { position, variant, turned: false }] };
}

/** Takes a part off; those stacked on it move down one place. */
function takeOff(look: Look, at: At): Look {
  const gone = partAt(look, at);
  const parts = look.parts
    .filter((part) => part !== gone)
    .map((part): LookPart => {
      if (part.position !== gone.position || placeOf(part) < placeOf(gone)) return part;
      const { place: _, ...rest } = part;
      return placeOf(part) === 1 ? rest : { ...rest, place: placeOf(part) - 1 };
    });
  return { ...look, parts };
}

function turn(look: Look, at: At, catalogue: Catalogue): Look {
  const part = partAt(look, at);
  const mould = catalogue.mouldOf(catalogue.variant(part.variant));
  const turns = part.position === 'head' || part.position === 'torso' || isTwoSided(mould);
  if (!turns) throw new EditRefused(`Only a head, a torso or a two-sided cape can be turned, not ${part.position}.`);
  return changePart(look, at, (turning) => ({ ...turning, turned: !turning.turned }));
}

function changePart(look: Look, at: At, change: (part: LookPart) => LookPart): Look {
  const changing = partAt(look, at);
  return { ...look, parts: look.parts.map((part) => (part === changing ? change(part) : part)) };
}

/** Does a part come off when another goes on at a position? The same place of the body does, a single leg beside another does not. */
function makesWay(part: LookPart, position: Position, fills: readonly Position[], catalogue: Catalogue): boolean {
  if (shelfOf(part.position) !== shelfOf(position)) return false;
  const held = occupiedBy(fillingAt(catalogue.mouldOf(catalogue.variant(part.variant)), part.position) ?? [part.position]);
  return [...occupiedBy(fills)].some((taken) => held.has(taken));
}

function partAt(look: Look, at: At): LookPart {
  const part = look.parts.find((candidate) => candidate.position === at.position && placeOf(candidate) === placeOf(at));
  if (!part) throw new EditRefused(`There is nothing at ${at.position}.`);
  return part;
}

const isFor = (row: NotedSubstitute, at: Pick<NotedSubstitute, 'position' | 'variant'>): boolean =>
  row.position === at.position && row.variant === at.variant;

function noteSubstitute(look: Look, { position, variant, reason }: NotedSubstitute, catalogue: Catalogue): Look {
  if (!catalogue.has(variant)) throw new EditRefused(`There is no part "${variant}" in the catalogue.`);
  if (!fillingAt(catalogue.mouldOf(catalogue.variant(variant)), position)) throw new EditRefused(`${variant} does not go at ${position}.`);
  const rows = look.substitutes ?? [];
  const said: NotedSubstitute = { position, variant, reason: reason.trim() };
  return {
    ...look,
    substitutes: rows.some((row) => isFor(row, said)) ? rows.map((row) => (isFor(row, said) ? said : row)) : [...rows, said],
  };
}

/** Moves a noted substitute one step up among those for its position. */
function prefer(look: Look, at: Pick<NotedSubstitute, 'position' | 'variant'>): Look {
  const rows = [...(look.substitutes ?? [])];
  const from = rows.findIndex((row) => isFor(row, at));
  const row = rows[from];
  if (!row) throw new EditRefused(`${at.variant} is not on the list.`);
  const to = rows.findLastIndex((other, i) => i < from && other.position === at.position);
  if (to < 0) return look;
  rows.splice(from, 1);
  rows.splice(to, 0, row);
  return { ...look, substitutes: rows };
}
