import type { FlowOf } from "../../engine/problem/schema";
import { isDate } from "../../engine/time/moment";
import { known, type Plot } from "./plot";
import { spanWords } from "./words";

/** One amount that becomes another. */
export function growing(
  plot: Plot,
  start: FlowOf<"single">,
  end: FlowOf<"single">,
): readonly string[] {
  const { person, lender } = plot.names;
  const { money, rate, askRate } = plot;
  const time = typeof end.at === "string" && !isDate(end.at) ? spanWords(end.at) : null;
  if (end.at !== null && (time === null || time.includes("-"))) return [];
  const [first, last] = [start.amount, end.amount];
  if (rate !== null && known(first) && last === null && time !== null)
    return [
      `${person} puts ${money(first)} into an account with ${lender} that pays ${rate}. What is the account worth after ${time}?`,
      `What does ${money(first)} grow to in ${time} at ${rate}?`,
    ];
  if (rate !== null && first === null && known(last) && time !== null)
    return [
      `${person} wants to have ${money(last)} in ${time}. ${lender} pays ${rate}. How much must be invested today?`,
      `How much must be invested today at ${rate} to have ${money(last)} after ${time}?`,
    ];
  if (rate === null && known(first) && known(last) && time !== null)
    return [
      `${person} puts ${money(first)} into an account with ${lender}, and after ${time} it has grown to ${money(last)}. ${askRate}`,
      `${money(first)} grows to ${money(last)} in ${time}. ${askRate}`,
    ];
  if (rate !== null && known(first) && known(last) && end.at === null)
    return [
      `${person} puts ${money(first)} into an account with ${lender} that pays ${rate}. How long does it take to grow to ${money(last)}?`,
    ];
  return [];
}
