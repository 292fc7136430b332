import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { MarketModule } from '../market/index.js';
import { ParcelsModule } from '../parcels/index.js';
import { WardrobeModule } from '../wardrobe/index.js';
import { BenchController } from './bench.controller.js';
import { BenchService } from './bench.service.js';
import { ClosingsService } from './closings.service.js';
import { BenchPlanner } from './planning/planner.service.js';
import { ToDoService } from './toDo.service.js';
import { TroublesService } from './troubles.service.js';
import { BenchViews } from './views.service.js';

@Module({
  imports: [CatalogueModule, FiguresModule, MarketModule, ParcelsModule, WardrobeModule],
  controllers: [BenchController],
  providers: [BenchPlanner, BenchService, BenchViews, ClosingsService, ToDoService, TroublesService],
})
export class BenchModule {}
