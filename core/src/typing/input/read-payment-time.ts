import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { after, formatDuration } from "../../engine/time/duration";
import type { Names, NumberedPayments } from "./names";
import { readTime, type TypedTime } from "./read-time";

const WORD = "(?:payment|repayment|instal+ment|deposit|withdrawal|rent|premium)";
const OF = String.raw`(?: of (?<of>\D.*))?`;
const ONE = [
  String.raw`${WORD}\s*(?:number |no\.? |#)?(?<number>\d{1,6})`,
  String.raw`(?<ordinal>\d{1,6})(?:st|nd|rd|th) ${WORD}`,
];
const AT = [
  ...ONE.map(
    (one) => new RegExp(`^(?:(?:just |right |straight )?after |at |with )?(?:the )?${one}${OF}$`),
  ),
  new RegExp(String.raw`^after (?:the first )?(?<number>\d{1,6}) ${WORD}s${OF}$`),
];
const OVER = [
  ...ONE.map((one) => new RegExp(`^(?:the )?${one}${OF}$`)),
  new RegExp(
    String.raw`^(?:the )?${WORD}s (?<number>\d{1,6})\s*(?:to|until|through|[-–])\s*(?:${WORD} )?(?<last>\d{1,6})${OF}$`,
  ),
  new RegExp(String.raw`^(?:the )?first (?<last>\d{1,6}) ${WORD}s${OF}$`),
];

/**
 * Reads the date of a payment by its number: `payment 30`, `after the 30th payment`, `payment 30 of the repayments`.
 *
 * @param text in small letters
 * @returns `null` for a text that speaks of no payment's number. Fails with `payments-of-which` where several lines
 *   are paid, `name-not-found`, `payments-undated` where their start is not known, and `payment-too-late`
 */
export function readPaymentTime(text: string, names: Names): Result<TypedTime> | null {
  const match = firstMatch(AT, text);
  if (match === null) return null;
  const payments = paymentsIn(match.of, names);
  if (!payments.ok) return payments;
  return timeOf(payments.value, Number(match.number ?? match.ordinal));
}

/**
 * Reads the time that some payments are for, by their numbers: `payment 30`, `payments 13 to 24`,
 * `the first 12 payments`. It goes from the payment before the first of them to the last of them.
 *
 * @returns as `readPaymentTime` does; fails with `span-backwards` and, for the first payment of an annuity due, before
 *   which there is none, with `span-not-understood` too
 */
export function readPaymentSpan(
  text: string,
  names: Names,
): Result<{ readonly from: TypedTime; readonly to: TypedTime }> | null {
  const match = firstMatch(OVER, text);
  if (match === null) return null;
  const payments = paymentsIn(match.of, names);
  if (!payments.ok) return payments;
  const first = Number(match.number ?? match.ordinal ?? 1);
  const last = Number(match.last ?? first);
  if (last < first) return fail(issue("span-backwards", [], { at: String(last) }));
  if (first === 1 && payments.value.timing === "start") {
    return fail(issue("span-not-understood", [], { at: text }));
  }
  const from = first === 1 ? timeAfter(payments.value, 0) : timeOf(payments.value, first - 1);
  if (!from.ok) return from;
  const to = timeOf(payments.value, last);
  return to.ok ? succeed({ from: from.value, to: to.value }) : to;
}

type Said = Partial<Record<"of" | "number" | "ordinal" | "last", string>>;

function firstMatch(patterns: readonly RegExp[], text: string): Said | null {
  for (const pattern of patterns) {
    const match = pattern.exec(text);
    if (match !== null) return match.groups ?? {};
  }
  return null;
}

function paymentsIn(name: string | undefined, names: Names): Result<NumberedPayments> {
  const id = name === undefined ? names.onlyStream : names.find(name);
  if (id === null) {
    return name === undefined
      ? fail(issue("payments-of-which", [], {}))
      : fail(issue("name-not-found", [], { name }));
  }
  const payments = names.paymentsOf(id);
  return payments === null ? fail(issue("payments-undated", [], {})) : succeed(payments);
}

function timeOf(payments: NumberedPayments, number: number): Result<TypedTime> {
  const { count, timing } = payments;
  if (number < 1 || (count !== null && number > Math.ceil(count))) {
    return fail(issue("payment-too-late", [], { payment: number, count: Math.ceil(count ?? 0) }));
  }
  return timeAfter(payments, timing === "end" ? number : number - 1);
}

/** Some periods after the payments begin; each unit is counted by itself, so that nothing is rounded. */
function timeAfter({ begins, every }: NumberedPayments, periods: number): Result<TypedTime> {
  return readTime(formatDuration(after(begins, every, periods)));
}
