import {
  labelsIn,
  type DatedLine,
  type FlowReading,
  type ListLine,
} from "@kestrelmoor/core/typing";
import { known, sideOf, type Post, type SketchFacts } from "./sketch-types";

type Reading<Kind extends FlowReading["kind"]> = Extract<FlowReading, { kind: Kind }>;

/** More posts than this have no words of their own. */
const MOST_LABELLED = 40;
/** More than this are not drawn one by one. */
const MOST_DRAWN = 400;

interface Listed {
  readonly amount: number;
  readonly at: number;
  readonly isUnknown: boolean;
  /** What this amount is for; empty where only the line has a name. */
  readonly label: string;
}

export function postsOfList(
  line: ListLine,
  reading: Reading<"list">,
  { flow, today }: SketchFacts<"list">,
): Post[] {
  const labels = labelsIn(line.amounts);
  const typed = reading.amounts.state === "value" ? reading.amounts.value : [];
  const listed = flow.amounts.map((amount, index) => ({
    amount,
    at: flow.begins + index / flow.frequency,
    isUnknown: typed[index] === null,
    label: labels[index] ?? "",
  }));
  return posts(line, "amounts", listed, today);
}

export function postsOfDated(
  line: DatedLine,
  reading: Reading<"dated">,
  { flow, today }: SketchFacts<"dated">,
): Post[] {
  const typed = reading.entries.state === "value" ? reading.entries.value : [];
  const listed = flow.entries.map(({ amount, at }, index) => ({
    amount,
    at,
    isUnknown: typed[index]?.amount === null,
    label: typed[index]?.label ?? "",
  }));
  return posts(line, "entries", listed, today);
}

function posts(
  line: { readonly id: string; readonly label: string },
  field: "amounts" | "entries",
  listed: readonly Listed[],
  today: SketchFacts["today"],
): Post[] {
  return listed.slice(0, MOST_DRAWN).flatMap((one, index): Post[] => {
    const [amount, years] = [known(one.amount), known(one.at)];
    // Nothing is paid, nothing is drawn: a list has such places.
    if (amount === 0 && !one.isUnknown) return [];
    return [
      {
        id: `${line.id}:${index}`,
        line: line.id,
        field,
        direction: sideOf(amount ?? 1),
        amount: amount === null ? null : Math.abs(amount),
        years,
        label: one.label === "" ? line.label : one.label,
        unknown: one.isUnknown ? "amount" : null,
        today: amount === null || years === null ? null : today(amount, years),
        // The first amount of a list is where it begins; dates are typed.
        moves: field === "amounts" && index === 0 ? "begins" : "none",
        ...(listed.length > MOST_LABELLED && !one.isUnknown ? { isQuiet: true } : {}),
      },
    ];
  });
}
