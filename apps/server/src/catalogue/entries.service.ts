import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  Catalogue,
  CATALOGUE_KINDS,
  keyOf,
  knownBy,
  merge,
  MergeRefused,
  NOTHING_KNOWN,
  rowFaults,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  type KnownKeys,
  type Mergeable,
} from '@outfit/core';
import { rowShapeFault } from '@outfit/formats';
import { DataSource } from 'typeorm';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import { CatalogueService } from './catalogue.service.js';
import type { CatalogueChangeDto, SavedEntryDto } from './entries.dto.js';
import { nowMade } from './nowMade.js';
import type { CatalogueStore } from './store.js';

const MOST_CHANGES = 100;
const STILL_NAMED = 'Something names this entry by now: a look or its history, a piece, an offer or another entry. Nothing was changed.';

interface ChangeRow {
  readonly id: number;
  readonly at: string;
  readonly label: string;
  readonly kind: string;
  readonly item: string;
  readonly before: string | null;
  readonly after: string | null;
}

/** A person's own entries: added, changed, merged, taken back. Every change is one row of an append-only log. */
@Injectable()
export class EntriesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  async save(kind: CatalogueKind, row: unknown): Promise<SavedEntryDto> {
    const shape = rowShapeFault(kind, row);
    if (shape) throw new Problem(422, `${shape.path}: ${shape.reason}`, [{ path: shape.path, sentence: shape.reason }]);
    const entry = row as CatalogueRow<CatalogueKind>;
    const catalogue = await this.catalogue.catalogue();
    const rows = { [kind]: [entry] } as CatalogueRows;
    const faults = rowFaults(rows, knownTo(catalogue));
    if (faults[0]) {
      const paths = faults.map(({ field, reason }) => ({ path: `/${field ?? ''}`, sentence: reason }));
      throw new Problem(422, faults[0].reason, paths);
    }
    const key = keyOf(entry);
    const before = rowOf(catalogue, kind, key);
    return this.apply(
      rows,
      { label: `${before ? 'Changed' : 'Added'} ${key}`, kind, item: key },
      before ? ({ [kind]: [before] } as CatalogueRows) : null,
    );
  }

  async merge(kind: Mergeable, double: string, kept: string): Promise<SavedEntryDto> {
    const catalogue = await this.catalogue.catalogue();
    for (const id of [double, kept]) if (!isThere(catalogue, kind, id)) throw notFound(kind, id);
    try {
      const { add, mark } = merge(kind, double, kept, catalogue);
      const doubles = mark.map(({ variant, mergedInto }) => ({ ...catalogue.variant(variant), mergedInto }));
      const before = [...add.filter((variant) => catalogue.has(variant.id)), ...doubles].map((variant) => catalogue.variant(variant.id));
      const label = `Merged ${double} into ${kept}`;
      return await this.apply({ variants: [...add, ...doubles] }, { label, kind, item: double }, { variants: before });
    } catch (error) {
      if (error instanceof MergeRefused) throw new Problem(422, error.message);
      throw error;
    }
  }

  /** Takes one change back: what was changed is as before, what was added goes unless something refers to it. */
  async undo(id: number): Promise<SavedEntryDto> {
    const { connection, store } = this.catalogue;
    const change = connection.prepare('SELECT * FROM catalogue_change WHERE id = ?').get(id) as ChangeRow | undefined;
    if (!change) throw notFound('change', String(id));
    const before = change.before === null ? {} : (JSON.parse(change.before) as CatalogueRows);
    const after = change.after === null ? {} : (JSON.parse(change.after) as CatalogueRows);
    if (change.after === null) throw new Problem(409, 'An import is not taken back here. Import the archive you exported before it.');
    const was = new Set(CATALOGUE_KINDS.flatMap((kind) => (before[kind] ?? []).map((row) => `${kind}|${keyOf(row)}`)));
    try {
      return await this.apply(before, { label: `Took back: ${change.label}`, kind: change.kind, item: change.item }, after, () => {
        for (const kind of [...CATALOGUE_KINDS].reverse())
          for (const row of after[kind] ?? []) if (!was.has(`${kind}|${keyOf(row)}`)) this.takeOut(kind, keyOf(row), store);
        // Rows name each other in documents that foreign keys do not see.
        if (rowFaults(store.read(), NOTHING_KNOWN).length > 0) throw new Problem(409, STILL_NAMED);
      });
    } catch (error) {
      if ((error as { code?: string }).code?.startsWith('SQLITE_CONSTRAINT')) throw new Problem(409, STILL_NAMED);
      throw error;
    }
  }

  private takeOut(kind: CatalogueKind, key: string, store: CatalogueStore): void {
    if (kind === 'variants' && store.isPlanned(key)) throw new Problem(409, STILL_NAMED);
    store.remove(kind, key);
  }

  changes(): CatalogueChangeDto[] {
    const rows = this.catalogue.connection
      .prepare('SELECT id, at, label, kind, item, after IS NOT NULL AS undoable FROM catalogue_change ORDER BY id DESC LIMIT ?')
      .all(MOST_CHANGES) as (ChangeRow & { undoable: number })[];
    return rows.map(({ id, at, label, kind, item, undoable }) => ({ id, at, label, kind, item, undoable: undoable === 1 }));
  }

  /** Writes, logs, indexes and tells, in one transaction. */
  private async apply(
    rows: CatalogueRows,
    change: { readonly label: string; readonly kind: string; readonly item: string },
    before: CatalogueRows | null,
    alsoRemove: () => void = () => undefined,
  ): Promise<SavedEntryDto> {
    const at = this.clock.now().toISOString();
    try {
      return await this.database.transaction(() => {
        const { store } = this.catalogue;
        const written = store.write(rows);
        alsoRemove();
        store.recordChange({ ...change, at, before, after: rows });
        const catalogue = new Catalogue(store.read());
        const notices = written.turnedMade.map((id) => store.tellMade(id, nowMade(id, catalogue), at));
        return Promise.resolve({ kind: change.kind, key: change.item, notices: notices.reduce((all, count) => all + count, 0) });
      });
    } finally {
      this.catalogue.changed();
    }
  }
}

const rowOf = (catalogue: Catalogue, kind: CatalogueKind, key: string): CatalogueRow<CatalogueKind> | undefined =>
  (catalogue.data[kind] as readonly CatalogueRow<CatalogueKind>[]).find((row) => keyOf(row) === key);

const isThere = (catalogue: Catalogue, kind: Mergeable, id: string): boolean =>
  ({ mould: catalogue.hasMould(id), colour: catalogue.hasColour(id), print: catalogue.hasPrint(id), variant: catalogue.has(id) })[kind];

const knownTo = ({ data }: Catalogue): KnownKeys =>
  knownBy((kind) => new Set((data[kind] as readonly CatalogueRow<CatalogueKind>[]).map(keyOf)), {
    mergedInto: (id) => data.variants.find((variant) => variant.id === id)?.mergedInto,
    sources: data.sources,
  });
