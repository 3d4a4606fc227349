import { expect, test } from "@jest/globals";
import published from "../../../../docs/problem.schema.json";
import { problemJsonSchema } from "./json-schema";

test("the schema in the documents is the one that the definition makes (else: npm run schema)", () => {
  expect(published).toEqual(JSON.parse(JSON.stringify(problemJsonSchema())));
});
