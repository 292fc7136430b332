import { Injectable } from '@nestjs/common';
import { type Movement } from '@outfit/core/wardrobe';
import { CatalogueService } from '../catalogue/index.js';
import { MarketService } from '../market/index.js';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { type Document, patch } from '../platform/log/index.js';
import { Ledger } from '../wardrobe/index.js';
import type { OrderedParcelDto } from './parcels.dto.js';
import { documentOf, parcelOf, parcelSlice } from './parcelSlice.js';
import { parcelView } from './parcelView.js';
import type { ParcelLineEntity, ParcelEntity } from './parcels.entities.js';
import { type KeptParcel, ParcelsStore } from './parcels.store.js';

/** How parcels are found, written down and put back: what every deed with one is made of. */
@Injectable()
export class ParcelDeeds {
  readonly store: ParcelsStore;

  constructor(
    database: Database,
    private readonly ledger: Ledger,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly live: LiveService,
    history: HistoryService,
  ) {
    this.store = new ParcelsStore(database);
    history.register('parcel', {
      restore: (things) => {
        for (const { item, to, from } of things) if (to && from) this.restore(item, patch(documentOf(this.parcelOrBinned(item)), from, to));
        live.tellAfterwards('parcels');
      },
    });
  }

  list(): OrderedParcelDto[] {
    return this.store.all().map((row) => this.dto(row));
  }

  enterOrKeep(sentence: string, movements: readonly Movement[], before: KeptParcel): void {
    if (movements.length === 0) return this.keep(sentence, before);
    this.ledger.enter('corrected', sentence, movements, {
      ...{ slices: [parcelSlice(before, this.keptParcel(before.row.id))], because: `parcel ${before.row.id}` },
    });
    this.live.tellAfterwards('parcels');
  }

  keep(label: string, before: KeptParcel): void {
    this.ledger.keep(label, [parcelSlice(before, this.keptParcel(before.row.id))]);
    this.live.tellAfterwards('parcels');
  }

  /** Writes a parcel as a document of the history tells it. A claim it does not know was written down since, and goes. */
  private restore(id: string, document: Document): void {
    this.store.restore(id, parcelOf(document), this.ledger.now());
    this.followPlace(this.parcelOrBinned(id).row);
  }

  /** Writes a parcel; the place that is it is due on the day it is expected on, until it is here. */
  write(row: ParcelEntity): void {
    this.store.write(row);
    this.followPlace(row);
  }

  private followPlace(row: ParcelEntity): void {
    const place = this.ledger.store.place(row.place);
    const dueOn = row.state === 'ordered' || row.state === 'sent' ? row.expectedOn : null;
    if (place && place.dueOn !== dueOn) this.ledger.store.writePlace({ ...place, dueOn });
  }

  keptParcel(id: string): KeptParcel {
    const kept = this.parcelOrBinned(id);
    if (kept.row.removedAt !== null) throw notFound('parcel', id);
    return kept;
  }

  /** One that was taken back too. */
  private parcelOrBinned(id: string): KeptParcel {
    const row = this.store.parcel(id);
    if (!row) throw notFound('parcel', id);
    return { row, lines: this.store.lines(id), claims: this.store.claims(id) };
  }

  lineOf({ lines, row }: KeptParcel, id: number): ParcelLineEntity {
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

  currentId(variant: string): string {
    const catalogue = this.catalogue.now();
    if (!catalogue.has(variant)) throw notFound('part', variant);
    return catalogue.resolve(variant);
  }

  dto(row: ParcelEntity): OrderedParcelDto {
    return parcelView(row, this.store.lines(row.id), this.store.claims(row.id), this.market.today(), this.catalogue.now());
  }
}
