import { namesOf, type Names } from "../input/names";
import { timesSaidIn } from "../input/read-moment";
import type { Problem, Rate } from "../../engine/problem/schema";
import { compoundedByFile } from "./compounding/compounding-question";
import { timesOf } from "../../engine/problem/problem-times";
import { isDate, type Calendar } from "../../engine/time/moment";
import { calendarDateWords } from "../../wording/format-time";
import { USUAL_CONVENTIONS } from "./conventions";
import { usualCompounding } from "./compounding/payment-periods";
import { BLANK_DRAFT, type Draft, type TypedRateLine } from "./draft";
import { lineOfFlow } from "./lines/line-kinds";
import { writeFollowUp } from "./write/write-follow-up";
import { writePercent } from "./write/write-percent";
import { writePosition } from "./write/write-position";

/** Puts a problem file into fields, as somebody would have typed it; reading it back gives the same file. */
export function writeDraft(problem: Problem): Draft {
  const times = timesSaidIn(problem);
  const names = { ...namesOf(problem.flows), ...times };
  const flows = problem.flows.map((flow) => lineOfFlow(flow, names));
  const usual = usualCompounding(flows);
  return {
    ...BLANK_DRAFT,
    title: problem.title ?? "",
    question: problem.question ?? "",
    ...(problem.currency === undefined ? {} : { currency: problem.currency }),
    today: writeToday(problem, times.calendar),
    focal: problem.focal === undefined ? null : writePosition(problem.focal, names),
    conventions: {
      ...USUAL_CONVENTIONS,
      dayCount: times.dayCount,
      ...(problem.fraction === undefined ? {} : { fraction: problem.fraction }),
      payments: problem.paymentRounding ?? "exact",
    },
    rates: problem.rates.map((rate, index) => writeRate(rate, index, names, usual)),
    flows,
    ask: writeAsk(problem.ask, names),
    also: (problem.also ?? []).map((question, index) =>
      writeFollowUp(question, `also-${index + 1}`, names),
    ),
  };
}

/** Where only a list has dates, its first one is today without being said; other dates need it said. */
function writeToday(problem: Problem, calendar: Calendar | null): string | null {
  const hasDates = timesOf(problem).some(({ time }) => isDate(time));
  const today = problem.today ?? (hasDates ? calendar?.today : undefined);
  return today === undefined ? null : calendarDateWords(today);
}

/** @param usual how often interest would be compounded if nothing were said, ISO 8601 */
export function writeRate(rate: Rate, index: number, names: Names, usual: string): TypedRateLine {
  return {
    kind: "rate",
    id: `rate-${index + 1}`,
    percent: writePercent(rate.percent, index),
    quoted: rate.quoted,
    compounding: "compounding" in rate ? rate.compounding : "P1Y",
    compoundedBy: compoundedByFile(rate, usual),
    from: rate.from === undefined ? "" : writePosition(rate.from, names),
  };
}

export function writeAsk(ask: Problem["ask"], names: Names): Draft["ask"] {
  return ask === undefined ? null : { kind: "worth", at: writePosition(ask.at, names) };
}
