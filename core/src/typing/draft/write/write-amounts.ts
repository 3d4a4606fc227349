import { writeLabel } from "../../input/entry-label";
import type { Names } from "../../input/names";
import type { ListedAmount } from "../../input/read-amounts";
import { writeAmount } from "./write-amount";

/** Amounts as somebody would have typed them, repeated ones once, each with what it is for. */
export function writeAmounts(
  amounts: readonly ListedAmount[],
  names: Names,
  labels: readonly string[] = [],
): string {
  const parts: { text: string; label: string; times: number }[] = [];
  for (const [index, amount] of amounts.entries()) {
    const text = writeEntry(amount, names);
    const label = writeLabel(labels[index]);
    const last = parts.at(-1);
    if (last?.text === text && last.label === label && text !== "?") last.times += 1;
    else parts.push({ text, label, times: 1 });
  }
  return parts
    .map(({ text, label, times }) => `${times === 1 ? text : `${text} x ${times}`}${label}`)
    .join("; ");
}

export function writeEntry(amount: ListedAmount, names: Names): string {
  return typeof amount === "number" && amount < 0
    ? `out ${writeAmount(-amount, names)}`
    : writeAmount(amount, names);
}
