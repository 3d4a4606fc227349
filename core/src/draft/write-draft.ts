import type { Flow, Problem, Rate } from "../problem/schema";
import { formatExact } from "../wording/format-number";
import { durationWords } from "../wording/format-time";
import type { Draft, FlowLine, RateLine } from "./draft";

/** Puts a problem file into fields, as somebody would have typed it; reading it back gives the same file. */
export function writeDraft(problem: Problem): Draft {
  return {
    format: "kestrelmoor-draft",
    version: 1,
    title: problem.title ?? "",
    question: problem.question ?? "",
    ...(problem.currency === undefined ? {} : { currency: problem.currency }),
    rates: problem.rates.map(writeRate),
    flows: problem.flows.map(writeFlow),
    ask: writeAsk(problem.ask),
    ...(problem.also === undefined ? {} : { also: problem.also }),
  };
}

function writeFlow(flow: Flow): FlowLine {
  if (flow.kind !== "single") return { kind: "kept", id: flow.id, flow };
  const { id, direction, amount, at } = flow;
  const isTypable =
    (amount === null || typeof amount === "number") && (at === null || typeof at === "string");
  if (!isTypable) return { kind: "kept", id, flow };
  return {
    kind: "single",
    id,
    label: flow.label ?? "",
    direction,
    amount: amount === null ? "?" : formatExact(amount),
    at: at === null ? "?" : durationWords(at),
  };
}

function writeRate(rate: Rate, index: number): RateLine {
  const id = `rate-${index + 1}`;
  const { percent, from } = rate;
  const isTypable =
    (percent === null || typeof percent === "number") &&
    (from === undefined || typeof from === "string");
  if (!isTypable) return { kind: "kept", id, rate };
  return {
    kind: "rate",
    id,
    percent: percent === null ? "?" : `${formatExact(percent)}%`,
    quoted: rate.quoted,
    compounding: "compounding" in rate ? rate.compounding : "P1Y",
    from: from === undefined ? "" : durationWords(from),
  };
}

function writeAsk(ask: Problem["ask"]): Draft["ask"] {
  if (ask === undefined) return null;
  return typeof ask.at === "string"
    ? { kind: "worth", at: durationWords(ask.at) }
    : { kind: "kept", ask };
}
