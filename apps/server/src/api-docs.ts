import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type Joi from 'joi';
import joiToSwaggerModule from 'joi-to-swagger';

// The package is CommonJS: its function stands under `default`, whichever way it is loaded.
const joiToSwagger = joiToSwaggerModule.default;

/** A contract schema as OpenAPI writes it, so that the documentation cannot differ from the check. */
export function openApi(schema: Joi.Schema): Record<string, unknown> {
  return joiToSwagger(schema).swagger as Record<string, unknown>;
}

/** Serves the OpenAPI page at /api/docs and its JSON at /api/docs-json. */
export function serveApiDocs(app: INestApplication): void {
  const description =
    'Lengths in mm, wire feed speed in m/min, volts at the arc, gas in L/min. Errors carry a code and, where there is one, the field.';
  const config = new DocumentBuilder()
    .setTitle('Hot Bead')
    .setDescription(description)
    .setVersion('1')
    .build();
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, config));
}
