import { BENCH_ENTITIES } from './bench/index.js';
import { CATALOGUE_ENTITIES } from './catalogue/index.js';
import { ErrandEntity } from './errands/index.js';
import { FIGURE_ENTITIES } from './figures/index.js';
import { IDEA_ENTITIES } from './ideas/index.js';
import { LINE_UP_ENTITIES } from './lineups/index.js';
import { MARKET_ENTITIES } from './market/index.js';
import { PARCEL_ENTITIES } from './parcels/index.js';
import { MIGRATIONS, type Schema } from './platform/db/index.js';
import { JobEntity } from './platform/jobs/index.js';
import { LOG_ENTITIES } from './platform/log/index.js';
import { DeedKeyEntity } from './platform/once/index.js';
import { SettingsEntity } from './settings/index.js';
import { WARDROBE_ENTITIES } from './wardrobe/index.js';

/** The tables of a workspace and the steps that made them. */
export const SCHEMA: Schema = {
  entities: [
    ...CATALOGUE_ENTITIES,
    ...FIGURE_ENTITIES,
    ...LINE_UP_ENTITIES,
    ...WARDROBE_ENTITIES,
    ...MARKET_ENTITIES,
    ...PARCEL_ENTITIES,
    ...BENCH_ENTITIES,
    ...IDEA_ENTITIES,
    ...LOG_ENTITIES,
    JobEntity,
    ErrandEntity,
    SettingsEntity,
    DeedKeyEntity,
  ],
  migrations: MIGRATIONS,
};
