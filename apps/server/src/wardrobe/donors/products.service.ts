import { Injectable } from '@nestjs/common';
import type { Certainty, OfficialFigure } from '@outfit/core';
import { type Movement, OUTSIDE, piecesThere, unpack, type Unpacked } from '@outfit/core/wardrobe';
import { CatalogueService } from '../../catalogue/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { Ledger, type PlaceRow } from '../ledger/index.js';
import type { AddProductDto, DonorDto, MissingDto, OpenBoxDto, ProductDto } from './donors.dto.js';
import { DonorsService } from './donors.service.js';

/** Of what lies in a box, a lot of a part that pieces are taken from. */
interface InBox {
  readonly lot: number;
  readonly variant: string;
  left: number;
}

/** Official products put into the wardrobe: taken to pieces as the catalogue knows them, or sealed and opened later. */
@Injectable()
export class ProductsService {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly ledger: Ledger,
    private readonly donors: DonorsService,
  ) {}

  /** Adds so many of a product, as one entry. */
  async add({ product, count, state, place, inside, missing }: AddProductDto): Promise<DonorDto[]> {
    const { name, contents } = this.contents(product);
    const chosen = this.chooseOf(contents, count, state === 'sealed' ? null : inside);
    await this.ledger.change(() => {
      const stands = this.donors.madePlace(place);
      const what = count === 1 ? name : `${count} × ${name}`;
      const movements =
        state === 'sealed'
          ? Array.from({ length: count }, () => this.boxMovements(contents, product, name, stands)).flat()
          : this.laidOut(this.figuresOf(contents, count, chosen), this.looseOf(contents, count), missing, stands, product.id, []);
      if (movements.length === 0) throw new Problem(422, `Nothing of ${name} was there: tick off fewer pieces as missing.`);
      this.ledger.enter(state === 'sealed' ? 'received' : 'opened', `${what} came, ${state}`, movements);
      return null;
    });
    return this.donors.list();
  }

  /** Opens a sealed box: what is known to be in it is laid out, what a blind bag held is told now. */
  async open(box: string, { place, inside, missing }: OpenBoxDto): Promise<DonorDto[]> {
    await this.ledger.change(() => {
      const sealed = this.ledger.place(box);
      if (sealed.kind !== 'sealed' || sealed.product === null)
        throw new Problem(409, `${sealed.name} is no sealed product. Move what lies in it instead.`);
      const stands = this.donors.madePlace(place);
      const product = this.productOf(sealed.product);
      const { contents } = this.contents(product);
      const chosen = this.chooseOf(contents, 1, inside);
      const there = this.ledger.store
        .heldIn(box)
        .map((row): InBox => ({ lot: row.lot, variant: this.ledger.lot(row.lot).variant, left: row.quantity }));
      const out = this.laidOut(this.figuresOf(contents, 1, chosen), this.looseOf(contents, 1), missing, stands, product.id, there, box);
      // What was thought to be in it and was not is no longer owned.
      const gone = there
        .filter((row) => row.left > 0)
        .map((row): Movement => ({ lot: row.lot, quantity: row.left, from: box, to: OUTSIDE }));
      this.ledger.enter('opened', `Opened ${sealed.name}`, [...out, ...gone]);
      return null;
    });
    return this.donors.list();
  }

  private contents(product: ProductDto): { readonly name: string; readonly contents: Unpacked } {
    const { data } = this.catalogue.now();
    if (product.kind === 'figure') {
      const figure = this.donors.figure(product.id);
      return { name: figure.name, contents: { figures: [{ figure: figure.id, certainty: 'sure' }], loose: [], asks: [] } };
    }
    const source = data.sources.find((row) => row.id === product.id);
    if (!source) throw notFound('product', product.id);
    return { name: source.name, contents: unpack(source.id, data) };
  }

  private productOf(id: string): ProductDto {
    return this.catalogue.now().data.sources.some((row) => row.id === id) ? { kind: 'source', id } : { kind: 'figure', id };
  }

  /** The figure of each blind bag; null for bags that stay shut. */
  private chooseOf({ asks }: Unpacked, count: number, inside: readonly string[] | null): readonly string[] {
    if (inside === null) return [];
    const bags = Array.from({ length: count }, () => asks).flat();
    if (inside.length !== bags.length)
      throw new Problem(422, `Say which figure was in ${bags.length === 1 ? 'the bag' : `each of the ${bags.length} bags`}.`);
    bags.forEach((bag, i) => {
      if (!bag.figures.includes(inside[i] ?? '')) throw new Problem(422, `“${inside[i] ?? ''}” is in no bag of ${bag.source}.`);
    });
    return inside;
  }

  private figuresOf({ figures }: Unpacked, count: number, chosen: readonly string[]) {
    const sure = Array.from({ length: count }, () => figures).flat();
    return [...sure, ...chosen.map((figure) => ({ figure, certainty: 'sure' as Certainty }))].map(({ figure, certainty }) => ({
      figure: this.donors.figure(figure),
      certainty,
    }));
  }

  private looseOf = ({ loose }: Unpacked, count: number): Unpacked['loose'] =>
    loose.map((row) => ({ ...row, quantity: row.quantity * count }));

  /** A sealed box with all that is known to be in it. */
  private boxMovements(contents: Unpacked, product: ProductDto, name: string, stands: PlaceRow): readonly Movement[] {
    const to = this.ledger.store.addPlace({
      ...{ kind: 'sealed' as const, name, parent: stands.id, path: `${stands.path} › ${name}`, product: product.id },
    });
    const pieces = new Map<string, { variant: string; quantity: number; certainty: Certainty }>();
    const add = (variant: string, quantity: number, certainty: Certainty): void => {
      const key = `${variant} ${certainty}`;
      pieces.set(key, { variant, quantity: quantity + (pieces.get(key)?.quantity ?? 0), certainty });
    };
    for (const { figure, certainty } of this.figuresOf(contents, 1, []))
      for (const [variant, quantity] of piecesThere(figure, [])) add(variant, quantity, certainty);
    for (const { variant, quantity, certainty } of contents.loose) add(variant, quantity, certainty);
    const known = [...pieces.values()].map(({ variant, quantity, certainty }) =>
      this.arrival(variant, quantity, certainty, product.id, to),
    );
    if (known.length === 0 && contents.asks.length > 0)
      throw new Problem(
        422,
        `Nobody knows what is in a sealed ${name}: add it when it is opened, or the figure itself when you know which it is.`,
      );
    return known;
  }

  /** Donors with their pieces, and loose pieces in their place; from a box as far as they lie in it, from outside otherwise. */
  private laidOut(
    figures: readonly { readonly figure: OfficialFigure; readonly certainty: Certainty }[],
    loose: Unpacked['loose'],
    missing: readonly MissingDto[],
    stands: PlaceRow,
    source: string,
    inBox: InBox[],
    box = OUTSIDE,
  ): readonly Movement[] {
    const take = (variant: string, quantity: number, certainty: Certainty, to: string): readonly Movement[] => {
      const movements: Movement[] = [];
      let wanted = quantity;
      for (const row of inBox) {
        const taken = row.variant === variant ? Math.min(wanted, row.left) : 0;
        if (taken === 0) continue;
        row.left -= taken;
        wanted -= taken;
        movements.push({ lot: row.lot, quantity: taken, from: box, to });
      }
      return wanted === 0 ? movements : [...movements, this.arrival(variant, wanted, certainty, source, to)];
    };
    const lacks = (of: number): readonly string[] => missing.filter((row) => row.of === of).map((row) => row.variant);
    const onFigures = figures.flatMap(({ figure, certainty }, i) => {
      const pieces = piecesThere(figure, lacks(i));
      if (pieces.size === 0) return [];
      const to = this.donors.addDonor(figure, stands);
      return [...pieces].flatMap(([variant, quantity]) => take(variant, quantity, certainty, to));
    });
    const besides = loose.flatMap(({ variant, quantity, certainty }) => {
      const there = quantity - lacks(-1).filter((lacking) => lacking === variant).length;
      return there > 0 ? take(variant, there, certainty, stands.id) : [];
    });
    return [...onFigures, ...besides];
  }

  private arrival(variant: string, quantity: number, certainty: Certainty, source: string, to: string): Movement {
    const lot = this.ledger.store.addLot({ variant, condition: 'used', source, certainty, note: '', addedAt: this.ledger.now() });
    return { lot, quantity, from: OUTSIDE, to };
  }
}
