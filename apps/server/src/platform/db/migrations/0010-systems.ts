import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The toy line every workspace was of, while its measures still stood in the program. */
const FIRST_SYSTEM = {
  bandHeightMm: { adult: 34.4, child: 29.2, giant: 37.6, youth: 32 },
  bandToleranceMm: 1.2,
  bandsByAge: [
    { band: 'child', upTo: 12 },
    { band: 'youth', upTo: 17 },
  ],
  backClearanceMm: 1.2,
  footHalfDepthMm: 3.5,
  footHalfWidthMm: 5.7,
  halfDepthMm: 3.2,
  handForwardMm: 3,
  handOutMm: 6.7,
  headMm: 8.8,
  headNeedsMm: 1.6,
  headWantsMm: 2.4,
  heldLean: 40,
  leastTilt: 9,
  neckPostMm: 4,
  needs: ['head', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R', 'hips', 'leg.L', 'leg.R'],
  positions:
    'headgear headgear.addon head neck.1 neck.2 neck.3 neck.4 torso arm.L arm.R hand.L hand.R wrist.L wrist.R waist hips leg.L leg.R lower feet.L feet.R held.L held.R beside stand built'.split(
      ' ',
    ),
  riskFromMinor: 1000,
  torsoMm: 12.6,
};

/** Systems are rows: positions and measures of a toy line. What was there before is of the first of them. */
export class Systems1765000000000 implements MigrationInterface {
  name = 'Systems1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE toy_system (id TEXT PRIMARY KEY, name TEXT NOT NULL, detail TEXT NOT NULL) STRICT, WITHOUT ROWID`);
    await runner.query(
      `INSERT INTO toy_system (id, name, detail) SELECT 'P40', 'Jointed figures, 40 mm', ? WHERE EXISTS (SELECT 1 FROM colour)`,
      [JSON.stringify(FIRST_SYSTEM)],
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE toy_system`);
  }
}
