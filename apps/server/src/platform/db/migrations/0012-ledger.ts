import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = [
  `CREATE TABLE place (id TEXT PRIMARY KEY, kind TEXT NOT NULL, name TEXT NOT NULL, parent TEXT REFERENCES place(id), path TEXT NOT NULL, note TEXT NOT NULL,
     dueOn TEXT) STRICT`,
  `CREATE INDEX place_parent ON place(parent)`,
  `CREATE TABLE lot (id INTEGER PRIMARY KEY AUTOINCREMENT, variant TEXT NOT NULL REFERENCES variant(id), condition TEXT NOT NULL, defects TEXT NOT NULL,
     source TEXT, certainty TEXT NOT NULL, paidMinor INTEGER CHECK (paidMinor >= 0), owner TEXT NOT NULL, note TEXT NOT NULL,
     splitFrom INTEGER REFERENCES lot(id), addedAt TEXT NOT NULL) STRICT`,
  `CREATE INDEX lot_variant ON lot(variant)`,
  `CREATE TABLE entry (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, kind TEXT NOT NULL, sentence TEXT NOT NULL, because TEXT NOT NULL,
     undoes INTEGER REFERENCES entry(id)) STRICT`,
  `CREATE TABLE movement (id INTEGER PRIMARY KEY AUTOINCREMENT, entry INTEGER NOT NULL REFERENCES entry(id), lot INTEGER NOT NULL REFERENCES lot(id),
     quantity INTEGER NOT NULL CHECK (quantity > 0), origin TEXT NOT NULL REFERENCES place(id), target TEXT NOT NULL REFERENCES place(id),
     CHECK (origin <> target)) STRICT`,
  `CREATE INDEX movement_entry ON movement(entry)`,
  `CREATE INDEX movement_lot ON movement(lot)`,
  // What every place holds of every lot, kept as movements come in. Less than none is refused, outside excepted.
  `CREATE TABLE balance (id INTEGER PRIMARY KEY AUTOINCREMENT, lot INTEGER NOT NULL REFERENCES lot(id), place TEXT NOT NULL REFERENCES place(id),
     quantity INTEGER NOT NULL CHECK (quantity >= 0 OR place = 'outside'), UNIQUE (lot, place)) STRICT`,
  `CREATE INDEX balance_place ON balance(place)`,
  `CREATE TRIGGER movement_moves AFTER INSERT ON movement BEGIN
     INSERT OR IGNORE INTO balance (lot, place, quantity) VALUES (NEW.lot, NEW.origin, 0), (NEW.lot, NEW.target, 0);
     UPDATE balance SET quantity = quantity - NEW.quantity WHERE lot = NEW.lot AND place = NEW.origin;
     UPDATE balance SET quantity = quantity + NEW.quantity WHERE lot = NEW.lot AND place = NEW.target;
   END`,
  ...(['movement', 'entry'] as const).flatMap((table) =>
    (['UPDATE', 'DELETE'] as const).map(
      (deed) =>
        `CREATE TRIGGER ${table}_stays_${deed.toLowerCase()} BEFORE ${deed} ON ${table} BEGIN SELECT RAISE(ABORT, 'the ledger is only added to'); END`,
    ),
  ),
  `INSERT INTO place (id, kind, name, parent, path, note) VALUES ('outside', 'outside', 'Outside', NULL, '', ''), ('bench', 'bench', 'On the bench', NULL, 'On the bench', ''),
     ('no-place', 'made', 'No place yet', NULL, '', '')`,
];

/**
 * The pieces that are at hand, as they were listed before there was a ledger: so many of a lot in one place. Joined from the lots on, in this order, so
 * that pages by part follow an index and sort nothing.
 */
const PIECES = `CREATE VIEW piece AS SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition, place.path AS place, place.id AS placeId,
    lot.note, lot.addedAt, lot.defects, lot.certainty, lot.source, lot.owner
  FROM lot CROSS JOIN balance ON balance.lot = lot.id CROSS JOIN place ON place.id = balance.place
  WHERE balance.quantity > 0 AND place.kind IN ('made', 'bench')`;

interface OldPiece {
  readonly id: number;
  readonly variant: string;
  readonly quantity: number;
  readonly condition: string;
  readonly place: string;
  readonly note: string;
  readonly addedAt: string;
}

/** Owned pieces are kept as movements that balance. What was written down before is the opening entry. */
export class Ledger1765200000000 implements MigrationInterface {
  name = 'Ledger1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of TABLES) await runner.query(sql);
    const pieces = (await runner.query(
      'SELECT id, variant, quantity, condition, place, note, addedAt FROM piece ORDER BY id',
    )) as OldPiece[];
    if (pieces.length > 0) await this.open(runner, pieces);
    await runner.query('DROP TABLE piece');
    await runner.query(PIECES);
  }

  private async open(runner: QueryRunner, pieces: readonly OldPiece[]): Promise<void> {
    const places = new Map<string, string>();
    for (const { place } of pieces) {
      const names = place
        .split(/[›>]/)
        .map((name) => name.trim())
        .filter((name) => name !== '');
      let parent: string | null = null;
      for (let depth = 1; depth <= names.length; depth += 1) {
        const path = names.slice(0, depth).join(' › ');
        let id = places.get(path);
        if (id === undefined) {
          id = `place-${places.size + 1}`;
          places.set(path, id);
          const row = [id, 'made', names[depth - 1] ?? '', parent, path, ''];
          await runner.query('INSERT INTO place (id, kind, name, parent, path, note) VALUES (?, ?, ?, ?, ?, ?)', row);
        }
        parent = id;
      }
      places.set(place, parent ?? 'no-place');
    }
    const at = pieces.map((piece) => piece.addedAt).sort()[0] ?? '';
    await runner.query(
      `INSERT INTO entry (id, at, kind, sentence, because) VALUES (1, ?, 'counted', 'Written down before there was a ledger', 'opening')`,
      [at],
    );
    for (const { id, variant, quantity, condition, place, note, addedAt } of pieces) {
      await runner.query(
        `INSERT INTO lot (id, variant, condition, defects, certainty, owner, note, addedAt) VALUES (?, ?, ?, '[]', 'sure', '', ?, ?)`,
        [id, variant, condition, note, addedAt],
      );
      await runner.query(`INSERT INTO movement (entry, lot, quantity, origin, target) VALUES (1, ?, ?, 'outside', ?)`, [
        id,
        quantity,
        places.get(place),
      ]);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE piece_before (id INTEGER PRIMARY KEY AUTOINCREMENT, variant TEXT NOT NULL REFERENCES variant(id), quantity INTEGER NOT NULL CHECK (quantity > 0),
         condition TEXT NOT NULL, place TEXT NOT NULL, note TEXT NOT NULL, addedAt TEXT NOT NULL) STRICT`,
    );
    await runner.query(`INSERT INTO piece_before SELECT id, variant, quantity, condition, place, note, addedAt FROM piece`);
    await runner.query('DROP VIEW piece');
    for (const table of ['movement', 'balance', 'entry', 'lot', 'place']) await runner.query(`DROP TABLE ${table}`);
    await runner.query('ALTER TABLE piece_before RENAME TO piece');
    await runner.query('CREATE INDEX piece_variant ON piece(variant)');
  }
}
