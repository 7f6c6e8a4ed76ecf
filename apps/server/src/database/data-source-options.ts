import type { DataSourceOptions } from 'typeorm';
import { JobEntity } from './job.entity.ts';
import { MachineEntity } from './machine.entity.ts';
import { Jobs1764000000000 } from './migrations/1764000000000-jobs.ts';
import { Shop1764100000000 } from './migrations/1764100000000-shop.ts';
import { MachineBook1764200000000 } from './migrations/1764200000000-machine-book.ts';
import { Calibrations1764300000000 } from './migrations/1764300000000-calibrations.ts';
import { PastReadings1764400000000 } from './migrations/1764400000000-past-readings.ts';
import { DialReadingEntity } from './dial-reading.entity.ts';
import { AcknowledgementEntity } from './acknowledgement.entity.ts';
import { PastReadingsEntity } from './past-readings.entity.ts';
import { ShopEntity } from './shop.entity.ts';
import { TestBeadEntity } from './test-bead.entity.ts';

interface Sqlite {
  pragma(statement: string): unknown;
}

/** How the database at a path is opened: migrations run, foreign keys on, write-ahead log, full sync. */
export function dataSourceOptions(databasePath: string): DataSourceOptions {
  return {
    type: 'better-sqlite3',
    database: databasePath,
    entities: [
      JobEntity,
      TestBeadEntity,
      MachineEntity,
      ShopEntity,
      AcknowledgementEntity,
      DialReadingEntity,
      PastReadingsEntity,
    ],
    migrations: [
      Jobs1764000000000,
      Shop1764100000000,
      MachineBook1764200000000,
      Calibrations1764300000000,
      PastReadings1764400000000,
    ],
    migrationsRun: true,
    synchronize: false,
    prepareDatabase: (database: Sqlite) => {
      database.pragma('journal_mode = WAL');
      database.pragma('synchronous = FULL'); // a 201 outlives a power cut
      database.pragma('busy_timeout = 5000');
      database.pragma('foreign_keys = ON');
    },
  } as DataSourceOptions;
}
