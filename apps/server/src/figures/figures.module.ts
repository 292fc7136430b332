import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { AlternativesService, LooksController, LooksService, PictureService } from './looks/index.js';
import { ArrangingController, ArrangingService, FiguresBin, LineUpDeeds } from './arranging/index.js';
import { FiguresController } from './figures.controller.js';
import { FiguresService } from './figures.service.js';
import { DueDays, FiguresStore, FigureViews } from './record/index.js';
import { NoticesController, NoticesService, NoticesStore } from './notices/index.js';
import { ReferencesController, ReferencesService, ReferencesStore } from './references/index.js';

@Module({
  imports: [CatalogueModule],
  controllers: [ArrangingController, FiguresController, LooksController, NoticesController, ReferencesController],
  providers: [
    AlternativesService,
    ArrangingService,
    DueDays,
    FiguresBin,
    FiguresService,
    FiguresStore,
    FigureViews,
    LineUpDeeds,
    LooksService,
    NoticesService,
    NoticesStore,
    PictureService,
    ReferencesService,
    ReferencesStore,
  ],
  exports: [DueDays, FiguresService, FiguresStore, FigureViews, LineUpDeeds, LooksService, NoticesService],
})
export class FiguresModule {}
