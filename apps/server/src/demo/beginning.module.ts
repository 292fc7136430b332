import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { BeginningController } from './beginning.controller.js';
import { BeginningService } from './beginning.service.js';

@Module({ imports: [CatalogueModule], controllers: [BeginningController], providers: [BeginningService] })
export class BeginningModule {}
