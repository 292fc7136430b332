import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { WardrobeController } from './wardrobe.controller.js';
import { WardrobeService } from './wardrobe.service.js';

@Module({ imports: [CatalogueModule], controllers: [WardrobeController], providers: [WardrobeService], exports: [WardrobeService] })
export class WardrobeModule {}

export { WardrobeService } from './wardrobe.service.js';
export { DonorEntity, PieceEntity } from './wardrobe.entities.js';
