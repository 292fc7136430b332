import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { MarketModule } from '../market/index.js';
import { WardrobeModule } from '../wardrobe/index.js';
import { EveningService } from './evening.service.js';
import { IdeasController } from './ideas.controller.js';
import { IdeasService } from './ideas.service.js';
import { IdeasStore } from './ideas.store.js';

@Module({
  imports: [CatalogueModule, FiguresModule, MarketModule, WardrobeModule],
  controllers: [IdeasController],
  providers: [EveningService, IdeasService, IdeasStore],
})
export class IdeasModule {}
