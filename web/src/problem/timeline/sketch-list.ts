import { frequencyOf } from "@kestrelmoor/core";
import {
  labelsIn,
  type DatedLine,
  type FlowReading,
  type ListLine,
} from "@kestrelmoor/core/typing";
import { yearsTyped, type Post, type SketchFacts } from "./sketch-types";
import { sideOf } from "./sketch-single";

type Reading<Kind extends FlowReading["kind"]> = Extract<FlowReading, { kind: Kind }>;

/** More posts than this have no words of their own. */
const MOST_LABELLED = 40;
/** More than this are not drawn one by one. */
const MOST_DRAWN = 400;
const DAY_MS = 86_400_000;

interface Listed {
  /** What this amount is for; empty where only the line has a name. */
  readonly label: string;
  readonly typed: unknown;
  readonly years: number | null;
  readonly settled: { readonly amount: number; readonly at: number } | null;
}

export function postsOfList(line: ListLine, reading: Reading<"list">, facts: SketchFacts): Post[] {
  const { amounts, every } = reading;
  if (amounts.state !== "value") return [];
  const begins = yearsTyped(reading.begins);
  const step = every.state === "value" ? 1 / frequencyOf(every.value) : 1;
  const settled = facts.paid?.kind === "list" ? facts.paid : null;
  const labels = labelsIn(line.amounts);
  const listed = amounts.value.map((typed, index) => ({
    label: labels[index] ?? "",
    typed,
    years: begins === null ? null : begins + index * step,
    settled:
      settled === null
        ? null
        : {
            amount: settled.amounts[index] ?? 0,
            at: settled.begins + index / settled.frequency,
          },
  }));
  return posts(line, "amounts", listed, facts);
}

export function postsOfDated(
  line: DatedLine,
  reading: Reading<"dated">,
  facts: SketchFacts,
): Post[] {
  const { entries } = reading;
  if (entries.state !== "value") return [];
  const first = Date.parse(facts.firstDate);
  const settled = facts.paid?.kind === "dated" ? facts.paid : null;
  const listed = entries.value.map(({ on, amount, label = "" }, index) => {
    const years = (Date.parse(on) - first) / DAY_MS / 365;
    return {
      label,
      typed: amount,
      years: Number.isFinite(years) ? years : null,
      settled: settled?.entries[index] ?? null,
    };
  });
  return posts(line, "entries", listed, facts);
}

function posts(
  line: { readonly id: string; readonly label: string },
  field: string,
  listed: readonly Listed[],
  facts: SketchFacts,
): Post[] {
  return listed.slice(0, MOST_DRAWN).flatMap(({ label, typed, years, settled }, index): Post[] => {
    const known = typeof typed === "number" ? typed : (settled?.amount ?? null);
    // Nothing is paid, nothing is drawn: a list has such places.
    if (known === 0 && typed !== null) return [];
    return [
      {
        id: `${line.id}:${index}`,
        line: line.id,
        field,
        direction: sideOf(known ?? 1),
        amount: known === null ? null : Math.abs(known),
        years: years ?? settled?.at ?? null,
        label: label === "" ? line.label : label,
        unknown: typed === null ? "amount" : null,
        today: settled === null ? null : facts.today(settled.amount, settled.at),
        // The first amount of a list is where it begins; dates are typed.
        moves: field === "amounts" && index === 0 ? "begins" : "none",
        ...(listed.length > MOST_LABELLED && typed !== null ? { isQuiet: true } : {}),
      },
    ];
  });
}
