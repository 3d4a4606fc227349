import { amountFact, eachItsTime, type AmountFact } from "../../facts/amounts";
import type { Facts } from "../../facts/facts";
import { isMoney, type Scope } from "../../facts/scope";
import { timesSpan } from "../../marks/span";
import { stepOf } from "../../facts/steps";

/** Every amount of the scope, whatever has taken it up, with the time that stands nearest. */
export function timedAmounts({ scope }: Facts): AmountFact[] {
  const marks = scope.marks.filter((mark) => isMoney(mark) && stepOf(scope, mark) === null);
  const told = eachItsTime(marks.map((mark) => amountFact(scope, mark, new Set())));
  return respectively(
    told.map(withTimeBefore).map((fact, at, all) => withEnds(scope, fact, all.slice(0, at))),
  );
}

/** "£300, £400 and £500 at the ends of the next three years": so many amounts, each at the end of its own. */
function withEnds(scope: Scope, fact: AmountFact, before: readonly AmountFact[]): AmountFact {
  const [next] = scope.after(fact.mark, 1);
  const count = next?.phrase?.as === "end-of-next" ? (next.phrase.numbers[0] ?? 1) : 1;
  const row = before.slice(before.length - count + 1);
  const isRow =
    count > 1 &&
    row.length === count - 1 &&
    row.every(({ at, mark }) => at === null && mark.sentence === fact.mark.sentence);
  if (!isRow || next === undefined) return fact;
  const times = Array.from({ length: count }, (_, at) =>
    timesSpan(at + 1, next.phrase?.iso ?? "P1Y"),
  );
  return { ...fact, at: times.at(-1) ?? null, times, marks: [fact.mark, next] };
}

/** "Borrowed 18 months ago": so long before today. */
function withTimeBefore(fact: AmountFact): AmountFact {
  const ago = fact.marks.find(({ phrase }) => phrase?.as === "ago");
  return ago?.phrase?.iso === undefined ? fact : { ...fact, at: `-${ago.phrase.iso}` };
}

/** "5,500, 7,000 and 6,200 at the ends of years 1, 2 and 3", and "6,800 in each of the third, fourth and fifth". */
function respectively(amounts: readonly AmountFact[]): AmountFact[] {
  const result: AmountFact[] = [];
  for (const amount of amounts) {
    const { times } = amount;
    const run = result.slice(result.length - times.length + 1);
    const isRun =
      times.length > 1 &&
      run.length === times.length - 1 &&
      run.every(({ at, mark }) => at === null && mark.sentence === amount.mark.sentence);
    if (isRun) {
      const told = [...run, amount].map((one, index) => ({
        ...one,
        at: times[index] ?? one.at,
        times,
        marks: [one.mark, ...amount.marks.slice(1)],
      }));
      result.splice(result.length - run.length, run.length, ...told);
    } else if (times.length > 1) result.push(...times.map((at) => ({ ...amount, at })));
    else result.push(amount);
  }
  return result;
}
