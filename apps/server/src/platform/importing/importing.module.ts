import { Global, Module } from '@nestjs/common';
import { FileTurns } from './fileTurns.service.js';
import { ImportsService } from './imports.service.js';

@Global()
@Module({ providers: [ImportsService, FileTurns], exports: [ImportsService, FileTurns] })
export class ImportingModule {}
