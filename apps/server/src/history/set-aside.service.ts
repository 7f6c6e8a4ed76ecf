import { readStored, type SetAside, type StoredShape } from '@hot-bead/contract/history';
import type { RecordKind } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import type { EntityTarget, ObjectLiteral } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';

/** Where rows of a kind stand; `awayAt` says since when one is put away. */
export interface RowHome {
  readonly entity: EntityTarget<ObjectLiteral>;
  /** False: such a row is never put away by itself. */
  readonly goesAway?: false;
  /** False: the one row of its table, which is written anew, never deleted. */
  readonly deletable?: boolean;
}

/** A row of which something is kept as JSON. */
export interface KeptRow {
  readonly kind: RecordKind;
  readonly id: string;
  readonly title: string;
  /** The form it was kept in. */
  readonly shape: number;
  readonly home: RowHome;
  /** Put away already: it is not told of again. */
  readonly away?: boolean;
}

/** A row that was set aside, with the place it stands in. */
export interface AsideRow extends SetAside {
  readonly home: RowHome;
}

/** One as it is told: without the place it stands in, with what can be done there. */
export function toldAside({ home, ...row }: AsideRow): SetAside {
  return {
    ...row,
    canBePutAway: home.goesAway !== false,
    canBeDeleted: home.deletable !== false,
  };
}

function parsed(text: string | null): unknown {
  return text === null ? null : JSON.parse(text);
}

/** Most values of one shape that are remembered. */
const CHECKED_MOST = 2000;

/** A value that is handed to many: nobody may change it. */
function frozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null) {
    Object.values(value).forEach(frozen);
    Object.freeze(value);
  }
  return value;
}

/** Reads what rows keep as JSON against its contract; a row that cannot be read is set aside and said. */
@Injectable()
export class SetAsideService {
  private readonly rows = new Map<string, AsideRow>();
  private readonly checked = new Map<StoredShape<unknown>, Map<string, unknown>>();

  list(): readonly SetAside[] {
    return [...this.rows.values()].map(toldAside);
  }

  /** One that was set aside; undefined where it was not, or was read since. */
  find(kind: string, id: string): AsideRow | undefined {
    return this.rows.get(`${kind} ${id}`);
  }

  /** It is gone, or was never written: it is not told of any more. */
  forget(kind: string, id: string): void {
    this.rows.delete(`${kind} ${id}`);
  }

  /** Another shop stands in the place of this one. */
  forgetAll(): void {
    this.rows.clear();
  }

  /** The parts of a row, or undefined where they cannot be read: then the row is set aside. */
  read<T>(
    shape: StoredShape<T>,
    row: KeptRow,
    parts: Readonly<Record<keyof T, string | null>>,
  ): T | undefined {
    const key = `${row.kind} ${row.id}`;
    const why = this.whyNot(shape, row, parts);
    if (typeof why !== 'string') {
      this.rows.delete(key);
      return why.value;
    }
    const { kind, id, title, home } = row;
    if (row.away === true) this.rows.delete(key);
    else this.rows.set(key, { kind, id, title, why, home });
    return undefined;
  }

  /** The same for a row that was asked for by itself. */
  readOrThrow<T>(shape: StoredShape<T>, row: KeptRow, parts: Readonly<Record<keyof T, string | null>>): T {
    const value = this.read(shape, row, parts);
    if (value === undefined) {
      throw new DomainError(
        'set-aside',
        422,
        'This was kept in a form that cannot be read here. It is set aside as it is; nothing else is harmed by it. Settings shows it as it stands: save it as a file, put it away or delete it there.',
        'id',
      );
    }
    return value;
  }

  private whyNot<T>(
    shape: StoredShape<T>,
    row: KeptRow,
    parts: Readonly<Record<keyof T, string | null>>,
  ): { readonly value: T } | string {
    const checked = this.checkedOf(shape);
    const key = [row.shape, ...Object.values(parts)].join('\u0000');
    const before = checked.get(key);
    if (before !== undefined) return { value: before as T };
    let kept: unknown;
    try {
      kept = Object.fromEntries(
        Object.entries(parts).map(([name, text]) => [name, parsed(text as string | null)]),
      );
    } catch {
      return 'It is not valid JSON.';
    }
    const reading = readStored(shape, row.shape, kept);
    if (reading.status !== 'read') return reading.why;
    if (checked.size >= CHECKED_MOST) checked.clear();
    checked.set(key, frozen(reading.value));
    return { value: reading.value };
  }

  /** What was read and held against its contract before, by its text: the same text is the same value. */
  private checkedOf(shape: StoredShape<unknown>): Map<string, unknown> {
    const known = this.checked.get(shape) ?? new Map<string, unknown>();
    this.checked.set(shape, known);
    return known;
  }
}
