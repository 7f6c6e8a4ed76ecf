import { createHash, randomUUID } from 'node:crypto';
import { plainLine, validated } from '@hot-bead/contract/base';
import {
  ACTOR_HEADER,
  COMMAND_HEADER,
  DEVICE_HEADER,
  idSchema,
  VERSION_HEADER,
  versionSchema,
} from '@hot-bead/contract/history';
import { canonicalJson } from '@hot-bead/core/history';
import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { DomainError } from '../base/errors/domain-error.ts';

/** Something that is asked to be done: once, however often it is sent. */
export interface Command {
  readonly id: string;
  readonly actor: string | null;
  readonly device: string | null;
  /** The version of the record that was seen; `any`: whatever it is; undefined: not said. */
  readonly seen: number | 'any' | undefined;
  /** What is asked for, where and how, as a digest: the same id with anything else is another command. Null: our own. */
  readonly asked: string | null;
}

/** A command of the program's own. */
export function ownCommand(device: string): Command {
  return { id: randomUUID(), actor: null, device, seen: 'any', asked: null };
}

const NAME_MOST = 60;

function named(request: Request, header: string): string | null {
  return plainLine(request.get(header) ?? '').slice(0, NAME_MOST) || null;
}

function commandId(request: Request): string {
  const given = request.get(COMMAND_HEADER);
  if (given === undefined) return randomUUID();
  const { value, error } = idSchema.validate(given);
  if (error) throw new DomainError('command-id-unreadable', 400, 'A command’s id is a UUID.', COMMAND_HEADER);
  return value as string;
}

/** The version in If-Match, or else in the body or the address. */
function seenVersion(request: Request): Command['seen'] {
  const header = request.get(VERSION_HEADER)?.trim();
  if (header === '*') return 'any';
  if (header !== undefined) {
    const digits = /^(?:W\/)?"?(\d{1,15})"?$/.exec(header)?.[1];
    if (digits === undefined || Number(digits) < 1) {
      throw new DomainError(
        'version-unreadable',
        400,
        'If-Match is the version that was seen, or *.',
        'version',
      );
    }
    return Number(digits);
  }
  const body = (request.body as { version?: unknown } | undefined)?.version;
  const given = body ?? request.query['version'];
  return given === undefined ? undefined : validated(versionSchema.label('version'), given);
}

/** The digest of what a request asks for: how, where, and its content, in whatever order it stands. */
function askedBy({ method, path, body }: Request): string {
  const content: unknown = body;
  const text = Buffer.isBuffer(content) ? content : canonicalJson(content ?? null);
  return createHash('sha256').update(`${method} ${path}\n`).update(text).digest('hex');
}

/** What a request asks to be done, without its content. */
export function commandOf(request: Request): Command {
  return {
    id: commandId(request),
    actor: named(request, ACTOR_HEADER),
    device: named(request, DEVICE_HEADER),
    seen: seenVersion(request),
    asked: askedBy(request),
  };
}

/** The command of a request, for a controller. */
export const Asked = createParamDecorator((_data: unknown, context: ExecutionContext) =>
  commandOf(context.switchToHttp().getRequest<Request>()),
);
