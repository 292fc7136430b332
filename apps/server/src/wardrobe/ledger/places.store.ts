import { definedOf } from '@outfit/core';
import { PATH_SEPARATOR, type PlaceKind, readPath } from '@outfit/core/wardrobe';
import type { EntityTable, Tables } from '../../platform/sqlite/index.js';
import { PlaceEntity } from '../wardrobe.entities.js';

/** The place of pieces that were put nowhere yet. */
export const NO_PLACE = 'no-place';

/** A place as it is told: what became of it is the table's own. */
export type PlaceRow = Omit<PlaceEntity, 'removedAt' | 'isLeftOver'>;

const NOTHING_MORE = { note: '', dueOn: null, official: null, product: null, figure: null, keepWhole: false };
const placeRow = ({ removedAt: _, isLeftOver: __, ...row }: PlaceEntity): PlaceRow => row;

/** A new place: what it does not say, it is not. */
export type NewPlace = Pick<PlaceRow, 'kind' | 'name' | 'parent' | 'path'> & Partial<Omit<PlaceRow, 'id'>>;

/** Places in their table. Units of work are the caller's. */
export class PlacesStore {
  /** Places made since they were last asked for, the first first. */
  private made: string[] = [];

  constructor(protected readonly tables: Tables) {}

  private get placeTable(): EntityTable<PlaceEntity> {
    return this.tables.table(PlaceEntity);
  }

  /** All that stand. */
  places(): PlaceRow[] {
    return this.placeTable.find({ where: { removedAt: null }, order: { path: 'ASC', id: 'ASC' } }).map(placeRow);
  }

  /** Those too that were taken away: the story of pieces names them. */
  everyPlace(): PlaceRow[] {
    return this.placeTable.find({ order: { path: 'ASC', id: 'ASC' } }).map(placeRow);
  }

  place(id: string): PlaceRow | null {
    const row = this.placeTable.first({ id, removedAt: null });
    return row && placeRow(row);
  }

  removedPlace(id: string): PlaceRow | null {
    const row = this.placeTable.one('WHERE id = ? AND removedAt IS NOT NULL', id);
    return row && placeRow(row);
  }

  /** The places made since this was last asked. */
  takeMadePlaces(): readonly string[] {
    const made = this.made;
    this.made = [];
    return made;
  }

  forgetMadePlaces(): void {
    this.made = [];
  }

  /** Makes a place; returns its id. */
  addPlace(place: NewPlace): string {
    const id = this.freePlaceId();
    this.writePlace({ id, ...place });
    this.made.push(id);
    return id;
  }

  /** Writes a place as it is now; one that was taken away is there again, for its own sake. What a state kept long ago does not say, it is not. */
  writePlace(place: NewPlace & Pick<PlaceRow, 'id'>): void {
    this.placeTable.upsert({ ...NOTHING_MORE, ...definedOf(place), removedAt: null });
  }

  /** Writes a place as the history, or a file, tells it. */
  restorePlace(document: Readonly<Record<string, unknown>>): void {
    this.placeTable.upsert({ ...NOTHING_MORE, ...this.placeTable.rowOf(document), removedAt: null });
  }

  /** Takes a place away. One that pieces passed through stays in the books, where their story names it. */
  removePlace(id: string, at: string): void {
    this.placeTable.update({ id }, { removedAt: at });
  }

  /** Notes that a place is there only for what lies in it: the deed that made it on its way was taken back; or that it is done again. */
  leaveOver(id: string, isLeftOver = true): void {
    this.placeTable.update({ id }, { isLeftOver });
  }

  /**
   * Puts places in order after deeds were taken back or done again: one that holds something stands, with those around it, and one
   * that was only left over goes once it is empty.
   */
  settlePlaces(at: string): void {
    this.tables
      .prepare(
        `UPDATE place SET removedAt = NULL WHERE removedAt IS NOT NULL AND EXISTS (SELECT 1 FROM balance WHERE balance.place = place.id AND quantity > 0)`,
      )
      .run();
    const around = this.tables.prepare(
      'UPDATE place SET removedAt = NULL WHERE removedAt IS NOT NULL AND id IN (SELECT parent FROM place WHERE removedAt IS NULL AND parent IS NOT NULL)',
    );
    const empty = this.tables.prepare(
      `UPDATE place SET removedAt = ? WHERE removedAt IS NULL AND isLeftOver = 1
         AND NOT EXISTS (SELECT 1 FROM balance WHERE balance.place = place.id AND quantity > 0)
         AND NOT EXISTS (SELECT 1 FROM place AS inner WHERE inner.parent = place.id AND inner.removedAt IS NULL)`,
    );
    while (around.run().changes > 0);
    while (empty.run(at).changes > 0);
  }

  /** Does nothing lie in a place, and stands no other place in it? */
  isEmpty(id: string): boolean {
    return (
      this.tables
        .prepare<number>(
          `SELECT EXISTS (SELECT 1 FROM balance WHERE place = @id AND quantity > 0)
             OR EXISTS (SELECT 1 FROM place WHERE parent = @id AND removedAt IS NULL)`,
        )
        .pluck()
        .get({ id }) === 0
    );
  }

  /** The place that a path names; its places are made as far as they are not there. An empty path is no place yet. */
  placeAt(path: string, kind: PlaceKind = 'made'): string {
    const names = readPath(path);
    let parent: string | null = null;
    for (let depth = 1; depth <= names.length; depth += 1) {
      const here = names.slice(0, depth).join(PATH_SEPARATOR);
      const known = this.tables
        .prepare<string>(
          `SELECT id FROM place WHERE removedAt IS NULL AND path = ? AND (kind IN ('made', 'sealed', 'lent', 'bench') OR kind = ?) ORDER BY kind = 'made' DESC`,
        )
        .pluck()
        .get(here, kind);
      parent = known ?? this.addPlace({ kind, name: names[depth - 1] ?? '', parent, path: here });
    }
    return parent ?? NO_PLACE;
  }

  /** The place of what is built into a figure, or of what was fetched for it; made when there is none, named as the figure is now. */
  placeOfFigure(kind: 'figure' | 'bench', figure: string, figureName: string): string {
    const name = kind === 'figure' ? figureName : `Tray of ${figureName}`;
    const known = this.placeTable.first({ kind, figure, removedAt: null });
    if (!known) return this.addPlace({ kind, name, parent: null, path: name, figure });
    if (known.name !== name) this.placeTable.update({ id: known.id }, { name, path: name });
    return known.id;
  }

  /** The place of what is built into a figure, where anything ever was. */
  builtPlaceOf(figure: string): string | null {
    return this.placeTable.first({ kind: 'figure', figure, removedAt: null })?.id ?? null;
  }

  freePlaceId(): string {
    const most = this.tables.prepare<number>(`SELECT COALESCE(MAX(CAST(SUBSTR(id, 7) AS INTEGER)), 0) FROM place WHERE id LIKE 'place-%'`);
    return `place-${(most.pluck().get() ?? 0) + 1}`;
  }
}
