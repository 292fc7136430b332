export { AdvanceService } from './days/index.js';
export { MARKET_ENTITIES } from './market.entities.js';
export { MarketModule } from './market.module.js';
export { MarketService } from './market.service.js';
export type { Item } from './market.store.js';
export { WatchesService } from './watches/index.js';
export { LowestService, piecesIn } from './prices/index.js';
export { type PricedOffer } from './stores/index.js';
