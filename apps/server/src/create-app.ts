import { type INestApplication, type LogLevel } from '@nestjs/common';
import { TABLE_BYTES_MOST } from '@hot-bead/contract/files';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import { json, raw, type RequestHandler } from 'express';
import helmet from 'helmet';
import { serveApiDocs } from './base/api-docs.ts';
import { AppModule } from './app.module.ts';
import type { Config } from './base/config/config.ts';
import { access, type AccessRules, OWN_HOSTS } from './base/access/access.ts';
import { ApiErrorFilter } from './base/errors/api-error.filter.ts';
import { DatabaseFile } from './base/disk/database-file.ts';
import { boundedBody } from './base/errors/bounded-body.ts';
import { type ErrorLog, STDERR_LOG } from './base/errors/error-log.ts';
import { requestId } from './base/errors/request-id.ts';
import { MadeInterceptor } from './history/made.interceptor.ts';

/** Largest body that is taken: a machine's file with two thousand readings. */
export const BODY_LIMIT = '1mb';

/** Largest photo that is taken, as a telephone makes it: it is kept much smaller. */
const PHOTO_LIMIT = '20mb';

/** What an application may be given otherwise than it is. */
export interface AppOptions {
  readonly logger?: LogLevel[] | false;
  readonly errorLog?: ErrorLog;
  readonly accessRules?: AccessRules;
}

/** Turns away what is asked of a database whose file is not there any more. */
function standing(file: DatabaseFile): RequestHandler {
  return (_request, _response, next): void => {
    file.refuseOther();
    next();
  };
}

/** The whole application on its database, ready to listen. */
export async function createApp(config: Config, options: AppOptions = {}): Promise<INestApplication> {
  const { logger = ['error', 'warn'], errorLog = STDERR_LOG, accessRules = { hosts: OWN_HOSTS } } = options;
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    logger,
    abortOnError: false,
    bodyParser: false,
  });
  app.use(requestId);
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'upgrade-insecure-requests': null,
          'worker-src': ["'self'", 'blob:'],
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:'],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(access(accessRules));
  app.use(compression());
  app.use('/api', standing(app.get(DatabaseFile)));
  app.use(json({ limit: BODY_LIMIT }));
  app.use(boundedBody);
  // what is no JSON is read where it is asked for, and nowhere else; a whole shop goes to a file as it comes
  app.use('/api/photos', raw({ type: 'image/*', limit: PHOTO_LIMIT }));
  app.use('/api/tables', raw({ type: 'text/csv', limit: TABLE_BYTES_MOST }));
  app.useGlobalFilters(new ApiErrorFilter(errorLog));
  app.useGlobalInterceptors(new MadeInterceptor());
  serveApiDocs(app);
  return app;
}
