import { First1764000000000 } from './0001-first.js';
import { Catalogue1764200000000 } from './0002-catalogue.js';
import { Fitting1764300000000 } from './0003-fitting.js';
import { Market1764400000000 } from './0004-market.js';
import { House1764500000000 } from './0005-house.js';
import { Scale1764600000000 } from './0006-scale.js';
import { Errands1764700000000 } from './0007-errands.js';
import { Bin1764800000000 } from './0008-bin.js';
import { PhotoStack1764900000000 } from './0009-photo-stack.js';
import { Systems1765000000000 } from './0010-systems.js';
import { BinnedSellers1765100000000 } from './0011-binned-sellers.js';
import { Ledger1765200000000 } from './0012-ledger.js';
import { WholeFigures1765300000000 } from './0013-whole-figures.js';
import { Parcels1765400000000 } from './0014-parcels.js';
import { Bench1765500000000 } from './0015-bench.js';
import { Claims1765600000000 } from './0016-claims.js';
import { LineUps1765700000000 } from './0017-line-ups.js';
import { WhoBuilt1765800000000 } from './0018-who-built.js';
import { Slices1765900000000 } from './0019-slices.js';
import { Runs1766000000000 } from './0020-runs.js';
import { SellerVersions1766100000000 } from './0021-seller-versions.js';
import { Settings1766200000000 } from './0022-settings.js';
import { DeedKeys1766300000000 } from './0023-deed-keys.js';
import { OrderedFor1766400000000 } from './0024-ordered-for.js';
import { LowestCondition1766500000000 } from './0025-lowest-condition.js';

/** The steps that made the tables of a workspace, in their order. */
export const MIGRATIONS = [
  First1764000000000,
  Catalogue1764200000000,
  Fitting1764300000000,
  Market1764400000000,
  House1764500000000,
  Scale1764600000000,
  Errands1764700000000,
  Bin1764800000000,
  PhotoStack1764900000000,
  Systems1765000000000,
  BinnedSellers1765100000000,
  Ledger1765200000000,
  WholeFigures1765300000000,
  Parcels1765400000000,
  Bench1765500000000,
  Claims1765600000000,
  LineUps1765700000000,
  WhoBuilt1765800000000,
  Slices1765900000000,
  Runs1766000000000,
  SellerVersions1766100000000,
  Settings1766200000000,
  DeedKeys1766300000000,
  OrderedFor1766400000000,
  LowestCondition1766500000000,
];
