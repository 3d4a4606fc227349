import type { Facts } from "../facts/facts";
import { wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { addSpans } from "../marks/span";

export const LEAVES =
  / (?:left|leaves?|leaving|lets? (?:it|the \S+|everything|all of it) (?:lie|grow|rest)|stays?|remains?|untouched|no (?:further|more)|nothing (?:more|further|is (?:paid|deposited|added|put))|makes no|stops (?:paying|saving)|without (?:further|more|any more)) /;

export interface LeftAlone {
  /** When what has been saved is asked for. */
  readonly until: string;
  readonly mark: Mark;
}

/** "… and the account is then left to grow for 5 more years": how long what was saved goes on without payments. */
export function leftAlone({ scope, streams }: Facts, saved: string): LeftAlone | null {
  const taken = new Set(streams.flatMap(({ marks }) => marks));
  const mark = scope.marks.find(
    (one) =>
      one.phrase?.kind === "lasting" &&
      (one.phrase.as === "next" || one.phrase.as === "whole") &&
      !taken.has(one) &&
      LEAVES.test(wordsOf(scope.sentence(one))),
  );
  const iso = mark?.phrase?.iso;
  return mark === undefined || iso === undefined ? null : { until: addSpans(saved, iso), mark };
}
