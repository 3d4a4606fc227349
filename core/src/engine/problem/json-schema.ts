import * as z from "zod";
import { problemSchema } from "./schema";

/**
 * The published JSON Schema (draft 2020-12) of the problem file, made from its one definition.
 * It says what each part looks like; that references lead somewhere is beyond it.
 */
export function problemJsonSchema(): JsonSchema {
  return {
    $id: "urn:kestrelmoor:problem:2",
    title: "Kestrelmoor problem file, version 2",
    ...jsonSchemaOf(problemSchema),
  };
}

export type JsonSchema = Record<string, unknown>;

/** @param change of what is written for a schema, in place */
export function jsonSchemaOf(
  schema: z.ZodType,
  change: (schema: unknown, written: JsonSchema) => void = () => undefined,
): JsonSchema {
  const override = (made: { zodSchema: unknown; jsonSchema: unknown }) => {
    change(made.zodSchema, made.jsonSchema as JsonSchema);
  };
  return z.toJSONSchema(schema, { override });
}
