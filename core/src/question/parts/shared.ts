import { percentsIn } from "../facts/rates";
import { isPercent, Scope, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { isTerm } from "./override";
import type { Split } from "./split";

/** The parts with what only the last of them says, though it is told of all. */
export function withShared({ preamble, parts, labels }: Split): Split {
  const tail = tailOf(preamble, parts);
  const timing = parts.at(-1)?.marks.find(({ phrase }) => phrase?.kind === "timing");
  const filled = parts.map((part, index) =>
    index === parts.length - 1
      ? part
      : { ...part, marks: [...withTiming(part.marks, timing), ...tail] },
  );
  return { preamble, parts: filled, labels };
}

/** "… for money to (a) double (b) treble at 6% compounded quarterly?" */
function tailOf(preamble: readonly Mark[], parts: Split["parts"]): readonly Mark[] {
  const last = parts.at(-1)?.marks ?? [];
  const others = parts.slice(0, -1);
  const hasRate = [preamble, ...others.map(({ marks }) => marks)].some((marks) =>
    marks.some(isPercent),
  );
  const sentence = preamble.at(-1)?.sentence;
  const isOneSentence = others.every(({ marks }) => marks.at(-1)?.sentence === sentence);
  const percent = last.findIndex(isPercent);
  if (hasRate || !isOneSentence || percent < 1) return [];
  return last.slice(last[percent - 1]?.word === "at" ? percent - 1 : percent);
}

/** "… payable (a) at the end, (b) at the beginning of each month": the month is told once. */
function withTiming(marks: readonly Mark[], timing: Mark | undefined): readonly Mark[] {
  const iso = timing?.phrase?.iso;
  const only = marks.filter(({ word }) => !/^(?:[,;]|and|or)$/.test(word));
  const end = END.exec(only.map(({ plain }) => plain).join(" "))?.[1];
  if (end === undefined || iso === undefined) return marks;
  const as = end === "end" ? "end" : "start";
  return marks.map((mark) =>
    mark === only[0] ? { ...mark, phrase: { kind: "timing", as, iso, numbers: [] } } : mark,
  );
}

const END = /^at the (end|beginning|start)$/;

const AGAIN =
  /^ (?:how much|(?:find|calculate|determine|compute|give|state) (?:it|this|that|the same)|(?:what|how much|how large|how long) (?:is|are|would|will|does|do) (?:it|this|that|they|these)(?: be| become| take| last)?|what if (?:it|they|the loan|the term|this) (?:runs|lasts|is|goes on|were|was)) (?=if |when |for |over |with |at )/;

/** How many marks ask for what the first part asks: "(b) Find it if the payments are made at the start instead." */
export function askedAgain(marks: readonly Mark[]): number {
  const asked = AGAIN.exec(wordsOf(marks))?.[0];
  return asked === undefined ? 0 : asked.trim().split(" ").length;
}

/** "(a) What must he invest today at 7%? (b) What at the end of each quarter instead?": the rate of the first is that of both. */
export function rateOfFirst(
  preamble: readonly Mark[],
  first: readonly Mark[],
  own: readonly Mark[],
): readonly Mark[] {
  if (preamble.some(isPercent) || own.some(isPercent)) return [];
  const rates = percentsIn(new Scope(first)).filter(({ use }) => use === "rate");
  const [only] = rates;
  if (rates.length !== 1 || only === undefined || only.percent === null) return [];
  return first.filter((mark) => only.marks.includes(mark));
}

/** "(ii) What would it be if she saved £90?": how long, where only the first part tells it. */
export function timeOfFirst(
  preamble: readonly Mark[],
  first: readonly Mark[],
  own: readonly Mark[],
): readonly Mark[] {
  const isVariant = own.some(
    ({ word, phrase }) => /^(?:if|suppose|also)$/.test(word) && phrase === undefined,
  );
  const told = first.filter(isTerm);
  const isElsewhere = preamble.some(isTerm) || own.some(isTerm);
  return isVariant && !isElsewhere && told.length === 1 ? told : [];
}
