import type { DataSourceOptions } from 'typeorm';
import { ErrandEntity } from '../errands/index.js';
import { FIGURE_ENTITIES } from '../figures/index.js';
import { JobEntity } from '../jobs/index.js';
import { MARKET_ENTITIES } from '../market/index.js';
import { DonorEntity, PieceEntity } from '../wardrobe/index.js';
import { First1764000000000 } from './migrations/0001-first.js';
import { Catalogue1764200000000 } from './migrations/0002-catalogue.js';
import { Fitting1764300000000 } from './migrations/0003-fitting.js';
import { Market1764400000000 } from './migrations/0004-market.js';

interface Pragmas {
  pragma(text: string): unknown;
}

/** The database of one workspace. Migrations only; every commit is on the disk before it is said to be saved. */
export const databaseOptions = (file: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  database: file,
  entities: [...FIGURE_ENTITIES, PieceEntity, DonorEntity, ...MARKET_ENTITIES, JobEntity, ErrandEntity],
  migrations: [First1764000000000, Catalogue1764200000000, Fitting1764300000000, Market1764400000000],
  migrationsTransactionMode: 'each',
  migrationsRun: true,
  synchronize: false,
  // An import may hold the write lock for a moment on a connection of its own.
  timeout: 30_000,
  prepareDatabase: (database: Pragmas) => {
    database.pragma('journal_mode = WAL');
    database.pragma('synchronous = FULL');
    database.pragma('foreign_keys = ON');
  },
});
