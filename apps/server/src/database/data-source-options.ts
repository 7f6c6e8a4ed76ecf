import type { DataSourceOptions, Logger } from 'typeorm';
import { EventEntity } from '../history/event.entity.ts';
import { AcknowledgementEntity } from '../plan/jobs/acknowledgement.entity.ts';
import { JobEntity } from '../plan/jobs/job.entity.ts';
import { ProvenSettingEntity } from '../window/proven-setting.entity.ts';
import { DialReadingEntity } from '../machine/dial-reading.entity.ts';
import { MachineEntity } from '../machine/machine.entity.ts';
import { PhotoEntity } from '../photos/photo.entity.ts';
import { InspectionEntity } from '../records/inspection/inspection.entity.ts';
import { LogEntity } from '../history/log/log.entity.ts';
import { EarTestEntity } from '../arc-lab/ear-test.entity.ts';
import { SheetEntity } from '../records/sheet/sheet.entity.ts';
import { RunEntity } from '../records/run/run.entity.ts';
import { FaultCaseEntity } from '../faults/fault-case.entity.ts';
import { PieceEntity } from '../day/pieces/piece.entity.ts';
import { ShopEntity } from '../shop/shop.entity.ts';
import { StockEntity } from '../stores/stock.entity.ts';
import { TestBeadEntity } from '../dial-in/test-bead.entity.ts';
import { Jobs1764000000000 } from './migrations/1764000000000-jobs.ts';
import { Shop1764100000000 } from './migrations/1764100000000-shop.ts';
import { MachineBook1764200000000 } from './migrations/1764200000000-machine-book.ts';
import { Calibrations1764300000000 } from './migrations/1764300000000-calibrations.ts';
import { PastReadings1764400000000 } from './migrations/1764400000000-past-readings.ts';
import { Foundations1764500000000 } from './migrations/1764500000000-foundations.ts';
import { Faults1764900000000 } from './migrations/1764900000000-faults.ts';
import { RunsAndInspections1765000000000 } from './migrations/1765000000000-runs-and-inspections.ts';
import { Rates1765100000000 } from './migrations/1765100000000-rates.ts';
import { Log1765300000000 } from './migrations/1765300000000-log.ts';
import { EarTests1765400000000 } from './migrations/1765400000000-ear-tests.ts';
import { LineWords1765500000000 } from './migrations/1765500000000-line-words.ts';
import { WholeCommands1765600000000 } from './migrations/1765600000000-whole-commands.ts';
import { OneWordForAway1765700000000 } from './migrations/1765700000000-one-word-for-away.ts';
import { Sheets1765200000000 } from './migrations/1765200000000-sheets.ts';
import { DialIn1764800000000 } from './migrations/1764800000000-dial-in.ts';
import { TheDay1764700000000 } from './migrations/1764700000000-the-day.ts';
import { RigAndStores1764600000000 } from './migrations/1764600000000-rig-and-stores.ts';
import { UpkeepEntity } from '../upkeep/upkeep.entity.ts';

const MIGRATIONS = [
  Jobs1764000000000,
  Shop1764100000000,
  MachineBook1764200000000,
  Calibrations1764300000000,
  PastReadings1764400000000,
  Foundations1764500000000,
  RigAndStores1764600000000,
  TheDay1764700000000,
  DialIn1764800000000,
  Faults1764900000000,
  RunsAndInspections1765000000000,
  Rates1765100000000,
  Sheets1765200000000,
  Log1765300000000,
  EarTests1765400000000,
  LineWords1765500000000,
  WholeCommands1765600000000,
  OneWordForAway1765700000000,
];

/** Names of all migrations, in order, as the database keeps them. */
export const MIGRATION_NAMES: readonly string[] = MIGRATIONS.map((migration) => new migration().name);

/** The migrations from the first to one of a name. */
export function migrationsUpTo(name: string): typeof MIGRATIONS {
  return MIGRATIONS.slice(0, MIGRATION_NAMES.indexOf(name) + 1);
}

interface Sqlite {
  pragma(statement: string): unknown;
}

const silent = (): void => undefined;

/** What goes wrong is thrown, and told once, by whoever catches it. */
const SILENT_LOGGER: Logger = {
  logQuery: silent,
  logQueryError: silent,
  logQuerySlow: silent,
  logSchemaBuild: silent,
  logMigration: silent,
  log: silent,
};

/** How the database at a path is opened: migrations run, foreign keys on, write-ahead log, full sync. */
export function dataSourceOptions(databasePath: string): DataSourceOptions {
  return {
    type: 'better-sqlite3',
    database: databasePath,
    entities: [
      EventEntity,
      JobEntity,
      TestBeadEntity,
      MachineEntity,
      ShopEntity,
      StockEntity,
      PieceEntity,
      FaultCaseEntity,
      RunEntity,
      InspectionEntity,
      SheetEntity,
      EarTestEntity,
      LogEntity,
      PhotoEntity,
      AcknowledgementEntity,
      DialReadingEntity,
      ProvenSettingEntity,
      UpkeepEntity,
    ],
    migrations: MIGRATIONS,
    logger: SILENT_LOGGER,
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

/** How a database that is open for writing is opened a second time, to read: it can change nothing. */
export function readingOptions(databasePath: string): DataSourceOptions {
  return {
    ...dataSourceOptions(databasePath),
    migrationsRun: false,
    prepareDatabase: (database: Sqlite) => {
      database.pragma('busy_timeout = 5000');
      database.pragma('query_only = ON');
    },
  } as DataSourceOptions;
}
