import type { Brief } from '@outfit/core';
import type { Slice } from '../../platform/log/index.js';
import type { Pin } from './figures.entities.js';

/** What of a figure a deed changed, before or after it: the history keeps that and no more. */
export interface FigureState {
  readonly brief?: Partial<Brief>;
  readonly chosenLook?: string;
  readonly looks?: Readonly<Record<string, { readonly name?: string; readonly removedAt?: string | null }>>;
  readonly pictures?: Readonly<Record<string, { readonly pins?: readonly Pin[]; readonly removedAt?: string | null }>>;
}

type Fields = Readonly<Record<string, unknown>>;

/** A state field by field: "brief/story", "looks/x-2/name". */
function fieldsOf({ brief = {}, looks = {}, pictures = {}, ...rest }: FigureState): Fields {
  const within = (name: string, fields: object): readonly (readonly [string, unknown])[] =>
    Object.entries(fields).map(([key, value]) => [`${name}/${key}`, value]);
  return Object.fromEntries([
    ...Object.entries(rest),
    ...within('brief', brief),
    ...Object.entries(looks).flatMap(([id, set]) => within(`looks/${id}`, set)),
    ...Object.entries(pictures).flatMap(([id, set]) => within(`pictures/${id}`, set)),
  ]);
}

/** What a deed touched of a figure, field by field. */
export function touchedOfFigure(before: FigureState, after: FigureState): readonly string[] {
  const [was, is] = [fieldsOf(before), fieldsOf(after)];
  return [...new Set([...Object.keys(was), ...Object.keys(is)])].filter((key) => JSON.stringify(was[key]) !== JSON.stringify(is[key]));
}

/** The state to go to without what the other has alike: what was written in such a field since stays. */
export function stateBetween(from: FigureState, to: FigureState): FigureState {
  const touched = new Set(touchedOfFigure(from, to));
  const only = <T extends object>(name: string, fields: T): T =>
    Object.fromEntries(Object.entries(fields).filter(([key]) => touched.has(`${name}/${key}`))) as T;
  const each = <T extends object>(name: string, sets: Readonly<Record<string, T>> = {}): Readonly<Record<string, T>> =>
    Object.fromEntries(Object.entries(sets).map(([id, set]) => [id, only(`${name}/${id}`, set)]));
  return {
    ...(to.brief ? { brief: only('brief', to.brief) } : {}),
    ...(touched.has('chosenLook') && to.chosenLook !== undefined ? { chosenLook: to.chosenLook } : {}),
    looks: each('looks', to.looks),
    pictures: each('pictures', to.pictures),
  };
}

/** What a deed changed of a figure, for the history. */
export const sliceOfFigure = (figure: string, before: FigureState, after: FigureState): Slice => ({
  subject: 'figure',
  item: figure,
  before: { ...before },
  after: { ...after },
});
