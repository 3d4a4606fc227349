import type { WholePayments } from "../../../../engine/solve/solution";
import { writeFigure } from "../../../../wording/answer-format";
import { fullPayments } from "../../../../wording/count-words";
import { STEP_WORDS } from "../../../../wording/teaching/step-words";
import {
  factorOf,
  logarithm,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  type Expression,
} from "../../mathematics/expression";
import { growingFuture, growthFactor, levelFuture } from "../../mathematics/factors";
import type { Composition } from "../../compose/composition";
import { positiveFirst } from "../../compose/equation";
import { lineOf } from "../../compose/sheet";
import type { Step } from "../../step";
import { signed, type CountParts } from "./count-parts";
import { step, valueStep } from "../../steps";

const WORDS = STEP_WORDS.count;

/** The count in whole payments: the balance after the full ones, with its interest. */
export function wholeSteps(composition: Composition, parts: CountParts): Step[] {
  const { solved, sheet } = composition;
  const whole = solved.facts.wholePayments;
  if (whole === undefined) return [];
  switch (whole.kind) {
    case "exact":
      return [
        step(
          "value",
          "short",
          WORDS.exactly(WORDS.payments(writeFigure(whole.full, sheet.format), whole.full === 1)),
        ),
      ];
    case "interest-alone":
      return interestAloneSteps(composition, parts, whole);
    case "cents":
    case "smaller":
      return [finalPaymentStep(composition, parts, whole)];
  }
}

function finalPaymentStep({ sheet }: Composition, parts: CountParts, whole: WholePayments): Step {
  const { owed, goal, rate, isDue } = parts;
  const i = of(rate);
  // At the date of the final payment, one period after the last full one.
  const periods = isDue ? whole.full : whole.full + 1;
  const paid =
    whole.full === 0 ? null : product(paidIn(parts, whole.full), factorOf(growthFactor, i, ONE));
  const grown = (count: number) =>
    count === 0 ? undefined : factorOf(growthFactor, i, number(count));
  const expression = positiveFirst([
    ...signed(owed, 1, grown(periods)),
    ...(paid === null ? [] : [{ sign: -1 as const, of: paid }]),
    ...signed(goal, -1, grown(isDue ? -1 : 0)),
  ]);
  const last = sheet.work(sheet.letter("L"), "money", expression);
  const words = whole.kind === "cents" ? WORDS.wholeButForCents : WORDS.fullAndLast;
  const say = words(
    fullPayments(whole.full, sheet.format),
    writeFigure(whole.full + 1, sheet.format),
  );
  return valueStep(say, last.value, lineOf(last));
}

/** The full payments at the date of the last of them. */
function paidIn({ stream, rate, growth }: CountParts, full: number): Expression {
  const count = number(full);
  const factor =
    growth === null
      ? factorOf(levelFuture, of(rate), count)
      : factorOf(growingFuture, of(rate), of(growth), count);
  return product(stream.size, factor);
}

/** What the full payments have grown to, and how long interest alone takes from there to the goal. */
function interestAloneSteps(
  { sheet }: Composition,
  parts: CountParts,
  { full }: WholePayments,
): Step[] {
  const { owed, goal, rate, isDue } = parts;
  const i = of(rate);
  const paid = paidIn(parts, full);
  const fund = sheet.work(
    sheet.letter("F"),
    "money",
    positiveFirst([
      { sign: 1, of: isDue ? product(paid, factorOf(growthFactor, i, ONE)) : paid },
      ...signed(owed, -1, factorOf(growthFactor, i, number(full))),
    ]),
  );
  const time = sheet.work(
    sheet.letter("t"),
    "time",
    quotient(
      logarithm(quotient(positiveFirst(signed(goal, -1)), of(fund))),
      logarithm(plus(ONE, i)),
    ),
  );
  return [
    valueStep(WORDS.fund(fullPayments(full, sheet.format)), fund.value, lineOf(fund)),
    valueStep(WORDS.interestAlone(writeFigure(full + 1, sheet.format)), time.value, lineOf(time)),
  ];
}
