import { join } from 'node:path';
import { type DynamicModule, Module } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import { AboutModule } from './about/about.module.ts';
import type { Config } from './base/config/config.ts';
import { DatabaseModule } from './database/database.module.ts';
import { DemoModule } from './demo/demo.module.ts';
import { EventsModule } from './history/events.module.ts';
import { LearningModule } from './window/learning.module.ts';
import { FaultsModule } from './faults/faults.module.ts';
import { InspectionsModule } from './records/inspection/inspections.module.ts';
import { EarTestsModule } from './arc-lab/ear-tests.module.ts';
import { SheetsModule } from './records/sheet/sheets.module.ts';
import { LogModule } from './history/log/log.module.ts';
import { TablesModule } from './files/tables/tables.module.ts';
import { BackupModule } from './files/backup/backup.module.ts';
import { RunsModule } from './records/run/runs.module.ts';
import { JobsModule } from './plan/jobs/jobs.module.ts';
import { MachinesModule } from './machine/machines.module.ts';
import { PiecesModule } from './day/pieces/pieces.module.ts';
import { DayModule } from './day/day.module.ts';
import { PlanModule } from './plan/plan.module.ts';
import { PhotosModule } from './photos/photos.module.ts';
import { StockModule } from './stores/stock.module.ts';
import { ShopModule } from './shop/shop.module.ts';
import { TestBeadsModule } from './dial-in/test-beads.module.ts';
import { WorkModule } from './base/work/work.module.ts';
import { UpkeepModule } from './upkeep/upkeep.module.ts';

@Module({})
export class AppModule {
  static with(config: Config): DynamicModule {
    return {
      module: AppModule,
      imports: [
        DatabaseModule.at(config.databasePath),
        ServeStaticModule.forRoot({
          rootPath: config.webRoot,
          exclude: ['/api/{*rest}', '/assets/{*rest}', '/:file.:ending'], // no page: a file that is missing is missing
          serveStaticOptions: {
            setHeaders: (response, path) => {
              const hashed = path.startsWith(join(config.webRoot, 'assets'));
              response.setHeader(
                'Cache-Control',
                hashed ? 'public, max-age=31536000, immutable' : 'no-cache',
              );
            },
          },
        }),
        WorkModule,
        EventsModule,
        LearningModule,
        JobsModule,
        TestBeadsModule,
        MachinesModule,
        PiecesModule,
        FaultsModule,
        RunsModule,
        InspectionsModule,
        SheetsModule,
        EarTestsModule,
        LogModule,
        TablesModule,
        BackupModule,
        PlanModule,
        DayModule,
        PhotosModule,
        StockModule,
        ShopModule,
        UpkeepModule,
        AboutModule.with(config),
        ...(config.demo ? [DemoModule] : []),
      ],
    };
  }
}
