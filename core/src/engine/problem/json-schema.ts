import * as z from "zod";
import { answerOfSchema } from "../question/answer-of";
import { partProblemSchema, questionSchema } from "../question/question-file";
import { FIGURE_SCHEMAS, problemSchema } from "./schema";

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

type JsonSchema = Record<string, unknown>;

/**
 * The published JSON Schema of the question file: its own parts, and in them the problem file, in which the answer of
 * an earlier part may stand in the place of any figure or time.
 */
export function questionJsonSchema(): JsonSchema {
  const { $schema, ...question } = jsonSchemaOf(questionSchema, (schema, written) => {
    if (schema !== partProblemSchema) return;
    for (const key of Object.keys(written)) Reflect.deleteProperty(written, key);
    written["$ref"] = "#/$defs/problem";
  });
  const { $schema: ofAnswer, ...answerOf } = jsonSchemaOf(answerOfSchema);
  const { $schema: ofProblem, ...problem } = jsonSchemaOf(problemSchema, (schema, written) => {
    if (!FIGURE_SCHEMAS.includes(schema)) return;
    written["anyOf"] = [...(written["anyOf"] as unknown[]), { $ref: "#/$defs/answerOf" }];
  });
  if (ofAnswer !== $schema || ofProblem !== $schema) throw new TypeError("One dialect for all");
  return {
    $id: "urn:kestrelmoor:question:1",
    title: "Kestrelmoor question file, version 1",
    $schema,
    ...question,
    $defs: { answerOf, problem },
  };
}

/** @param change of what is written for a schema, in place */
function jsonSchemaOf(
  schema: z.ZodType,
  change: (schema: unknown, written: JsonSchema) => void = () => undefined,
): JsonSchema {
  const override = (made: { zodSchema: unknown; jsonSchema: unknown }) => {
    change(made.zodSchema, made.jsonSchema as JsonSchema);
  };
  return z.toJSONSchema(schema, { override });
}
