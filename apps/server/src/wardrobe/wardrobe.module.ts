import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { PieceSearch } from './pieceSearch.js';
import { WardrobeController } from './wardrobe.controller.js';
import { WardrobeService } from './wardrobe.service.js';
import { WardrobeStore } from './wardrobe.store.js';

@Module({
  imports: [CatalogueModule],
  controllers: [WardrobeController],
  providers: [PieceSearch, WardrobeService, WardrobeStore],
  exports: [WardrobeService],
})
export class WardrobeModule {}
