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
  constructor(protected readonly prepare: Prepare) {}

  places(): PlaceRow[] {
    return (this.prepare(`SELECT ${PLACE_COLUMNS} FROM place ORDER BY path, id`).all() as StoredPlace[]).map(placeRow);
  }

  place(id: string): PlaceRow | null {
    const row = this.prepare(`SELECT ${PLACE_COLUMNS} FROM place WHERE id = ?`).get(id) as StoredPlace | undefined;
    return row ? placeRow(row) : null;
  }

  /** Makes a place; returns its id. */
  addPlace(place: NewPlace): string {
    const id = this.freePlaceId();
    this.writePlace({ id, ...place });
    return id;
  }

  /** Writes a place as it is now. What a state kept long ago does not say, it is not. */
  writePlace(place: NewPlace & Pick<PlaceRow, 'id'>): void {
    const row: PlaceRow = { ...NOTHING_MORE, ...place };
    this.prepare(
      `INSERT INTO place (${PLACE_COLUMNS})
         VALUES (:id, :kind, :name, :parent, :path, :note, :dueOn, :official, :product, :figure, :keepWhole)
         ON CONFLICT (id) DO UPDATE SET kind = excluded.kind, name = excluded.name, parent = excluded.parent, path = excluded.path,
           note = excluded.note, dueOn = excluded.dueOn, official = excluded.official, product = excluded.product, figure = excluded.figure,
           keepWhole = excluded.keepWhole`,
    ).run({ ...row, keepWhole: row.keepWhole ? 1 : 0 });
  }

  removePlace(id: string): void {
    this.prepare('DELETE FROM balance WHERE place = ? AND quantity = 0').run(id);
    this.prepare('DELETE FROM place WHERE id = ?').run(id);
  }

  /** Is anything in a place or below it, or did anything pass through: then it stays for the sake of the ledger. */
  isNamedByMovements(id: string): boolean {
    return this.prepare('SELECT 1 FROM movement WHERE origin = ? OR target = ? LIMIT 1').get(id, id) !== undefined;
  }

  /** The place that a path names; its places are made as far as they are not there. An empty path is no place yet. */
  placeAt(path: string, kind: PlaceKind = 'made'): string {
    const names = readPath(path);
    let parent: string | null = null;
    for (let depth = 1; depth <= names.length; depth += 1) {
      const here = names.slice(0, depth).join(PATH_SEPARATOR);
      const known = this.prepare(
        `SELECT id FROM place WHERE path = ? AND (kind IN ('made', 'sealed', 'lent', 'bench') OR kind = ?) ORDER BY kind = 'made' DESC`,
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
    const known = this.prepare('SELECT id FROM place WHERE kind = ? AND figure = ?').pluck().get(kind, figure) as string | undefined;
    if (known === undefined) return this.addPlace({ kind, name, parent: null, path: name, figure });
    this.prepare('UPDATE place SET name = :name, path = :name WHERE id = :id AND name <> :name').run({ id: known, name });
    return known;
  }

  /** The place of what is built into a figure, where anything ever was. */
  builtPlaceOf(figure: string): string | null {
    const known = this.prepare(`SELECT id FROM place WHERE kind = 'figure' AND figure = ?`).pluck().get(figure) as string | undefined;
    return known ?? null;
  }

  freePlaceId(): string {
    const most = this.prepare(`SELECT COALESCE(MAX(CAST(SUBSTR(id, 7) AS INTEGER)), 0) FROM place WHERE id LIKE 'place-%'`)
      .pluck()
      .get() as number;
    return `place-${most + 1}`;
  }
}
