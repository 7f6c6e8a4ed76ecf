import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Response } from 'express';

/** Tells when who asked goes before there is an answer: then nothing more need be done for it. */
export const Leaving = createParamDecorator((_data: unknown, context: ExecutionContext): AbortSignal => {
  const response = context.switchToHttp().getResponse<Response>();
  const leaving = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) leaving.abort();
  });
  return leaving.signal;
});
