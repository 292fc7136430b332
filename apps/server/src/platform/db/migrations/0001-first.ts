import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = [
  `CREATE TABLE colour (id TEXT PRIMARY KEY, name TEXT NOT NULL, hex TEXT NOT NULL, finish TEXT NOT NULL, kind TEXT NOT NULL, skinSchool TEXT) STRICT`,
  `CREATE TABLE motif (id TEXT PRIMARY KEY, name TEXT NOT NULL, parent TEXT) STRICT`,
  `CREATE TABLE mould (number TEXT PRIMARY KEY, name TEXT NOT NULL, family TEXT NOT NULL, revision INTEGER NOT NULL, detail TEXT NOT NULL) STRICT`,
  `CREATE TABLE print (id TEXT PRIMARY KEY, name TEXT NOT NULL, era TEXT NOT NULL, detail TEXT NOT NULL) STRICT`,
  `CREATE TABLE variant (id TEXT PRIMARY KEY, mould TEXT NOT NULL REFERENCES mould(number), print TEXT REFERENCES print(id),
     colours TEXT NOT NULL, madeFrom INTEGER, madeUntil INTEGER) STRICT`,
  `CREATE INDEX variant_mould ON variant(mould)`,
  `CREATE TABLE source (id TEXT PRIMARY KEY, name TEXT NOT NULL, kind TEXT NOT NULL, range TEXT NOT NULL, year INTEGER NOT NULL) STRICT`,
  `CREATE TABLE official_figure (id TEXT PRIMARY KEY, name TEXT NOT NULL, source TEXT NOT NULL REFERENCES source(id), person TEXT, parts TEXT NOT NULL) STRICT`,
  `CREATE TABLE line_up (id TEXT PRIMARY KEY, name TEXT NOT NULL, place INTEGER NOT NULL) STRICT`,
  `CREATE TABLE figure (id TEXT PRIMARY KEY, lineUp TEXT NOT NULL REFERENCES line_up(id), place INTEGER NOT NULL, role TEXT NOT NULL,
     brief TEXT NOT NULL, chosenLook TEXT NOT NULL) STRICT`,
  `CREATE INDEX figure_line_up ON figure(lineUp)`,
  `CREATE TABLE look (id TEXT PRIMARY KEY, figure TEXT NOT NULL REFERENCES figure(id), place INTEGER NOT NULL, name TEXT NOT NULL,
     parts TEXT NOT NULL, overrules TEXT NOT NULL) STRICT`,
  `CREATE INDEX look_figure ON look(figure)`,
  `CREATE TABLE change (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, look TEXT NOT NULL REFERENCES look(id), kind TEXT NOT NULL,
     label TEXT NOT NULL, refersTo INTEGER REFERENCES change(id), before TEXT NOT NULL, after TEXT NOT NULL) STRICT`,
  `CREATE INDEX change_look ON change(look)`,
  `CREATE TRIGGER change_is_append_only_update BEFORE UPDATE ON change BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
  `CREATE TRIGGER change_is_append_only_delete BEFORE DELETE ON change BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
  `CREATE TABLE piece (id INTEGER PRIMARY KEY AUTOINCREMENT, variant TEXT NOT NULL REFERENCES variant(id), quantity INTEGER NOT NULL CHECK (quantity > 0),
     condition TEXT NOT NULL, place TEXT NOT NULL, note TEXT NOT NULL, addedAt TEXT NOT NULL) STRICT`,
  `CREATE INDEX piece_variant ON piece(variant)`,
  `CREATE TABLE seller (id TEXT PRIMARY KEY, name TEXT NOT NULL, country TEXT NOT NULL, days INTEGER NOT NULL, trusted INTEGER NOT NULL,
     thirdParty INTEGER NOT NULL, minimumMinor INTEGER NOT NULL, handlingMinor INTEGER NOT NULL, postage TEXT NOT NULL, freePostageFromMinor INTEGER) STRICT`,
  `CREATE TABLE offer (id TEXT PRIMARY KEY, seller TEXT NOT NULL REFERENCES seller(id), variant TEXT REFERENCES variant(id),
     officialFigure TEXT REFERENCES official_figure(id), priceMinor INTEGER NOT NULL CHECK (priceMinor >= 0), stock INTEGER NOT NULL CHECK (stock >= 0),
     multiple INTEGER NOT NULL CHECK (multiple > 0), condition TEXT NOT NULL, seenOn TEXT NOT NULL, origin TEXT NOT NULL,
     CHECK ((variant IS NULL) <> (officialFigure IS NULL))) STRICT`,
  `CREATE INDEX offer_variant ON offer(variant)`,
  `CREATE INDEX offer_seller ON offer(seller)`,
  `CREATE TABLE job (id TEXT PRIMARY KEY, kind TEXT NOT NULL, state TEXT NOT NULL, startedAt TEXT NOT NULL, endedAt TEXT,
     progress TEXT, result TEXT, error TEXT) STRICT`,
  `CREATE TABLE errand (id TEXT PRIMARY KEY, figure TEXT NOT NULL REFERENCES figure(id), look TEXT NOT NULL REFERENCES look(id), copies INTEGER NOT NULL,
     createdAt TEXT NOT NULL, job TEXT NOT NULL REFERENCES job(id), problem TEXT NOT NULL) STRICT`,
  `CREATE INDEX errand_figure ON errand(figure)`,
];

export class First1764000000000 implements MigrationInterface {
  name = 'First1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of TABLES) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [
      'errand',
      'job',
      'offer',
      'seller',
      'piece',
      'change',
      'look',
      'figure',
      'line_up',
      'official_figure',
      'source',
      'variant',
      'print',
      'mould',
      'motif',
      'colour',
    ])
      await runner.query(`DROP TABLE ${table}`);
  }
}
