import { Injectable } from '@nestjs/common';
import type { LookPart, OfficialFigure } from '@outfit/core';
import { holesOf } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { Ledger, type PlaceRow } from '../ledger/index.js';
import { PromisesService } from '../promises/index.js';
import type { CloseBoxDto, DonorDto, HoldingDto, TogetherDto } from './donors.dto.js';
import { DonorsStore } from './donors.store.js';

/** Owned whole figures: what is on them, what lacks, put together from loose pieces and back into a box. */
@Injectable()
export class DonorsService {
  private readonly store: DonorsStore;

  constructor(
    database: Database,
    private readonly catalogue: CatalogueService,
    private readonly ledger: Ledger,
    private readonly promises: PromisesService,
  ) {
    this.store = new DonorsStore(database);
  }

  /** Every whole figure that has anything on it, in the order of their places. */
  async list(): Promise<DonorDto[]> {
    const catalogue = this.catalogue.now();
    const figures = new Map(catalogue.data.officialFigures.map((figure) => [figure.id, figure]));
    const rows = this.store.pieces().map((row) => ({ ...row, variant: catalogue.resolve(row.variant) }));
    const doing = await this.promises.ofRuns(rows.map(({ run, variant }) => ({ id: run, variant })));
    const on = new Map<string, HoldingDto[]>();
    for (const { run, place, variant, quantity, condition, certainty } of rows) {
      const promisedTo = (doing.get(run)?.given ?? []).map((given) => given.name);
      on.set(place, [...(on.get(place) ?? []), { run, variant, quantity, condition, certainty, promisedTo }]);
    }
    const places = this.ledger.store.places();
    const byId = new Map(places.map((place) => [place.id, place]));
    return places.flatMap((place): DonorDto[] => {
      const holds = on.get(place.id);
      const figure = figures.get(place.official ?? '');
      if (place.kind !== 'donor' || !holds || !figure) return [];
      return [donorDto(place, byId.get(place.parent ?? '') ?? null, figure, holds)];
    });
  }

  /** What a whole figure is called; null when there is none such. */
  nameOf(id: string): string | null {
    const place = this.ledger.store.place(id);
    return place?.kind === 'donor' ? place.name : null;
  }

  /** What lacks on a whole figure, as something to shop for; null when there is no such figure, or nothing lacks. */
  toMakeWhole(id: string): { readonly name: string; readonly parts: readonly LookPart[] } | null {
    const place = this.ledger.store.place(id);
    if (place?.kind !== 'donor') return null;
    const catalogue = this.catalogue.now();
    const holds = this.store.pieces(id).map((row) => ({ ...row, variant: catalogue.resolve(row.variant) }));
    const holes = holesOf(this.figure(place.official ?? ''), holds);
    const parts = holes.map((hole) => ({ ...hole, turned: false }));
    return parts.length === 0 ? null : { name: `${place.name}, made whole`, parts };
  }

  /** Puts loose pieces together as the whole figure they once were. */
  async together({ officialFigure, place }: TogetherDto): Promise<DonorDto[]> {
    const figure = this.figure(officialFigure);
    await this.ledger.change(() => {
      const stands = this.madePlace(place);
      const catalogue = this.catalogue.now();
      const loose = this.store
        .loose(figure.parts.flatMap((part) => catalogue.namesOf(part.variant)))
        .map((row) => ({ ...row, variant: catalogue.resolve(row.variant) }));
      const taken = figure.parts.map(({ variant }) => {
        const run = loose.find((row) => row.variant === variant && row.quantity > 0);
        if (run) run.quantity -= 1;
        return { variant, run };
      });
      const lacking = taken.filter((row) => !row.run).map((row) => catalogue.nameOf(catalogue.variant(row.variant)));
      if (lacking.length > 0)
        throw new Problem(
          409,
          `Not every piece lies loose: ${[...new Set(lacking)].join(', ')} ${lacking.length === 1 ? 'lacks' : 'lack'}.`,
        );
      const to = this.addDonor(figure, stands);
      this.ledger.enter(
        'built on',
        `Put ${figure.name} together from loose pieces`,
        taken.flatMap(({ run }) => (run ? [{ lot: run.lot, quantity: 1, from: run.place, to }] : [])),
      );
      return null;
    });
    return this.list();
  }

  /** Puts whole figures back into a box, which is sealed: owned, and out of reach. */
  async close({ name, donors, place }: CloseBoxDto): Promise<DonorDto[]> {
    await this.ledger.change(() => {
      const stands = this.madePlace(place);
      const box = this.ledger.store.addPlace({
        kind: 'sealed',
        name: name.trim(),
        parent: stands.id,
        path: `${stands.path} › ${name.trim()}`,
      });
      const movements = [...new Set(donors)].flatMap((id) => {
        const donor = this.ledger.place(id);
        if (donor.kind !== 'donor') throw new Problem(422, `${donor.name} is no whole figure.`);
        return this.ledger.store.heldIn(id).map(({ lot, quantity }) => ({ lot, quantity, from: id, to: box }));
      });
      if (movements.length === 0) throw new Problem(422, 'Say which whole figures go into the box.');
      this.ledger.enter('put away', `Sealed ${donors.length} whole figures in ${name.trim()}`, movements);
      return null;
    });
    return this.list();
  }

  /** Makes the place that a whole figure is, within a unit of work. */
  addDonor(figure: OfficialFigure, stands: PlaceRow): string {
    const path = stands.path === '' ? figure.name : `${stands.path} › ${figure.name}`;
    return this.ledger.store.addPlace({ kind: 'donor', name: figure.name, parent: stands.id, path, official: figure.id });
  }

  figure(id: string): OfficialFigure {
    const figure = this.catalogue.now().data.officialFigures.find((row) => row.id === id);
    if (!figure) throw notFound('official figure', id);
    return figure;
  }

  /** A place things can be put down in. */
  madePlace(id: string): PlaceRow {
    const place = this.ledger.place(id);
    if (place.kind !== 'made' && place.kind !== 'bench')
      throw new Problem(422, `Nothing is put down in “${place.name}”: choose a place you made.`);
    return place;
  }
}

const donorDto = (place: PlaceRow, stands: PlaceRow | null, figure: OfficialFigure, holds: readonly HoldingDto[]): DonorDto => ({
  id: place.id,
  officialFigure: figure.id,
  name: place.name,
  place: stands?.path ?? '',
  placeId: place.parent,
  note: place.note,
  keepWhole: place.keepWhole,
  holds,
  holes: [...holesOf(figure, holds)],
});
