import { MOST_SIDE_SUMS, type Draft, type SideSum } from "../draft";
import { collection } from "../entries/collection";

/** Side sums: lines of arithmetic with the answer and what goes with it. */
export const SUMS = collection<Draft, SideSum>({
  stem: "sum",
  most: MOST_SIDE_SUMS,
  in: ({ sums }) => sums,
});

/** Adds a side sum, with nothing typed in it yet. Changes the draft in place. */
export function addSum(draft: Draft): SideSum | null {
  return SUMS.add(draft, { text: "" });
}

export function writeSum(draft: Draft, id: string, text: string): void {
  SUMS.edit(draft, id, (sum) => (sum.text = text));
}
