import type * as z from "zod";
import { issue, type Issue, type Path } from "../issues/issue";

type ZodIssue = z.core.$ZodIssue;

/** Of fields that nobody knows, enough are named to see what is meant. */
const MOST_NAMES = 8;

/** What the library calls a kind of value, in words. */
function kindWords(kind: string): string {
  return KINDS[kind] ?? kind;
}

const KINDS: Readonly<Record<string, string>> = {
  array: "a list",
  boolean: "true or false",
  int: "a whole number",
  number: "a number",
  object: "an object in braces",
  string: "a text in quotation marks",
};

/**
 * Turns what a Zod schema has to say into issues of this product: one for each fault, each with the
 * path of the value at fault, none with the library's own wording.
 *
 * @param schema the schema that refused, which knows what each part expected
 */
export function schemaIssues(schema: z.ZodType, faults: readonly ZodIssue[]): Issue[] {
  const issues = faults.flatMap((fault) => translate(schema, fault, fault.path as Path));
  // Two checks of one value, its form and its size, say the same thing of it.
  const seen = new Set<string>();
  return issues.filter(({ code, path }) => {
    const key = JSON.stringify([code, path]);
    return !seen.has(key) && seen.add(key);
  });
}

function translate(schema: z.ZodType, fault: ZodIssue, path: Path): Issue[] {
  switch (fault.code) {
    case "invalid_type":
      return fault.input === undefined
        ? [
            issue("missing-field", path, {
              expected: expectedAt(schema, path) ?? kindWords(fault.expected),
            }),
          ]
        : [
            issue("wrong-type", path, {
              expected: expectedAt(schema, path) ?? kindWords(fault.expected),
            }),
          ];
    case "invalid_value":
      return [issue("wrong-type", path, { expected: fault.values.map(quote).join(" or ") })];
    case "unrecognized_keys":
      return [issue("unknown-field", path, { names: fault.keys.slice(0, MOST_NAMES) })];
    case "too_big":
      return [tooBig(fault, path)];
    case "too_small":
      return fault.origin === "array"
        ? [issue("too-few", path, { minimum: Number(fault.minimum) })]
        : [issue("out-of-range", path, { minimum: Number(fault.minimum) })];
    case "invalid_union":
      return unionIssues(schema, fault, path);
    default:
      return [
        issue("wrong-format", path, { expected: expectedAt(schema, path) ?? "another form" }),
      ];
  }
}

function tooBig(fault: Extract<ZodIssue, { code: "too_big" }>, path: Path): Issue {
  const limit = Number(fault.maximum);
  if (fault.origin === "array") return issue("too-many", path, { limit });
  if (fault.origin === "string") return issue("too-long", path, { limit });
  return issue("out-of-range", path, { maximum: limit });
}

/**
 * Of a union's branches the one that got furthest is the one that was meant: its faults lie inside
 * the value, or are about its size, and not about its type.
 */
function unionIssues(
  schema: z.ZodType,
  fault: Extract<ZodIssue, { code: "invalid_union" }>,
  path: Path,
): Issue[] {
  const meant = fault.errors.filter(
    (branch) => branch.length > 0 && branch.every((inner) => !isAboutType(inner)),
  );
  const [branch] = meant;
  if (meant.length === 1 && branch !== undefined) {
    return branch.flatMap((inner) => translate(schema, inner, [...path, ...(inner.path as Path)]));
  }
  const discriminator = "discriminator" in fault ? fault.discriminator : undefined;
  if (typeof discriminator === "string" && path.at(-1) !== discriminator) {
    return [issue("wrong-type", [...path, discriminator], { expected: "one of the known kinds" })];
  }
  const expected = expectedAt(schema, path) ?? "another kind of value";
  const isMissing = fault.input === undefined;
  return [issue(isMissing ? "missing-field" : "wrong-type", path, { expected })];
}

function isAboutType(fault: ZodIssue): boolean {
  return (
    fault.path.length === 0 && (fault.code === "invalid_type" || fault.code === "invalid_value")
  );
}

function quote(value: unknown): string {
  return JSON.stringify(value);
}

/** The description of the part of a schema that a path leads to, where it has one. */
function expectedAt(schema: z.ZodType, path: Path): string | undefined {
  let candidates: z.core.$ZodType[] = [schema];
  for (const key of path) candidates = candidates.flatMap((part) => partsAt(part, key));
  for (const candidate of candidates) {
    const description = (candidate as z.ZodType).description;
    if (description !== undefined) return description;
  }
  return undefined;
}

function partsAt(schema: z.core.$ZodType, key: string | number): z.core.$ZodType[] {
  const definition = (schema as z.core.$ZodTypes)._zod.def;
  switch (definition.type) {
    case "object": {
      const part = definition.shape[key];
      return part === undefined ? [] : [unwrap(part)];
    }
    case "array":
      return [unwrap(definition.element)];
    case "union":
      return definition.options.flatMap((option) => partsAt(option, key));
    default:
      return [];
  }
}

function unwrap(schema: z.core.$ZodType): z.core.$ZodType {
  const definition = (schema as z.core.$ZodTypes)._zod.def;
  return definition.type === "optional" ? definition.innerType : schema;
}
