import { chain, part } from "../compose/equation";
import type { Sheet } from "../compose/sheet";
import { number, of, ONE, product, type Quantity } from "../mathematics/expression";
import type { Step } from "../step";
import type { Worth } from "./terms";

export function yearlyRate(sheet: Sheet, percent: number, letter = "i"): Quantity {
  return sheet.given(sheet.letter(letter), "rate", decimal(percent), null);
}

/** A rate in percent as a decimal, with the digits that it was typed with. */
export function decimal(percent: number): number {
  return Number((percent / 100).toPrecision(15));
}

/** Steps, and what they find. */
export interface Found {
  readonly steps: Step[];
  readonly found: Quantity;
}

/** A sum of worths by its sign, in numbers or as a table, and what it comes to. */
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
      say: "Each amount times its factor, all added up.",
      lines: [],
      table: worth.table,
    });
  } else {
    steps.push({
      kind: "numbers",
      level: "short",
      say: "Put the numbers in.",
      lines: [chain(name, part(worth.expression, "numbers"))],
    });
  }
  steps.push({
    kind: "value",
    level: "short",
    say: worth.isLong ? "The last line of the table is what is sought." : "Add them up.",
    lines: [{ ...chain(name, part(of(found), "values")), defines: found }],
    value: found.value,
    finds: found,
  });
  return { steps, found };
}

/** The last step of a rate that was found as a decimal. */
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
        note: "in percent",
        defines: percent,
      },
    ],
    value: percent.value,
    finds: percent,
  };
}
