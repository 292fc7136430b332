import { ErrandEntity } from './errands/index.js';
import { FIGURE_ENTITIES } from './figures/index.js';
import { MARKET_ENTITIES } from './market/index.js';
import { MIGRATIONS, type Schema } from './platform/db/index.js';
import { JobEntity } from './platform/jobs/index.js';
import { PieceEntity } from './wardrobe/index.js';

/** The tables of a workspace and the steps that made them. */
export const SCHEMA: Schema = {
  entities: [...FIGURE_ENTITIES, PieceEntity, ...MARKET_ENTITIES, JobEntity, ErrandEntity],
  migrations: MIGRATIONS,
};
