import type { Mark } from "../marks/mark";
import type { Scope } from "./scope";

const STEP =
  /^(?:more|up|by|higher|larger|greater|increase|increases|increased|increasing|rise|rises|rising|raise|raises|raised|reduced|decreased|cut|less|lower|smaller|fall|falls|falling|decrease|decreases|decreasing|extra|bigger)$/;
const DOWN =
  /^(?:less|lower|smaller|fall|falls|falling|reduced|decreased|cut|decrease|decreases|decreasing|down)$/;

/** "More than the month before", "more every month". */
function isCompared([next, second]: readonly Mark[]): boolean {
  return (
    next?.word === "than" ||
    next?.phrase?.kind === "every" ||
    /^(?:each|every)$/.test(next?.word ?? "") ||
    second?.phrase?.kind === "every"
  );
}

/** "$5 more than the month before", "goes up by £250 each year"; `null` for an amount that is no step. */
export function stepOf(scope: Scope, mark: Mark): number | null {
  if (mark.quantity?.is !== "money") return null;
  const [before, second] = scope.before(mark, 2);
  const behind = scope.after(mark, 2);
  const isBy = before?.word === "by" && STEP.test(second?.word ?? "");
  const isBySecond =
    before?.word === "by" &&
    scope.before(mark, 5).some(({ word }) => STEP.test(word) && word !== "by");
  const isMore = behind.some(
    (other) =>
      /^(?:less|higher|larger|lower|smaller|greater|bigger)$/.test(other.word) ||
      // "£6,000 more at the end" is another amount.
      (other.word === "more" && isCompared(scope.after(other, 2))),
  );
  if (!isBy && !isBySecond && !isMore) return null;
  const isDown = [second, ...behind, ...scope.before(mark, 4)].some((other) =>
    DOWN.test(other?.word ?? ""),
  );
  return (isDown ? -1 : 1) * mark.quantity.value;
}
