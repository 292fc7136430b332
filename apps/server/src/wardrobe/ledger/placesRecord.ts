import { PATH_SEPARATOR, type PlaceKind, readPath } from '@outfit/core/wardrobe';
import type { FiledPlace } from '@outfit/formats';
import type { Prepare } from '../../platform/sqlite/index.js';

/** The place of pieces that were put nowhere yet. */
export const NO_PLACE = 'no-place';

/** A row of the table of places: what a file tells of a place, and where that is. */
export interface PlaceRow extends FiledPlace {
  /** The names from the outermost place in, as lists and files tell it. */
  readonly path: string;
}

/** A place as it is stored: a truth is 0 or 1. */
type StoredPlace = Omit<PlaceRow, 'keepWhole'> & { readonly keepWhole: number };
const PLACE_COLUMNS = 'id, kind, name, parent, path, note, dueOn, official, product, figure, keepWhole';
const NOTHING_MORE = { note: '', dueOn: null, official: null, product: null, figure: null, keepWhole: false };
const placeRow = (row: StoredPlace): PlaceRow => ({ ...row, keepWhole: row.keepWhole === 1 });

/** A new place: what it does not say, it is not. */
export type NewPlace = Pick<PlaceRow, 'kind' | 'name' | 'parent' | 'path'> & Partial<Omit<PlaceRow, 'id'>>;

/** Places in their table. Units of work are the caller's. */
export class PlacesRecord {
  /** Places made since they were last asked for, the first first. */
  private made: string[] = [];

  constructor(protected readonly prepare: Prepare) {}

  /** All that stand. */
  places(): PlaceRow[] {
    return (this.prepare(`SELECT ${PLACE_COLUMNS} FROM place WHERE removedAt IS NULL ORDER BY path, id`).all() as StoredPlace[]).map(
      placeRow,
    );
  }

  /** Those too that were taken away: the story of pieces names them. */
  everyPlace(): PlaceRow[] {
    return (this.prepare(`SELECT ${PLACE_COLUMNS} FROM place ORDER BY path, id`).all() as StoredPlace[]).map(placeRow);
  }

  place(id: string): PlaceRow | null {
    const row = this.prepare(`SELECT ${PLACE_COLUMNS} FROM place WHERE id = ? AND removedAt IS NULL`).get(id) as StoredPlace | undefined;
    return row ? placeRow(row) : null;
  }

  removedPlace(id: string): PlaceRow | null {
    const row = this.prepare(`SELECT ${PLACE_COLUMNS} FROM place WHERE id = ? AND removedAt IS NOT NULL`).get(id) as
      StoredPlace | undefined;
    return row ? placeRow(row) : null;
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
    const row: PlaceRow = { ...NOTHING_MORE, ...place };
    this.prepare(
      `INSERT INTO place (${PLACE_COLUMNS})
         VALUES (:id, :kind, :name, :parent, :path, :note, :dueOn, :official, :product, :figure, :keepWhole)
         ON CONFLICT (id) DO UPDATE SET kind = excluded.kind, name = excluded.name, parent = excluded.parent, path = excluded.path,
           note = excluded.note, dueOn = excluded.dueOn, official = excluded.official, product = excluded.product, figure = excluded.figure,
           keepWhole = excluded.keepWhole, removedAt = NULL`,
    ).run({ ...row, keepWhole: row.keepWhole ? 1 : 0 });
  }

  /** Takes a place away. One that pieces passed through stays in the books, where their story names it. */
  removePlace(id: string, at: string): void {
    this.prepare('UPDATE place SET removedAt = ? WHERE id = ?').run(at, id);
  }

  /** Notes that a place is there only for what lies in it: the deed that made it on its way was taken back; or that it is done again. */
  leaveOver(id: string, isLeftOver = true): void {
    this.prepare('UPDATE place SET isLeftOver = ? WHERE id = ?').run(Number(isLeftOver), id);
  }

  /**
   * Puts places in order after deeds were taken back or done again: one that holds something stands, with those around it, and one
   * that was only left over goes once it is empty.
   */
  settlePlaces(at: string): void {
    this.prepare(
      `UPDATE place SET removedAt = NULL WHERE removedAt IS NOT NULL AND EXISTS (SELECT 1 FROM balance WHERE balance.place = place.id AND quantity > 0)`,
    ).run();
    const around = this.prepare(
      'UPDATE place SET removedAt = NULL WHERE removedAt IS NOT NULL AND id IN (SELECT parent FROM place WHERE removedAt IS NULL AND parent IS NOT NULL)',
    );
    const empty = this.prepare(
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
      this.prepare(
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
      const known = this.prepare(
        `SELECT id FROM place WHERE removedAt IS NULL AND path = ? AND (kind IN ('made', 'sealed', 'lent', 'bench') OR kind = ?) ORDER BY kind = 'made' DESC`,
      )
        .pluck()
        .get(here, kind) as string | undefined;
      parent = known ?? this.addPlace({ kind, name: names[depth - 1] ?? '', parent, path: here });
    }
    return parent ?? NO_PLACE;
  }

  /** The place of what is built into a figure, or of what was fetched for it; made when there is none, named as the figure is now. */
  placeOfFigure(kind: 'figure' | 'bench', figure: string, figureName: string): string {
    const name = kind === 'figure' ? figureName : `Tray of ${figureName}`;
    const known = this.prepare('SELECT id FROM place WHERE kind = ? AND figure = ? AND removedAt IS NULL').pluck().get(kind, figure) as
      string | undefined;
    if (known === undefined) return this.addPlace({ kind, name, parent: null, path: name, figure });
    this.prepare('UPDATE place SET name = :name, path = :name WHERE id = :id AND name <> :name').run({ id: known, name });
    return known;
  }

  /** The place of what is built into a figure, where anything ever was. */
  builtPlaceOf(figure: string): string | null {
    const known = this.prepare(`SELECT id FROM place WHERE kind = 'figure' AND figure = ? AND removedAt IS NULL`).pluck().get(figure) as
      string | undefined;
    return known ?? null;
  }

  freePlaceId(): string {
    const most = this.prepare(`SELECT COALESCE(MAX(CAST(SUBSTR(id, 7) AS INTEGER)), 0) FROM place WHERE id LIKE 'place-%'`)
      .pluck()
      .get() as number;
    return `place-${most + 1}`;
  }
}
