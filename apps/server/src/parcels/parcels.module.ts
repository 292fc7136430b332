import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { ErrandsModule } from '../errands/index.js';
import { MarketModule } from '../market/index.js';
import { WardrobeModule } from '../wardrobe/index.js';
import { ClaimsService } from './settling/claims.service.js';
import { CostsService } from './settling/costs.service.js';
import { OrdersService } from './ordering/orders.service.js';
import { ParcelDeeds } from './parcelDeeds.service.js';
import { ParcelsController } from './parcels.controller.js';
import { ParcelsService } from './parcels.service.js';

@Module({
  imports: [CatalogueModule, ErrandsModule, MarketModule, WardrobeModule],
  controllers: [ParcelsController],
  providers: [ClaimsService, CostsService, OrdersService, ParcelDeeds, ParcelsService],
  exports: [ParcelsService],
})
export class ParcelsModule {}
