import {
  writeFigure,
  writeMoney,
  writeRate,
  type Answer,
  type AnswerFormat,
} from "@kestrelmoor/core";

/** An answer as sweeps have it: below zero where an amount balances only the other way round. */
export function sweptValue({ value, turned }: Answer): number {
  return turned === true ? -value : value;
}

/**
 * A swept answer in the answer's own format. Below zero stands for the other direction than the problem's
 * own; where money out has a minus, so has what is below zero of money in.
 */
export function writeSwept(
  value: number,
  { unit, direction, turned }: Answer,
  format: AnswerFormat,
): string {
  switch (unit) {
    case "money": {
      const isOut = (direction === "out") !== (turned === true);
      return writeMoney(format.moneyOut === "minus" && isOut ? -value : value, format);
    }
    case "percent":
      return writeRate(value, format);
    case "payments":
      return writeFigure(value, format, 2);
    case "years":
      return `${writeFigure(value, format, 2)} years`;
  }
}
