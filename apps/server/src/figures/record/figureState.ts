import type { Brief } from '@outfit/core';
import type { Pin } from './figures.entities.js';

/** What of a figure a deed changed, before or after it: the history keeps that and no more. */
export interface FigureState {
  readonly brief?: Brief;
  readonly role?: string;
  readonly chosenLook?: string;
  readonly looks?: Readonly<Record<string, { readonly name?: string; readonly removedAt?: string | null }>>;
  readonly pictures?: Readonly<Record<string, { readonly pins?: readonly Pin[]; readonly removedAt?: string | null }>>;
}
