import { Global, Module } from '@nestjs/common';
import { BinController } from './bin.controller.js';
import { BinService } from './bin.service.js';

@Global()
@Module({ controllers: [BinController], providers: [BinService], exports: [BinService] })
export class BinModule {}
