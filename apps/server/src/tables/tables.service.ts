import {
  decodedText,
  LOG_TABLE,
  type LogEntry,
  type LogFilter,
  type LogLine,
  PIECE_TABLE,
  readingTable,
  type RecordTable,
  REPORT_LINES_MOST,
  STOCK_TABLE,
  TABLE_LINES_MOST,
  tableCsv,
  type TableName,
  type TableReading,
  type TableReport,
  type ToldLine,
} from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { DomainError, notFound } from '../errors/domain-error.ts';
import type { Command } from '../events/command.ts';
import { LogService } from '../log/log.service.ts';
import { MachinesService } from '../machines/machines.service.ts';
import { PiecesService } from '../pieces/pieces.service.ts';
import { StockService } from '../stock/stock.service.ts';

/** The mark by which table programs know UTF-8. */
const MARK = '\uFEFF';

/** Reads a table piece by piece, so that others are answered between. */
async function readBetween<T extends object>(table: RecordTable<T>, text: string): Promise<TableReading<T>> {
  const reading = readingTable(table, text);
  for (;;) {
    const step = reading.next();
    if (step.done) return step.value;
    await new Promise((resolve) => setImmediate(resolve));
  }
}

/** A table's text, and how it was come by. */
interface SentTable {
  readonly text: string;
  readonly encoding: string;
  /** Most lines that are taken at once. */
  readonly most: number;
  /** By this the whole of it can be taken out again. */
  readonly batch?: string;
}

/** What keeps a table from being taken; nothing: it can be. */
function refusedIn({ lines, refused }: TableReading<object>, most: number): TableReading<object>['refused'] {
  if (lines > most)
    return [{ line: undefined, message: `That is ${lines} lines: ${most} are the most at once.` }];
  if (lines === 0 && refused.length === 0) {
    return [{ line: undefined, message: 'There is a heading, and no line under it.' }];
  }
  return refused;
}

/** Reads a table and keeps it, where every line of it can be kept; the report says what became of it. */
async function takenBy<T extends object>(
  table: RecordTable<T>,
  { text, encoding, most, batch }: SentTable,
  keep: (records: readonly T[]) => Promise<void>,
): Promise<TableReport> {
  const reading = await readBetween(table, text);
  const refused = refusedIn(reading, most);
  const taken = refused.length === 0;
  if (taken) await keep(reading.rows.map(({ value }) => value));
  return {
    taken,
    lines: reading.lines,
    refusedLines: refused.length,
    refused: refused
      .slice(0, REPORT_LINES_MOST)
      .map(({ line, message }) => ({ line: line ?? null, message })),
    encoding,
    delimiter: reading.dialect?.delimiter ?? null,
    decimal: reading.dialect?.decimal ?? null,
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
  ) {}

  /** A table as CSV, piece by piece. */
  async *written(
    name: TableName,
    filter: LogFilter,
    tables: Readonly<Record<TableName, Pick<RecordTable<object>, 'columns'>>>,
  ): AsyncGenerator<string> {
    const table = tables[name];
    yield MARK;
    if (name === 'stores')
      yield tableCsv(
        table,
        (await this.stock.list()).map(({ item }) => item),
      );
    else if (name === 'pieces') yield tableCsv(table, await this.pieces.list());
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
  take(name: TableName, sent: unknown, command: Command): Promise<TableReport> {
    if (!Buffer.isBuffer(sent) || sent.length === 0) {
      throw new DomainError('no-table', 400, 'Send the table itself, as text/csv.', 'table');
    }
    const { text, encoding = 'UTF-8' } = decodedText(sent, TextDecoder);
    const read = { text, encoding, most: TABLE_LINES_MOST[name] };
    switch (name) {
      case 'stores':
        return takenBy(STOCK_TABLE, read, (items) => this.stock.createAll(items, command));
      case 'pieces':
        return takenBy(PIECE_TABLE, read, (pieces) => this.pieces.createAll(pieces, command));
      case 'log': {
        const batch = `told-${command.id}`;
        return takenBy(LOG_TABLE, { ...read, batch }, (lines) => this.takeLines(batch, lines));
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
