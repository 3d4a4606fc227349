import * as z from "zod";
import { problemSchema } from "./schema";

/**
 * The published JSON Schema (draft 2020-12) of the problem file, made from its one definition.
 * It says what each part looks like; that references lead somewhere is beyond it.
 */
export function problemJsonSchema(): Record<string, unknown> {
  return {
    $id: "urn:kestrelmoor:problem:2",
    title: "Kestrelmoor problem file, version 2",
    ...(z.toJSONSchema(problemSchema) as Record<string, unknown>),
  };
}
