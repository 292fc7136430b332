import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { MarketController } from './market.controller.js';
import { MarketService } from './market.service.js';

@Module({ imports: [CatalogueModule], controllers: [MarketController], providers: [MarketService], exports: [MarketService] })
export class MarketModule {}

export { CURRENCY, MarketService } from './market.service.js';
export { OfferEntity, SellerEntity } from './market.entities.js';
