import { solve } from "@kestrelmoor/core";
import { questionWorkbook, workbook, type Workbook } from "@kestrelmoor/core/teaching";
import { linkedParts } from "@kestrelmoor/core/typing";
import type { Outcome } from "../../document/outcome";
import { partHeading } from "../../parts/part-words";

/** The workings of all parts as a workbook; `null` while none has an answer. */
export function bookOf(
  parts: readonly Outcome[],
  head: Parameters<typeof workbook>[1],
  options: Parameters<typeof workbook>[2],
): Workbook | null {
  const [only] = parts;
  if (parts.length === 1) {
    return only === undefined || only.solved === null ? null : workbook(only.solved, head, options);
  }
  const solved = linkedParts(parts).flatMap(({ label, problem, references }) => {
    const part = parts.find(({ draft }) => draft.part.label === label);
    const own = solve(problem);
    if (part === undefined || !own.ok) return [];
    const links = references.flatMap(({ field, answer }) =>
      field === null ? [] : [{ field, answer }],
    );
    return [{ label, heading: partHeading(part), solved: own.value, links }];
  });
  return solved.length === 0 ? null : questionWorkbook(solved, head, options);
}
