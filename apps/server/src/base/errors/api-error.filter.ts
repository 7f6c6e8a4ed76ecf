import { type ApiError, ContractError } from '@hot-bead/contract/base';
import { OutOfRangeError } from '@hot-bead/core/base';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException } from '@nestjs/common';
import type { Request, Response } from 'express';
import { DomainError } from './domain-error.ts';
import { type ErrorLog, logEntry } from './error-log.ts';
import { requestIdOf } from './request-id.ts';
import { databaseTrouble } from './sqlite-errors.ts';

interface Answer {
  readonly status: number;
  readonly body: ApiError;
}

const BODY_ERRORS: Readonly<Record<string, Answer>> = {
  'entity.parse.failed': {
    status: 400,
    body: { code: 'json-broken', message: 'The body is not valid JSON.', field: '' },
  },
  'encoding.unsupported': {
    status: 415,
    body: {
      code: 'encoding-unknown',
      message: 'The body is packed in a way that cannot be read.',
      field: '',
    },
  },
  'charset.unsupported': {
    status: 415,
    body: { code: 'encoding-unknown', message: 'Send the body as UTF-8.', field: '' },
  },
};

function tooLarge(limitBytes: number): Answer {
  const most =
    limitBytes >= 1e6 ? `${Math.floor(limitBytes / 1e6)} MB` : `${Math.floor(limitBytes / 1e3)} kB`;
  const message = `That is more than is taken here: ${most} at most.`;
  return { status: 413, body: { code: 'body-too-large', message, field: '' } };
}

const ADDRESS_BROKEN: Answer = {
  status: 400,
  body: { code: 'address-broken', message: 'That address cannot be read.' },
};

const INTERNAL: Answer = {
  status: 500,
  body: { code: 'internal', message: 'Something went wrong here. Nothing was changed.' },
};

function ofHttp(error: HttpException): Answer {
  const status = error.getStatus();
  if (status === 404)
    return { status, body: { code: 'not-found', message: 'There is nothing at this address.' } };
  return { status, body: { code: `http-${status}`, message: error.message } };
}

/** What the reading of a request itself says is wrong with it: the address, or the body. */
function ofReading(error: unknown): Answer | undefined {
  const { type, status, limit } = (error ?? {}) as { type?: unknown; status?: unknown; limit?: unknown };
  if (type === 'entity.too.large') return tooLarge(Number(limit));
  if (typeof type === 'string' && BODY_ERRORS[type]) return BODY_ERRORS[type];
  if (error instanceof URIError) return ADDRESS_BROKEN;
  return typeof type === 'string' && typeof status === 'number' && status >= 400 && status < 500
    ? { status, body: { code: 'request-broken', message: 'The request could not be read.', field: '' } }
    : undefined;
}

function ofOurs(error: unknown): Answer | undefined {
  if (error instanceof ContractError) {
    const [first] = error.problems;
    const field = first?.field ?? '';
    return {
      status: 400,
      body: { code: first?.code ?? 'invalid', message: error.message, field, problems: error.problems },
    };
  }
  if (error instanceof DomainError) {
    const { code, message, status, field, more } = error;
    return { status, body: { code, message, ...(field === undefined ? {} : { field }), ...more } };
  }
  if (error instanceof OutOfRangeError) {
    return { status: 400, body: { code: error.code, message: `${error.message}.`, field: error.parameter } };
  }
  return undefined;
}

function answerTo(error: unknown): Answer {
  const trouble = databaseTrouble(error);
  if (trouble) return { status: trouble.status, body: { code: trouble.code, message: trouble.message } };
  // an error while reading comes wrapped: what it wraps says more than the wrapper
  const cause = error instanceof HttpException ? (error.cause ?? error) : error;
  const known = ofOurs(error) ?? ofReading(cause) ?? ofReading(error);
  return known ?? (error instanceof HttpException ? ofHttp(error) : INTERNAL);
}

/** The one place where an error becomes an answer: a code, a message, a field, never a stack trace. */
@Catch()
export class ApiErrorFilter implements ExceptionFilter {
  constructor(private readonly log: ErrorLog) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const { method, originalUrl } = http.getRequest<Request>();
    const requestId = requestIdOf(response);
    const { status, body } = answerTo(error);
    if (status >= 500)
      this.log.write(logEntry(new Date(), requestId, `${method} ${originalUrl.slice(0, 200)}`, error));
    // what would have been kept for long is not there
    response.set('Cache-Control', 'no-store');
    response.status(status).json({ ...body, requestId });
  }
}
