import type {
  AnswerFormat,
  Calendar,
  DayCount,
  SettledTimeline,
  SolvedProblem,
} from "@kestrelmoor/core";
import type {
  FlowLine,
  FlowReading,
  LineReading,
  RateReading,
  SingleLine,
} from "@kestrelmoor/core/typing";
import { yearsTyped } from "../timeline/sketch-types";
import { dateOfReading } from "../timeline/date-of-reading";
import { dateHint, daysHint, saidAmountHint, timeHint, waitingHint } from "./line-hints";
import { listHint } from "./list-hints";
import { streamHint } from "./stream-hints";

type PaidFlow = SettledTimeline["flows"][number];
type StreamFacts = SolvedProblem["facts"]["streams"][number];

/** What is known of a line once the problem is solved; `null` before that. */
export type FlowFacts = PaidFlow | StreamFacts | null;

/** What the hint of a line tells of the answer: of payments their figures, of amounts what is paid. */
export function factsFor(
  solved: SolvedProblem | null,
  { kind, id }: FlowLine,
  index: number,
): FlowFacts {
  if (solved === null) return null;
  return kind === "stream"
    ? (solved.facts.streams.find((own) => own.id === id) ?? null)
    : (solved.paid.flows[index] ?? null);
}

/** What a hint may use beside the line itself. */
interface Beside {
  readonly facts: FlowFacts;
  readonly rates: readonly RateReading[];
  readonly calendar: Calendar | null;
  readonly dayCount: DayCount;
  readonly format: AnswerFormat;
}

/** What the entries of a flow imply, below its sentence. */
export function flowHint(line: FlowLine, reading: FlowReading, beside: Beside): string {
  const { facts, format } = beside;
  const paid = facts !== null && "kind" in facts ? facts : null;
  if (line.kind === "single" && reading.kind === "single") {
    return singleHint(line, reading, paid, beside);
  }
  if (line.kind === "stream" && reading.kind === "stream") {
    return streamHint(line, reading, facts !== null && "payments" in facts ? facts : null, format);
  }
  if (reading.kind === "list") {
    return listHint(reading.amounts, paid?.kind === "list" ? paid.amounts : null, format);
  }
  if (reading.kind !== "dated") return "";
  const { entries } = reading;
  const amounts =
    entries.state === "value"
      ? { ...entries, value: entries.value.map(({ amount }) => amount) }
      : entries;
  const found = paid?.kind === "dated" ? paid.entries.map(({ amount }) => amount) : null;
  return listHint(amounts, found, format);
}

function singleHint(
  line: SingleLine,
  { amount, at }: LineReading<"single">,
  flow: PaidFlow | null,
  { rates, calendar, dayCount, format }: Beside,
): string {
  const date = dateOfReading(at);
  const paid = flow?.kind === "single" ? flow : null;
  const years = paid?.at ?? yearsTyped(at);
  const hints = [
    saidAmountHint(line.amount, amount, paid?.amount ?? null, format),
    date !== null && calendar !== null
      ? dateHint(date, calendar, format)
      : years === null
        ? waitingHint(at)
        : (daysHint(line.at, years, dayCount, format) ?? timeHint(years, rates, format)),
  ];
  return hints.filter((hint) => hint !== null).join(" · ");
}
