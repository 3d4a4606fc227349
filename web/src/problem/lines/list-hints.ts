import { writeFigure, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import { type FieldReading } from "@kestrelmoor/core/typing";

/** What a list of amounts comes to: how many there are, what goes out and what comes in. */
export function listHint(
  reading: FieldReading<readonly unknown[]>,
  settled: readonly number[] | null,
  format: AnswerFormat,
): string {
  if (reading.state !== "value") return "";
  const { value } = reading;
  const count = `${writeFigure(value.length, format)} amount${value.length === 1 ? "" : "s"}`;
  const amounts = settled ?? value.filter((amount) => typeof amount === "number");
  const total = (sign: 1 | -1) =>
    amounts.reduce((sum, amount) => sum + Math.max(0, sign * amount), 0);
  const [paidIn, paidOut] = [total(1), total(-1)];
  const unknown = value.indexOf(null);
  const found = unknown < 0 || settled === null ? null : (settled[unknown] ?? null);
  return [
    count,
    paidOut === 0 ? null : `${writeMoney(paidOut, format)} out`,
    paidIn === 0 ? null : `${writeMoney(paidIn, format)} in`,
    found === null
      ? null
      : `amount ${unknown + 1} is ${writeMoney(Math.abs(found), format)} ${found < 0 ? "out" : "in"}`,
  ]
    .filter((part) => part !== null)
    .join(" · ");
}
