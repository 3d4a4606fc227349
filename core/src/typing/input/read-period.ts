import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { readFrequency } from "./frequency";
import { readTime } from "./read-time";
import { remembered } from "./remembered";

/**
 * Reads the time between two payments: `month`, `quarterly`, `2 weeks`, `18 months`.
 *
 * @returns ISO 8601. Fails with `period-missing` or `period-not-understood`
 */
export const readPeriod = remembered(periodIn);

function periodIn(typed: string): Result<string> {
  const text = typed.trim();
  if (text === "") return fail(issue("period-missing", [], {}));
  const named = readFrequency(text);
  if (named !== null) return succeed(named);
  // A bare number says nothing about its unit.
  const time = /[a-z]/i.test(text) ? readTime(text) : null;
  return time?.ok === true && time.value.years > 0
    ? succeed(time.value.duration)
    : fail(issue("period-not-understood", [], { at: text }));
}
