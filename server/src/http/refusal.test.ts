import { describe, expect, test } from "@jest/globals";
import { invalidDocument } from "./refusal";

const fault = (place: string) => ({
  code: "wrong-type" as const,
  path: ["rates", 0, place],
  expected: "a number",
});

describe("a document that breaks its schema", () => {
  test.each<[number, string]>([
    [1, "At rates.0.f0: This should be a number."],
    [2, "At rates.0.f0: This should be a number. There is one more issue."],
    [4, "At rates.0.f0: This should be a number. There are 3 more issues."],
  ])("with %d issues", (count, detail) => {
    const issues = Array.from({ length: count }, (_, index) => fault(`f${index}`));
    const refusal = invalidDocument(issues);
    expect(refusal.message).toBe(detail);
    expect(refusal.status).toBe(422);
  });

  test("with an issue of the whole", () => {
    expect(invalidDocument([{ code: "file-not-json", path: [] }]).message).toMatch(
      /^This file is not JSON/,
    );
  });
});
