import { of, number, product, type Quantity } from "../mathematics/expression";
import { letterIn, plainHand } from "../mathematics/hands";
import type { Composition } from "../compose/composition";
import { chain, part } from "../compose/equation";
import type { Step } from "../step";
import { checkStep, numericSteps } from "./numeric";
import { STEP_WORDS } from "../../wording/teaching/step-words";

/** An unknown growth rate of payments: solved numerically, then as a percentage. */
export function growthSteps(composition: Composition): Step[] {
  const { sheet } = composition;
  const searched = numericSteps(composition, soughtGrowth);
  const found = sheet.work(growthQuantity(composition).letter, "rate", searched.found);
  const shown = sheet.work(null, "count", product(of(found), number(100)));
  return [
    ...searched.steps,
    {
      kind: "value",
      level: "short",
      say: STEP_WORDS.growth.found,
      lines: [
        chain(part(of(found), "symbols"), part(of(found), "values")),
        {
          ...chain(part(shown.expression ?? of(shown), "values"), part(of(shown), "values")),
          note: STEP_WORDS.solve.percentage,
          defines: shown,
        },
      ],
      value: shown.value,
      finds: shown,
    },
    checkStep(composition),
  ];
}

function growthQuantity({ growths }: Composition): Quantity {
  const growth = growths.find((one) => one?.isUnknown === true);
  if (growth === null || growth === undefined)
    throw new TypeError("An unknown growth has a letter");
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
