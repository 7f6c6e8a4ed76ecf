import type { NewPiece } from '@hot-bead/contract/day';
import {
  type RecordTable,
  REPORT_LINES_MOST,
  tableCsv,
  type TableName,
  type TableReport,
  type ToldLine,
} from '@hot-bead/contract/files';
import type { LogEntry, LogFilter, LogLine } from '@hot-bead/contract/history';
import type { NewStockItem } from '@hot-bead/contract/stores';
import { Injectable } from '@nestjs/common';
import { DomainError, notFound } from '../../base/errors/domain-error.ts';
import type { Command } from '../../history/command.ts';
import { LogService } from '../../history/log/log.service.ts';
import { MachinesService } from '../../machine/machines.service.ts';
import { PiecesService } from '../../day/pieces/pieces.service.ts';
import { StockService } from '../../stores/stock.service.ts';
import { HeavyWork } from '../../base/work/heavy-work.ts';
import { heavyTask } from '../../base/work/heavy-task.ts';
import { type ReadTable, type readTable, TABLES } from './read-table.ts';

/** The mark by which table programs know UTF-8. */
const MARK = '\uFEFF';

const READ_TABLE = heavyTask<typeof readTable>(import.meta.url, './read-table', 'readTable');
/** Longest that a table is read, ms. */
const READ_MOST_MS = 20_000;

/** Keeps a table that was read, where every line of it can be kept; the report says what became of it. */
async function takenBy<T extends object>(
  { rows, refused, lines, dialect, encoding }: ReadTable,
  keep: (records: readonly T[]) => Promise<void>,
  batch?: string,
): Promise<TableReport> {
  const taken = refused.length === 0;
  if (taken) await keep(rows.map(({ value }) => value as T));
  return {
    taken,
    lines,
    refusedLines: refused.length,
    refused: refused
      .slice(0, REPORT_LINES_MOST)
      .map(({ line, message }) => ({ line: line ?? null, message })),
    encoding,
    delimiter: dialect?.delimiter ?? null,
    decimal: dialect?.decimal ?? null,
    batch: taken ? (batch ?? null) : null,
  };
}

/** Log, Stores and pieces as tables: out, and in again, all or nothing. */
@Injectable()
export class TablesService {
  constructor(
    private readonly log: LogService,
    private readonly machines: MachinesService,
    private readonly pieces: PiecesService,
    private readonly stock: StockService,
    private readonly heavy: HeavyWork,
  ) {}

  /** A table as CSV, piece by piece. */
  async *written(name: TableName, filter: LogFilter): AsyncGenerator<string> {
    const table = TABLES[name];
    yield MARK;
    if (name === 'stores')
      yield tableCsv(
        table,
        (await this.stock.all()).map(({ item }) => item),
      );
    else if (name === 'pieces') yield tableCsv(table, await this.pieces.all());
    else yield* this.writtenLog(table, filter);
  }

  private async *writtenLog(
    table: Pick<RecordTable<object>, 'columns'>,
    filter: LogFilter,
  ): AsyncGenerator<string> {
    const names = new Map((await this.machines.listNamed()).map(({ id, name }) => [id, name] as const));
    let isFirst = true;
    for await (const entries of this.log.all(filter)) {
      const lines = entries.map((entry: LogEntry) => ({
        ...entry,
        machine: entry.machineId === undefined ? undefined : names.get(entry.machineId),
      }));
      const csv = tableCsv(table, lines, isFirst);
      if (csv !== '') yield isFirst ? csv : `\r\n${csv}`;
      isFirst = false;
    }
  }

  /**
   * Takes a table: every line of it or none.
   *
   * @throws {DomainError} `no-table` where what was sent is none
   */
  async take(name: TableName, sent: unknown, command: Command, signal: AbortSignal): Promise<TableReport> {
    if (!Buffer.isBuffer(sent) || sent.length === 0) {
      throw new DomainError('no-table', 400, 'Send the table itself, as text/csv.', 'table');
    }
    const read = await this.heavy.run(READ_TABLE, { name, bytes: sent }, { mostMs: READ_MOST_MS, signal });
    switch (name) {
      case 'stores':
        return takenBy<NewStockItem>(read, (items) => this.stock.createAll(items, command));
      case 'pieces':
        return takenBy<NewPiece>(read, (pieces) => this.pieces.createAll(pieces, command));
      case 'log': {
        const batch = `told-${command.id}`;
        return takenBy<ToldLine>(read, (lines) => this.takeLines(batch, lines), batch);
      }
    }
  }

  /** Lines told elsewhere: each on the machine of its name, where the shop has one. */
  private async takeLines(batch: string, lines: readonly ToldLine[]): Promise<void> {
    const machines = new Map((await this.machines.listNamed()).map(({ id, name }) => [name, id] as const));
    const lineOf = ({ machine, text = '', ...line }: ToldLine): LogLine => {
      const machineId = machine === undefined ? undefined : machines.get(machine);
      return {
        ...line,
        at: new Date(line.at).toISOString(),
        text:
          machineId === undefined && machine !== undefined
            ? [text, machine].filter(Boolean).join('. ')
            : text,
        subjectId: batch,
        machineId,
      };
    };
    await this.log.takeAll(batch, lines.map(lineOf));
  }

  /** Takes lines of the log out again that came as one table. */
  async takeOut(batch: string): Promise<void> {
    const known = /^told-[0-9a-f-]{36}$/.test(batch);
    if (!known || (await this.log.takeOut(batch)) === 0) throw notFound('table of lines', batch);
  }
}
