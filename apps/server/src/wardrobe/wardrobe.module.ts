import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { ConsumablesController, ConsumablesService } from './consumables/index.js';
import { DonorsController, DonorsService, ProductsService } from './donors/index.js';
import { ExchangeController, ExchangeService } from './exchange/index.js';
import { Ledger, LedgerController, PieceDeeds, PlacesService } from './ledger/index.js';
import { WardrobePicturesController, WardrobePicturesService } from './pictures/index.js';
import { PieceListService } from './pieceList.service.js';
import { PieceSearch } from './pieceSearch.js';
import { LossesService, PromiseKeeper, PromisesController, PromisesService, ServingsService } from './promises/index.js';
import { SortingController, SortingService } from './sorting/index.js';
import { WardrobeController } from './wardrobe.controller.js';
import { WardrobeService } from './wardrobe.service.js';
import { WardrobeStore } from './wardrobe.store.js';

@Module({
  imports: [CatalogueModule, FiguresModule],
  controllers: [
    ConsumablesController,
    DonorsController,
    ExchangeController,
    LedgerController,
    PromisesController,
    SortingController,
    WardrobeController,
    WardrobePicturesController,
  ],
  providers: [
    ConsumablesService,
    DonorsService,
    Ledger,
    ExchangeService,
    PieceDeeds,
    PieceListService,
    PieceSearch,
    PlacesService,
    ProductsService,
    PromiseKeeper,
    PromisesService,
    LossesService,
    ServingsService,
    SortingService,
    WardrobePicturesService,
    WardrobeService,
    WardrobeStore,
  ],
  exports: [DonorsService, Ledger, PromisesService, ServingsService, SortingService, WardrobePicturesService, WardrobeService],
})
export class WardrobeModule {}
