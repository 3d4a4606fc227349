import { frequencyOf } from "../../../engine/time/duration";
import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip, Subject } from "../mistake";
import { datedSingles, movedTo, withEndMoved, withOwnDates } from "../parts-at-dates";
import { compoundingsOf, endOf, streamsOf, withFlow } from "../parts-of-problem";

/** The student took n + 1 in place of n. */
export const onePeriodTooMany = onePeriodOff("one-period-too-many", 1);

/** The student took n − 1 in place of n. */
export const onePeriodTooFew = onePeriodOff("one-period-too-few", -1);

function onePeriodOff(code: "one-period-too-many" | "one-period-too-few", by: 1 | -1): Mistake {
  const words = MISTAKE_WORDS[code];
  const said = (count: number, isPayments: boolean) => ({
    done: (format: AnswerFormat) =>
      words.done(writeFigure(count + by, format), writeFigure(count, format), isPayments),
    corrected: (format: AnswerFormat) => words.corrected(writeFigure(count, format), isPayments),
  });
  return {
    code,
    nextTime: words.nextTime,
    slips: (subject) => [...inStreams(subject, by, said), ...inAmounts(subject, by, said)],
  };
}

type Said = (count: number, isPayments: boolean) => Pick<Slip, "done" | "corrected">;

function inStreams({ problem }: Subject, by: 1 | -1, said: Said): Slip[] {
  return streamsOf(problem).flatMap(({ index, flow }): Slip[] => {
    const { count, every } = flow;
    if (typeof count !== "number" || count + by < 1) return [];
    const end = endOf(problem, flow);
    const own = withOwnDates(problem);
    const alone = withFlow(own, index, { ...flow, count: count + by });
    // What is due with the last payment is moved by the same n.
    const along = end === null ? alone : withEndMoved(alone, end, end + by / frequencyOf(every));
    return [along, ...(along === alone ? [] : [alone])].map((other) => ({
      ...said(count, true),
      problem: other,
    }));
  });
}

/** Two amounts, one compounding period further apart, or nearer. */
function inAmounts({ problem }: Subject, by: 1 | -1, said: Said): Slip[] {
  const [rate, ...others] = problem.rates;
  const perYear = rate === undefined || others.length > 0 ? null : compoundingsOf(rate);
  const singles = datedSingles(problem).toSorted((one, other) => one.at - other.at);
  const [early, late] = singles;
  if (perYear === null || early === undefined || late === undefined) return [];
  if (problem.flows.length !== 2 || late.at - early.at + by / perYear < 0) return [];
  const periods = (late.at - early.at) * perYear;
  return [{ ...said(periods, false), problem: movedTo(problem, late, late.at + by / perYear) }];
}
