import type { FlowOf, Problem } from "../../../engine/problem/schema";
import { frequencyOf } from "../../../engine/time/duration";
import { writePercent } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Subject } from "../mistake";
import {
  percentPerPeriod,
  requoted,
  streamsOf,
  withFlow,
  withRate,
  type Placed,
} from "../parts-of-problem";
import { nameOf, RATE_DECIMALS } from "../words";
import { wholeMistake } from "../whole-mistake";

/** Payments that grow by a known percentage. */
interface Growing extends Placed<FlowOf<"stream">> {
  readonly percent: number;
  readonly every: string;
}

function growingIn(problem: Problem): Growing[] {
  return streamsOf(problem).flatMap(({ index, flow }) => {
    const { growth } = flow;
    if (growth === undefined || !("percent" in growth) || growth.percent === null) return [];
    return [{ index, flow, percent: growth.percent, every: growth.every }];
  });
}

const EACH = MISTAKE_WORDS["growth-every-payment"];

/** The student let payments grow each time, which grow once a year. */
export const growthEveryPayment: Mistake = {
  code: "growth-every-payment",
  nextTime: EACH.nextTime,
  slips: ({ problem }) =>
    growingIn(problem)
      .filter(({ flow, every }) => frequencyOf(flow.every) > frequencyOf(every))
      .map(({ index, flow, percent, every }) => ({
        done: () => EACH.done(nameOf(flow)),
        corrected: () => EACH.corrected(frequencyWords(every).noun),
        problem: withFlow(problem, index, { ...flow, growth: { percent, every: flow.every } }),
      })),
};

/** The only growing payments of a problem that grow each time, and the rate for each of them, in percent. */
function grownEachTime({ problem, asked }: Subject) {
  const [growing, ...others] = growingIn(problem);
  const [rate, ...rates] = problem.rates;
  if (growing === undefined || others.length > 0 || rates.length > 0 || asked !== null) return null;
  if (typeof rate?.percent !== "number") return null;
  const { flow, every } = growing;
  if (frequencyOf(flow.every) !== frequencyOf(every)) return null;
  return { ...growing, rate, perPayment: percentPerPeriod(rate, rate.percent, flow.every) };
}

const ADDED = MISTAKE_WORDS["growth-added-to-rate"];

/** The student wrote i + g for i − g. */
export const growthAddedToRate = wholeMistake(
  "growth-added-to-rate",
  grownEachTime,
  (found, subject) => {
    if (subject.unit !== "money" || subject.problem.flows.length !== 2) return [];
    const { percent, perPayment, index } = found;
    const ratio = (perPayment - percent) / (perPayment + percent);
    const { field } = subject.unknown;
    const isPayment = field.on === "flow" && field.line === index;
    return [
      {
        done: ADDED.done,
        corrected: ADDED.corrected,
        figure: (answer) => Math.abs(isPayment ? answer / ratio : answer * ratio),
      },
    ];
  },
);

const REAL = MISTAKE_WORDS["real-rate-as-difference"];

/** The student took the rate less the growth as the real rate. */
export const realRateAsDifference = wholeMistake(
  "real-rate-as-difference",
  grownEachTime,
  (found, subject) => {
    const { flow, index, percent, perPayment, rate } = found;
    const level = { ...flow, growth: undefined };
    const difference = perPayment - percent;
    const quotation = { quoted: "periodic", compounding: flow.every } as const;
    return [
      {
        done: (format) => REAL.done(writePercent(difference, format, RATE_DECIMALS)),
        corrected: REAL.corrected,
        problem: withRate(
          withFlow(subject.problem, index, level),
          0,
          requoted(rate, quotation, difference),
        ),
      },
    ];
  },
);
