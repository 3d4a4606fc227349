import { issue, type Path } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import type { Flow, Problem } from "./schema";

/** What a problem asks for, by the kind of answer it gets, and where the question stands. */
export interface Unknown {
  readonly kind: "amount" | "percent" | "growth" | "count" | "at" | "begins" | "value";
  readonly path: Path;
}

/**
 * Every unknown of a problem: each `null`, and the worth it may ask for.
 * A problem that can be solved has just one.
 */
export function listUnknowns(problem: Problem): Unknown[] {
  const found: Unknown[] = [];
  problem.rates.forEach((rate, index) => {
    if (rate.percent === null) found.push({ kind: "percent", path: ["rates", index, "percent"] });
  });
  problem.flows.forEach((flow, index) => {
    for (const { kind, path } of unknownsOfFlow(flow)) {
      found.push({ kind, path: ["flows", index, ...path] });
    }
  });
  if (problem.ask !== undefined) found.push({ kind: "value", path: ["ask"] });
  return found;
}

function unknownsOfFlow(flow: Flow): Unknown[] {
  const found: Unknown[] = [];
  const look = (value: unknown, kind: Unknown["kind"], ...path: Path): void => {
    if (value === null) found.push({ kind, path });
  };
  switch (flow.kind) {
    case "single":
      look(flow.amount, "amount", "amount");
      look(flow.at, "at", "at");
      return found;
    case "stream":
      look(flow.amount, "amount", "amount");
      look(flow.count, "count", "count");
      look(flow.begins, "begins", "begins");
      if (flow.growth !== undefined && "percent" in flow.growth) {
        look(flow.growth.percent, "growth", "growth", "percent");
      } else if (flow.growth !== undefined) {
        look(flow.growth.amount, "amount", "growth", "amount");
      }
      return found;
    case "list":
      look(flow.begins, "begins", "begins");
      flow.amounts.forEach((amount, index) => look(amount, "amount", "amounts", index));
      return found;
    case "dated":
      flow.entries.forEach((entry, index) =>
        look(entry.amount, "amount", "entries", index, "amount"),
      );
      return found;
  }
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
