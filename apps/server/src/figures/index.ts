import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresController } from './figures.controller.js';
import { FiguresService } from './figures.service.js';
import { LooksService } from './looks.service.js';
import { PictureService } from './picture.service.js';

@Module({
  imports: [CatalogueModule],
  controllers: [FiguresController],
  providers: [FiguresService, LooksService, PictureService],
  exports: [FiguresService, LooksService],
})
export class FiguresModule {}

export { FIGURE_ENTITIES, FigureEntity, LineUpEntity, LookEntity } from './figures.entities.js';
export { LooksService } from './looks.service.js';
