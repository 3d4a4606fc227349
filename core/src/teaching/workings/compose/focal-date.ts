import { dateOfAmount } from "../../../engine/flows/amount-date";
import { isUpTo } from "../../../engine/numbers/compare";
import type { ComposedFlow, Composition } from "./composition";
import { flowStretch } from "./flow-dates";

/**
 * The focal date of the workings, in years from today: the one that is asked for, the problem's own where the answer
 * depends on it, or the one that a teacher takes. That is the date of an unknown amount; the date at which two stages
 * meet, with all of one's money before it and all of the other's after it; today where nothing speaks for another.
 */
export function focalDate({ flows, solved, wishedFocal }: Composition): number {
  if (solved.settled.focal !== null) return solved.settled.focal;
  if (wishedFocal !== null) return wishedFocal;
  const { field, kind } = solved.unknown;
  // What has an unknown length or date itself is valued today.
  if (kind === "count" || kind === "begins" || kind === "at") return 0;
  const own = field.on === "flow" ? flows[field.line] : onlyStream(flows);
  if (own === undefined) return 0;
  if (own.kind !== "stream") {
    const entry = field.on === "flow" ? field.entry : undefined;
    return dateOfAmount(own.settled, entry, (years) => years);
  }
  return flows.some(refersElsewhere) ? 0 : (meetingDate(own, flows) ?? 0);
}

/** Where only the rate is asked, what is saved or repaid by the only payments decides. */
function onlyStream(flows: readonly ComposedFlow[]): ComposedFlow | undefined {
  const streams = flows.filter(({ kind }) => kind === "stream");
  return streams.length === 1 ? streams[0] : undefined;
}

/**
 * Where payments meet what they are for. Savings end where it begins: everything after them goes the other way, and
 * what is before them goes theirs. What is drawn begins where the savings end.
 */
function meetingDate(own: ComposedFlow<"stream">, flows: readonly ComposedFlow[]): number | null {
  const others = flows.filter((flow) => flow !== own);
  const { first, last } = flowStretch(own.settled);
  const later = others.filter(({ settled }) => isUpTo(last, flowStretch(settled).first));
  const earlier = others.filter(({ settled }) => isUpTo(flowStretch(settled).last, first));
  if (isFor(later, own, others))
    return Math.min(...later.map(({ settled }) => flowStretch(settled).first));
  return first > 0 && isFor(earlier, own, others) ? first : null;
}

/** Whether some flows are what payments are for: they go the other way, and all the rest goes with the payments. */
function isFor(
  goals: readonly ComposedFlow[],
  own: ComposedFlow,
  others: readonly ComposedFlow[],
): boolean {
  const isWith = (flow: ComposedFlow) => directionOf(flow) === directionOf(own);
  return (
    goals.length > 0 &&
    others.every((flow) => directionOf(flow) !== null && goals.includes(flow) !== isWith(flow))
  );
}

/** Lists go both ways. */
function directionOf({ file }: ComposedFlow): "in" | "out" | null {
  return "direction" in file ? file.direction : null;
}

function refersElsewhere({ file }: ComposedFlow): boolean {
  return "amount" in file && typeof file.amount === "object" && file.amount !== null;
}
