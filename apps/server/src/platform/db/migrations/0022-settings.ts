import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Currencies that a hundredth was wrongly taken for the least of, with how many of what stood there one of today's minor units is. */
const OTHER_DECIMALS: readonly (readonly [perMinor: number, currencies: string])[] = [
  [100, 'BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX UYI VND VUV XAF XOF XPF'],
  [0.1, 'BHD IQD JOD KWD LYD OMR TND'],
];

/**
 * What a workspace is set to. Amounts in currencies without hundredths become minor units of theirs: until now every currency was taken to
 * have two decimals.
 */
export class Settings1766200000000 implements MigrationInterface {
  name = 'Settings1766200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE TABLE settings (id TEXT PRIMARY KEY NOT NULL, currency TEXT NOT NULL, version INTEGER NOT NULL)');
    await this.rescale(runner, (perMinor) => 1 / perMinor);
  }

  async down(runner: QueryRunner): Promise<void> {
    await this.rescale(runner, (perMinor) => perMinor);
    await runner.query('DROP TABLE settings');
  }

  private async rescale(runner: QueryRunner, factorOf: (perMinor: number) => number): Promise<void> {
    for (const [perMinor, currencies] of OTHER_DECIMALS) {
      const factor = factorOf(perMinor);
      const theirs = `currency IN (${currencies
        .split(' ')
        .map((code) => `'${code}'`)
        .join(', ')})`;
      const scaled = (column: string): string => `CAST(ROUND(${column} * ${factor}) AS INTEGER)`;
      await runner.query(
        `UPDATE offer SET priceMinor = MAX(1, ${scaled('priceMinor')}) WHERE seller IN (SELECT id FROM seller WHERE ${theirs})`,
      );
      await runner.query(`UPDATE parcel SET paidInMinor = ${scaled('paidInMinor')}
        WHERE paidInMinor IS NOT NULL AND ${theirs.replace('currency', 'sellerCurrency')}`);
      await runner.query(`UPDATE seller SET minimumMinor = ${scaled('minimumMinor')}, handlingMinor = ${scaled('handlingMinor')},
        freePostageFromMinor = ${scaled('freePostageFromMinor')},
        postage = (SELECT json_group_array(json_set(value, '$.costMinor', ${scaled("json_extract(value, '$.costMinor')")})) FROM json_each(postage)),
        duty = CASE WHEN duty IS NULL OR duty = 'null' THEN duty ELSE json_set(duty,
          '$.aboveMinor', ${scaled("json_extract(duty, '$.aboveMinor')")}, '$.feeMinor', ${scaled("json_extract(duty, '$.feeMinor')")}) END
        WHERE ${theirs}`);
    }
  }
}
