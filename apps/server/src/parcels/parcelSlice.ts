import type { Document, Slice } from '../platform/log/index.js';
import type { ClaimRow, KeptParcel, ParcelLineRow, ParcelRow } from './parcels.record.js';

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

/** The other way round. */
export function parcelOf(document: Document): { readonly row: Omit<ParcelRow, 'version'> } & Required<Omit<KeptParcel, 'row'>> {
  const under = (kind: string): readonly unknown[] =>
    Object.entries(document).flatMap(([key, value]) => (key.startsWith(`${kind} `) ? [value] : []));
  const fields = Object.entries(document).filter(([key]) => !key.includes(' '));
  return {
    row: Object.fromEntries(fields) as unknown as Omit<ParcelRow, 'version'>,
    lines: under('line') as readonly ParcelLineRow[],
    claims: under('claim') as readonly ClaimRow[],
  };
}

/** What a deed changed of a parcel. */
export const parcelSlice = (before: KeptParcel, after: KeptParcel): Slice => ({
  subject: 'parcel',
  item: after.row.id,
  before: documentOf(before),
  after: documentOf(after),
});
