import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { ErrandsModule } from '../errands/index.js';
import { MarketModule } from '../market/index.js';
import { WardrobeModule } from '../wardrobe/index.js';
import { ParcelsController } from './parcels.controller.js';
import { ParcelsService } from './parcels.service.js';

@Module({
  imports: [CatalogueModule, ErrandsModule, MarketModule, WardrobeModule],
  controllers: [ParcelsController],
  providers: [ParcelsService],
})
export class ParcelsModule {}
