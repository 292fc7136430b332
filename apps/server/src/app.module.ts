import { Global, Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { CatalogueModule } from './catalogue/index.js';
import { Clock, SystemClock } from './common/clock.js';
import { databaseOptions } from './database/options.js';
import { ErrandsModule } from './errands/index.js';
import { FiguresModule } from './figures/index.js';
import { JobsModule } from './jobs/index.js';
import { MarketModule } from './market/index.js';
import { WardrobeModule } from './wardrobe/index.js';

@Global()
@Module({ providers: [{ provide: Clock, useClass: SystemClock }], exports: [Clock] })
class ClockModule {}

@Module({})
export class AppModule {
  static over(databaseFile: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(databaseOptions(databaseFile)),
        ClockModule,
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
