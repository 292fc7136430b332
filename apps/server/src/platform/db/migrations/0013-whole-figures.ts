import type { MigrationInterface, QueryRunner } from 'typeorm';

const COLUMNS = [
  // A donor stands for an official figure, a sealed box for a product, a built figure for a figure of one's own.
  `ALTER TABLE place ADD COLUMN official TEXT REFERENCES official_figure(id)`,
  `ALTER TABLE place ADD COLUMN product TEXT`,
  `ALTER TABLE place ADD COLUMN figure TEXT`,
  `ALTER TABLE place ADD COLUMN keepWhole INTEGER NOT NULL DEFAULT 0 CHECK (keepWhole IN (0, 1))`,
  `ALTER TABLE lot ADD COLUMN alterations TEXT NOT NULL DEFAULT '[]'`,
  // The day something borrowed has to go back.
  `ALTER TABLE lot ADD COLUMN dueOn TEXT`,
  // What a deed brought in all, in minor units of the workspace's currency.
  `ALTER TABLE entry ADD COLUMN broughtMinor INTEGER CHECK (broughtMinor >= 0)`,
  `CREATE INDEX movement_origin ON movement(origin)`,
  `CREATE INDEX movement_target ON movement(target)`,
  `CREATE TABLE pin (lot INTEGER NOT NULL REFERENCES lot(id), figure TEXT NOT NULL, quantity INTEGER NOT NULL CHECK (quantity > 0),
     PRIMARY KEY (lot, figure)) STRICT`,
  `CREATE TABLE wardrobe_picture (id TEXT PRIMARY KEY, subject TEXT NOT NULL, file TEXT NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL,
     addedAt TEXT NOT NULL, removedAt TEXT) STRICT`,
  `CREATE INDEX wardrobe_picture_subject ON wardrobe_picture(subject)`,
  `CREATE TABLE consumable (id TEXT PRIMARY KEY, name TEXT NOT NULL, unit TEXT NOT NULL, lowAt INTEGER NOT NULL CHECK (lowAt >= 0), note TEXT NOT NULL,
     removedAt TEXT) STRICT`,
  `CREATE TABLE consumable_movement (id INTEGER PRIMARY KEY AUTOINCREMENT, consumable TEXT NOT NULL REFERENCES consumable(id), at TEXT NOT NULL,
     quantity INTEGER NOT NULL CHECK (quantity <> 0), because TEXT NOT NULL, undoes INTEGER REFERENCES consumable_movement(id)) STRICT`,
  `CREATE INDEX consumable_movement_of ON consumable_movement(consumable)`,
  ...(['UPDATE', 'DELETE'] as const).map(
    (deed) =>
      `CREATE TRIGGER consumable_movement_stays_${deed.toLowerCase()} BEFORE ${deed} ON consumable_movement
         BEGIN SELECT RAISE(ABORT, 'the ledger is only added to'); END`,
  ),
  `CREATE TRIGGER consumable_movement_never_below AFTER INSERT ON consumable_movement
     WHEN (SELECT SUM(quantity) FROM consumable_movement WHERE consumable = NEW.consumable) < 0
     BEGIN SELECT RAISE(ABORT, 'less than none would be left'); END`,
];

const PIECES = (
  more: string,
): string => `CREATE VIEW piece AS SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition,
    place.path AS place, place.id AS placeId, lot.note, lot.addedAt, lot.defects, lot.certainty, lot.source, lot.owner${more}
  FROM lot CROSS JOIN balance ON balance.lot = lot.id CROSS JOIN place ON place.id = balance.place
  WHERE balance.quantity > 0 AND place.kind IN ('made', 'bench')`;

interface OldDonor {
  readonly officialFigure: string;
  readonly place: string;
  readonly note: string;
  readonly keepWhole: number;
  readonly name: string;
  readonly parts: string;
}

/** Owned whole figures become places of their own in the ledger, each with its pieces on it. */
export class WholeFigures1765300000000 implements MigrationInterface {
  name = 'WholeFigures1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of COLUMNS) await runner.query(sql);
    const donors = (await runner.query(
      `SELECT donor.officialFigure, donor.place, donor.note, donor.keepWhole, official_figure.name, official_figure.parts
         FROM donor JOIN official_figure ON official_figure.id = donor.officialFigure ORDER BY donor.id`,
    )) as OldDonor[];
    if (donors.length > 0) await this.open(runner, donors);
    await runner.query('DROP TABLE donor');
    await runner.query('DROP VIEW piece');
    await runner.query(PIECES(', lot.alterations, lot.dueOn'));
  }

  private async open(runner: QueryRunner, donors: readonly OldDonor[]): Promise<void> {
    const [{ next, at }] = (await runner.query(
      `SELECT (SELECT COALESCE(MAX(CAST(SUBSTR(id, 7) AS INTEGER)), 0) FROM place WHERE id LIKE 'place-%') AS next,
         COALESCE((SELECT MIN(at) FROM entry), '1970-01-01T00:00:00.000Z') AS at`,
    )) as [{ next: number; at: string }];
    let last = next;
    const write = async (kind: string, name: string, parent: string | null, path: string): Promise<string> => {
      const id = `place-${(last += 1)}`;
      await runner.query(`INSERT INTO place (id, kind, name, parent, path, note) VALUES (?, ?, ?, ?, ?, '')`, [
        id,
        kind,
        name,
        parent,
        path,
      ]);
      return id;
    };
    const placeAt = async (text: string): Promise<{ id: string | null; path: string }> => {
      const names = text
        .split(/[›>]/)
        .map((name) => name.trim())
        .filter((name) => name !== '');
      let at: { id: string | null; path: string } = { id: null, path: '' };
      for (const name of names) {
        const path = at.path === '' ? name : `${at.path} › ${name}`;
        const [known] = (await runner.query(`SELECT id FROM place WHERE path = ? AND kind = 'made'`, [path])) as { id: string }[];
        at = { id: known?.id ?? (await write('made', name, at.id, path)), path };
      }
      return at;
    };
    await runner.query(
      `INSERT INTO entry (at, kind, sentence, because) VALUES (?, 'counted', 'Whole figures that were written down before', 'opening')`,
      [at],
    );
    const [{ entry }] = (await runner.query('SELECT MAX(id) AS entry FROM entry')) as [{ entry: number }];
    for (const donor of donors) {
      const parent = await placeAt(donor.place);
      const id = await write('donor', donor.name, parent.id, parent.path === '' ? donor.name : `${parent.path} › ${donor.name}`);
      await runner.query('UPDATE place SET official = ?, keepWhole = ?, note = ? WHERE id = ?', [
        donor.officialFigure,
        donor.keepWhole,
        donor.note,
        id,
      ]);
      const pieces = new Map<string, number>();
      for (const { variant } of JSON.parse(donor.parts) as { variant: string }[]) pieces.set(variant, (pieces.get(variant) ?? 0) + 1);
      for (const [variant, quantity] of pieces) {
        await runner.query(
          `INSERT INTO lot (variant, condition, defects, source, certainty, owner, note, addedAt) VALUES (?, 'used', '[]', ?, 'sure', '', '', ?)`,
          [variant, donor.officialFigure, at],
        );
        const [{ lot }] = (await runner.query('SELECT MAX(id) AS lot FROM lot')) as [{ lot: number }];
        await runner.query(`INSERT INTO movement (entry, lot, quantity, origin, target) VALUES (?, ?, ?, 'outside', ?)`, [
          entry,
          lot,
          quantity,
          id,
        ]);
      }
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE donor (id INTEGER PRIMARY KEY AUTOINCREMENT, officialFigure TEXT NOT NULL REFERENCES official_figure(id), place TEXT NOT NULL,
         note TEXT NOT NULL, keepWhole INTEGER NOT NULL CHECK (keepWhole IN (0, 1))) STRICT`,
    );
    await runner.query('CREATE INDEX donor_figure ON donor(officialFigure)');
    await runner.query(
      `INSERT INTO donor (officialFigure, place, note, keepWhole)
         SELECT place.official, COALESCE(above.path, ''), place.note, place.keepWhole FROM place LEFT JOIN place AS above ON above.id = place.parent
          WHERE place.kind = 'donor' AND EXISTS (SELECT 1 FROM balance WHERE balance.place = place.id AND balance.quantity > 0)`,
    );
    await runner.query('DROP VIEW piece');
    await runner.query(PIECES(''));
    for (const table of ['consumable_movement', 'consumable', 'wardrobe_picture', 'pin']) await runner.query(`DROP TABLE ${table}`);
    for (const index of ['movement_origin', 'movement_target']) await runner.query(`DROP INDEX ${index}`);
    for (const column of ['official', 'product', 'figure', 'keepWhole']) await runner.query(`ALTER TABLE place DROP COLUMN ${column}`);
    for (const column of ['alterations', 'dueOn']) await runner.query(`ALTER TABLE lot DROP COLUMN ${column}`);
    await runner.query('ALTER TABLE entry DROP COLUMN broughtMinor');
  }
}
