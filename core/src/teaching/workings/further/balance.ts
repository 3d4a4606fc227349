import { writeFigure } from "../../../wording/answer-format";
import { spanWords } from "../../../wording/format-time";
import { capitalized } from "../../../wording/capitalized";
import { dateWords, flowName } from "../compose/flow-names";
import { chain, part as written, worthOf } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { sumOfWorths } from "../compose/sum-of-worths";
import type { Term } from "../compose/term";
import { termsAt } from "../compose/terms";
import { isOne, number, of, type Quantity } from "../mathematics/expression";
import type { Step } from "../step";
import { foundStep, step } from "../steps";
import { after, upTo, type Part } from "./parts";
import type { Story } from "./story";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = STEP_WORDS.followUp;

export interface Balance {
  readonly steps: readonly Step[];
  readonly found: Quantity;
}

/**
 * The balance at a date. If the problem balances, the retrospective and prospective methods agree; the one with
 * fewer terms is used.
 */
export function balanceAt(story: Story, years: number): Balance {
  const known = story.balancesBefore.get(years);
  if (known !== undefined) return foundBefore(story, years, known);
  const balance = workedOut(story, years);
  story.balancesBefore.set(years, balance.found.value);
  return balance;
}

/** A follow-up question may need a balance that an earlier one found. */
function foundBefore({ composition }: Story, years: number, value: number): Balance {
  const { sheet } = composition;
  const found = sheet.work(sheet.letter("B"), "money", number(value));
  const line = chain(written(of(found), "symbols"), written(of(found), "values"));
  const say = WORDS.balanceAbove(dateWords(years, sheet));
  return { found, steps: [foundStep(say, found, { ...line, defines: found })] };
}

function workedOut(story: Story, years: number): Balance {
  const { sheet } = story.composition;
  const cut = sheet.record(() => ({
    back: upTo(story, years),
    ahead: story.isBalanced ? after(story, years) : null,
  }));
  const { back, ahead } = cut.value;
  const isAhead = ahead !== null && isShorterAhead(story, ahead, back);
  const part = isAhead ? ahead : back;
  const { list, stepsWithout } = termsAt(part.composition, fixedAt(years), part.has);
  const side = isAhead ? -story.side : story.side;
  const terms = list
    .map((term): Term => ({ ...term, sign: (term.sign * side) as 1 | -1 }))
    .toSorted((one, other) => other.sign - one.sign);
  const [only] = terms;
  if (only === undefined || (terms.length === 1 && isOne(only.factor))) {
    const balance = atOnce(story, years, only);
    return { ...balance, steps: [...cut.conversions, ...balance.steps] };
  }
  const together = sumOfWorths(part.composition, terms, sheet.letter("B"), {
    equation: WORDS.balanceFormula(dateWords(years, sheet)),
    value: STEP_WORDS.solve.calculate,
  });
  return {
    found: together.found,
    steps: [
      step("balance-in-words", "short", inWords(story, years, isAhead, part)),
      ...cut.conversions,
      ...stepsWithout(terms.length === 1 ? only.worth : null),
      ...together.steps,
    ],
  };
}

/** What is paid off is valued by the payments still to come, where they are no more terms; savings by those so far. */
function isShorterAhead({ composition, side, method }: Story, ahead: Part, back: Part): boolean {
  // Where nothing is on one side, there is only the other.
  if (method !== "shorter" && back.size > 0 && ahead.size > 0) return method === "prospective";
  if (ahead.size !== back.size || back.size < 2) return ahead.size < back.size;
  return composition.flows
    .filter((flow) => flow.kind === "stream" && ahead.has(flow))
    .every(({ settled }) => settled.kind === "stream" && Math.sign(settled.amount) !== side);
}

/** A balance without workings: nothing has been paid yet, everything is repaid, or there is only one amount. */
function atOnce(story: Story, years: number, term: Term | undefined): Balance {
  const { sheet, flows } = story.composition;
  const { format } = sheet;
  const worth = term === undefined ? number(0) : worthOf(term);
  const found = sheet.work(sheet.letter("B"), "money", worth);
  const flow = flows[term?.flow ?? -1];
  const when = years === 0 ? "today" : `after ${spanWords(years, format)}`;
  const none = upTo(story, years).size === 0 ? WORDS.nothingPaid : WORDS.zero;
  const letter = written(of(found), "symbols");
  const value = written(of(found), "values");
  const say =
    flow === undefined ? none(capitalized(when)) : WORDS.oneAmount(when, flowName(flow, format));
  const line =
    flow === undefined ? chain(letter, value) : chain(letter, written(worth, "symbols"), value);
  return { found, steps: [foundStep(say, found, { ...line, defines: found })] };
}

function inWords({ side, composition }: Story, years: number, isAhead: boolean, cut: Part): string {
  const { flows, sheet } = composition;
  const [only, ...others] = cut.composition.flows.filter(cut.has);
  if (isAhead && others.length === 0 && only?.kind === "stream" && only.count !== null) {
    const left = writeFigure(only.settled.count, sheet.format, 6);
    return WORDS.paymentsToCome(dateWords(years, sheet), left);
  }
  const [plus, minus] = side > 0 === isAhead ? ["out", "in"] : ["in", "out"];
  const method = isAhead ? WORDS.prospective : WORDS.retrospective;
  const signs = flows.length === 1 ? [] : [WORDS.signs(plus, minus)];
  return [method(dateWords(years, sheet)), ...signs].join(" ");
}
