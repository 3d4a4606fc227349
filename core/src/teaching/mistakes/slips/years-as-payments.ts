import { frequencyOf } from "../../../engine/time/duration";
import { isoYears } from "../../../engine/time/moment";
import {
  compoundingsOf,
  endOf,
  singlesOf,
  streamsOf,
  withFlow,
  yearsAt,
} from "../parts-of-problem";
import type { Mistake, Slip, Subject } from "../mistake";
import { withEndMoved } from "../parts-at-dates";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";

const WORDS = MISTAKE_WORDS["years-as-payments"];

/** The student used the number of years as the number of payments or of compounding periods. */
export const yearsAsPayments: Mistake = {
  code: "years-as-payments",
  nextTime: WORDS.nextTime,
  slips: (subject) => [...inStreams(subject), ...inAmounts(subject)],
};

function inStreams({ problem }: Subject): Slip[] {
  return streamsOf(problem).flatMap(({ index, flow }) => {
    const perYear = frequencyOf(flow.every);
    const { count } = flow;
    if (typeof count !== "number" || perYear === 1) return [];
    const years = count / perYear;
    const words = {
      done: (format: AnswerFormat) => WORDS.done(writeFigure(years, format), nameOf(flow)),
      corrected: (format: AnswerFormat) =>
        WORDS.corrected(
          writeFigure(perYear, format),
          writeFigure(years, format),
          writeFigure(count, format),
        ),
    };
    const shorter = withFlow(problem, index, { ...flow, count: years });
    const end = endOf(problem, flow);
    // The amount at the end of the payments is discounted by the same n.
    const endsAt = end === null ? null : Math.max(0, end + (years - count) / perYear);
    const moved = end === null || endsAt === null ? shorter : withEndMoved(shorter, end, endsAt);
    return moved === shorter
      ? [{ ...words, problem: shorter }]
      : [
          { ...words, problem: moved },
          { ...words, problem: shorter, isRare: true },
        ];
  });
}

function inAmounts({ problem }: Subject): Slip[] {
  const [rate] = problem.rates;
  const perYear = rate === undefined ? null : compoundingsOf(rate);
  if (streamsOf(problem).length > 0 || perYear === null || perYear === 1) return [];
  if (problem.rates.length > 1) return [];
  const singles = singlesOf(problem);
  if (singles.length !== problem.flows.length) return [];
  const changed = singles.reduce((whole, { index, flow }) => {
    const at = yearsAt(problem, flow.at);
    return at === null ? whole : withFlow(whole, index, { ...flow, at: isoYears(at / perYear) });
  }, problem);
  return [
    {
      done: WORDS.donePeriods,
      corrected: (format) => WORDS.correctedPeriods(writeFigure(perYear, format)),
      problem: changed,
    },
  ];
}
