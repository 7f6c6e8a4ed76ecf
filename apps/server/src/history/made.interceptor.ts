import { type CallHandler, type ExecutionContext, Injectable, type NestInterceptor } from '@nestjs/common';
import type { Response } from 'express';
import { map, type Observable } from 'rxjs';
import { Made } from './records.service.ts';

/** Answers 201 to what was made now, and 200 to what the same create had made before. */
@Injectable()
export class MadeInterceptor implements NestInterceptor {
  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    return next.handle().pipe(
      map((value: unknown) => {
        if (!(value instanceof Made)) return value;
        context
          .switchToHttp()
          .getResponse<Response>()
          .status(value.isNew ? 201 : 200);
        return value.record as unknown;
      }),
    );
  }
}
