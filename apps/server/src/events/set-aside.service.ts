import { readStored, type SetAside, type StoredShape } from '@hot-bead/contract';
import type { RecordKind } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { DomainError } from '../errors/domain-error.ts';

/** A row of which something is kept as JSON. */
export interface KeptRow {
  readonly kind: RecordKind;
  readonly id: string;
  readonly title: string;
  /** The form it was kept in. */
  readonly shape: number;
}

function parsed(text: string | null): unknown {
  return text === null ? null : JSON.parse(text);
}

/** Reads what rows keep as JSON against its contract; a row that cannot be read is set aside and said. */
@Injectable()
export class SetAsideService {
  private readonly rows = new Map<string, SetAside>();

  list(): readonly SetAside[] {
    return [...this.rows.values()];
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
    const { kind, id, title } = row;
    this.rows.set(key, { kind, id, title, why });
    return undefined;
  }

  /** The same for a row that was asked for by itself. */
  readOrThrow<T>(shape: StoredShape<T>, row: KeptRow, parts: Readonly<Record<keyof T, string | null>>): T {
    const value = this.read(shape, row, parts);
    if (value === undefined) {
      throw new DomainError(
        'set-aside',
        422,
        'This was kept in a form that cannot be read here. It is set aside as it is; nothing else is harmed by it.',
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
    let kept: unknown;
    try {
      kept = Object.fromEntries(
        Object.entries(parts).map(([name, text]) => [name, parsed(text as string | null)]),
      );
    } catch {
      return 'It is not valid JSON.';
    }
    const reading = readStored(shape, row.shape, kept);
    return reading.status === 'read' ? { value: reading.value } : reading.why;
  }
}
