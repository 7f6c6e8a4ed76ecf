import { apiErrorSchema } from '@hot-bead/contract';
import { applyDecorators, type INestApplication } from '@nestjs/common';
import { ApiResponse, DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type Joi from 'joi';
import joiToSwaggerModule from 'joi-to-swagger';

type Convert = (schema: Joi.Schema) => { readonly swagger: unknown };

// The package is CommonJS: by the way it is loaded, its function is the module itself or stands under `default`.
const loaded = joiToSwaggerModule as unknown as Convert | { readonly default: Convert };
const joiToSwagger = typeof loaded === 'function' ? loaded : loaded.default;

/** A contract schema as OpenAPI writes it, so that the documentation cannot differ from the check. */
export function openApi(schema: Joi.Schema): Record<string, unknown> {
  return joiToSwagger(schema).swagger as Record<string, unknown>;
}

/** What an operation answers when it does what it was asked, by its contract, and how it answers when it does not. */
export function Answers(schema: Joi.Schema, ...statuses: readonly number[]): MethodDecorator {
  const told = openApi(schema);
  return applyDecorators(
    ...(statuses.length === 0 ? [200] : statuses).map((status) =>
      ApiResponse({ status, description: 'Done', schema: told }),
    ),
    ApiResponse({ status: '4XX', description: 'Refused, with the reason', schema: openApi(apiErrorSchema) }),
  );
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
