import type { PageRequest } from '@hot-bead/contract/base';
import type { ObjectLiteral, SelectQueryBuilder } from 'typeorm';
import { DomainError } from '../errors/domain-error.ts';

/** One page of rows, the last touched first, and where the page after it begins; null: there is none. */
export interface RowPage<Row> {
  readonly rows: readonly Row[];
  readonly next: string | null;
}

/**
 * A page of what a query finds, by a time and then by id, both falling: the cost is that of the page, not of the whole.
 *
 * @param time the property that holds the time, an ISO date
 * @throws {DomainError} `cursor-unreadable` where `after` was not given by an earlier page
 */
export async function pageByTime<Row extends ObjectLiteral & { readonly id: string }>(
  query: SelectQueryBuilder<Row>,
  time: keyof Row & string,
  { after, limit }: PageRequest,
): Promise<RowPage<Row>> {
  const { alias } = query;
  query
    .orderBy(`${alias}.${time}`, 'DESC')
    .addOrderBy(`${alias}.id`, 'DESC')
    .limit(limit + 1);
  if (after !== undefined) {
    const [at, id] = after.split('~');
    if (at === undefined || id === undefined || Number.isNaN(Date.parse(at))) {
      throw new DomainError('cursor-unreadable', 400, 'There is no such page.', 'after');
    }
    query.andWhere(`(${alias}.${time}, ${alias}.id) < (:cursorAt, :cursorId)`, {
      cursorAt: at,
      cursorId: id,
    });
  }
  const found = await query.getMany();
  const rows = found.slice(0, limit);
  const last = rows.at(-1);
  return { rows, next: found.length > limit && last ? `${String(last[time])}~${last.id}` : null };
}
