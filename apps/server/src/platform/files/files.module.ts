import { type DynamicModule, Global, Module } from '@nestjs/common';
import { FileStore } from './fileStore.js';
import { Rasters } from './rasters.js';

@Global()
@Module({})
export class FilesModule {
  static over(dataFolder: string): DynamicModule {
    return {
      module: FilesModule,
      providers: [{ provide: FileStore, useFactory: () => new FileStore(dataFolder) }, Rasters],
      exports: [FileStore, Rasters],
    };
  }
}
