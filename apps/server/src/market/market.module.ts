import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { ByHandController, ByHandService } from './byHand/index.js';
import { AdvanceService } from './days/index.js';
import { OffersFilesService } from './files/index.js';
import { MarketController } from './market.controller.js';
import { MarketService } from './market.service.js';
import { MarketStore } from './market.store.js';
import { LowestService, PricesService, SellerOffersService } from './prices/index.js';
import { WatchesService, WatchesStore } from './watches/index.js';

@Module({
  imports: [CatalogueModule],
  controllers: [ByHandController, MarketController],
  providers: [
    AdvanceService,
    ByHandService,
    LowestService,
    MarketService,
    MarketStore,
    OffersFilesService,
    PricesService,
    SellerOffersService,
    WatchesService,
    WatchesStore,
  ],
  exports: [AdvanceService, LowestService, MarketService, WatchesService],
})
export class MarketModule {}
