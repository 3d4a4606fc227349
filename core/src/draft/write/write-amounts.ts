import type { Names } from "../../input/names";
import type { ListedAmount } from "../../input/read-amounts";
import { writeAmount } from "./write-amount";

/** Amounts as somebody would have typed them, repeated ones once. */
export function writeAmounts(amounts: readonly ListedAmount[], names: Names): string {
  const parts: { text: string; times: number }[] = [];
  for (const amount of amounts) {
    const text = writeEntry(amount, names);
    const last = parts.at(-1);
    if (last?.text === text && text !== "?") last.times += 1;
    else parts.push({ text, times: 1 });
  }
  return parts.map(({ text, times }) => (times === 1 ? text : `${text} x ${times}`)).join("; ");
}

export function writeEntry(amount: ListedAmount, names: Names): string {
  return typeof amount === "number" && amount < 0
    ? `out ${writeAmount(-amount, names)}`
    : writeAmount(amount, names);
}
