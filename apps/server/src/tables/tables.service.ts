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
  async take(name: TableName, sent: unknown, command: Command): Promise<TableReport> {
    if (!Buffer.isBuffer(sent) || sent.length === 0) {
      throw new DomainError('no-table', 400, 'Send the table itself, as text/csv.', 'table');
    }
    const { text, encoding } = decodedText(sent, TextDecoder);
    const report = (reading: TableReading<unknown>, batch: string | null): TableReport => {
      const { lines, dialect } = reading;
      const most = TABLE_LINES_MOST[name];
      const refused =
        lines > most
          ? [{ line: undefined, message: `That is ${lines} lines: ${most} are the most at once.` }]
          : lines === 0 && reading.refused.length === 0
            ? [{ line: undefined, message: 'There is a heading, and no line under it.' }]
            : reading.refused;
      return {
        taken: refused.length === 0,
        lines,
        refusedLines: refused.length,
        refused: refused
          .slice(0, REPORT_LINES_MOST)
          .map(({ line, message }) => ({ line: line ?? null, message })),
        encoding: encoding ?? 'UTF-8',
        delimiter: dialect?.delimiter ?? null,
        decimal: dialect?.decimal ?? null,
        batch,
      };
    };
    if (name === 'log') return this.takeLog(text, command, report);
    const reading =
      name === 'stores' ? await readBetween(STOCK_TABLE, text) : await readBetween(PIECE_TABLE, text);
    const told = report(reading, null);
    if (!told.taken) return told;
    const values = reading.rows.map(({ value }) => value);
    if (name === 'stores') await this.stock.createAll(values as never, command);
    else await this.pieces.createAll(values as never, command);
    return told;
  }

  private async takeLog(
    text: string,
    command: Command,
    report: (reading: TableReading<unknown>, batch: string | null) => TableReport,
  ): Promise<TableReport> {
    const batch = `told-${command.id}`;
    const reading = await readBetween(LOG_TABLE, text);
    const told = report(reading, batch);
    if (!told.taken) return { ...told, batch: null };
    const machines = new Map((await this.machines.listNamed()).map(({ id, name }) => [name, id] as const));
    const lineOf = ({ machine, text: words = '', ...line }: ToldLine): LogLine => ({
      ...line,
      at: new Date(line.at).toISOString(),
      text: [words, machine !== undefined && !machines.has(machine) ? machine : undefined]
        .filter(Boolean)
        .join('. '),
      subjectId: batch,
      machineId: machine === undefined ? undefined : machines.get(machine),
    });
    await this.log.takeOut(batch);
    await this.log.takeAll(
      batch,
      reading.rows.map(({ value }) => lineOf(value)),
    );
    return told;
  }

  /** Takes lines of the log out again that came as one table. */
  async takeOut(batch: string): Promise<void> {
    const known = /^told-[0-9a-f-]{36}$/.test(batch);
    if (!known || (await this.log.takeOut(batch)) === 0) throw notFound('table of lines', batch);
  }
}
