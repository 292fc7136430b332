import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a line-up keeps beside who stands in it; pairs that were compared; ideas, their votes, and what is owed. */
export class LineUps1765700000000 implements MigrationInterface {
  name = 'LineUps1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE line_up ADD COLUMN "plan" TEXT`);
    await runner.query(`ALTER TABLE figure ADD COLUMN faction TEXT NOT NULL DEFAULT ''`);
    await runner.query(`ALTER TABLE figure ADD COLUMN free TEXT NOT NULL DEFAULT '[]'`);
    await runner.query(`ALTER TABLE figure ADD COLUMN recipe TEXT NOT NULL DEFAULT ''`);
    await runner.query(
      `CREATE TABLE pair_choice (id INTEGER PRIMARY KEY, lineUp TEXT NOT NULL, who TEXT NOT NULL, "first" TEXT NOT NULL, "second" TEXT NOT NULL,
         outcome TEXT NOT NULL CHECK (outcome IN ('first', 'second', 'tie', 'skip')), at TEXT NOT NULL, removedAt TEXT) STRICT`,
    );
    await runner.query(`CREATE INDEX pair_choice_line_up ON pair_choice(lineUp, removedAt)`);
    await runner.query(
      `CREATE TABLE idea (id TEXT PRIMARY KEY, kind TEXT NOT NULL, title TEXT NOT NULL, words TEXT NOT NULL, who TEXT NOT NULL, heardAt TEXT NOT NULL,
         parts TEXT NOT NULL, votes INTEGER NOT NULL CHECK (votes >= 0), state TEXT NOT NULL, reason TEXT NOT NULL,
         figure TEXT, lineUp TEXT, addedAt TEXT NOT NULL, removedAt TEXT, version INTEGER NOT NULL) STRICT`,
    );
    await runner.query(
      `CREATE TABLE idea_vote (idea TEXT NOT NULL REFERENCES idea(id), poll TEXT NOT NULL, voter TEXT NOT NULL, PRIMARY KEY (poll, voter, idea)) STRICT`,
    );
    await runner.query(`CREATE INDEX idea_vote_idea ON idea_vote(idea)`);
    await runner.query(
      `CREATE TABLE owed (id TEXT PRIMARY KEY, who TEXT NOT NULL, what TEXT NOT NULL, agreed TEXT NOT NULL, dueOn TEXT, figures TEXT NOT NULL,
         doneOn TEXT, addedAt TEXT NOT NULL, removedAt TEXT, version INTEGER NOT NULL) STRICT`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['owed', 'idea_vote', 'idea', 'pair_choice']) await runner.query(`DROP TABLE ${table}`);
    for (const column of ['recipe', 'free', 'faction']) await runner.query(`ALTER TABLE figure DROP COLUMN ${column}`);
    await runner.query(`ALTER TABLE line_up DROP COLUMN "plan"`);
  }
}
