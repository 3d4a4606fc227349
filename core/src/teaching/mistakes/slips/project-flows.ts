import type { Problem } from "../../../engine/problem/schema";
import { frequencyOf } from "../../../engine/time/duration";
import { isoYears } from "../../../engine/time/moment";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Subject } from "../mistake";
import { listsOf, singlesOf, withFlow, withoutFlow, yearsAt } from "../parts-of-problem";
import { wholeMistake } from "../whole-mistake";

/** The problem of a project's net present value; `null` for any other. */
function projectOf({ problem, unknown }: Subject): Problem | null {
  return unknown.kind === "value" && listsOf(problem).length > 0 ? problem : null;
}

const OUTLAY = MISTAKE_WORDS["outlay-forgotten"];

/** The student left the outlay out of the net present value. */
export const outlayForgotten = wholeMistake("outlay-forgotten", projectOf, (problem) => {
  const inLists = listsOf(problem).flatMap(({ index, flow }) => {
    const [first] = flow.amounts;
    return typeof first === "number" && first < 0
      ? [withFlow(problem, index, { ...flow, amounts: [0, ...flow.amounts.slice(1)] })]
      : [];
  });
  const bySelf = singlesOf(problem).flatMap(({ index, flow }) =>
    flow.direction === "out" ? (withoutFlow(problem, index) ?? []) : [],
  );
  return [...inLists, ...bySelf].map((other) => ({
    done: OUTLAY.done,
    corrected: OUTLAY.corrected,
    problem: other,
  }));
});

const UNDISCOUNTED = MISTAKE_WORDS["flows-not-discounted"];

/** The student added the amounts up. */
export const flowsNotDiscounted = wholeMistake("flows-not-discounted", projectOf, (problem) => {
  const rates = problem.rates.map((rate) => ({ ...rate, percent: 0 }));
  return [
    {
      done: UNDISCOUNTED.done,
      corrected: UNDISCOUNTED.corrected,
      problem: { ...problem, rates },
    },
  ];
});

const EARLY = MISTAKE_WORDS["flows-one-early"];

/** The student discounted each later amount by one period too few. */
export const flowsOneEarly = wholeMistake("flows-one-early", projectOf, (problem) => {
  return listsOf(problem).flatMap(({ index, flow }) => {
    const begins = yearsAt(problem, flow.begins);
    if (begins === null) return [];
    const [first, second, ...rest] = flow.amounts;
    const isToday = begins === 0;
    // The first amount of a list from today on stays where it is.
    if (isToday && (typeof first !== "number" || typeof second !== "number")) return [];
    const earlier = isToday
      ? { ...flow, amounts: [Number(first) + Number(second), ...rest], labels: undefined }
      : { ...flow, begins: isoYears(begins - 1 / frequencyOf(flow.every)) };
    return [
      {
        done: EARLY.done,
        corrected: EARLY.corrected,
        problem: withFlow(problem, index, earlier),
      },
    ];
  });
});
