import { jsonSchemaOf, type JsonSchema } from "../problem/json-schema";
import { FIGURE_SCHEMAS, problemSchema } from "../problem/schema";
import { answerOfSchema } from "./answer-of";
import { partProblemSchema, questionSchema } from "./question-file";

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
