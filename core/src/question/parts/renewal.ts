import type { FlowOf } from "../../engine/problem/schema";
import { momentOf } from "../facts/moment";
import { factsIn } from "../facts/facts";
import { isMoney, isPercent, Scope, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import type { Choices } from "../shape/shape";
import { nextPart } from "./next-part";
import type { PartRead } from "./part";
import { partOf } from "./read-parts";
import { CHANGES_RATE } from "./renewed";

/**
 * "A mortgage of $200,000 over 20 years costs 6%. After three years the rate rises to 7.5%. What is the new payment?":
 * the first payment and what is owed then are to be found before, and are parts of their own.
 *
 * @returns `null` where a question is not of these
 */
export function renewalParts(marks: readonly Mark[], choices: Choices): PartRead[] | null {
  const sentences = new Scope(marks).sentences();
  const change = sentences.findIndex(
    (sentence) => CHANGES_RATE.test(wordsOf(sentence)) && sentence.some(isPercent),
  );
  const told = sentences.slice(0, change).flat();
  if (change < 1 || !told.some(isPercent) || !told.some(isMoney)) return null;
  const own = sentences.slice(change).flat();
  const when = own.find(
    ({ phrase }) =>
      phrase?.as === "elapsed" ||
      (phrase?.kind === "when" && /^(?:at|end-of)$/.test(phrase.as ?? "")),
  );
  const at = when?.phrase?.as === "elapsed" ? (when.phrase.iso ?? null) : whenOf(when);
  const facts = factsIn(new Scope(own));
  if (when === undefined || at === null || facts.ask?.kind !== "payment") return null;
  const before = partOf("a", factsIn(new Scope([...told, ...facts.ask.marks])), 0, choices);
  const { problem } = before.shape;
  const stream = problem?.flows.find(
    (flow): flow is FlowOf<"stream"> => flow.kind === "stream" && flow.amount === null,
  );
  if (problem === null || stream === undefined) return null;
  const first: PartRead = {
    ...before,
    shape: {
      ...before.shape,
      problem: { ...problem, also: [{ find: "balance", at }] },
      uses: [...before.shape.uses, { mark: when, role: "time" }],
    },
  };
  const second = nextPart("b", facts, facts, [first], choices);
  return second === null ? null : [first, second];
}

function whenOf(mark: Mark | undefined): string | null {
  return mark === undefined ? null : momentOf(mark);
}
