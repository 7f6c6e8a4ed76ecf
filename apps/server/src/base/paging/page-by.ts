import type { PageRequest } from '@hot-bead/contract/base';
import type { ObjectLiteral, SelectQueryBuilder } from 'typeorm';
import { DomainError } from '../errors/domain-error.ts';

/** One page of rows in their order, and where the page after it begins; null: there is none. */
export interface RowPage<Row> {
  readonly rows: readonly Row[];
  readonly next: string | null;
}

/** What rows are ordered by, before their id; both rise or both fall. */
export interface PageOrder<Row> {
  readonly by: keyof Row & string;
  readonly holds: 'time' | 'number' | 'name';
  readonly is: 'rising' | 'falling';
}

/** Between what a row is ordered by and its id, which has none. */
const APART = '~';

/** What a column can hold, of what stands in a cursor; undefined: it was not given by an earlier page. */
const READ: Readonly<Record<PageOrder<unknown>['holds'], (text: string) => string | number | undefined>> = {
  time: (text) => (Number.isNaN(Date.parse(text)) ? undefined : text),
  number: (text) => (Number.isFinite(Number(text)) ? Number(text) : undefined),
  name: (text) => text,
};

const DIRECTION = { rising: 'ASC', falling: 'DESC' } as const;

/** A query in an order, and where that is the same in the order of ids. */
export function inOrder<Row extends ObjectLiteral>(
  query: SelectQueryBuilder<Row>,
  { by, is }: PageOrder<Row>,
): SelectQueryBuilder<Row> {
  const { alias } = query;
  return query.orderBy(`${alias}.${by}`, DIRECTION[is]).addOrderBy(`${alias}.id`, DIRECTION[is]);
}

/**
 * A page of what a query finds, by one of its columns and then by id: the cost is that of the page, not of the whole.
 *
 * @throws {DomainError} `cursor-unreadable` where `after` was not given by an earlier page
 */
export async function pageBy<Row extends ObjectLiteral & { readonly id: string }>(
  query: SelectQueryBuilder<Row>,
  order: PageOrder<Row>,
  { after, limit }: PageRequest,
): Promise<RowPage<Row>> {
  const { alias } = query;
  inOrder(query, order).limit(limit + 1);
  if (after !== undefined) {
    const end = after.lastIndexOf(APART);
    const cursorAt = end <= 0 ? undefined : READ[order.holds](after.slice(0, end));
    if (cursorAt === undefined) {
      throw new DomainError('cursor-unreadable', 400, 'There is no such page.', 'after');
    }
    const beyond = order.is === 'falling' ? '<' : '>';
    query.andWhere(`(${alias}.${order.by}, ${alias}.id) ${beyond} (:cursorAt, :cursorId)`, {
      cursorAt,
      cursorId: after.slice(end + 1),
    });
  }
  const page = await query.getMany();
  const rows = page.slice(0, limit);
  const last = rows.at(-1);
  return { rows, next: page.length > limit && last ? `${String(last[order.by])}${APART}${last.id}` : null };
}
