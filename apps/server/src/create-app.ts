import { type INestApplication, type LogLevel } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import helmet from 'helmet';
import { serveApiDocs } from './api-docs.ts';
import { AppModule } from './app.module.ts';
import type { Config } from './config/config.ts';
import { ApiErrorFilter } from './errors/api-error.filter.ts';

/** Largest body that is taken: a machine's file with two thousand readings. */
export const BODY_LIMIT = '1mb';

/** The whole application on its database, ready to listen. */
export async function createApp(
  config: Config,
  logger: LogLevel[] | false = ['error', 'warn'],
): Promise<INestApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    logger,
    abortOnError: false,
    bodyParser: false,
  });
  app.useBodyParser('json', { limit: BODY_LIMIT });
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
  app.useGlobalFilters(new ApiErrorFilter());
  app.enableShutdownHooks();
  serveApiDocs(app);
  return app;
}
