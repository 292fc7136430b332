import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { AlternativesService } from './alternatives.service.js';
import { FiguresController } from './figures.controller.js';
import { FiguresService } from './figures.service.js';
import { LooksController } from './looks.controller.js';
import { LooksService } from './looks.service.js';
import { PictureService } from './picture.service.js';
import { ReferencesController, ReferencesService } from './references.js';

@Module({
  imports: [CatalogueModule],
  controllers: [FiguresController, LooksController, ReferencesController],
  providers: [AlternativesService, FiguresService, LooksService, PictureService, ReferencesService],
  exports: [FiguresService, LooksService],
})
export class FiguresModule {}

export { FIGURE_ENTITIES, FigureEntity, LineUpEntity, LookEntity } from './figures.entities.js';
export { FiguresService } from './figures.service.js';
export { LooksService, type StoredLook } from './looks.service.js';
