import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A run wherever it is, with its place: what `piece` shows of those at hand. */
const RUN = (join: string): string => `SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition, place.path AS place,
  place.id AS placeId, lot.note, lot.addedAt, lot.defects, lot.alterations, lot.certainty, lot.source, lot.owner, lot.dueOn,
  place.kind AS placeKind, place.name AS placeName, place.dueOn AS placeDueOn
  FROM lot ${join} balance ON balance.lot = lot.id ${join} place ON place.id = balance.place WHERE balance.quantity > 0`;

/** One view of runs, so that nobody writes its columns down again. */
export class Runs1766000000000 implements MigrationInterface {
  name = 'Runs1766000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('DROP VIEW piece');
    await runner.query(`CREATE VIEW run AS ${RUN('JOIN')}`);
    // Pieces at hand are read by their parts: lots lead, whatever the planner would guess.
    await runner.query(`CREATE VIEW piece AS ${RUN('CROSS JOIN')} AND place.kind IN ('made', 'bench')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP VIEW piece');
    await runner.query('DROP VIEW run');
    await runner.query(
      `CREATE VIEW piece AS SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition, place.path AS place,
         place.id AS placeId, lot.note, lot.addedAt, lot.defects, lot.certainty, lot.source, lot.owner, lot.alterations, lot.dueOn
         FROM lot CROSS JOIN balance ON balance.lot = lot.id CROSS JOIN place ON place.id = balance.place
         WHERE balance.quantity > 0 AND place.kind IN ('made', 'bench')`,
    );
  }
}
