import { isBefore, isSameTime } from "../../../engine/numbers/compare";
import type { Problem } from "../../../engine/problem/schema";
import { isoYears } from "../../../engine/time/moment";
import { frequencyOf } from "../../../engine/time/duration";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip } from "../mistake";
import {
  datedSingles,
  isDebts,
  movedTo,
  onlyStreamOf,
  singlesAt,
  withOwnDates,
} from "../parts-at-dates";
import { endOf, listsOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import { nameOf } from "../words";

/** Something moved over its gap the wrong way, and whether it was discounted where it should be accumulated. */
interface WrongWay {
  readonly isDiscounted: boolean;
  readonly name: string;
  readonly isFactor: boolean;
  readonly problem: Problem;
}

/** The student discounted what should be accumulated. */
export const pvForFv = wrongWay("pv-for-fv", true);

/** The student accumulated what should be discounted. */
export const fvForPv = wrongWay("fv-for-pv", false);

function wrongWay(code: "pv-for-fv" | "fv-for-pv", isDiscounted: boolean): Mistake {
  const words = MISTAKE_WORDS[code];
  return {
    code,
    nextTime: words.nextTime,
    isWhole: true as const,
    slips: ({ problem }) =>
      [...ofStreams(problem), ...ofSingles(problem), ...ofLists(problem)]
        .filter((one) => one.isDiscounted === isDiscounted)
        .map(({ name, isFactor, problem: moved }): Slip => ({
          done: () => (isFactor ? words.doneFactor(name) : words.done(name)),
          corrected: words.corrected,
          problem: moved,
        })),
  };
}

/** The factor of the other end of the payments: as if they were paid so much later, or sooner. */
function ofStreams(problem: Problem): WrongWay[] {
  const only = onlyStreamOf(problem);
  if (only === null) return [];
  const { index, flow, begins, ends, count } = only;
  const length = count / frequencyOf(flow.every);
  const own = withOwnDates(problem);
  const shifted = (years: number) =>
    withFlow(own, index, { ...flow, begins: isoYears(begins + years) });
  const way = (isDiscounted: boolean): WrongWay => ({
    isDiscounted,
    name: nameOf(flow),
    isFactor: true,
    problem: shifted(isDiscounted ? length : -length),
  });
  return [
    ...(singlesAt(problem, ends).some(({ flow: { direction } }) => direction !== flow.direction)
      ? [way(true)]
      : []),
    ...(singlesAt(problem, begins).some(({ flow: { direction } }) => direction !== flow.direction)
      ? [way(false)]
      : []),
  ];
}

/** A single amount over its gap to a date that matters: the same gap on the other side of it. */
function ofSingles(problem: Problem): WrongWay[] {
  // Of debts each has a mistake of its own.
  if (isDebts(problem)) return [];
  const singles = datedSingles(problem);
  const own = withOwnDates(problem);
  const all = [0, ...streamEnds(problem), ...singles.map(({ at }) => at)];
  const dates = new Set(all.filter((date) => date !== null));
  return singles.flatMap((single) =>
    [...dates]
      .filter((date) => !isSameTime(date, single.at))
      .map((date) => ({
        // The others are moved to an unknown amount, and not it to them.
        isDiscounted:
          single.flow.amount === null ? isBefore(date, single.at) : isBefore(single.at, date),
        name: nameOf(single.flow),
        isFactor: false,
        problem: movedTo(own, single, 2 * date - single.at),
      })),
  );
}

function streamEnds(problem: Problem): (number | null)[] {
  return streamsOf(problem).flatMap(({ flow }) => [
    yearsAt(problem, flow.begins),
    endOf(problem, flow),
  ]);
}

/** Later amounts of a project, accumulated. */
function ofLists(problem: Problem): WrongWay[] {
  return listsOf(problem).flatMap(({ index, flow }) => {
    const begins = yearsAt(problem, flow.begins);
    if (begins === null) return [];
    const last = begins + (flow.amounts.length - 1) / frequencyOf(flow.every);
    return [
      {
        isDiscounted: false,
        name: nameOf(flow),
        isFactor: false,
        problem: withFlow(problem, index, {
          ...flow,
          begins: isoYears(-last),
          amounts: flow.amounts.toReversed(),
          labels: undefined,
        }),
      },
    ];
  });
}
