import { describe, expect, test } from "@jest/globals";
import { openApiDocument } from "./openapi";
import { routes } from "./routes";
import { listQuery, saveRequest } from "./saved-problems";

describe("the OpenAPI document", () => {
  const document = openApiDocument() as {
    paths: Record<string, Record<string, { parameters?: { name: string }[]; responses: object }>>;
    components: { schemas: Record<string, { properties?: object }> };
  };

  test("has every route, with what each may answer", () => {
    for (const { method, path, replies } of routes) {
      const operation = document.paths[path]?.[method];
      expect(Object.keys(operation?.responses ?? {})).toEqual(Object.keys(replies));
    }
  });

  test("names the parameters of paths, queries and headers", () => {
    const names = (path: string, method: string) =>
      document.paths[path]?.[method]?.parameters?.map(({ name }) => name);
    expect(names("/api/problems", "get")).toEqual(["search", "page", "pageSize"]);
    expect(names("/api/problems/{id}", "put")).toEqual(["id", "If-Match"]);
    expect(names("/api/desk/{part}", "put")).toEqual(["part"]);
  });

  test("has no schema that is only a reference", () => {
    for (const schema of Object.values(document.components.schemas)) {
      expect(schema).not.toHaveProperty("$ref");
    }
  });

  test("describes a problem as its file does", () => {
    expect(Object.keys(document.components.schemas["Problem"]?.properties ?? {})).toEqual(
      expect.arrayContaining(["format", "version", "rates", "flows", "ask", "also"]),
    );
  });
});

test("a save is a draft or a problem, never both and never neither", () => {
  expect(saveRequest.safeParse({}).success).toBe(false);
  expect(saveRequest.safeParse({ draft: {}, problem: {} }).success).toBe(false);
});

test("a list without a word is the first page", () => {
  expect(listQuery.parse({})).toEqual({ search: "", page: 1, pageSize: 24 });
});
