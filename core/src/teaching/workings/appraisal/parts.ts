import { withDigits } from "../../../engine/numbers/with-digits";
import { chain, part } from "../compose/equation";
import type { Sheet } from "../compose/sheet";
import { number, of, ONE, product, type Quantity } from "../mathematics/expression";
import type { Step } from "../step";
import type { Worth } from "./terms";
import { PROJECT_STEP_WORDS } from "../../../wording/teaching/project-step-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

export function yearlyRate(sheet: Sheet, percent: number, letter = "i"): Quantity {
  return sheet.given(sheet.letter(letter), "rate", decimal(percent), null);
}

/** A percentage as a decimal, with the digits that were typed. */
export function decimal(percent: number): number {
  return withDigits(percent / 100, 15);
}

/** Steps and the quantity they find. */
export interface Found {
  readonly steps: Step[];
  readonly found: Quantity;
}

/** A sum of values: with its sum sign, in numbers or as a table, and its value. */
export function worthSteps(sheet: Sheet, worth: Worth, letter: string, say: string): Found {
  const found = sheet.work(sheet.letter(letter), "money", worth.expression);
  const name = part(of(found), "symbols");
  const steps: Step[] = [
    { kind: "equation", level: "short", say, lines: [chain(name, part(worth.symbols, "symbols"))] },
  ];
  if (worth.isLong) {
    steps.push({
      kind: "numbers",
      level: "short",
      say: PROJECT_STEP_WORDS.table,
      lines: [],
      table: worth.table,
    });
  } else {
    steps.push({
      kind: "numbers",
      level: "short",
      say: STEP_WORDS.solve.substitute,
      lines: [chain(name, part(worth.expression, "numbers"))],
    });
  }
  steps.push({
    kind: "value",
    level: "short",
    say: worth.isLong ? PROJECT_STEP_WORDS.tableAnswer : STEP_WORDS.equation.add,
    lines: [{ ...chain(name, part(of(found), "values")), defines: found }],
    value: found.value,
    finds: found,
  });
  return { steps, found };
}

/** The last step of a rate: the decimal as a percentage. */
export function inPercentStep(
  sheet: Sheet,
  rate: Quantity,
  say: string,
  before: Step["lines"],
): Step {
  const percent = sheet.work(null, "count", product(of(rate), number(100)));
  return {
    kind: "value",
    level: "short",
    say,
    lines: [
      ...before,
      {
        ...chain(part(percent.expression ?? ONE, "values"), part(of(percent), "values")),
        note: STEP_WORDS.solve.percentage,
        defines: percent,
      },
    ],
    value: percent.value,
    finds: percent,
  };
}
