import { Global, Module } from '@nestjs/common';
import { ImportsService } from './imports.service.js';

@Global()
@Module({ providers: [ImportsService], exports: [ImportsService] })
export class ImportingModule {}
