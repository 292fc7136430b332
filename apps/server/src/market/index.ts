import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { AdvanceService } from './advance.service.js';
import { MarketController } from './market.controller.js';
import { MarketService } from './market.service.js';
import { OfferImportService } from './offerImport.service.js';
import { PricesService } from './prices.service.js';
import { TermsImportService } from './termsImport.service.js';
import { WatchesService } from './watches.service.js';

@Module({
  imports: [CatalogueModule],
  controllers: [MarketController],
  providers: [AdvanceService, MarketService, OfferImportService, PricesService, TermsImportService, WatchesService],
  exports: [AdvanceService, MarketService],
})
export class MarketModule {}

export { AdvanceService } from './advance.service.js';
export { CURRENCY, type PricedOffer } from './marketView.js';
export { MarketService } from './market.service.js';
export { MARKET_ENTITIES } from './market.entities.js';
export { piecesIn } from './prices.service.js';
