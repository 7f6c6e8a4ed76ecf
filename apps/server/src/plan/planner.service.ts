import type { KeptMachine } from '@hot-bead/contract/machine';
import type { RecordKind } from '@hot-bead/core/history';
import { type LineContext, readShopWords } from '@hot-bead/core/line';
import {
  completeWork,
  type OwnNumbers,
  planSetup,
  type StatedWork,
  resourcesOf,
  type Setup,
  type Shop,
} from '@hot-bead/core/plan';
import type { MachineLearning } from '@hot-bead/core/window';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { WRITING } from '../base/disk/writes.ts';
import { RecordsService } from '../history/records.service.ts';
import { LearningService } from '../window/learning.service.ts';
import { MachinesService } from '../machine/machines.service.ts';
import { ShopService } from '../shop/shop.service.ts';

type SetupOf = (said: StatedWork, own: OwnNumbers) => Setup | null;

/** Plans in a shop that has been read. */
export interface Planner {
  readonly machines: readonly KeptMachine[];
  /** The shop's own words for the line. */
  readonly shopWords: LineContext['shopWords'];
  /** The setup of a job as the shop would plan it, with what its beads taught; null while it has no thickness. */
  readonly setupOf: SetupOf;
  /** The same by the book: nothing that beads taught. */
  readonly bookSetupOf: SetupOf;
}

function setupIn(shop: Shop): SetupOf {
  return (said, own) => {
    const complete = completeWork(said);
    return complete ? planSetup(complete.work, resourcesOf(said, shop), own) : null;
  };
}

/** What beads taught, by the names of the machines. */
export function byMachineName(
  machines: readonly KeptMachine[],
  learning: ReadonlyMap<string, MachineLearning>,
): Readonly<Record<string, MachineLearning>> {
  return Object.fromEntries(
    machines.flatMap(({ id, name }) => {
      const learned = learning.get(id);
      return learned ? [[name, learned] as const] : [];
    }),
  );
}

/** What plans are made of but what beads taught. */
type Book = Pick<Shop, 'schools' | 'shelf'> & {
  readonly machines: readonly KeptMachine[];
  readonly shopWords: LineContext['shopWords'];
};

/** What the book is read from: the shelf is what Stores hold. */
const BOOK_KINDS: ReadonlySet<RecordKind> = new Set(['machine', 'shop', 'stock']);

/** The shop as plans need it: read once, and again when something of it was written, here or by another program. */
@Injectable()
export class PlannerService {
  private book: Book | undefined;
  private dataVersion: unknown;
  /** How often the book was put away: one that was begun before that is not kept. */
  private putAway = 0;

  constructor(
    @InjectDataSource(WRITING) private readonly source: DataSource,
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
    private readonly learning: LearningService,
    records: RecordsService,
  ) {
    records.onWritten((kind) => {
      if (BOOK_KINDS.has(kind)) this.forget();
    });
  }

  async planner(): Promise<Planner> {
    await this.noticeOthers();
    const book = this.book ?? (await this.read());
    const learning = byMachineName(book.machines, await this.learning.byMachine());
    return {
      machines: book.machines,
      shopWords: book.shopWords,
      setupOf: setupIn({ ...book, learning }),
      bookSetupOf: setupIn(book),
    };
  }

  private async read(): Promise<Book> {
    const before = this.putAway;
    const { schools, shelf, words } = await this.shop.read();
    const shopWords = readShopWords(words);
    const book = { machines: await this.machines.list(), shopWords, schools, shelf: shelf ?? undefined };
    if (before === this.putAway) this.book = book;
    return book;
  }

  private forget(): void {
    this.book = undefined;
    this.putAway += 1;
  }

  /** Another program that has written to the file changes what its own writing connection sees of it. */
  private async noticeOthers(): Promise<void> {
    const [row] = (await this.source.query('PRAGMA data_version')) as { data_version: number }[];
    if (row?.data_version === this.dataVersion) return;
    this.dataVersion = row?.data_version;
    this.forget();
    this.learning.forget();
  }
}
