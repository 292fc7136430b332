import { Module } from '@nestjs/common';
import { CatalogueController } from './catalogue.controller.js';
import { CatalogueService } from './catalogue.service.js';
import { CatalogueEditor } from './catalogueEditor.service.js';
import { CatalogueFilesController, CatalogueFilesService } from './files/index.js';
import { CatalogueHooks } from './hooks.js';
import { OutlinesController } from './outlines/index.js';
import { PhotographsController, PhotographsService, PhotographsStore } from './photographs/index.js';
import { StackController, StackService } from './stack/index.js';
import { SearchService } from './search/index.js';

@Module({
  controllers: [CatalogueFilesController, OutlinesController, PhotographsController, StackController, CatalogueController],
  providers: [
    CatalogueFilesService,
    CatalogueHooks,
    CatalogueService,
    CatalogueEditor,
    PhotographsService,
    PhotographsStore,
    SearchService,
    StackService,
  ],
  exports: [CatalogueHooks, CatalogueService, CatalogueEditor],
})
export class CatalogueModule {}
