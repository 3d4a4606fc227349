import { DAY_COUNTS, type DayCount } from "../../../engine/time/day-count";
import { dayCountWords } from "../../../wording/day-count-words";
import type { Scope } from "../../facts/scope";
import type { Mark } from "../../marks/mark";
import { usesOf, type Use } from "../shape";

/** "Today is 15 January 2027.", "Days are counted as the actual days over 360." */
export interface CalendarSaid {
  readonly today?: string;
  readonly dayCount?: DayCount;
}

export function calendarSaid(scope: Scope): { said: CalendarSaid; uses: readonly Use[] } {
  const sentences = scope.sentences();
  const dated = sentences.find((sentence) => begins(sentence, "today is"));
  const date = dated?.find(({ quantity }) => quantity?.is === "date");
  const counted = sentences.find((sentence) => begins(sentence, "days are counted"));
  const dayCount = counted === undefined ? undefined : dayCountIn(counted);
  const figures = (dayCount === undefined ? undefined : counted)?.filter(
    ({ figures: some }) => some.length > 0,
  );
  return {
    said: {
      ...(date?.quantity?.is === "date" ? { today: date.quantity.iso } : {}),
      ...(dayCount === undefined ? {} : { dayCount }),
    },
    uses: [...usesOf(date === undefined ? [] : [date], "time"), ...usesOf(figures ?? [], "time")],
  };
}

function begins(sentence: readonly Mark[], words: string): boolean {
  return textOf(sentence).startsWith(`${words} `);
}

function dayCountIn(sentence: readonly Mark[]): DayCount | undefined {
  return DAY_COUNTS.find((dayCount) => textOf(sentence).includes(` ${dayCountWords(dayCount)} `));
}

function textOf(sentence: readonly Mark[]): string {
  return `${sentence.map(({ text }) => text.toLowerCase()).join(" ")} `;
}
