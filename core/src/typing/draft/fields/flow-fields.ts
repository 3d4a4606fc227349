import type { Flow } from "../../../engine/problem/schema";
import { growth } from "./growth-field";
import type { AnyLineField, FieldWords } from "./line-field";
import { amounts, datedAmounts } from "./list-fields";
import { choice, count, frequency, money, time } from "./typed-fields";

/**
 * The fields of each kind of line, in the order of its sentence. From them come the draft's schema, how a line is read
 * and written back, what may be unknown, what variants may have otherwise, and the fields of the page. What figures
 * they are in the problem and on the timeline is said in `fields/figure.ts`.
 */
export const FLOW_FIELDS = {
  single: [
    direction(),
    money("amount", words("amount", "amount", "Amount of money")),
    time(
      "at",
      words("time", "time", () => "When"),
    ),
  ],
  stream: [
    direction(),
    money("amount", words("amount", "amount", "Amount of each payment of money")),
    frequency(
      "every",
      words("frequency", "month", () => "Payment frequency"),
    ),
    count(
      "count",
      words("number of payments", "how many", () => "Number of payments or time"),
    ),
    choice(
      "timing",
      ["end", "start"],
      words("timing", "", () => "Timing of the payments"),
    ),
    time(
      "begins",
      words("start", "time", () => "Start of the first period"),
    ),
    growth({
      growth: words("growth", "3%", () => "Growth, as a percentage or an amount"),
      "growth-every": words("growth frequency", "year", () => "Growth frequency"),
    }),
  ],
  list: [
    frequency(
      "every",
      words("frequency", "year", () => "Frequency of the amounts"),
    ),
    time(
      "begins",
      words("start", "time", () => "Date of the first amount"),
    ),
    amounts(
      words(
        "amounts",
        "out 1,000; 300 x 3; 450",
        () =>
          "Amounts in order; out for money out, x 3 for three times, a label in quotation marks",
      ),
    ),
  ],
  dated: [
    datedAmounts(
      words(
        "dates and amounts",
        "2027-03-01 out 1,000; 2027-09-15 300",
        () => "Dates and amounts in order; out for money out",
      ),
    ),
  ],
} as const satisfies Readonly<Record<Flow["kind"], readonly AnyLineField[]>>;

function direction() {
  return choice(
    "direction",
    ["in", "out"],
    words("money in or out", "", () => "Direction"),
  );
}

/** @param label a text is followed by the direction of the line's money */
function words(name: string, hint: string, label: string | FieldWords["label"]): FieldWords {
  return {
    name,
    hint,
    label:
      typeof label === "string" ? ({ direction: way }) => `${label} ${way ?? ""}`.trim() : label,
  };
}
