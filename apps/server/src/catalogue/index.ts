import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/index.js';
import { CarryController, CarryService } from './carry.js';
import { CatalogueController } from './catalogue.controller.js';
import { CatalogueService } from './catalogue.service.js';
import { EntriesService } from './entries.service.js';
import { NoticesController, NoticesService } from './notices.js';
import { PhotographsController, PhotographsService } from './photographs.js';
import { SearchService } from './search.service.js';

@Module({
  imports: [JobsModule],
  controllers: [CarryController, PhotographsController, CatalogueController, NoticesController],
  providers: [CarryService, CatalogueService, EntriesService, NoticesService, PhotographsService, SearchService],
  exports: [CatalogueService, EntriesService],
})
export class CatalogueModule {}

export { CatalogueService } from './catalogue.service.js';
export { EntriesService } from './entries.service.js';
export { catalogueBody } from './carry.js';
