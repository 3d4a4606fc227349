import type { AmountFact } from "../../facts/amounts";
import type { Facts } from "../../facts/facts";
import { isMoney, isYear, until } from "../../facts/scope";
import type { Mark } from "../../marks/mark";
import { timesSpan } from "../../marks/span";

/** A year of the calendar, or of a life. */
interface Year {
  readonly year: number;
  readonly mark: Mark;
}

export interface ByYears {
  readonly amounts: readonly AmountFact[];
  /** The time that is asked about; `null` where no year is left that could be it. */
  readonly asked: { readonly mark: Mark; readonly at: string } | null;
}

/**
 * "£2,000 in 2015 and £3,000 in 2018", "€500 when she was 25, €700 at 30": amounts that are told by years, counted from
 * the first of them; `null` where one has none.
 */
export function byYears(facts: Facts, amounts: readonly AmountFact[]): ByYears | null {
  const [first] = amounts;
  if (amounts.length < 2 || first === undefined || amounts.some(({ at }) => at !== null))
    return null;
  const years = facts.ages.length > 0 ? ageYears(facts) : calendarYears(facts);
  const own = ownYears(facts, amounts, years);
  if (own === null) return null;
  const left = years.filter((year) => !own.includes(year));
  // What one amount was and what it is now is no row.
  if (left.length > 1 || (left.length === 0 && amounts.length === 2)) return null;
  const base = Math.min(...years.map(({ year }) => year));
  const at = ({ year }: Year) => timesSpan(year - base, "P1Y");
  const [asked] = left;
  return {
    amounts: amounts.map((amount, index) => {
      const year = own[index];
      return year === undefined
        ? amount
        : { ...amount, at: at(year), marks: [amount.mark, year.mark] };
    }),
    asked: asked === undefined ? null : { mark: asked.mark, at: at(asked) },
  };
}

/** The year of each amount, on the same side of all of them. */
function ownYears(
  { scope }: Facts,
  amounts: readonly AmountFact[],
  years: readonly Year[],
): readonly Year[] | null {
  for (const beside of [scope.after.bind(scope), scope.before.bind(scope)]) {
    const own = amounts.flatMap(({ mark }) => {
      const near = until(beside(mark, 12), isMoney);
      return years.find((year) => near.includes(year.mark)) ?? [];
    });
    if (own.length === amounts.length && new Set(own).size === own.length) return own;
  }
  return null;
}

function ageYears({ ages }: Facts): readonly Year[] {
  return ages.map(({ age, mark }) => ({ year: age, mark }));
}

function calendarYears({ scope }: Facts): readonly Year[] {
  return scope.marks.flatMap((mark) =>
    mark.quantity?.is === "number" && isYear(mark, 1800)
      ? [{ year: mark.quantity.value, mark }]
      : [],
  );
}
