import { namesOf, type Names } from "../input/names";
import type { Problem, Rate } from "../problem/schema";
import type { Draft, TypedRateLine } from "./draft";
import { lineOfFlow } from "./lines/line-kinds";
import { writePercent } from "./write/write-percent";
import { writePosition } from "./write/write-position";

/** Puts a problem file into fields, as somebody would have typed it; reading it back gives the same file. */
export function writeDraft(problem: Problem): Draft {
  const names = namesOf(problem.flows);
  return {
    format: "kestrelmoor-draft",
    version: 2,
    title: problem.title ?? "",
    question: problem.question ?? "",
    ...(problem.currency === undefined ? {} : { currency: problem.currency }),
    rates: problem.rates.map((rate, index) => writeRate(rate, index, names)),
    flows: problem.flows.map((flow) => lineOfFlow(flow, names)),
    ask: writeAsk(problem.ask, names),
    ...(problem.also === undefined ? {} : { also: problem.also }),
  };
}

export function writeRate(rate: Rate, index: number, names: Names): TypedRateLine {
  return {
    kind: "rate",
    id: `rate-${index + 1}`,
    percent: writePercent(rate.percent, index),
    quoted: rate.quoted,
    compounding: "compounding" in rate ? rate.compounding : "P1Y",
    from: rate.from === undefined ? "" : writePosition(rate.from, names),
  };
}

export function writeAsk(ask: Problem["ask"], names: Names): Draft["ask"] {
  return ask === undefined ? null : { kind: "worth", at: writePosition(ask.at, names) };
}
