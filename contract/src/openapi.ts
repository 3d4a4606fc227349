import * as z from "zod";
import { deskPartName } from "./desk";
import { PROBLEM_DETAILS_TYPE, problemDetails } from "./problem-details";
import { routes } from "./routes";
import type { Route } from "./routes/route";

type Json = Record<string, unknown>;

/** The OpenAPI 3.1 document of the interface, made from its schemas. */
export function openApiDocument(): Json {
  const schemas: Json = {};
  const paths: Record<string, Json> = {};
  for (const route of routes) {
    paths[route.path] = { ...paths[route.path], [route.method]: operation(route, schemas) };
  }
  return {
    openapi: "3.1.0",
    info: {
      title: "Kestrelmoor",
      version: "1",
      description:
        "Solves time-value-of-money problems and keeps them. Errors are RFC 9457 problem details with a stable `code`.",
    },
    paths,
    components: { schemas },
  };
}

function operation(route: Route, schemas: Json): Json {
  const parameters = [
    ...(route.path.includes("{id}")
      ? [{ name: "id", in: "path", required: true, schema: { type: "string", format: "uuid" } }]
      : []),
    ...(route.path.includes("{part}")
      ? [
          {
            name: "part",
            in: "path",
            required: true,
            schema: withoutDialect(z.toJSONSchema(deskPartName)),
          },
        ]
      : []),
    ...(route.path.includes("{address}")
      ? [{ name: "address", in: "path", required: true, schema: { type: "string" } }]
      : []),
    ...queryParameters(route),
    ...(route.needsVersion
      ? [
          {
            name: "If-Match",
            in: "header",
            required: true,
            description: "The ETag of the changed version.",
            schema: { type: "string" },
          },
        ]
      : []),
  ];
  return {
    summary: route.summary,
    ...(parameters.length === 0 ? {} : { parameters }),
    ...(route.body === undefined
      ? {}
      : {
          requestBody: {
            required: true,
            content: { "application/json": { schema: register(route.body, schemas) } },
          },
        }),
    responses: Object.fromEntries(
      Object.entries(route.replies).map(([status, { says, schema }]) => [
        status,
        {
          description: says,
          ...(schema === undefined
            ? {}
            : { content: { [mediaType(schema)]: { schema: register(schema, schemas) } } }),
        },
      ]),
    ),
  };
}

function mediaType(schema: z.ZodType): string {
  return schema === problemDetails ? PROBLEM_DETAILS_TYPE : "application/json";
}

function queryParameters({ query }: Route): Json[] {
  if (query === undefined) return [];
  return Object.entries(query.shape).map(([name, schema]) => ({
    name,
    in: "query",
    required: false,
    schema: withoutDialect(z.toJSONSchema(schema as z.ZodType, { io: "input" })),
  }));
}

/** Puts a schema with a name among the components, once, and refers to it there. */
function register(schema: z.ZodType, schemas: Json): Json {
  const name = schema.meta()?.id;
  if (name === undefined) throw new TypeError("A schema of a body needs an id");
  if (schemas[name] === undefined) {
    const { $defs, ...written } = withoutDialect(z.toJSONSchema(schema, { io: "input" }));
    // A schema with a name of its own is written as a reference into its definitions.
    schemas[name] = ($defs as Json | undefined)?.[name] ?? written;
    for (const [inner, definition] of Object.entries(($defs ?? {}) as Json)) {
      schemas[inner] ??= definition;
    }
  }
  return { $ref: `#/components/schemas/${name}` };
}

function withoutDialect(schema: Json): Json {
  const written = JSON.parse(
    JSON.stringify(schema).replaceAll('"#/$defs/', '"#/components/schemas/'),
  ) as Json;
  return Object.fromEntries(Object.entries(written).filter(([key]) => key !== "$schema"));
}
