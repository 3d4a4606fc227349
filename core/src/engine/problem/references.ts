import type { Issue, Path } from "../issues/issue";
import { issue } from "../issues/issue";
import type { Amount, Flow, FollowUp, KnownPosition, Problem, Rate } from "./schema";

/** The longest chain of references that a problem may have. */
export const DEEPEST_CHAIN = 16;

/** The keys of a flow that say when it is. */
const TIMES: ReadonlySet<string> = new Set(["at", "begins", "count"]);

interface Reference {
  readonly path: Path;
  /** What is referred to: the amount or the times of a flow, or a rate, as `amount:loan`, `times:loan`, `rate:0`. */
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
  const { flows, rates, ask, also, focal } = problem;
  const references = new Map<string, Reference[]>();
  flows.forEach((flow, index) => {
    const own = referencesIn(problem, flow, ["flows", index]);
    // A coupon may be a percentage of the redemption that is due when the coupons end: amounts wait for amounts alone.
    const isOfTime = ({ path }: Reference) => TIMES.has(String(path[2]));
    references.set(`times:${flow.id}`, own.filter(isOfTime));
    references.set(
      `amount:${flow.id}`,
      own.filter((reference) => !isOfTime(reference)),
    );
  });
  rates.forEach((rate, index) => {
    references.set(`rate:${index}`, referencesIn(problem, rate, ["rates", index]));
  });
  const broken = [
    ...[...references.values()].flat(),
    ...referencesIn(problem, ask, ["ask"]),
    ...referencesIn(problem, focal, ["focal"]),
    ...referencesIn(problem, also, ["also"]),
  ]
    .map((reference) => reference.issue)
    .filter((found) => found !== null);
  return broken.length > 0 ? broken : checkChains(references);
}

/** What is wrong with the references of a follow-up question: nothing else in a problem refers to one. */
export function checkFollowUp(problem: Problem, question: FollowUp, path: Path): Issue[] {
  return referencesIn(problem, question, path).flatMap(({ issue: found }) => found ?? []);
}

/** Every reference within a part of a problem: each is known by its own keys, wherever it stands. */
function referencesIn(problem: Problem, part: unknown, path: Path): Reference[] {
  if (typeof part !== "object" || part === null) return [];
  if (Array.isArray(part)) {
    return part.flatMap((inner, index) => referencesIn(problem, inner, [...path, index]));
  }
  const own = ownReference(problem, part, path);
  if (own !== null) return [own];
  return Object.entries(part).flatMap(([key, inner]) =>
    referencesIn(problem, inner, [...path, key]),
  );
}

type Referring =
  | Extract<KnownPosition, object>
  | Extract<Amount, object>
  | Extract<Rate["percent"], object>
  | FollowUp
  | { readonly find?: undefined };

function ownReference(problem: Problem, part: Referring, path: Path): Reference | null {
  if ("endOf" in part) {
    return flowReference(problem, part.endOf, [...path, "endOf"], {
      to: "times",
      faultOf: endFault,
    });
  }
  if ("times" in part) {
    return flowReference(problem, part.of, [...path, "of"], { to: "amount", faultOf: amountFault });
  }
  if ("plus" in part) return rateReference(problem, part.of, [...path, "of"]);
  const isOfFlow = part.find === "total" && part.of !== "in" && part.of !== "out";
  return isOfFlow
    ? flowReference(problem, part.of, [...path, "of"], { to: "amount", faultOf: () => null })
    : null;
}

type FlowFault = (flow: Flow, path: Path) => Issue | null;

/** What of a flow is referred to, and what may be wrong with that. */
interface Referred {
  readonly to: "amount" | "times";
  readonly faultOf: FlowFault;
}

const amountFault: FlowFault = ({ kind, id }, path) =>
  kind === "single" || kind === "stream" ? null : issue("reference-without-amount", path, { id });

const endFault: FlowFault = (flow, path) => {
  const { id } = flow;
  if (flow.kind !== "stream") return issue("reference-not-a-stream", path, { id });
  return flow.count === "forever" ? issue("reference-endless", path, { id }) : null;
};

function flowReference(
  problem: Problem,
  id: string,
  path: Path,
  { to, faultOf }: Referred,
): Reference {
  const flow = problem.flows.find((candidate) => candidate.id === id);
  const fault = flow === undefined ? issue("reference-missing", path, { id }) : faultOf(flow, path);
  return { path, to: `${to}:${id}`, issue: fault };
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
