import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { AdvanceService } from './days/index.js';
import { OffersFilesService } from './files/index.js';
import { MarketController } from './market.controller.js';
import { MarketService } from './market.service.js';
import { MarketStore } from './market.store.js';
import { PricesService, SellerOffersService } from './prices/index.js';
import { WatchesService, WatchesStore } from './watches/index.js';

@Module({
  imports: [CatalogueModule],
  controllers: [MarketController],
  providers: [
    AdvanceService,
    MarketService,
    MarketStore,
    OffersFilesService,
    PricesService,
    SellerOffersService,
    WatchesService,
    WatchesStore,
  ],
  exports: [AdvanceService, MarketService],
})
export class MarketModule {}
