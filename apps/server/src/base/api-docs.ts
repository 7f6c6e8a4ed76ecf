import { apiErrorSchema } from '@hot-bead/contract/base';
import { ACTOR_HEADER, COMMAND_HEADER, DEVICE_HEADER, VERSION_HEADER } from '@hot-bead/contract/history';
import { applyDecorators, type INestApplication } from '@nestjs/common';
import { ApiQuery, ApiResponse, DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';
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
  const document = openApi(schema);
  return applyDecorators(
    ...(statuses.length === 0 ? [200] : statuses).map((status) =>
      ApiResponse({ status, description: 'Done', schema: document }),
    ),
    ApiResponse({ status: '4XX', description: 'Refused, with the reason', schema: openApi(apiErrorSchema) }),
  );
}

/** What is asked for in the address, by its contract: each by its name. */
export function Queried(schema: Joi.Schema): MethodDecorator {
  const { properties = {}, required = [] } = openApi(schema) as {
    readonly properties?: Readonly<Record<string, object>>;
    readonly required?: readonly string[];
  };
  return applyDecorators(
    ...Object.entries(properties).map(([name, property]) =>
      ApiQuery({ name, required: required.includes(name), schema: property }),
    ),
  );
}

/** Headers that every command may carry. */
const COMMAND_HEADERS = [
  {
    name: COMMAND_HEADER,
    description: 'The command’s own id, a UUID: sent again under it, it is done once.',
  },
  { name: VERSION_HEADER, description: 'The version of the record that was seen, or * for any.' },
  { name: ACTOR_HEADER, description: 'Who says so.' },
  { name: DEVICE_HEADER, description: 'On which device.' },
].map((header) => ({ ...header, in: 'header', required: false, schema: { type: 'string' } }) as const);

function withHeaders(document: OpenAPIObject): OpenAPIObject {
  for (const { post, put, patch, delete: remove } of Object.values(document.paths)) {
    for (const operation of [post, put, patch, remove]) {
      if (operation) operation.parameters = [...(operation.parameters ?? []), ...COMMAND_HEADERS];
    }
  }
  return document;
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
  SwaggerModule.setup('api/docs', app, () => withHeaders(SwaggerModule.createDocument(app, config)));
}
