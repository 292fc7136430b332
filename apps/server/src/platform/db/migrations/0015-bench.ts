import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = [
  `CREATE TABLE bench_session (id TEXT PRIMARY KEY, ordinal INTEGER NOT NULL, title TEXT NOT NULL, state TEXT NOT NULL, plan TEXT NOT NULL,
     remark TEXT NOT NULL, begunAt TEXT NOT NULL, endedAt TEXT, removedAt TEXT, version INTEGER NOT NULL) STRICT`,
  `CREATE INDEX bench_session_state ON bench_session(state)`,
  `CREATE TABLE bench_figure (session TEXT NOT NULL REFERENCES bench_session(id), figure TEXT NOT NULL, look TEXT NOT NULL, copies INTEGER NOT NULL,
     PRIMARY KEY (session, figure)) STRICT, WITHOUT ROWID`,
  `CREATE INDEX bench_figure_figure ON bench_figure(figure)`,
  `CREATE TABLE bench_tick (session TEXT NOT NULL REFERENCES bench_session(id), step INTEGER NOT NULL, entry INTEGER, lots TEXT NOT NULL, at TEXT NOT NULL,
     PRIMARY KEY (session, step)) STRICT, WITHOUT ROWID`,
  `CREATE TABLE bench_trouble (id INTEGER PRIMARY KEY AUTOINCREMENT, session TEXT NOT NULL REFERENCES bench_session(id), step INTEGER NOT NULL,
     what TEXT NOT NULL, variant TEXT NOT NULL, outcome TEXT NOT NULL, at TEXT NOT NULL, removedAt TEXT) STRICT`,
  `CREATE INDEX bench_trouble_session ON bench_trouble(session)`,
];

/** Sessions at the bench: what was to be done, what was ticked and what went wrong. Where pieces are is in the ledger alone. */
export class Bench1765500000000 implements MigrationInterface {
  name = 'Bench1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of TABLES) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['bench_trouble', 'bench_tick', 'bench_figure', 'bench_session']) await runner.query(`DROP TABLE ${table}`);
  }
}
