import type { AskKind } from "../asked/ask-kind";
import type { AmountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import type { Role } from "../facts/roles";
import { wordsOf } from "../facts/scope";

/** Who pays whom by a stream. */
export type Side = "repaying" | "saving" | "spending" | "renting" | "borrowing";

const OWES =
  / (?:loan|loans|mortgage|borrow|borrows|borrowed|borrowing|owes|owe|lends|lent|lender|repay|repays|repaid|repayments?|instalments?|installments?|debt|finances|financed|card|cash price|(?:shop|dealer|seller|store|supplier|garage) (?:lets|offers|asks|allows|takes|accepts)|credit|overdraft|paid off|pay off|amorti[sz]es?|discharges?) /;
const INTO_FUND =
  / (?:into (?:a|the|an|his|her|their|this|its|my|that) (?:\w+ ){0,3}?(?:fund|account|pot|kitty|plan|scheme|savings)|sinking fund|accumulates?|accumulated|redemption fund|goes? into|saver|save|saves|saving|invests?|put away|puts away|set aside|sets aside|the fund earns|savings (?:account|scheme|plan)|reach|reaches|reached|build up|builds up) /;
const FROM_FUND =
  / (?:from (?:a|the|an|his|her|their|this|its|it) (?:\w+ ){0,2}?(?:fund|account|pot|savings|gift)|draws?|draw|withdraws?|withdrawals?|pension|live on|lives on|last|lasts|perpetuity|for ever|forever|spend) /;

/** "An investment of £25,000 pays £4,000 a year": what is bought pays who bought it. */
export const EARNING =
  / (?:investment|project|property|share|machine|annuity)(?: \S+){0,6}? (?:pays|brings|returns|yields|earns) /;

/**
 * The side of a stream: by the word nearest to it, and where that is neutral ("pays"), by what the whole question
 * speaks of.
 */
export function sideOf(facts: Facts, stream: PaymentsFact): Side {
  const { role } = stream;
  const words = facts.scope.words;
  if (isBorrowed(facts, stream)) return "borrowing";
  const owes = OWES.test(words);
  const saves = INTO_FUND.test(words);
  const has = (...roles: readonly Role[]) =>
    facts.amounts.some((amount) => amount.role !== null && roles.includes(amount.role));
  // "A machine will save a company £15,000 a year: what should it pay for it?"
  const isSpared =
    ["start", "count", "time", "rate"].includes(facts.ask?.kind ?? "") &&
    facts.amounts.every(({ role: own }) => own === "price") &&
    / saves? (?:a|the|its|his|her|them|us|it) /.test(words);
  if (isSpared) return "spending";
  if (role === "deposit" || / (?:sinking|redemption) fund /.test(words)) return "saving";
  // "It owes £90,000, due in one sum, and pays into a fund to have it."
  const isInOne = / (?:in one|in a single|in a lump|as one) (?:sum|payment|amount) /.test(words);
  if (isInOne && / into (?:a|an|the) (?:\S+ )?(?:fund|account) /.test(words)) return "saving";
  if (role === "rent-paid") return "renting";
  const [only] = facts.amounts;
  const isReached = only !== undefined && facts.amounts.length === 1 && isHadThen(facts, only);
  if (isReached && !owes && role !== "withdrawal") return "saving";
  if (
    / (?:paid|pays?) (?:out )?to (?:him|her|them|you|me|us) | (?:pays?|paying) (?:him|her|them|you|me|us) (?!back)/.test(
      words,
    )
  )
    return "spending";
  // "A pension plan: €180 a month": a plan is paid into before it pays.
  const isPlan = / (?:pension|savings|insurance|retirement) (?:plan|fund|scheme) /.test(words);
  if (isPlan && facts.ask?.kind === "future" && facts.amounts.length === 0) return "saving";
  // "The accumulated value of an annuity": it is paid in by whoever asks what it becomes.
  if (role === "receipt" && facts.ask?.kind === "future" && facts.amounts.length === 0)
    return "saving";
  // "An account receives £75 a month": it is paid in.
  if (role === "receipt" && / (?:account|fund|pot|plan)(?: \S+){0,6}? receives /.test(words))
    return "saving";
  if (role === "withdrawal" || role === "receipt" || role === "coupon") {
    const isPaidBack = owes && !FROM_FUND.test(words) && !saves && has("loan", "price");
    return isPaidBack ? "repaying" : "spending";
  }
  // What payments are worth before they are made is theirs who get them.
  const isValued = facts.ask?.kind === "present" || facts.ask?.kind === "start";
  if (isValued && !owes && facts.amounts.length === 0 && facts.streams.length === 1)
    return "spending";
  const isAppraised = facts.ask?.kind === "net-value" || facts.ask?.kind === "rate";
  if (EARNING.test(words) && isAppraised && !owes) return "spending";
  const isFromFund =
    / from (?:a|an|the|this|his|her|their) (?:\S+ ){0,2}?(?:fund|account|pot|gift|legacy) /.test(
      words,
    );
  if (isFromFund && !/ (?:into|saves?|saving) /.test(words) && !owes) return "spending";
  // "What is left?" is asked of what is drawn from.
  const isLeft =
    / (?:left|remains?|remaining|still (?:hold|holds|contain|contains|have|has)) /.test(
      wordsOf(facts.ask?.marks ?? []),
    );
  if (isLeft && !owes && has("fund")) return "spending";
  if (saves && !/ (?:borrows?|borrowed|loan of|repaid|repay|repays|mortgage) /.test(words))
    return "saving";
  if (owes) return "repaying";
  if (facts.ask?.kind === "future") return "saving";
  if (FROM_FUND.test(words) && !has("price")) return "spending";
  // "It must be rebuilt in three years, at a cost of $38,000": that is saved for.
  const isLater = facts.amounts.some(
    ({ at, role: own }) => own === "price" && at !== null && at !== "P0D",
  );
  if (isLater && facts.ask?.kind === "payment") return "saving";
  const isPaidOff =
    role === "repayment" && / (?:down|remainder|rest|balance|finance|hire) /.test(words);
  if (has("price")) return !isPaidOff && isOfReceipts(words, facts) ? "spending" : "repaying";
  if (has("fund")) return "spending";
  if (has("goal")) return "saving";
  return facts.ask?.kind === "present" || facts.ask?.kind === "start" ? "spending" : "repaying";
}

const DEBTS: ReadonlySet<AskKind> = new Set<AskKind>(["balance", "future", "final", "amount"]);

/** "She borrows £4,000 at the beginning of each year: what does she owe at the end?" */
function isBorrowed(
  { scope, ask, streams, amounts }: Facts,
  { amountMark }: PaymentsFact,
): boolean {
  const isAlone = streams.length === 1 && amounts.length === 0;
  const verb = amountMark === null ? undefined : scope.before(amountMark, 1)[0]?.word;
  return isAlone && DEBTS.has(ask?.kind ?? "amount") && /^(?:borrows?|borrowed)$/.test(verb ?? "");
}

/** "… he will have £60,000": what payments come to. */
export function isHadThen({ scope }: Facts, { mark }: AmountFact): boolean {
  return / will (?:then )?(?:have|hold|contain) $/.test(
    wordsOf([...scope.before(mark, 3)].reverse()),
  );
}

/** What is bought brings money in: a share, an annuity, a machine that earns. */
function isOfReceipts(words: string, facts: Facts): boolean {
  return (
    facts.ask?.kind === "start" ||
    / (?:share|annuity|bond|investment|dividends?|buyers?|investors?|should pay|will pay|income|brings? in|tenant|orchard) /.test(
      words,
    )
  );
}
