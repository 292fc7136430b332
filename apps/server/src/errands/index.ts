import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { JobsModule } from '../jobs/index.js';
import { MarketModule } from '../market/index.js';
import { WardrobeModule } from '../wardrobe/index.js';
import { ErrandsController } from './errands.controller.js';
import { CheaperService } from './cheaper.js';
import { ErrandPlanner } from './planner.js';
import { ErrandsService } from './errands.service.js';

@Module({
  imports: [CatalogueModule, FiguresModule, JobsModule, MarketModule, WardrobeModule],
  controllers: [ErrandsController],
  providers: [CheaperService, ErrandPlanner, ErrandsService],
})
export class ErrandsModule {}

export { ErrandEntity } from './errand.entity.js';
