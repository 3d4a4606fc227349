import { expect, test } from "@jest/globals";
import publishedProblem from "../../../../docs/problem.schema.json";
import publishedQuestion from "../../../../docs/question.schema.json";
import { questionJsonSchema } from "../question/question-json-schema";
import { problemJsonSchema } from "./json-schema";

test.each([
  ["problem", publishedProblem, problemJsonSchema],
  ["question", publishedQuestion, questionJsonSchema],
] as const)(
  "the schema of a %s in the documents is the one that the definition makes (else: npm run schema)",
  (_, published, made) => {
    expect(published).toEqual(JSON.parse(JSON.stringify(made())));
  },
);

test("the answer of an earlier part may stand for every figure and every time", () => {
  const text = JSON.stringify(questionJsonSchema());
  const places = text.split('{"$ref":"#/$defs/answerOf"}').length - 1;
  // An amount twice, a signed one twice, a percent of each quotation, a count, two of growth, and every time.
  expect(places).toBeGreaterThan(20);
});
