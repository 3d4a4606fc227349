import { MOST_SIDE_SUMS, type Draft, type SideSum } from "../draft";
import { freeId } from "../free-id";

/** Adds a side sum, with nothing typed in it yet. Changes the draft in place. */
export function addSum(draft: Draft): SideSum | null {
  if (draft.sums.length >= MOST_SIDE_SUMS) return null;
  const id = freeId(
    "sum",
    draft.sums.map((sum) => sum.id),
  );
  const sum = { id, text: "" };
  draft.sums.push(sum);
  return sum;
}

export function removeSum(draft: Draft, id: string): void {
  draft.sums = draft.sums.filter((sum) => sum.id !== id);
}

export function writeSum(draft: Draft, id: string, text: string): void {
  const sum = draft.sums.find((candidate) => candidate.id === id);
  if (sum !== undefined) sum.text = text;
}
