import type { FollowUp, Problem } from "../../engine/problem/schema";
import { askIn } from "../asked/ask";
import { followUpIn } from "../asked/follow-up";
import { factsIn, type Facts } from "../facts/facts";
import { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { shapeOf } from "../shape/shape-of";
import { usesOf, type Choices, type Shape } from "../shape/shape";
import { laterPart } from "./later";
import { nextPart } from "./next-part";
import type { PartRead } from "./part";
import { withPart } from "./override";
import { askedAgain, rateOfFirst, timeOfFirst, withShared } from "./shared";
import type { Split } from "./split";

/** Reads each part with what stands before all of them. */
export function readParts(split: Split, choices: Choices): PartRead[] {
  const { preamble, parts } = withShared(split);
  const read: PartRead[] = [];
  const [first] = parts;
  // Where all is told in the first part, the others change something of it.
  const isEmpty = !tells(preamble) && tells(split.parts[0]?.marks ?? []);
  for (const [index, { label, marks }] of parts.entries()) {
    const isLater =
      isEmpty ||
      (index > 0 &&
        (lacksRhythm(preamble, first?.marks ?? [], marks) ||
          isVariant(preamble, first?.marks ?? [], marks)));
    const told = first?.marks ?? [];
    const again = index === 0 || asksAnew(told, marks) ? 0 : askedAgain(marks);
    const kept =
      index === 0
        ? []
        : [...timeOfFirst(preamble, told, marks), ...rateOfFirst(preamble, told, marks)];
    const before = [...preamble, ...(index > 0 && (isLater || again > 0) ? told : kept)];
    const alone = isEmpty && index > 0 ? wholePart(label, marks, read.length, choices) : null;
    read.push(alone ?? readPart(label, before, marks.slice(again), read, choices));
  }
  return read;
}

/** "(a) What is the payment? (c) How long does it take with £350?": a time is asked for where the first part asks for none. */
function asksAnew(first: readonly Mark[], marks: readonly Mark[]): boolean {
  const asksTime = (part: readonly Mark[]) =>
    ["time", "count"].includes(askIn(new Scope(part), new Set())?.kind ?? "");
  return asksTime(marks) && !asksTime(first);
}

/** Whether there is more than plain words and numbers. */
function tells(marks: readonly Mark[]): boolean {
  return marks.some(
    ({ quantity, phrase }) =>
      phrase !== undefined || (quantity !== undefined && quantity.is !== "number"),
  );
}

/** "(ii) What would the payment be over four years?" goes on from the payments of the first part. */
function lacksRhythm(
  preamble: readonly Mark[],
  first: readonly Mark[],
  marks: readonly Mark[],
): boolean {
  const isRhythm = ({ phrase }: Mark) => phrase?.kind === "every" || phrase?.kind === "timing";
  if (marks.some(isRhythm) || preamble.some(isRhythm) || !first.some(isRhythm)) return false;
  const own = factsIn(new Scope([...preamble, ...marks]));
  const isOfPayment = ["payment", "count"].includes(own.ask?.kind ?? "");
  const told = factsIn(new Scope([...preamble, ...first]));
  return isOfPayment && own.streams.length === 0 && told.streams.length > 0;
}

/** What a part begins with that changes the first. */
const VARIES = /^(?:if|suppose|instead)$/;

/** "(b) What would it be if they were paid at the end?" changes something of the first part, where that tells the rate. */
function isVariant(
  preamble: readonly Mark[],
  first: readonly Mark[],
  marks: readonly Mark[],
): boolean {
  const isIf = marks.some(({ word, phrase }) => VARIES.test(word) && phrase === undefined);
  const hasFigures = (part: readonly Mark[]) =>
    part.some(({ quantity }) => quantity?.is === "percent" || quantity?.is === "money");
  return isIf && hasFigures(first) && !hasFigures(preamble) && !hasFigures(marks);
}

/** A part that tells everything itself: two exercises that share nothing but their number. */
function wholePart(
  label: string,
  marks: readonly Mark[],
  index: number,
  choices: Choices,
): PartRead | null {
  const facts = factsIn(new Scope(marks));
  const tells = facts.percents.length > 0 && (facts.amounts.length > 0 || facts.streams.length > 0);
  if (!tells || facts.ask === null || facts.ask.kind === "amount") return null;
  const part = partOf(label, facts, index, choices);
  return part.shape.problem === null ? null : part;
}

function readPart(
  label: string,
  before: readonly Mark[],
  marks: readonly Mark[],
  read: PartRead[],
  choices: Choices,
): PartRead {
  const own = asSettled(factsIn(new Scope(marks)));
  const told = withPart(before, own, marks);
  const facts = askedAsBefore(factsIn(new Scope(told.marks)), own, read[0]);
  const base = read.findIndex(
    ({ shape, follow }, at) => shape.problem !== null && (follow === null || follow.of === at),
  );
  const problem = read[base]?.shape.problem;
  if (base !== -1 && problem !== null && problem !== undefined) {
    // "… (a) at the end of each year (b) at the beginning": the same is asked again.
    const isAgain = own.ask === null && own.streams.length > 0;
    const isFollow = tellsNothing(own) && !isAgain;
    const later = tellsNothing(own) ? laterPart(label, own, read) : null;
    if (later !== null) return later;
    const followed = isFollow ? followUpOf(own, facts, problem) : null;
    if (followed !== null) return followedPart(label, own, followed, base, read);
    const next = nextPart(label, own, facts, read, choices);
    if (next !== null) return next;
  }
  const part = partOf(label, facts, read.length, choices);
  const uses = [...part.shape.uses, ...usesOf(told.again, "time")];
  return { ...part, shape: { ...part.shape, uses } };
}

/** What a part asks of the problem; the time of a balance may be told before all parts: "two years after borrowing …". */
function followUpOf(own: Facts, facts: Facts, problem: Problem) {
  const found = followUpIn(own.ask === null ? facts : own, problem);
  const isBalance = own.ask?.kind === "balance";
  return found ?? (isBalance ? followUpIn({ ...facts, ask: own.ask }, problem) : null);
}

const IF_WORTH = / (?:would|will) (?:\S+ ){1,3}?be worth if /;

/** "(b) What would it be worth if they were paid at the end?" asks of the time that the first part asks of. */
function askedAsBefore(facts: Facts, own: Facts, first: PartRead | undefined): Facts {
  const isPresent = first?.facts.ask?.kind === "present" && IF_WORTH.test(own.scope.words);
  return facts.ask !== null && isPresent
    ? { ...facts, ask: { ...facts.ask, kind: "present" } }
    : facts;
}

const SETTLES =
  / (?:repay|repays|pay off|pays off|settle|settles|clear|clears) (?:everything|it all|the rest|the (?:whole )?(?:loan|debt|mortgage)) | (?:pays?|paying|repays?|settles?|clears?) (?:off )?(?:the (?:rest|remainder|balance|whole loan|loan|debt)|everything|it all)(?: \S+){0,3}? (?:at once|in one|then|early|now) /;

/** "After two years she wants to pay off the rest at once. How much is it?" asks for what is owed. */
function asSettled(own: Facts): Facts {
  const { ask, scope } = own;
  const isTimeAsked = ask?.kind === "time" || ask?.kind === "count";
  const isSettled = ask !== null && !isTimeAsked && SETTLES.test(scope.words);
  return isSettled && tellsNothing(own) ? { ...own, ask: { ...ask, kind: "balance" } } : own;
}

/** A part, or a question without parts, that stands by itself. */
export function partOf(
  label: string | null,
  facts: Facts,
  index: number,
  choices: Choices,
): PartRead {
  const shape = shapeOf(facts, choices);
  return {
    label,
    shape,
    facts,
    follow: shape.follow === undefined ? null : { of: index, index: shape.follow },
  };
}

/** Whether a part has no amount and no rate of its own. */
function tellsNothing({ percents, amounts, streams }: Facts): boolean {
  return (
    percents.length === 0 && amounts.length === 0 && streams.every(({ amount }) => amount === null)
  );
}

function followedPart(
  label: string,
  facts: Facts,
  { follow, uses }: { follow: FollowUp; uses: Shape["uses"] },
  base: number,
  read: PartRead[],
): PartRead {
  const source = read[base];
  const problem = source?.shape.problem;
  if (source === undefined || problem === null || problem === undefined)
    throw new Error("A follow-up has a problem.");
  const also = [...(problem.also ?? []), follow];
  const asked: Problem = { ...problem, also };
  read[base] = { ...source, shape: { ...source.shape, problem: asked } };
  const shape: Shape = { problem: asked, uses, assumptions: [], missing: [] };
  return { label, shape, facts, follow: { of: base, index: also.length - 1 } };
}
