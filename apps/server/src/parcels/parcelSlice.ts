import { readerOf } from '@outfit/formats/kept';
import type { Document, Slice } from '../platform/log/index.js';
import type { KeptParcel, ParcelDocuments } from './parcels.store.js';

const readDocument = readerOf<Document>({ type: 'object' });

/**
 * A parcel as the history keeps it: its fields, and under "line 12" and "claim 3" each line and each claim, so that deeds that
 * touched different ones are in nobody's way. Versions only ever rise, and are none of it.
 */
export function documentOf({ row: { version: _, ...row }, lines, claims = [] }: KeptParcel): Document {
  return Object.fromEntries([
    ...Object.entries(row),
    ...lines.map((line) => [`line ${line.id}`, line] as const),
    ...claims.map((claim) => [`claim ${claim.id}`, claim] as const),
  ]);
}

/** The other way round: as the tables read them. */
export function parcelOf(document: Document): ParcelDocuments {
  const under = (kind: string): readonly Document[] =>
    Object.entries(document).flatMap(([key, value]) => (key.startsWith(`${kind} `) ? [readDocument(value)] : []));
  const row = Object.fromEntries(Object.entries(document).filter(([key]) => !key.includes(' ')));
  return { row, lines: under('line'), claims: under('claim') };
}

/** What a deed changed of a parcel. */
export const parcelSlice = (before: KeptParcel, after: KeptParcel): Slice => ({
  subject: 'parcel',
  item: after.row.id,
  before: documentOf(before),
  after: documentOf(after),
});
