import { type ApiError, ContractError } from '@hot-bead/contract';
import { OutOfRangeError } from '@hot-bead/core';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Response } from 'express';
import { DomainError } from './domain-error.ts';

interface Answer {
  readonly status: number;
  readonly body: ApiError;
}

const BODY_ERRORS: Readonly<Record<string, Answer>> = {
  'entity.too.large': {
    status: 413,
    body: { code: 'body-too-large', message: 'That is more than 1 MB: send less.', field: '' },
  },
  'entity.parse.failed': {
    status: 400,
    body: { code: 'json-broken', message: 'The body is not valid JSON.', field: '' },
  },
};

function ofHttp(error: HttpException): Answer {
  const status = error.getStatus();
  if (status === 404)
    return { status, body: { code: 'not-found', message: 'There is nothing at this address.' } };
  if (status === 413) return BODY_ERRORS['entity.too.large'] as Answer;
  if (status === 400) return BODY_ERRORS['entity.parse.failed'] as Answer;
  return { status, body: { code: `http-${status}`, message: error.message } };
}

function answerTo(error: unknown): Answer | undefined {
  if (error instanceof ContractError) {
    const [first] = error.problems;
    const field = first?.field ?? '';
    return {
      status: 400,
      body: { code: first?.code ?? 'invalid', message: error.message, field, problems: error.problems },
    };
  }
  if (error instanceof DomainError) {
    const { code, message, status, field } = error;
    return { status, body: field === undefined ? { code, message } : { code, message, field } };
  }
  if (error instanceof OutOfRangeError) {
    return { status: 400, body: { code: error.code, message: `${error.message}.`, field: error.parameter } };
  }
  const type = (error as { type?: unknown } | null)?.type;
  if (typeof type === 'string' && BODY_ERRORS[type]) return BODY_ERRORS[type];
  return error instanceof HttpException ? ofHttp(error) : undefined;
}

/** The one place where an error becomes an answer: a code, a message, a field, never a stack trace. */
@Catch()
export class ApiErrorFilter implements ExceptionFilter {
  private readonly logger = new Logger('Api');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const answer = answerTo(error);
    if (!answer) this.logger.error(error instanceof Error ? error.stack : String(error));
    const { status, body } = answer ?? {
      status: 500,
      body: { code: 'internal', message: 'Something went wrong here. Nothing was changed.' },
    };
    response.status(status).json(body);
  }
}
