import { isCompound } from "@kestrelmoor/core";
import type { Draft, DraftReading } from "@kestrelmoor/core/typing";

/** Whether the focal date is shown: it was said, or interest is not compound and more than two amounts meet at it. */
export function dependsOnFocal(draft: Draft, { rates }: DraftReading): boolean {
  if (draft.focal !== null) return true;
  // A value that is asked for has its own date.
  if (draft.ask !== null) return false;
  const isSimple = rates.some((rate) => rate.kind === "rate" && !isCompound(rate.quotation));
  const isTwoAmounts =
    draft.flows.length <= 2 && draft.flows.every(({ kind }) => kind === "single");
  return (isSimple || draft.conventions.fraction === "simple") && !isTwoAmounts;
}
