import { type DynamicModule, Global, Module } from '@nestjs/common';
import { getDataSourceToken, TypeOrmModule } from '@nestjs/typeorm';
import { dataSourceOptions, readingOptions } from './data-source-options.ts';
import { DatabaseFile } from '../base/disk/database-file.ts';
import { Writes, WRITING } from '../base/disk/writes.ts';

/** The shop's file: a connection that reads, which everyone is given, and one that writes, which only `Writes` has. */
@Global()
@Module({})
export class DatabaseModule {
  static at(path: string): DynamicModule {
    return {
      module: DatabaseModule,
      imports: [
        TypeOrmModule.forRoot({ ...dataSourceOptions(path), name: WRITING, retryAttempts: 0 }),
        TypeOrmModule.forRootAsync({
          inject: [getDataSourceToken(WRITING)], // migrated before it is read
          useFactory: () => ({ ...readingOptions(path), retryAttempts: 0 }),
        }),
      ],
      providers: [
        {
          provide: DatabaseFile,
          inject: [getDataSourceToken(WRITING)],
          useFactory: () => new DatabaseFile(path),
        },
        Writes,
      ],
      exports: [DatabaseFile, Writes],
    };
  }
}
