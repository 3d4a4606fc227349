import { agesIn } from "../facts/ages";
import type { Facts } from "../facts/facts";
import { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";

/** Somebody begins at another age than was told. */
export interface LaterStart {
  /** The age that was told of today. */
  readonly age: Mark;
  /** What says the same again: "five years later". */
  readonly again: readonly Mark[];
}

const BEGINS = / (?:starts?|started|begins?|began|waits?) /;

/** "What if she starts five years later, at 35?": `null` where a part does not say so. */
export function laterStart(before: readonly Mark[], { scope }: Facts): LaterStart | null {
  const own = scope.marks.some(
    (mark) =>
      mark.quantity?.is === "number" &&
      /^(?:at|until|is|aged)$/.test(scope.before(mark, 1)[0]?.word ?? ""),
  );
  const [youngest] = agesIn(new Scope(before));
  if (!own || !BEGINS.test(scope.words) || youngest === undefined) return null;
  const again = scope.marks.filter(
    ({ phrase, plain }) => phrase?.kind === "when" && plain.endsWith(" later"),
  );
  return { age: youngest.mark, again };
}
