import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { ChoicesService } from './choices.service.js';
import { ChoicesStore } from './choices.store.js';
import { LineUpsController } from './lineups.controller.js';
import { LineUpsService } from './lineups.service.js';
import { VariationsService } from './variations.service.js';

@Module({
  imports: [CatalogueModule, FiguresModule],
  controllers: [LineUpsController],
  providers: [ChoicesService, ChoicesStore, LineUpsService, VariationsService],
  exports: [VariationsService],
})
export class LineUpsModule {}
