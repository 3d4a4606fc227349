import { issue } from "../../engine/issues/issue";
import { fail, type Result } from "../../engine/result";
import { readMoney } from "./read-money";

/** A whole number of periods, from one on: printed tables have rows for no others. */
export function readPeriods(text: string): Result<number> {
  const read = readMoney(text);
  if (!read.ok) {
    const isMissing = read.issues[0]?.code === "money-missing";
    return isMissing ? fail(issue("count-missing", [], {})) : read;
  }
  return Number.isInteger(read.value) && read.value >= 1
    ? read
    : fail(issue("periods-not-whole", [], { at: text.trim() }));
}
