import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { DonorsController, DonorsService, ProductsService } from './donors/index.js';
import { EntriesService, LedgerController, LedgerService, PlacesService } from './ledger/index.js';
import { OpeningService } from './opening.service.js';
import { PieceSearch } from './pieceSearch.js';
import { PromiseKeeper, PromisesController, PromisesService } from './promises/index.js';
import { SortingController, SortingService } from './sorting/index.js';
import { WardrobeController } from './wardrobe.controller.js';
import { WardrobeService } from './wardrobe.service.js';
import { WardrobeStore } from './wardrobe.store.js';

@Module({
  imports: [CatalogueModule, FiguresModule],
  controllers: [DonorsController, LedgerController, PromisesController, SortingController, WardrobeController],
  providers: [
    DonorsService,
    EntriesService,
    LedgerService,
    OpeningService,
    PieceSearch,
    PlacesService,
    ProductsService,
    PromiseKeeper,
    PromisesService,
    SortingService,
    WardrobeService,
    WardrobeStore,
  ],
  exports: [DonorsService, PromisesService, WardrobeService],
})
export class WardrobeModule {}
