import { Module } from '@nestjs/common';
import { CatalogueController } from './catalogue.controller.js';
import { CatalogueService } from './catalogue.service.js';

@Module({ controllers: [CatalogueController], providers: [CatalogueService], exports: [CatalogueService] })
export class CatalogueModule {}

export { CatalogueService } from './catalogue.service.js';
export { CATALOGUE_ENTITIES, ColourEntity } from './catalogue.entities.js';
