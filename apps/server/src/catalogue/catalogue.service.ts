import { Injectable, type OnApplicationBootstrap } from '@nestjs/common';
import { Catalogue, CATALOGUE_KINDS, type CatalogueData, type CatalogueKind, type CatalogueRow, keyOf, VariantPacker } from '@outfit/core';
import { randomUUID } from 'node:crypto';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { LiveService } from '../platform/live/index.js';
import type { PackedCatalogueDto } from './catalogue.dto.js';
import { CatalogueStore, perKind } from './catalogue.store.js';
import { CatalogueHooks } from './hooks.js';

/** Rows read at a turn while a changed catalogue is read again beside other work. */
const ROWS_A_TURN = 4000;

/** Kinds whose rows say nothing of which parts there are, how they are worn, or what comes off a whole figure. */
const BESIDE_PARTS: ReadonlySet<CatalogueKind> = new Set(['colours', 'motifs', 'prints', 'bundles', 'sources']);

/** The catalogue as it stands, kept in memory. */
@Injectable()
export class CatalogueService implements OnApplicationBootstrap {
  readonly store: CatalogueStore;
  /** The catalogue, and the rows it was made of as they stand in the tables. */
  private loaded: { readonly catalogue: Catalogue; readonly rows: CatalogueData } | null = null;
  private version = 0;
  private parts = 0;
  private readonly started = randomUUID().slice(0, 8);
  private readonly packs = new WeakMap<CatalogueData, Promise<PackedCatalogueDto>>();

  constructor(
    private readonly database: Database,
    private readonly hooks: CatalogueHooks,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {
    this.store = new CatalogueStore(this.database);
  }

  /** News that nobody had been told when a server died is told now. */
  async onApplicationBootstrap(): Promise<void> {
    await this.tellMade();
  }

  /** The catalogue, read once and kept until it is changed. */
  now(): Catalogue {
    return (this.loaded ?? this.keep(this.store.read())).catalogue;
  }

  /** Grows with every change, for those who keep something made from the catalogue. */
  get revision(): number {
    return this.version;
  }

  /**
   * Grows when a part may be known by another number, be worn otherwise or come off another figure: one part or colour more leaves it
   * as it is.
   */
  get partsRevision(): number {
    return this.parts;
  }

  /** Names the catalogue as it stands, also across starts: answers that speak of its rows say which rows they mean. */
  get versionName(): string {
    return `${this.started}-${this.version}`;
  }

  /** The catalogue in columns; worked out once for each state of it, a few thousand rows at a turn. */
  packNow(): Promise<PackedCatalogueDto> {
    const { data } = this.now();
    let packed = this.packs.get(data);
    if (!packed) this.packs.set(data, (packed = this.pack(data, this.versionName)));
    return packed;
  }

  private async pack({ variants, ...rest }: CatalogueData, version: string): Promise<PackedCatalogueDto> {
    const packer = new VariantPacker();
    for (let from = 0; from < variants.length; from += ROWS_A_TURN) {
      packer.add(variants.slice(from, from + ROWS_A_TURN));
      await nextTurn();
    }
    return { version, ...rest, variants: packer.pack() } as PackedCatalogueDto;
  }

  /** The catalogue has been changed: whoever asks next reads it again. Within a unit of work; tabs hear of it once it is done. */
  noteChange(): void {
    this.forget();
    this.database.afterUndo(() => this.forget());
    this.live.tellAfterwards('catalogue');
  }

  /**
   * Some rows have been written or taken out: they are read again and the rest is kept, so that one colour more does not have
   * 60,000 parts read anew. Within a unit of work.
   */
  changedRows(keys: ReadonlyMap<CatalogueKind, ReadonlySet<string>>): void {
    const before = this.loaded?.rows;
    const { parts } = this;
    this.noteChange();
    if (!before) return;
    const patched = Object.entries(before).map(([kind, rows]) => {
      const touched = keys.get(kind as CatalogueKind);
      return [kind, touched ? this.patch(kind as CatalogueKind, rows as CatalogueRow<CatalogueKind>[], touched) : (rows as unknown)];
    });
    const after = Object.fromEntries(patched) as CatalogueData;
    if (!concernsParts(keys, before, after)) this.parts = parts;
    this.keep(after);
  }

  /** The rows of a kind with some of them as they stand now, in the order of their keys. */
  private patch(
    kind: CatalogueKind,
    rows: readonly CatalogueRow<CatalogueKind>[],
    touched: ReadonlySet<string>,
  ): readonly CatalogueRow<CatalogueKind>[] {
    const fresh = [...touched].flatMap((key) => this.store.row(kind, key) ?? []);
    const kept = rows.filter((row) => !touched.has(keyOf(row)));
    return [...kept, ...fresh].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1));
  }

  private keep(rows: CatalogueData): { readonly catalogue: Catalogue } {
    this.loaded = { catalogue: new Catalogue(rows), rows };
    return this.loaded;
  }

  private forget(): void {
    this.loaded = null;
    this.version += 1;
    this.parts += 1;
  }

  /**
   * Reads a catalogue that a worker has changed, a few thousand rows at a turn, so that edits go on between; the old one
   * serves until then.
   */
  async readAgain(): Promise<void> {
    const rows = perKind<CatalogueRow<CatalogueKind>[]>(() => []);
    for (const kind of CATALOGUE_KINDS)
      for (;;) {
        const last = rows[kind].at(-1);
        const more = this.store.readAfter(kind, last ? keyOf(last) : '', ROWS_A_TURN);
        rows[kind].push(...more);
        await nextTurn();
        if (more.length < ROWS_A_TURN) break;
      }
    this.keep(rows as unknown as CatalogueData);
    this.version += 1;
    this.parts += 1;
    this.live.changedElsewhere('catalogue');
  }

  /** Fills an empty catalogue, within a unit of work. */
  fill(data: CatalogueData): void {
    this.store.write(data);
    this.noteChange();
  }

  /** Tells whoever planned a variant that it came to be made; how many were told. */
  tellMade(): Promise<number> {
    return this.database.write(() => this.tellMadeNow());
  }

  /** The same, within a unit of work that is under way. */
  tellMadeNow(): number {
    const news = this.store.untold();
    const told = this.hooks.tell(news);
    this.store.markTold(news, this.clock.now().toISOString());
    return told;
  }

  /** Does anybody's plan name an entry, or its history? */
  isNamed(kind: CatalogueKind, key: string): boolean {
    return this.hooks.isNamed(kind, key);
  }
}

/** May rows that were touched change what parts are known by, how they are worn or what they come off? */
function concernsParts(keys: ReadonlyMap<CatalogueKind, ReadonlySet<string>>, before: CatalogueData, after: CatalogueData): boolean {
  return [...keys].some(([kind, touched]) => {
    if (touched.size === 0 || BESIDE_PARTS.has(kind)) return false;
    if (kind !== 'variants') return true;
    const had = new Map(before.variants.filter((row) => touched.has(row.id)).map((row) => [row.id, row]));
    const has = new Map(after.variants.filter((row) => touched.has(row.id)).map((row) => [row.id, row]));
    // A part that is new, or stays the mould it was and stands for itself, is found as before.
    return [...touched].some((id) => {
      const [old, now] = [had.get(id), has.get(id)];
      return !now || now.mergedInto !== undefined || (old !== undefined && (old.mergedInto !== undefined || old.mould !== now.mould));
    });
  });
}
