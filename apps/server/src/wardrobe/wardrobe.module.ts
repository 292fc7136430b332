import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { LedgerController, LedgerService, PlacesService } from './ledger/index.js';
import { PieceSearch } from './pieceSearch.js';
import { WardrobeController } from './wardrobe.controller.js';
import { WardrobeService } from './wardrobe.service.js';
import { WardrobeStore } from './wardrobe.store.js';

@Module({
  imports: [CatalogueModule],
  controllers: [LedgerController, WardrobeController],
  providers: [LedgerService, PieceSearch, PlacesService, WardrobeService, WardrobeStore],
  exports: [WardrobeService],
})
export class WardrobeModule {}
