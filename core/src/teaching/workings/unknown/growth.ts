import { lineOfUnknown } from "../../../engine/problem/unknown";
import {
  minus,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  type Quantity,
} from "../mathematics/expression";
import { letterIn, plainHand } from "../mathematics/hands";
import type { Composition } from "../compose/composition";
import { balanceInWords, chain, equationStep, part } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { termsAt } from "../compose/terms";
import type { Step } from "../step";
import { foundStep, rearranged, step } from "../steps";
import { checkStep, numericSteps, type Searched } from "./numeric";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { isSameTime } from "../../../engine/numbers/compare";

/** An unknown growth rate of payments: isolated for a growing perpetuity, else solved numerically. */
export function growthSteps(composition: Composition): Step[] {
  const { sheet } = composition;
  const searched = ofPerpetuity(composition) ?? numericSteps(composition, soughtGrowth);
  const found = sheet.work(growthQuantity(composition).letter, "rate", searched.found);
  const shown = sheet.work(null, "count", product(of(found), number(100)));
  return [
    ...searched.steps,
    foundStep(
      STEP_WORDS.growth.found,
      shown,
      chain(part(of(found), "symbols"), part(of(found), "values")),
      {
        ...chain(part(shown.expression ?? of(shown), "values"), part(of(shown), "values")),
        note: STEP_WORDS.solve.percentage,
        defines: shown,
      },
    ),
    checkStep(composition),
  ];
}

/** The growth of a perpetuity against one amount when it begins: g = i − D/P. */
function ofPerpetuity(composition: Composition): Searched | null {
  const { solved, sheet, flows } = composition;
  const own = flows[lineOfUnknown(solved.unknown)];
  const [other] = flows.filter((flow) => flow !== own);
  if (own?.kind !== "stream" || other?.kind !== "single" || flows.length !== 2) return null;
  const stream = own.settled;
  const isSimple =
    solved.settled.spells.length === 1 &&
    stream.count === Number.POSITIVE_INFINITY &&
    stream.growth?.steps === stream.growth?.payments &&
    isSameTime(other.settled.at, stream.begins);
  const [payment, price] = [own.size, other.size];
  if (!isSimple || payment === null || price === null || payment.isOpen || price.isOpen) {
    return null;
  }
  const { list, steps } = termsAt(composition, fixedAt(stream.begins));
  const isDue = stream.timing === "start";
  const i = of(composition.rates.perPeriod(0, stream.frequency));
  const g = of(growthQuantity(composition));
  const first = isDue ? product(of(payment), plus(ONE, i)) : of(payment);
  const share = quotient(first, of(price));
  const shareQ = sheet.work(null, "factor", share);
  return {
    found: minus(i, of(shareQ)),
    steps: [
      balanceInWords(composition, stream.begins),
      ...steps,
      equationStep(composition, list, stream.begins),
      rearranged(
        "every-step",
        STEP_WORDS.growth.denominator,
        chain(part(minus(i, g), "symbols"), part(share, "symbols")),
      ),
      rearranged(
        "short",
        STEP_WORDS.growth.isolate,
        chain(part(g, "symbols"), part(minus(i, share), "symbols")),
      ),
      step(
        "numbers",
        "short",
        STEP_WORDS.solve.substitute,
        chain(part(g, "symbols"), part(minus(i, share), "numbers")),
      ),
    ],
  };
}

function growthQuantity({ flows }: Composition): Quantity {
  const growth = flows.find((one) => one.growth?.isUnknown === true)?.growth ?? null;
  if (growth === null) throw new TypeError("An unknown growth has a letter");
  return growth;
}

function soughtGrowth(composition: Composition) {
  const quantity = growthQuantity(composition);
  const letter = quantity.letter === null ? "g" : letterIn(quantity.letter, plainHand);
  return {
    quantity,
    head: STEP_WORDS.search.rateHead(letter),
    shown: (percent: number) => percent,
    toX: (percent: number) => percent,
    unit: 0.01 as const,
    why: STEP_WORDS.growth.numerically,
  };
}
