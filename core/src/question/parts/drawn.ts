import type { FlowOf, Problem } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { periodsIn } from "../marks/span";
import { rateOf } from "../shape/quotations";
import type { Choices } from "../shape/shape";
import { streamOf } from "../shape/streams";
import { frame, type Made } from "./made";
import type { PartRead } from "./part";

const DRAWS =
  / (?:draws?|drawn|drawing|withdraws?|withdrawals?|withdrawn|takes?|taken|spends?|pension|pays? out|paid out|lasts?|live on) /;

/** "From then on she draws equal amounts for ten years: how large are they?": what has been saved is spent. */
export function drawn(own: Facts, read: readonly PartRead[], choices: Choices): Made | null {
  const source = read.find(({ shape }) => savedIn(shape.problem) !== null);
  const { problem = null } = source?.shape ?? {};
  const label = source?.label ?? null;
  const [stream] = own.streams;
  const every = stream?.every ?? savedIn(problem)?.every;
  if (problem === null || label === null || stream === undefined || every === undefined)
    return null;
  const isPlain = own.streams.length === 1 && own.amounts.length === 0;
  if (!isPlain || !DRAWS.test(own.scope.words)) return null;
  const count =
    stream.term === null ? stream.count : (periodsIn(stream.term, every) ?? stream.count);
  const isPaymentAsked = own.ask?.kind === "payment" && stream.amount === null && count !== null;
  const isTimeAsked =
    (own.ask?.kind === "count" || own.ask?.kind === "time") &&
    stream.amount !== null &&
    count === null;
  if (!isPaymentAsked && !isTimeAsked) return null;
  const rate = own.percents.find(({ use }) => use === "rate");
  const told = rate === undefined ? null : rateOf(rate, 0, every, choices);
  const spent = streamOf(
    stream,
    { id: "withdrawals", direction: "in", begins: "P0D", count, every },
    choices,
  );
  return {
    uses: [...(told?.uses ?? []), ...spent.uses],
    assumptions: [...(told?.assumptions ?? []), ...spent.assumptions],
    linked: {
      ...frame(problem, told === null ? problem.rates : [told.rate]),
      flows: [
        {
          id: "fund",
          label: "Fund",
          kind: "single",
          direction: "out",
          amount: { answerOf: label },
          at: "P0D",
        },
        { ...spent.flow, label: "Withdrawals" },
      ],
    },
  };
}

/** The payments of a problem that finds what has been saved by them. */
function savedIn(problem: Problem | null): FlowOf<"stream"> | null {
  const isFound = problem?.flows.some(
    (flow) =>
      flow.kind === "single" &&
      flow.direction === "in" &&
      flow.amount === null &&
      flow.at !== "P0D",
  );
  return isFound === true
    ? (problem?.flows.find(
        (flow): flow is FlowOf<"stream"> =>
          flow.kind === "stream" && flow.direction === "out" && flow.amount !== null,
      ) ?? null)
    : null;
}
