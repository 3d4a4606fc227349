import type { AskFieldRef, FlowFieldRef, RateFieldRef } from "../fields/field-ref";
import { ASK_FIELD } from "../fields/field-ref";
import type { UnknownKind } from "../fields/figure";
import { figuresOf } from "../fields/problem-figures";
import { issue, type Path } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import type { Problem } from "./schema";

/** What a problem asks for: the kind of answer that it gets, the field where the question stands, and its place. */
export type Unknown = Unknowns[UnknownKind];

export type Unknowns = { readonly [Kind in UnknownKind]: UnknownOf<Kind> };

interface UnknownOf<Kind extends UnknownKind> {
  readonly kind: Kind;
  readonly field: Kind extends "percent"
    ? RateFieldRef
    : Kind extends "value"
      ? AskFieldRef
      : FlowFieldRef;
  /** Where it stands in the problem file. */
  readonly path: Path;
}

/**
 * Every unknown of a problem: each `null`, and the value it may ask for.
 * A problem that can be solved has just one.
 */
export function listUnknowns(problem: Problem): Unknown[] {
  const found: Unknown[] = [];
  for (const { field, unknown: kind, path, filed } of figuresOf(problem)) {
    if (filed === null && kind !== null) found.push({ kind, field, path } as Unknown);
  }
  if (problem.ask !== undefined) found.push({ kind: "value", field: ASK_FIELD, path: ["ask"] });
  return found;
}

/** The one unknown of a problem; fails with `unknown-missing`, `unknown-several` or `unknown-beside-ask`. */
export function findUnknown(problem: Problem): Result<Unknown> {
  const unknowns = listUnknowns(problem);
  const [only] = unknowns;
  if (only === undefined) return fail(issue("unknown-missing", [], {}));
  if (unknowns.length === 1) return succeed(only);
  const paths = unknowns.map(({ path }) => path);
  return problem.ask === undefined
    ? fail(issue("unknown-several", paths[1] ?? [], { paths }))
    : fail(issue("unknown-beside-ask", paths[0] ?? [], { paths }));
}

/** Which flow the unknown stands in, counted from 0; `null` for a rate and for a value that is asked for. */
export function flowOfUnknown({ field }: Pick<Unknown, "field">): number | null {
  return field.on === "flow" ? field.line : null;
}

/** The line of an unknown that stands in one, counted from 0 among the flows or the rates. */
export function lineOfUnknown({ field }: Pick<Unknown, "field">): number {
  if (field.on === "ask") throw new TypeError("A value that is asked for stands in no line");
  return field.line;
}
