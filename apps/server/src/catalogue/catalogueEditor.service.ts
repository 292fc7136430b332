import { Injectable } from '@nestjs/common';
import {
  type Catalogue,
  CATALOGUE_KINDS,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  keyOf,
  list,
  knownBy,
  type KnownKeys,
  merge,
  type Mergeable,
  MergeRefused,
  NOTHING_KNOWN,
  rowFaults,
  type Use,
  usesOf,
} from '@outfit/core';
import { SILHOUETTE_NAMES } from '@outfit/drawing';
import { rowShapeFault } from '@outfit/formats';
import { BinService } from '../platform/bin/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import type { Document, Slice } from '../platform/log/index.js';
import { Conflict, notFound, Problem } from '../platform/http/index.js';
import { CatalogueService } from './catalogue.service.js';
import { stable } from './codecs.js';
import type { CatalogueChangeDto, SavedEntryDto } from './entries.dto.js';
import { madeSentence } from './nowMade.js';

/** The whole catalogue is one line of the history; each entry in it can be taken back by itself. */
const ALL = 'all';
const LINE = { line: 'catalogue', item: ALL } as const;
const STILL_NAMED = 'Something names this entry by now: a look or its history, a piece, an offer or another entry. Nothing was changed.';

/** A person's own entries: added, changed, merged, taken back. Every change is one row of the log. */
@Injectable()
export class CatalogueEditor {
  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly history: HistoryService,
    private readonly clock: Clock,
    bin: BinService,
  ) {
    bin.register('entry', {
      // What was taken back or added again since stands, and no more lies there.
      list: () =>
        this.catalogue.store
          .binnedEntries()
          .filter(({ kind, item }) => rowOf(this.catalogue.now(), kind, item) === undefined)
          .map(({ kind, item, entry, removedAt }) => ({
            id: `${kind} ${item}`,
            name: 'name' in entry ? entry.name : item,
            stoodIn: `the catalogue, ${USED_BY[kind][1]}`,
            at: removedAt,
          })),
      bringBack: (id) => this.bringBack(...splitAbout(id)),
      throwAway: (id) => {
        const [kind, key] = splitAbout(id);
        const known = CATALOGUE_KINDS.find((own) => own === kind);
        if (known) this.catalogue.store.forgetBinned(known, key);
      },
    });
    history.register('catalogue', {
      restore: (things) =>
        void this.put(
          rowsOf(things.map(({ item, to }) => ({ item, state: to }))),
          rowsOf(things.map(({ item, from }) => ({ item, state: from }))),
        ),
      // Rows name each other: an entry is put back whole.
      touched: () => 'all',
    });
  }

  /** Adds an entry, or changes the one under its key; `seen` is that one as the person saw it, when they saw one. */
  async save(kind: CatalogueKind, row: unknown, seen?: unknown): Promise<SavedEntryDto> {
    const shape = rowShapeFault(kind, row);
    if (shape) throw new Problem(422, shape.reason, [{ path: shape.path, sentence: shape.reason }]);
    return this.change(() => this.saveNow(kind, row as CatalogueRow<CatalogueKind>, seen));
  }

  /** The same for a row whose shape is sound, within a unit of work that is under way. */
  saveNow(kind: CatalogueKind, entry: CatalogueRow<CatalogueKind>, seen?: unknown): SavedEntryDto {
    const catalogue = this.catalogue.now();
    const rows = { [kind]: [entry] } as CatalogueRows;
    const faults = rowFaults(rows, knownTo(catalogue));
    if (faults[0]) {
      const paths = faults.map(({ field, reason }) => ({ path: `/${field ?? ''}`, sentence: reason }));
      throw new Problem(422, faults[0].reason, paths);
    }
    const key = keyOf(entry);
    const before = rowOf(catalogue, kind, key);
    if (seen !== undefined && before && stable(before) !== stable(seen)) throw new Conflict(`The entry ${key}`, before);
    const label = `${before ? 'Changed' : 'Added'} ${nameOf(kind, entry, catalogue)}`;
    return this.write(rows, before ? ({ [kind]: [before] } as CatalogueRows) : {}, { label, kind, item: key });
  }

  /** Imagined variants that a look was planned with. Within a unit of work that is under way. */
  imagineNow(variants: CatalogueRows['variants'], label: (id: string) => string): void {
    for (const variant of variants ?? [])
      if (!this.catalogue.now().has(variant.id))
        this.write({ variants: [variant] }, {}, { label: label(variant.id), kind: 'variants', item: variant.id });
  }

  /** Puts an entry in the bin. One that something names stays, and it is said what names it. */
  bin(kind: CatalogueKind, key: string): Promise<SavedEntryDto> {
    return this.change(() => {
      const catalogue = this.catalogue.now();
      const entry = rowOf(catalogue, kind, key);
      if (!entry) throw notFound('entry', key);
      const uses = usesOf(kind, key, catalogue);
      if (uses.length > 0) throw new Problem(409, `${key} cannot go: ${list(uses.map(useWords))} it. Change or remove what does first.`);
      const rows = { [kind]: [entry] } as CatalogueRows;
      const notices = this.put({}, rows, 'nothing names it');
      const label = `Put ${nameOf(kind, entry, catalogue)} in the bin`;
      this.history.record({ line: 'catalogue', item: ALL, label, about: `${kind} ${key}`, slices: slicesOf(rows, {}) });
      this.catalogue.store.keepBinned(kind, key, entry, this.clock.now().toISOString());
      return { kind, key, notices };
    });
  }

  async merge(kind: Mergeable, double: string, kept: string): Promise<SavedEntryDto> {
    return this.change(() => {
      const catalogue = this.catalogue.now();
      for (const id of [double, kept]) if (!isThere(catalogue, kind, id)) throw notFound(kind, id);
      try {
        const { add, mark } = merge(kind, double, kept, catalogue);
        const doubles = mark.map(({ variant, mergedInto }) => ({ ...catalogue.variant(variant), mergedInto }));
        const before = [...add.filter((variant) => catalogue.has(variant.id)), ...doubles].map((variant) => catalogue.variant(variant.id));
        const rows = { variants: [...add, ...doubles] };
        return this.write(rows, { variants: before }, { label: `Merged ${double} into ${kept}`, kind, item: double });
      } catch (error) {
        if (error instanceof MergeRefused) throw new Problem(422, error.message);
        throw error;
      }
    });
  }

  /** Takes one change back, whichever it is: what was changed is as before, what was added goes unless something refers to it. */
  async takeBack(id: number): Promise<SavedEntryDto> {
    const { about } = this.history.past(LINE, id);
    try {
      await this.history.takeBackNow(LINE, id);
    } catch (error) {
      throw namedProblemOf(error);
    }
    const [kind, key] = splitAbout(about);
    return { kind, key, notices: 0 };
  }

  changes(): CatalogueChangeDto[] {
    return this.history.list(LINE).map(({ id, at, kind, label, about, stands }) => {
      const [of, item] = splitAbout(about);
      return {
        id,
        at,
        label: kind === 'edit' ? label : `${kind === 'undo' ? 'Undone' : 'Done again'}: ${label}`,
        kind: of,
        item,
        undoable: stands,
      };
    });
  }

  /** A unit of work on the catalogue. References are looked at again at its end, so its commit may refuse too. */
  private async change(work: () => SavedEntryDto): Promise<SavedEntryDto> {
    try {
      return await this.database.write<SavedEntryDto>(work);
    } catch (error) {
      throw namedProblemOf(error);
    }
  }

  private bringBack(kind: string, key: string): void {
    const { store } = this.catalogue;
    const binned = store.binnedEntries().find((row) => row.kind === kind && row.item === key);
    if (!binned) throw notFound('entry in the bin', key);
    this.saveNow(binned.kind, binned.entry);
    store.forgetBinned(binned.kind, key);
  }

  private write(
    rows: CatalogueRows,
    before: CatalogueRows,
    { label, kind, item }: { label: string; kind: string; item: string },
  ): SavedEntryDto {
    const notices = this.put(rows, {});
    this.history.record({ line: 'catalogue', item: ALL, label, about: `${kind} ${item}`, slices: slicesOf(before, rows) });
    return { kind, key: item, notices };
  }

  /** Writes rows, takes out what `from` has and `to` has not, and tells who planned what came to be made. */
  private put(to: CatalogueRows, from: CatalogueRows, known: 'nothing names it' | 'not looked yet' = 'not looked yet'): number {
    const { store } = this.catalogue;
    const stays = new Set(CATALOGUE_KINDS.flatMap((kind) => (to[kind] ?? []).map((row) => `${kind}|${keyOf(row)}`)));
    const { turnedMade } = store.write(to);
    let isRemoving = false;
    for (const kind of [...CATALOGUE_KINDS].reverse())
      for (const row of from[kind] ?? []) {
        const key = keyOf(row);
        if (stays.has(`${kind}|${key}`)) continue;
        if (this.catalogue.isNamed(kind, key)) throw new Problem(409, STILL_NAMED);
        isRemoving = true;
        removeOrRefuse(() => store.remove(kind, key));
      }
    this.catalogue.changedRows(keysOf(to, from));
    // Rows name each other in documents that foreign keys do not see.
    if (isRemoving && known === 'not looked yet' && rowFaults(store.read(), NOTHING_KNOWN).length > 0) throw new Problem(409, STILL_NAMED);
    if (turnedMade.length === 0) return 0;
    const at = this.clock.now().toISOString();
    for (const id of turnedMade) store.noteMade(id, madeSentence(id, this.catalogue.now()), at);
    return this.catalogue.tellMadeNow();
  }
}

/** The keys of all rows that are written or taken out, by kind. */
function keysOf(...all: readonly CatalogueRows[]): ReadonlyMap<CatalogueKind, ReadonlySet<string>> {
  const touched = CATALOGUE_KINDS.map((kind) => [kind, new Set(all.flatMap((rows) => (rows[kind] ?? []).map(keyOf)))] as const);
  return new Map(touched.filter(([, keys]) => keys.size > 0));
}

/** A reference that the database refused, as a sentence; any other error as it is. */
const namedProblemOf = (error: unknown): unknown =>
  (error as { code?: string }).code?.startsWith('SQLITE_CONSTRAINT') ? new Problem(409, STILL_NAMED) : error;

function removeOrRefuse(remove: () => void): void {
  try {
    remove();
  } catch (error) {
    throw namedProblemOf(error);
  }
}

const USED_BY: Readonly<Record<CatalogueKind, readonly [one: string, many: string]>> = {
  systems: ['system', 'systems'],
  colours: ['colour', 'colours'],
  motifs: ['motif', 'motifs'],
  moulds: ['mould', 'moulds'],
  prints: ['print', 'prints'],
  variants: ['part', 'parts'],
  bundles: ['bundle', 'bundles'],
  officialFigures: ['official figure', 'official figures'],
  sources: ['source', 'sources'],
};

/** What an entry is called: by its name, a part by its mould and colours, and by its key where it has neither. */
function nameOf(kind: CatalogueKind, entry: CatalogueRow<CatalogueKind>, catalogue: Catalogue): string {
  if ('name' in entry) return entry.name;
  if (kind !== 'variants') return keyOf(entry);
  const variant = entry as NonNullable<CatalogueRows['variants']>[number];
  const isTold = catalogue.hasMould(variant.mould) && variant.colours.every((colour) => catalogue.hasColour(colour));
  return isTold ? catalogue.nameOf(variant) : variant.id;
}

/** "12 parts use". */
const useWords = ({ by, count }: Use): string => `${count} ${USED_BY[by][count === 1 ? 0 : 1]} ${count === 1 ? 'uses' : 'use'}`;

/** Rows of a deed as slices, each under its kind and key: those it wrote, then those it took away. */
function slicesOf(before: CatalogueRows, after: CatalogueRows): readonly Slice[] {
  const keyed = (rows: CatalogueRows): ReadonlyMap<string, CatalogueRow<CatalogueKind>> =>
    new Map(CATALOGUE_KINDS.flatMap((kind) => (rows[kind] ?? []).map((row) => [`${kind} ${keyOf(row)}`, row] as const)));
  const [was, is] = [keyed(before), keyed(after)];
  return [...new Set([...is.keys(), ...was.keys()])].map((item) => ({
    ...{ subject: 'catalogue' as const, item },
    before: documentOf(was.get(item)),
    after: documentOf(is.get(item)),
  }));
}

const documentOf = (row: CatalogueRow<CatalogueKind> | undefined): Document | null => (row ? { ...row } : null);

/** The rows that stand in some states of entries, by kind. */
function rowsOf(states: readonly { readonly item: string; readonly state: Document | null }[]): CatalogueRows {
  const rows: Partial<Record<string, Document[]>> = {};
  for (const { item, state } of states) if (state) (rows[splitAbout(item)[0]] ??= []).push(state);
  return rows as CatalogueRows;
}

/** "variants HA-118·x" as a kind and a key. */
function splitAbout(about: string | null): [kind: string, item: string] {
  const at = (about ?? '').indexOf(' ');
  return at < 0 ? [about ?? '', ''] : [(about ?? '').slice(0, at), (about ?? '').slice(at + 1)];
}

const rowOf = (catalogue: Catalogue, kind: CatalogueKind, key: string): CatalogueRow<CatalogueKind> | undefined =>
  (catalogue.data[kind] as readonly CatalogueRow<CatalogueKind>[]).find((row) => keyOf(row) === key);

const isThere = (catalogue: Catalogue, kind: Mergeable, id: string): boolean =>
  ({ mould: catalogue.hasMould(id), colour: catalogue.hasColour(id), print: catalogue.hasPrint(id), variant: catalogue.has(id) })[kind];

const SILHOUETTES: ReadonlySet<string> = new Set(SILHOUETTE_NAMES);

const knownTo = (catalogue: Catalogue): KnownKeys => {
  const { data } = catalogue;
  return knownBy((kind) => new Set((data[kind] as readonly CatalogueRow<CatalogueKind>[]).map(keyOf)), {
    mergedInto: (id) => data.variants.find((variant) => variant.id === id)?.mergedInto,
    mouldOf: (variant) => (catalogue.has(variant) ? catalogue.variant(variant).mould : undefined),
    fillsOf: (mould) => (catalogue.hasMould(mould) ? catalogue.mould(mould).fills : undefined),
    parentOf: (motif) => catalogue.motif(motif)?.parent,
    silhouettes: SILHOUETTES,
    sources: data.sources,
  });
};
