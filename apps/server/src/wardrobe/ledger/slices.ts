import { fieldsBetween, type Slice } from '../../platform/log/index.js';
import type { PlaceRow, PlacesStore } from './places.store.js';

/** An entry that a deed made, or took back. */
export const entrySlice = (entry: number, stands: boolean): Slice => ({
  subject: 'entry',
  item: String(entry),
  before: { stands: !stands },
  after: { stands },
});

/**
 * What a deed changed of a place; null where it is not there.
 *
 * @param more `isOnTheWay`: it was made because something was put there, and stays where something else lies in it when that is undone
 */
export const placeSlice = (before: PlaceRow | null, after: PlaceRow | null, more: { readonly isOnTheWay?: true } = {}): Slice => ({
  subject: 'place',
  item: (after ?? before)?.id ?? '',
  before: before && { ...before },
  after: after && { ...after, ...more },
});

/** What a deed touched of a place. Naming a place made on the way is in nobody's way: it goes, or it stays. */
export const touchedOfPlace = (slice: Slice): readonly string[] | 'all' =>
  slice.after?.['isOnTheWay'] === true ? [] : slice.before && slice.after ? fieldsBetween(slice.before, slice.after) : 'all';

/** The places that were made on the way since they were last asked for. */
export const madeSlices = (store: PlacesStore): readonly Slice[] =>
  store.takeMadePlaces().flatMap((id) => {
    const place = store.place(id);
    return place ? [placeSlice(null, place, { isOnTheWay: true })] : [];
  });
