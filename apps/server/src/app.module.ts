import { type DynamicModule, Global, Module, type OnApplicationShutdown } from '@nestjs/common';
import { BenchModule } from './bench/index.js';
import { CatalogueModule } from './catalogue/index.js';
import { BeginningModule } from './demo/index.js';
import { ErrandsModule } from './errands/index.js';
import { ParcelsModule } from './parcels/index.js';
import { FiguresModule } from './figures/index.js';
import { IdeasModule } from './ideas/index.js';
import { LineUpsModule } from './lineups/index.js';
import { MarketModule } from './market/index.js';
import { Clock } from './platform/clock/index.js';
import { Database, FolderLock } from './platform/db/index.js';
import { BinModule } from './platform/bin/index.js';
import { FilesModule } from './platform/files/index.js';
import { HistoryModule } from './platform/history/index.js';
import { ImportingModule } from './platform/importing/index.js';
import { JobsModule } from './platform/jobs/index.js';
import { LiveModule } from './platform/live/index.js';
import { SettingsModule } from './settings/index.js';
import { WardrobeModule } from './wardrobe/index.js';
import { type OwnWorkspace, type WorkspaceHost, WorkspacesModule } from './workspaces/index.js';

/** What everything stands on. */
export interface Ground {
  readonly database: Database;
  readonly lock: FolderLock;
  readonly clock: Clock;
}

/** The time, and the workspace's database. It is closed, and its folder let go of, last of all. */
@Global()
@Module({})
class GroundModule implements OnApplicationShutdown {
  constructor(
    private readonly database: Database,
    private readonly lock: FolderLock,
  ) {}

  static over({ database, lock, clock }: Ground): DynamicModule {
    return {
      module: GroundModule,
      providers: [
        { provide: Clock, useValue: clock },
        { provide: Database, useValue: database },
        { provide: FolderLock, useValue: lock },
      ],
      exports: [Clock, Database],
    };
  }

  onApplicationShutdown(): void {
    this.database.close();
    this.lock.release();
  }
}

@Module({})
export class AppModule {
  static over(own: OwnWorkspace, ground: Ground, host: WorkspaceHost): DynamicModule {
    return {
      module: AppModule,
      imports: [
        GroundModule.over(ground),
        FilesModule.over(own.folder),
        WorkspacesModule.over(host, own),
        LiveModule,
        HistoryModule,
        BinModule,
        JobsModule,
        ImportingModule,
        BeginningModule,
        SettingsModule,
        CatalogueModule,
        FiguresModule,
        LineUpsModule,
        WardrobeModule,
        MarketModule,
        ErrandsModule,
        ParcelsModule,
        BenchModule,
        IdeasModule,
      ],
    };
  }
}
