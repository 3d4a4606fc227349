import type { SolvedPart } from "../../engine/question/solve-question";
import type { AskKind } from "../asked/ask-kind";
import { wordsOf } from "../facts/scope";
import type { PartRead } from "../parts/part";
import { agrees, HALF_A_CENT, isSensible } from "./agreement";
import type { FiguresOfText } from "./left-over";

/** The same with the answers of the parts. */
export interface AnswersOfText extends FiguresOfText {
  readonly solved: readonly SolvedPart[];
}

/** Whether each part is of the kind that is asked for, with an answer that can be meant. */
export function isAnswered({ facts, parts, solved }: AnswersOfText): boolean {
  return (
    parts.every(isAgreed) &&
    !isAskedTwice(parts) &&
    !isStopUnread(parts) &&
    !parts.some(isBeforePayment) &&
    !parts.slice(1).some(isSpentThen) &&
    !parts.some((part) => isNothing(part, parts, solved)) &&
    solved.every(({ solved: one }) => !one.ok || isSensible(one.value, facts.scope.words))
  );
}

/** Two parts that have the same lines: one of them asks for something else. */
function isAskedTwice(parts: readonly PartRead[]): boolean {
  const own = parts.flatMap(({ follow, linked, shape: { problem } }) =>
    follow === null && linked === undefined && problem !== null
      ? [JSON.stringify({ ...problem, also: [] })]
      : [],
  );
  return new Set(own).size < own.length;
}

const STOPS =
  / (?:saves?|deposits?|adds?|pays? in|puts? in) nothing | stops? (?:saving|paying|depositing) | no (?:more|further) (?:deposits|payments) (?:are|is) /;

/** "From then on she saves nothing": the payments of a part that says so are not those of a longer time. */
function isStopUnread(parts: readonly PartRead[]): boolean {
  const countIn = ({ shape: { problem } }: PartRead) =>
    problem?.flows.flatMap((flow) => (flow.kind === "stream" ? [flow.count] : []))[0];
  const [first] = parts;
  return parts.some(
    (part) =>
      first !== undefined &&
      part !== first &&
      part.follow === null &&
      part.linked === undefined &&
      STOPS.test(part.facts.scope.words) &&
      countIn(part) !== countIn(first),
  );
}

/** "…, just before a payment is made": a balance is what is there after it. */
function isBeforePayment({ follow, facts: { ask } }: PartRead): boolean {
  const asked = wordsOf(ask?.marks ?? []);
  return (
    follow !== null &&
    / (?:just|right|immediately|directly|shortly) before (?:a|the|that|another|its|her|his) /.test(
      asked,
    )
  );
}

/** "It spends €20,000 then, and saves on as before": a part that goes on from less than was found. */
function isSpentThen({ follow, linked, facts }: PartRead): boolean {
  const isAlone = follow === null && linked === undefined;
  return (
    isAlone &&
    / (?:spends?|spent|takes? out|took out|withdraws?|withdrew) (?:\S+ ){1,3}?(?:then|of it) /.test(
      facts.scope.words,
    )
  );
}

/** "How much is owed after 7 years?": nobody asks for what is not there any more. */
function isNothing(
  { follow }: PartRead,
  parts: readonly PartRead[],
  solved: readonly SolvedPart[],
) {
  if (follow === null) return false;
  const label = parts[follow.of]?.label ?? "a";
  const source = solved.find((one) => one.label === label)?.solved;
  const value = source?.ok === true ? source.value.also[follow.index] : undefined;
  return typeof value === "number" && Math.abs(value) < HALF_A_CENT;
}

const SUMS: ReadonlySet<AskKind> = new Set<AskKind>(["total", "interest", "principal"]);

const ONE_OF_SEVERAL = /^(?:each|every|payment|instal?lment|deposit|withdrawal|repayment|rent)$/;

function isAgreed({ facts: { ask, streams }, shape: { problem }, follow }: PartRead): boolean {
  if (follow !== null || problem === null) return true;
  // A total, interest or principal is never the unknown of a problem.
  if (ask !== null && SUMS.has(ask.kind)) return false;
  const asked = ask?.marks ?? [];
  const rhythms = asked.filter(
    ({ phrase }) => phrase?.kind === "every" || phrase?.kind === "timing",
  );
  return agrees(ask?.kind ?? "amount", problem, {
    isOfEach: rhythms.length > 0 || asked.some(({ word }) => ONE_OF_SEVERAL.test(word)),
    isRhythmAsked: rhythms.some((mark) => streams.some(({ marks }) => marks.includes(mark))),
    isLaterAsked: asked.some(({ phrase }) => phrase?.kind === "when" && phrase.as === "at"),
  });
}
