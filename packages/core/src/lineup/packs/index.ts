export { orderByFaction, shuffledOrder } from './order.js';
export { openPack, type Pack, packsOf } from './packs.js';
export {
  type BuildSpread,
  missingWithout,
  type Packing,
  packingOf,
  type Spread,
  spreadBuild,
  spreadEvenly,
  spreadTokens,
} from './spread.js';
