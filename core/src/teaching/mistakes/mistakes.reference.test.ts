import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/mistakes.json";
import { isClose, PART_BETWEEN } from "../../engine/numbers/compare";
import { readProblem } from "../../engine/problem/problem-file";
import { readClaim } from "../../typing/input/read-claim";
import { markAnswer, type Marking } from "./mark";
import { tellExplanation, tellTogether } from "./tell";

/*
 * Wrong numbers and the slip behind each, worked apart. A slip that gives the same number as another by definition may
 * be named in its place; one that happens to give it here is listed beside it.
 */

interface Case {
  readonly id: string;
  readonly problem: unknown;
  readonly follow: number | null;
  readonly claimed: string;
  readonly code: string;
  readonly codes: readonly string[];
}

function marked({ problem, follow, claimed }: Case): Marking {
  const read = readProblem(problem);
  const claim = readClaim(claimed.replace("-", "−"));
  if (!read.ok || !claim.ok) throw new Error(JSON.stringify(read.ok ? claim : read.issues));
  const marking = markAnswer(read.value, claim.value, follow === null ? {} : { follow });
  if (!marking.ok) throw new Error(JSON.stringify(marking.issues));
  return marking.value;
}

const codes = [...new Set(cases.map(({ code }) => code))];

describe.each(codes)("%s", (wanted) => {
  const own = (cases as readonly Case[]).filter(({ code }) => code === wanted);
  test.each(own.map((one) => [one.id, one] as const))("%s is named and told", (id, one) => {
    const marking = marked(one);
    const isRounding = one.codes.includes("last-digit-off");
    if (marking.verdict !== "explained" && marking.verdict !== "rounding") {
      throw new Error(`${id}: ${marking.verdict}`);
    }
    if (marking.verdict === "rounding") expect(isRounding).toBe(true);
    const [first] = marking.explanations;
    const beside = marking.explanations.filter(
      // To the last digit, what rounding on the way gives is no other number.
      ({ value, codes: [code] }) =>
        isClose(value, first.value, PART_BETWEEN.anyWay) || code === "last-digit-off",
    );
    expect(beside.flatMap(({ codes: named }) => (named.length === 1 ? named : []))).toEqual(
      expect.arrayContaining([expect.stringMatching(new RegExp(`^(${one.codes.join("|")})$`))]),
    );
    for (const explanation of beside) {
      const told = tellExplanation(explanation, marking.answer.unit);
      expect(told.sentence).toMatch(/^It looks as if .*\. That gives exactly your answer, .*\.$/);
      for (const sentence of [...told.corrected, ...told.nextTime]) {
        expect(sentence).toMatch(/^[A-Z“0-9].*\.$/);
        expect(sentence).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });
});

test("what gives the very same number is offered in one sentence", () => {
  const deferred = cases.find(({ id }) => id === "public-091");
  const marking = deferred === undefined ? null : marked(deferred);
  if (marking === null || !("explanations" in marking)) throw new Error("It is explained");
  const { sentence, others } = tellTogether(marking.explanations, marking.answer.unit);
  expect(sentence).toMatch(/^It looks as if you found the value .*, or you .*, or you left out/);
  expect(others).toEqual([]);
});
