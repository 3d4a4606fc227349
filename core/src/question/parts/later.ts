import type { Position, Problem } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { Mark } from "../marks/mark";
import { addSpans, timesSpan } from "../marks/span";
import { LEAVES } from "../shape/left-alone";
import { usesOf } from "../shape/shape";
import type { PartRead } from "./part";

/**
 * "(a) What is there after the last deposit? (b) A year after that?": what the part before has found, some time later.
 *
 * @returns `null` where a part does not go on in this way
 */
export function laterPart(label: string, own: Facts, read: readonly PartRead[]): PartRead | null {
  const before = read.at(-1);
  const problem = before?.shape.problem ?? null;
  const when = own.scope.marks.find(isAfterThat) ?? leftFor(own);
  const span = when?.phrase?.iso;
  if (before?.follow !== null || problem === null || when === undefined || span === undefined)
    return null;
  const found = problem.flows.find(
    (flow) => flow.kind === "single" && flow.amount === null && flow.at !== "P0D",
  );
  const at = found?.kind === "single" ? timeOf(found.at, problem) : null;
  if (at === null) return null;
  const flows = problem.flows.map((flow) =>
    flow === found ? { ...flow, at: addSpans(at, span) } : flow,
  );
  const uses = usesOf([when], "time");
  const later: Problem = { ...problem, flows };
  return {
    label,
    shape: { problem: later, uses, assumptions: [], missing: [] },
    facts: own,
    follow: null,
  };
}

/** "He then leaves it for four more years." */
function leftFor({ scope }: Facts): Mark | undefined {
  const isLeft = LEAVES.test(scope.words);
  return scope.marks.find(
    ({ phrase }) =>
      isLeft && phrase?.kind === "lasting" && /^(?:next|whole)$/.test(phrase.as ?? ""),
  );
}

function isAfterThat({ phrase, plain }: Mark): boolean {
  return (
    phrase?.kind === "when" &&
    phrase.as === "at" &&
    / (?:later|afterwards|after that|after this)$/.test(plain)
  );
}

/** When an amount is there, where that is known: with the last payment, after as long as they go on. */
function timeOf(at: Position, { flows }: Problem): string | null {
  if (typeof at === "string") return at;
  if (at === null || !("endOf" in at)) return null;
  const stream = flows.find(({ id }) => id === at.endOf);
  const isPlain = stream?.kind === "stream" && stream.begins === "P0D";
  return isPlain && typeof stream.count === "number" ? timesSpan(stream.count, stream.every) : null;
}
