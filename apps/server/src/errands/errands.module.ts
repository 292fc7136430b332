import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { FiguresModule } from '../figures/index.js';
import { MarketModule } from '../market/index.js';
import { WardrobeModule } from '../wardrobe/index.js';
import { CheaperService } from './planning/cheaper.js';
import { ErrandsController } from './errands.controller.js';
import { KeptErrandsService } from './keptErrands.service.js';
import { SubstitutesService } from './planning/substitutes.service.js';
import { ErrandsService } from './errands.service.js';
import { ErrandViews } from './errandViews.js';
import { ErrandsStore } from './record/errands.store.js';
import { StandingPlans } from './standingPlans.service.js';
import { PlannedService } from './planned.service.js';
import { ErrandPlanner } from './planning/planner.js';
import { WholeAgainService } from './wholeAgain.service.js';
import { WantedService } from './wanted/index.js';

@Module({
  imports: [CatalogueModule, FiguresModule, MarketModule, WardrobeModule],
  controllers: [ErrandsController],
  providers: [
    CheaperService,
    ErrandPlanner,
    ErrandsService,
    ErrandViews,
    ErrandsStore,
    KeptErrandsService,
    PlannedService,
    StandingPlans,
    SubstitutesService,
    WantedService,
    WholeAgainService,
  ],
  exports: [ErrandsService, PlannedService],
})
export class ErrandsModule {}
