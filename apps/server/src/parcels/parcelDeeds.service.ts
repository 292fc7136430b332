import { Injectable } from '@nestjs/common';
import { type Movement } from '@outfit/core/wardrobe';
import { CatalogueService } from '../catalogue/index.js';
import { MarketService } from '../market/index.js';
import { Database } from '../platform/db/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { Ledger } from '../wardrobe/index.js';
import type { OrderedParcelDto } from './parcels.dto.js';
import { parcelView } from './parcelView.js';
import { type KeptParcel, type ParcelLineRow, type ParcelRow, ParcelsRecord } from './parcels.record.js';

/** How parcels are found, written down and put back: what every deed with one is made of. */
@Injectable()
export class ParcelDeeds {
  readonly record: ParcelsRecord;

  constructor(
    database: Database,
    private readonly ledger: Ledger,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly live: LiveService,
  ) {
    this.record = new ParcelsRecord((sql) => database.prepare(sql));
    ledger.restoreOthers((state) => this.restore(state as Partial<KeptParcel>));
  }

  list(): OrderedParcelDto[] {
    return this.record.all().map((row) => this.dto(row));
  }

  enterOrKeep(sentence: string, movements: readonly Movement[], before: KeptParcel): void {
    if (movements.length === 0) return this.keep(sentence, before);
    this.ledger.enter('corrected', sentence, movements, {
      ...{ before: { others: [before] }, after: { others: [this.kept(before.row.id)] }, because: `parcel ${before.row.id}` },
    });
    this.live.changed('parcels');
  }

  keep(label: string, before: KeptParcel): void {
    this.ledger.keep(label, { others: [before] }, { others: [this.kept(before.row.id)] });
    this.live.changed('parcels');
  }

  restore({ row, lines, claims = [] }: Partial<KeptParcel>): boolean {
    if (!row || !lines) return false;
    this.write({ ...row, version: (this.record.parcel(row.id)?.version ?? 0) + 1 });
    for (const line of lines) this.record.writeLine(line);
    const standing = new Set(claims.map((claim) => claim.id));
    for (const claim of claims) this.record.writeClaim(claim);
    // A claim that was written down since is taken back with the deed that did it.
    for (const claim of this.record.claims(row.id))
      if (!standing.has(claim.id)) this.record.writeClaim({ ...claim, removedAt: this.ledger.now() });
    this.live.changed('parcels');
    return true;
  }

  /** Writes a parcel; the place that is it is due on the day it is expected on. */
  write(row: ParcelRow): void {
    this.record.write(row);
    const place = this.ledger.place(row.place);
    if (place.dueOn !== row.expectedOn) this.ledger.record.writePlace({ ...place, dueOn: row.expectedOn });
  }

  kept(id: string): KeptParcel {
    const row = this.record.parcel(id);
    if (!row || row.removedAt !== null) throw notFound('parcel', id);
    return { row, lines: this.record.lines(id), claims: this.record.claims(id) };
  }

  lineOf({ lines, row }: KeptParcel, id: number): ParcelLineRow {
    const line = lines.find((own) => own.id === id);
    if (!line) throw new Problem(422, `There is no such line in the parcel from ${row.sellerName}.`);
    return line;
  }

  drawer(id: string): string {
    const place = this.ledger.place(id);
    if (place.kind !== 'made' && place.kind !== 'bench')
      throw new Problem(422, `Nothing is put away in “${place.name}”: choose a place you made.`);
    return place.id;
  }

  known(variant: string): string {
    const catalogue = this.catalogue.now();
    if (!catalogue.has(variant)) throw notFound('part', variant);
    return catalogue.resolve(variant);
  }

  dto(row: ParcelRow): OrderedParcelDto {
    return parcelView(row, this.record.lines(row.id), this.record.claims(row.id), this.market.today(), this.catalogue.now());
  }
}
