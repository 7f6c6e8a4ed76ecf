import type { KeptMachine } from '@hot-bead/contract/machine';
import type { RecordKind } from '@hot-bead/core/history';
import { type LineContext, readShopWords } from '@hot-bead/core/line';
import {
  jobInShop,
  type JobOfShop,
  type KeptShopParts,
  type Setup,
  type Shop,
  shopOf,
} from '@hot-bead/core/plan';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { WRITING } from '../base/disk/writes.ts';
import { RecordsService } from '../history/records.service.ts';
import { LearningService } from '../window/learning.service.ts';
import { MachinesService } from '../machine/machines.service.ts';
import { ShopService } from '../shop/shop.service.ts';

/** The setup of a job; null where it has none: while it has no thickness, or where its machine is not in use. */
type SetupOf = (job: JobOfShop) => Setup | null;

/** Plans in a shop that has been read. */
export interface Planner {
  readonly machines: readonly KeptMachine[];
  /** The shop's own words for the line. */
  readonly shopWords: LineContext['shopWords'];
  /** The shop, with what its beads taught. */
  readonly shop: Shop;
  readonly setupOf: SetupOf;
  /** The same by the book: nothing that beads taught. */
  readonly bookSetupOf: SetupOf;
}

function setupIn(shop: Shop): SetupOf {
  return (job) => {
    const answer = jobInShop(job, shop);
    return answer.status === 'answered' ? answer.setup : null;
  };
}

/** What plans are made of but what beads taught. */
type Book = Omit<KeptShopParts, 'machines' | 'learning'> & {
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
    const shop = shopOf({ ...book, learning: Object.fromEntries(await this.learning.byMachine()) });
    return {
      machines: book.machines,
      shopWords: book.shopWords,
      shop,
      setupOf: setupIn(shop),
      bookSetupOf: (job) => setupIn(shopOf(book))(job),
    };
  }

  private async read(): Promise<Book> {
    const before = this.putAway;
    const { schools, shelf, words } = await this.shop.read();
    const shopWords = readShopWords(words);
    const book = { machines: await this.machines.all(), shopWords, schools, shelf };
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
