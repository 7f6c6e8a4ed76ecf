import { DomainError } from '../errors/domain-error.ts';
import type { NextFunction, Request, RequestHandler, Response } from 'express';

/** Who may speak to this server: the names it is called by, beside its own port. */
export interface AccessRules {
  /** Host names, lower case, without port. */
  readonly hosts: readonly string[];
}

/** The machine that it runs on, by all its names. A phone on the shop's network will need the shop's own name here. */
export const OWN_HOSTS: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

interface Address {
  readonly name: string;
  readonly port: string;
}

/** Name and port of a Host header, or of an origin without its scheme. */
function addressOf(host: string): Address | undefined {
  const match = /^(?<name>\[[0-9a-f:.]+\]|[^:[\]/@\s]+)(?::(?<port>\d{1,5}))?$/i.exec(host);
  return (
    match?.groups && { name: (match.groups['name'] ?? '').toLowerCase(), port: match.groups['port'] ?? '80' }
  );
}

function isOwn(host: string | undefined, port: number | undefined, { hosts }: AccessRules): boolean {
  const address = host === undefined ? undefined : addressOf(host);
  return address !== undefined && hosts.includes(address.name) && Number(address.port) === port;
}

/**
 * Why a request is turned away; undefined where it may pass.
 *
 * A page elsewhere can point its own name at this machine (so the name in Host must be ours), or send a form or a
 * request without a body from its own address (so whatever is more than a read must come from our own pages). Programs
 * that are no browser send neither Origin nor Sec-Fetch-Site, and pass.
 */
export function foreignReason(
  { method, headers, path }: Pick<Request, 'method' | 'headers'> & { readonly path?: string },
  localPort: number | undefined,
  rules: AccessRules,
): string | undefined {
  if (!isOwn(headers.host, localPort, rules))
    return `This is not ${headers.host ?? 'an address without a name'}.`;
  const site = headers['sec-fetch-site'];
  const isFromElsewhere = site !== undefined && site !== 'same-origin' && site !== 'none';
  if (READS.has(method)) {
    const isWhole = path?.startsWith('/api/backup/') === true;
    return isWhole && isFromElsewhere ? 'A page from elsewhere may not take the shop away.' : undefined;
  }
  const { origin } = headers;
  if (origin !== undefined) {
    const scheme = 'http://';
    const host = origin.startsWith(scheme) ? origin.slice(scheme.length) : undefined;
    if (!isOwn(host, localPort, rules)) return `A page of ${origin} may not change anything here.`;
  }
  if (isFromElsewhere) {
    return 'A page from elsewhere may not change anything here.';
  }
  return undefined;
}

/** Turns away what does not come from this server's own pages or from a program on its machine. */
export function access(rules: AccessRules): RequestHandler {
  return (request: Request, _response: Response, next: NextFunction): void => {
    const message = foreignReason(request, request.socket.localPort, rules);
    next(message === undefined ? undefined : new DomainError('foreign-page', 403, message));
  };
}
