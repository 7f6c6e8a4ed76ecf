import { setImmediate } from 'node:timers/promises';
import type { Page } from '@hot-bead/contract/base';
import type {
  LogCharts,
  LogEntry,
  LogFilter,
  LogLine,
  LogPoint,
  LogRequest,
  LogWeek,
} from '@hot-bead/contract/history';
import { isSameValue } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Between, type FindOptionsWhere, Repository, type SelectQueryBuilder } from 'typeorm';
import { DatabaseFile } from '../../base/disk/database-file.ts';
import { Writes } from '../../base/disk/writes.ts';
import { DomainError, notFound } from '../../base/errors/domain-error.ts';
import { otherCommand } from '../../base/errors/domain-error.ts';
import { LONG_QUERY } from '../../base/work/heavy-query.ts';
import { HeavyWork } from '../../base/work/heavy-work.ts';
import { LogEntity } from './log.entity.ts';
import { logRow } from './write-log.ts';

function entryOf({ number: _number, ...row }: LogEntity): LogEntry {
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as unknown as LogEntry;
}

/** What was typed as a search: every word must begin a word of the line. */
export function searchFor(text: string): string | undefined {
  const words = text.match(/[\p{L}\p{N}]+/gu) ?? [];
  return words.length === 0 ? undefined : words.map((word) => `"${word}"*`).join(' ');
}

/** The day after a day: what lies before it lies within the day. */
function dayAfter(day: string): string {
  const next = new Date(`${day}T00:00:00.000Z`);
  next.setUTCDate(next.getUTCDate() + 1);
  return next.toISOString().slice(0, 10);
}

/** Lines that came as a batch. */
function inBatch(batch: string): FindOptionsWhere<LogEntity> {
  return { id: Between(`${batch}:`, `${batch}:~`) };
}

const SAME = {
  kind: 'kind',
  machine: 'machineId',
  job: 'jobId',
  wire: 'wireClass',
  gas: 'gas',
  joint: 'joint',
  verdict: 'verdict',
} as const satisfies Partial<Record<keyof LogFilter, keyof LogEntity>>;

function filtered(query: SelectQueryBuilder<LogEntity>, filter: LogFilter): SelectQueryBuilder<LogEntity> {
  for (const [name, column] of Object.entries(SAME)) {
    const value = filter[name as keyof typeof SAME];
    if (value !== undefined) query.andWhere(`log.${column} = :${name}`, { [name]: value });
  }
  const { thinnest, thickest, from, to, text } = filter;
  if (thinnest !== undefined) query.andWhere('log.thicknessMm >= :thinnest', { thinnest });
  if (thickest !== undefined) query.andWhere('log.thicknessMm <= :thickest', { thickest });
  if (from !== undefined) query.andWhere('log.at >= :from', { from });
  if (to !== undefined) query.andWhere('log.at < :to', { to: dayAfter(to) });
  const search = text === undefined ? undefined : searchFor(text);
  if (search !== undefined) {
    // the plus keeps the order of the list: it is read until a page is full, however many lines the words stand in
    query.andWhere('+log.number IN (SELECT rowid FROM log_text WHERE log_text MATCH :search)', { search });
  }
  return query;
}

const SORTS = {
  newest: { column: 'at', order: 'DESC' },
  oldest: { column: 'at', order: 'ASC' },
  thinnest: { column: 'thicknessMm', order: 'ASC' },
  thickest: { column: 'thicknessMm', order: 'DESC' },
} as const;

/** Points of beads against the book that a chart has room for. */
const POINTS_MOST = 600;

/** Longest that charts are reckoned, ms. */
const CHARTS_MOST_MS = 10_000;

/** Rows that are written between two pauses. */
const ROWS_BETWEEN = 500;

@Injectable()
export class LogService {
  constructor(
    @InjectRepository(LogEntity) private readonly rows: Repository<LogEntity>,
    private readonly writes: Writes,
    private readonly file: DatabaseFile,
    private readonly heavy: HeavyWork,
  ) {}

  /** A page of the log: the cost is that of the page, not of the whole. */
  async page({ after, limit, sort, ...filter }: LogRequest): Promise<Page<LogEntry>> {
    const { column, order } = SORTS[sort];
    const query = filtered(this.rows.createQueryBuilder('log'), filter);
    if (column === 'thicknessMm') query.andWhere('log.thicknessMm IS NOT NULL');
    if (after !== undefined) {
      const [value, number] = after.split('~');
      if (value === undefined || number === undefined || !/^\d+$/.test(number)) {
        throw new DomainError('cursor-unreadable', 400, 'There is no such page.', 'after');
      }
      query.andWhere(`(log.${column}, log.number) ${order === 'DESC' ? '<' : '>'} (:value, :number)`, {
        value: column === 'at' ? value : Number(value),
        number: Number(number),
      });
    }
    const lines = await query
      .orderBy(`log.${column}`, order)
      .addOrderBy('log.number', order)
      .limit(limit + 1)
      .getMany();
    const rows = lines.slice(0, limit);
    const last = rows.at(-1);
    return {
      items: rows.map(entryOf),
      next: lines.length > limit && last ? `${last[column] ?? ''}~${last.number}` : null,
    };
  }

  /** Every line that a filter lets through, oldest first, piece by piece. */
  async *all(filter: LogFilter): AsyncGenerator<readonly LogEntry[]> {
    const limit = 200; // a page is a few milliseconds: others are answered between
    let after: string | undefined;
    do {
      const page = await this.page({ ...filter, limit, sort: 'oldest', ...(after ? { after } : {}) });
      yield page.items;
      after = page.next ?? undefined;
    } while (after !== undefined);
  }

  /**
   * Takes lines from elsewhere: all of them or none, under a batch by which they can be taken out again. The same lines
   * sent again are taken once.
   *
   * @throws {DomainError} `command-id-taken` where other lines were taken under this batch
   */
  async takeAll(batch: string, lines: readonly LogLine[]): Promise<void> {
    const rows = lines.map((line, i) => logRow(`${batch}:${i}`, line));
    const columns = this.rows.metadata.columns
      .map(({ propertyName }) => propertyName)
      .filter((name) => name !== 'number');
    const names = columns.map((name) => `"${name}"`).join();
    const marks = columns.map((name) => `@${name}`).join();
    // one statement made once: through the entity manager it would take ten times as long, and nobody is answered meanwhile
    await this.writes.transaction(async (manager) => {
      const there = await manager.find(LogEntity, { where: inBatch(batch), order: { number: 'ASC' } });
      if (there.length > 0) {
        const before = there.map(({ number: _number, ...row }) => row);
        if (isSameValue(before, rows)) return;
        throw otherCommand();
      }
      const insert = this.writes.connection.prepare(`INSERT INTO "log_entry" (${names}) VALUES (${marks})`);
      for (const [i, row] of rows.entries()) {
        insert.run(row);
        if (i % ROWS_BETWEEN === 0) await setImmediate(); // those who read are answered meanwhile
      }
    });
  }

  /** Takes lines out that came as a batch; how many they were. */
  async takeOut(batch: string): Promise<number> {
    return this.writes.transaction(async (manager) => {
      const { affected } = await manager.delete(LogEntity, inBatch(batch));
      return affected ?? 0;
    });
  }

  async read(id: string): Promise<LogEntry> {
    const row = await this.rows.findOneBy({ id });
    if (!row) throw notFound('line of the log', id);
    return entryOf(row);
  }

  /** What the log comes to by week, and its beads and runs against the book. */
  async charts(filter: LogFilter): Promise<LogCharts> {
    // by days first, which is cheap: only they are told apart by weeks
    const [days, parameters] = filtered(this.rows.createQueryBuilder('log'), filter)
      .select('substr(log.at, 1, 10)', 'day')
      .addSelect("SUM(CASE WHEN log.kind = 'run' THEN COALESCE(log.count, 1) ELSE 0 END)", 'runs')
      .addSelect(
        "SUM(CASE WHEN log.kind = 'run' AND log.verdict IS NOT NULL THEN COALESCE(log.count, 1) ELSE 0 END)",
        'judged',
      )
      .addSelect(
        "SUM(CASE WHEN log.kind = 'run' AND log.verdict = 'ok' THEN COALESCE(log.count, 1) ELSE 0 END)",
        'right',
      )
      .addSelect("SUM(CASE WHEN log.kind = 'run' THEN COALESCE(log.wireKg, 0) ELSE 0 END)", 'wireKg')
      .addSelect("SUM(CASE WHEN log.kind = 'run' THEN COALESCE(log.gasL, 0) ELSE 0 END)", 'gasL')
      .addSelect("SUM(CASE WHEN log.kind = 'rig' THEN COALESCE(log.minutes, 0) ELSE 0 END)", 'changeoverMin')
      .groupBy('day')
      .getQueryAndParameters();
    const sums = ['runs', 'judged', 'right', 'wireKg', 'gasL', 'changeoverMin'];
    const sql = `SELECT date("day", 'weekday 0', '-6 days') AS "week", ${sums.map((name) => `SUM("${name}") AS "${name}"`).join(', ')} FROM (${days}) GROUP BY "week" ORDER BY "week"`;
    const weeks = (await this.heavy.run(
      LONG_QUERY,
      { path: this.file.path, sql, parameters },
      { mostMs: CHARTS_MOST_MS, lane: 'short' },
    )) as readonly LogWeek[];
    const points = await filtered(this.rows.createQueryBuilder('log'), filter)
      .andWhere('log.bookVolts IS NOT NULL AND log.machineId IS NOT NULL AND log.volts IS NOT NULL')
      .andWhere('log.wireFeedSpeedMPerMin IS NOT NULL')
      .orderBy('log.at', 'DESC')
      .addOrderBy('log.number', 'DESC')
      .limit(POINTS_MOST)
      .getMany();
    return {
      weeks,
      points: points.map(({ machineId, wireFeedSpeedMPerMin, volts, bookVolts, at }) => ({
        machineId,
        wireFeedSpeedMPerMin,
        volts,
        bookVolts,
        at,
      })) as unknown as readonly LogPoint[],
    };
  }
}
