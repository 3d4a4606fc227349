import { workOut, type NamedFigure, type WorkedSum } from "../../input/arithmetic";
import { issue } from "../../../engine/issues/issue";
import { fail, type Result } from "../../../engine/result";
import type { SideSum } from "../draft";

/** By this name a sum takes what the one before it came to. */
const ABOVE = "above";

/**
 * Works out the side sums of a problem, one after the other.
 *
 * @param named what may stand in them by its name
 * @returns one result for each; fails with `sum-missing`, `sum-not-understood`, or as arithmetic does
 */
export function workOutSums(
  sums: readonly SideSum[],
  named: readonly NamedFigure[],
): Result<WorkedSum>[] {
  let above: NamedFigure[] = [];
  return sums.map(({ text }) => {
    const worked = sumOf(text, [...above, ...named]);
    if (worked.ok) above = [{ words: ABOVE, ...worked.value }];
    return worked;
  });
}

function sumOf(text: string, named: readonly NamedFigure[]): Result<WorkedSum> {
  if (text.trim() === "") return fail(issue("sum-missing", [], {}));
  const worked = workOut(text, named);
  if (worked.ok) return worked;
  // In a sum any name may stand, so what an amount would be told does not help.
  return fail(
    ...worked.issues.map((found) =>
      found.code === "money-not-understood"
        ? issue("sum-not-understood", [], { at: found.at })
        : found,
    ),
  );
}
