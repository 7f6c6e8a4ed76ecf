import { randomUUID } from 'node:crypto';
import type { NextFunction, Request, Response } from 'express';

export const REQUEST_ID_HEADER = 'x-request-id';

/** Names each request, so that an answer and the log's entry can be held side by side. */
export function requestId(_request: Request, response: Response, next: NextFunction): void {
  response.setHeader(REQUEST_ID_HEADER, randomUUID());
  next();
}

export function requestIdOf(response: Response): string {
  return String(response.getHeader(REQUEST_ID_HEADER) ?? '');
}
