import { Global, Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { CatalogueModule } from './catalogue/index.js';
import { join } from 'node:path';
import { Clock, SystemClock } from './common/clock.js';
import { FileStore } from './common/fileStore.js';
import { databaseOptions } from './database/options.js';
import { ErrandsModule } from './errands/index.js';
import { FiguresModule } from './figures/index.js';
import { JobsModule } from './jobs/index.js';
import { MarketModule } from './market/index.js';
import { WardrobeModule } from './wardrobe/index.js';

/** What every area may ask for: the time, and a place for files. */
@Global()
@Module({})
class GroundModule {
  static over(dataFolder: string): DynamicModule {
    return {
      module: GroundModule,
      providers: [
        { provide: Clock, useClass: SystemClock },
        { provide: FileStore, useValue: new FileStore(dataFolder) },
      ],
      exports: [Clock, FileStore],
    };
  }
}

@Module({})
export class AppModule {
  static over(dataFolder: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(databaseOptions(join(dataFolder, 'outfit.sqlite'))),
        GroundModule.over(dataFolder),
        CatalogueModule,
        FiguresModule,
        WardrobeModule,
        MarketModule,
        JobsModule,
        ErrandsModule,
      ],
    };
  }
}
