import type { Catalogue } from '@outfit/core';
import { agreedMinor, costMinor, isLate, landedPieces, openOf, spentByMonth } from '@outfit/core/parcels';
import type { OrderedParcelDto, SpentDto } from './parcels.dto.js';
import type { ClaimEntity, Happens, ParcelLineEntity, ParcelEntity } from './parcels.entities.js';
import type { KeptParcel } from './parcels.store.js';

/** A parcel as it is sent: with what it cost, what is still expected, and, once it is here, what the simulated seller put in. */
export function parcelView(
  row: ParcelEntity,
  lines: readonly ParcelLineEntity[],
  claims: readonly ClaimEntity[],
  today: string,
  catalogue: Catalogue,
): OrderedParcelDto {
  const landed = landedPieces(lines, row, backFor(lines, claims));
  const { happens, place: _, removedAt: __, ordinal: ___, ...told } = row;
  return {
    ...told,
    claims: claims.map(({ parcel: ____, removedAt: _____, ...claim }) => claim),
    isLate: isLate(row, today),
    agreedMinor: agreedMinor(lines, row),
    costMinor: costMinor(lines, row),
    inside: row.state === 'arrived' && happens !== null ? insideOf(happens, lines) : null,
    lines: lines.map((line, i) => ({
      ...{ id: line.id, variant: catalogue.resolve(line.variant), condition: line.condition, quantity: line.quantity },
      ...{ priceMinor: line.priceMinor, came: line.came, damaged: line.damaged, gone: line.gone, open: openOf(line) },
      landedMinor: (landed[i] ?? []).reduce((all, minor) => all + minor, 0),
    })),
  };
}

/** What came back for pieces of each line that came, damaged or as another part: what did not come is no line's own any more. */
export const backFor = (lines: readonly ParcelLineEntity[], claims: readonly ClaimEntity[]): readonly number[] =>
  lines.map(({ id }) => claims.reduce((all, claim) => all + (claim.line === id && claim.reason !== 'short' ? claim.gotMinor : 0), 0));

const insideOf = ({ short, wrong }: Happens, lines: readonly ParcelLineEntity[]): OrderedParcelDto['inside'] => ({
  came: lines.map((line, i) => {
    if (wrong.some((row) => row.line === i)) return Math.max(0, openOf(line) - 1);
    const lacking = short.find((row) => row.line === i)?.quantity ?? 0;
    return Math.max(0, openOf(line) - (line.came === 0 ? lacking : 0));
  }),
  instead: wrong.flatMap(({ line, variant }) => {
    const id = lines[line]?.id;
    return id === undefined || (lines[line]?.came ?? 0) > 0 ? [] : [{ line: id, variant }];
  }),
});

/** What parcels cost by month and seller, and what the plans had reckoned. */
export function spentOn(parcels: readonly KeptParcel[], currency: string): SpentDto {
  const costs = parcels.map(({ row, lines }) => ({ orderedOn: row.orderedOn, seller: row.sellerName, minor: costMinor(lines, row) }));
  return {
    currency,
    months: spentByMonth(costs),
    plannedMinor: parcels.reduce((all, { row }) => all + row.plannedMinor, 0),
    costMinor: costs.reduce((all, row) => all + row.minor, 0),
  };
}
