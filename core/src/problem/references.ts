import type { Issue, Path } from "../issues/issue";
import { issue } from "../issues/issue";
import type { Flow, Problem } from "./schema";

/** The longest chain of references that a problem may have. */
export const DEEPEST_CHAIN = 16;

interface Reference {
  readonly path: Path;
  /** The flow or rate that is referred to, as `flow:loan` or `rate:0`. */
  readonly to: string;
  readonly issue: Issue | null;
}

/**
 * Checks what the references of a problem say: that each leads to something that can answer it, that
 * none leads back to itself, and that no chain is deeper than 16.
 *
 * @param problem one that has passed the schema
 */
export function checkReferences(problem: Problem): Issue[] {
  const references = new Map<string, Reference[]>();
  problem.flows.forEach((flow, index) => {
    references.set(`flow:${flow.id}`, flowReferences(problem, flow, ["flows", index]));
  });
  problem.rates.forEach((rate, index) => {
    const found = positionReferences(problem, rate.from, ["rates", index, "from"]);
    if (rate.percent !== null && typeof rate.percent === "object") {
      found.push(rateReference(problem, rate.percent.of, ["rates", index, "percent", "of"]));
    }
    references.set(`rate:${index}`, found);
  });
  const asked = askReferences(problem);
  const broken = [...[...references.values()].flat(), ...asked]
    .map((reference) => reference.issue)
    .filter((found) => found !== null);
  return broken.length > 0 ? broken : checkChains(references);
}

function askReferences(problem: Problem): Reference[] {
  const found = positionReferences(problem, problem.ask?.at, ["ask", "at"]);
  problem.also?.forEach((question, index) => {
    const path = ["also", index];
    if (question.find === "total") {
      if (question.of !== "in" && question.of !== "out") {
        found.push(flowReference(problem, question.of, [...path, "of"], () => null));
      }
      return;
    }
    if ("at" in question) found.push(...positionReferences(problem, question.at, [...path, "at"]));
    if ("from" in question) {
      found.push(...positionReferences(problem, question.from, [...path, "from"]));
      found.push(...positionReferences(problem, question.to, [...path, "to"]));
    }
  });
  return found;
}

function flowReferences(problem: Problem, flow: Flow, path: Path): Reference[] {
  switch (flow.kind) {
    case "single":
      return [
        ...amountReferences(problem, flow.amount, [...path, "amount"]),
        ...positionReferences(problem, flow.at, [...path, "at"]),
      ];
    case "stream":
      return [
        ...amountReferences(problem, flow.amount, [...path, "amount"]),
        ...positionReferences(problem, flow.begins, [...path, "begins"]),
      ];
    case "list":
      return [
        ...flow.amounts.flatMap((amount, index) =>
          amountReferences(problem, amount, [...path, "amounts", index]),
        ),
        ...positionReferences(problem, flow.begins, [...path, "begins"]),
      ];
    case "dated":
      return flow.entries.flatMap((entry, index) =>
        amountReferences(problem, entry.amount, [...path, "entries", index, "amount"]),
      );
  }
}

function amountReferences(
  problem: Problem,
  amount: number | null | { of: string },
  path: Path,
): Reference[] {
  if (amount === null || typeof amount === "number") return [];
  return [
    flowReference(problem, amount.of, [...path, "of"], (flow) =>
      flow.kind === "single" || flow.kind === "stream"
        ? null
        : issue("reference-without-amount", [...path, "of"], { id: flow.id }),
    ),
  ];
}

function positionReferences(
  problem: Problem,
  position: string | null | undefined | { endOf: string },
  path: Path,
): Reference[] {
  if (position === null || position === undefined || typeof position === "string") return [];
  return [
    flowReference(problem, position.endOf, [...path, "endOf"], (flow) => {
      if (flow.kind !== "stream") {
        return issue("reference-not-a-stream", [...path, "endOf"], { id: flow.id });
      }
      return flow.count === "forever"
        ? issue("reference-endless", [...path, "endOf"], { id: flow.id })
        : null;
    }),
  ];
}

function flowReference(
  problem: Problem,
  id: string,
  path: Path,
  faultOf: (flow: Flow) => Issue | null,
): Reference {
  const flow = problem.flows.find((candidate) => candidate.id === id);
  const fault = flow === undefined ? issue("reference-missing", path, { id }) : faultOf(flow);
  return { path, to: `flow:${id}`, issue: fault };
}

function rateReference(problem: Problem, index: number, path: Path): Reference {
  const missing = index >= problem.rates.length;
  return {
    path,
    to: `rate:${index}`,
    issue: missing ? issue("rate-reference-missing", path, { index }) : null,
  };
}

/** Follows every chain to its end. Each start is looked at once, so that a cycle is told only once. */
function checkChains(references: ReadonlyMap<string, readonly Reference[]>): Issue[] {
  const depths = new Map<string, number>();
  const issues: Issue[] = [];
  const follow = (name: string, trail: readonly string[]): number => {
    const known = depths.get(name);
    if (known !== undefined) return known;
    let deepest = 0;
    for (const reference of references.get(name) ?? []) {
      if (reference.to === name || trail.includes(reference.to)) {
        const loop = [...trail.slice(trail.indexOf(reference.to)), name];
        const ids = [...new Set(loop)].map((part) => part.slice(part.indexOf(":") + 1));
        issues.push(issue("reference-cycle", reference.path, { ids }));
        continue;
      }
      const depth = 1 + follow(reference.to, [...trail, name]);
      if (depth === DEEPEST_CHAIN + 1) {
        issues.push(issue("reference-too-deep", reference.path, { limit: DEEPEST_CHAIN }));
      }
      deepest = Math.max(deepest, depth);
    }
    depths.set(name, deepest);
    return deepest;
  };
  for (const name of references.keys()) follow(name, []);
  return issues;
}
