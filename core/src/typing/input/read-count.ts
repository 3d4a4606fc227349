import { withDigits } from "../../engine/numbers/with-digits";
import { issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import { fail, succeed, type Result } from "../../engine/result";
import { frequencyOf } from "../../engine/time/duration";
import { evaluateArithmetic } from "./arithmetic";
import { FREQUENCY_PATTERN, readFrequency } from "./frequency";
import { readTime } from "./read-time";

export type Count = number | "forever";

const FOREVER =
  /^(?:for )?(?:ever|forever|good|all time)$|^(?:without end|in perpetuity|perpetuity)$/;
const PAYMENTS =
  /^(.+?)\s*(?:payments?|times|periods?|instal+ments?|repayments?|deposits?|withdrawals?|receipts?|premiums?|rents?)$/;
/** "40 monthly payments", "40 equal payments". */
const WITH_FREQUENCY = new RegExp(
  String.raw`^(.+?)\s+(?:(?:equal|level)\s*)?(${FREQUENCY_PATTERN})?$`,
);
const BARE = /^[\d.,'’\s*/+()]+$/;

/**
 * Reads how long payments go on: `3 years 4 months`, `40 payments`, `40 monthly payments`,
 * `for ever`. A time is turned into the
 * number of payments that fall into it. A bare number is one of payments only where they are yearly:
 * "20" monthly ones may be meant as 20 payments or as 20 years.
 *
 * @param every time between two payments, ISO 8601
 * @returns a number of payments above zero, or for ever. Fails with `count-missing`, `count-unclear`,
 *   `count-other-frequency`, `count-too-large` or `count-not-understood`
 */
export function readCount(typed: string, every: string): Result<Count> {
  const text = typed.trim().toLowerCase();
  if (text === "") return fail(issue("count-missing", [], {}));
  if (FOREVER.test(text)) return succeed("forever");
  const payments = PAYMENTS.exec(text)?.[1];
  if (payments !== undefined) {
    const [, figure = payments, frequency] = WITH_FREQUENCY.exec(payments) ?? [];
    const said = frequency === undefined ? every : readFrequency(frequency);
    return said === null || said === every
      ? counted(figure, typed)
      : fail(issue("count-other-frequency", [], { said, every }));
  }
  if (BARE.test(text)) {
    if (every === "P1Y") return counted(text, typed);
    return fail(issue("count-unclear", [], { figure: typed.trim(), every }));
  }
  const time = readTime(text.replace(/^for\s+/, ""));
  if (!time.ok) return fail(notUnderstood(typed));
  // Years and periods are sums of fractions: 3 years 4 months are 40 months, not 39.99.
  return within(withDigits(time.value.years * frequencyOf(every), 13), typed);
}

function counted(text: string, typed: string): Result<Count> {
  const worked = evaluateArithmetic(text);
  return worked.ok ? within(worked.value, typed) : fail(notUnderstood(typed));
}

function within(count: number, typed: string): Result<Count> {
  if (!(count > 0)) return fail(notUnderstood(typed));
  return count <= LIMITS.payments
    ? succeed(count)
    : fail(issue("count-too-large", [], { limit: LIMITS.payments }));
}

function notUnderstood(typed: string) {
  return issue("count-not-understood", [], { at: typed.trim() });
}
