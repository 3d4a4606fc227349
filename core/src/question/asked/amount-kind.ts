import type { AskKind } from "./ask-kind";

const EACH =
  / (?:each|every|per|monthly|quarterly|yearly|annual|weekly|fortnightly|half-yearly|half yearly|biweekly|bi-weekly|semi-annual|regular|level|equal|at a time|month-end|these) /;
const PAYMENT =
  / (?:payments?|instalments?|installments?|repayments?|deposits?|withdrawals?|contributions?|rents?|rentals?|premiums?|sums|pmt|dividends?|coupons?|pension|wages|salary|draws|drawings) /;

/** What turns a question to what is told: "…, if the fund earns 5%?" */
const TURNS =
  / (?:if|so|when|given that|provided|assuming|whose|which|that|in order|to be able|to pay|to provide|, if|together|;) /;

/** The head of the question says more than what it is asked on. */
export function amountKind(words: string): AskKind {
  const cut = TURNS.exec(words.slice(12));
  const head = cut === null ? words : `${words.slice(0, 12 + cut.index)} `;
  const kind = kindOfAmount(head);
  return kind === "amount" ? kindOfAmount(words) : kind;
}

const FINAL =
  / (?:balloon|final payment|closing payment|last payment|last sum|final sum|lump|extra amount|residual|resale|smaller last|final|that sum|last amount|the last) /;
const START =
  / (?:borrow|endow|endowment|opening deposit|initial deposit|single deposit|opening balance|price|hand over|original amount|amount of the loan|size of the loan|principal|pay for) | (?:pot|fund|reserve|capital) be | set aside \?| cost \?| (?:large|big|much of) a (?:loan|debt|mortgage) | lump sum (?:has to|must|should|today|now|needs|to be) | (?:invested|deposited|put away|lent) (?:today|now) (?:at|in) /;
const FUTURE =
  / (?:how much|what) (?:has|have|had|is in|is there) | (?:will|does|did|would|do|shall) (?:\S+ ){1,4}?(?:have(?! to)|hold|contain|amount|accumulate|become|be worth|grow|end up|come to) | total (?:just|right|immediately|straight) after | is the total | how (?:large|big) is (?:it|the fund|the account|the balance|the pot) | be worth (?:after|in|at) | amount (?:after|at the end|in) | grow to | amounts? to | will (?:\S+ ){1,8}?cost (?:in|after) /;

function kindOfAmount(words: string): AskKind {
  const isLast =
    / (?:with|along with|together with|on the day of) the (?:last|final) /.test(words) &&
    / (?:sum|amount|lump|extra|payment) /.test(words);
  if (isLast || / (?:resale|salvage|balloon|closing|residual) /.test(words)) return "final";
  if (
    FINAL.test(words) &&
    !START.test(words) &&
    !/ after the (?:final|last) |just after /.test(words)
  )
    return "final";
  if (
    / single (?:payment|sum|amount|deposit) (?:now|today)| (?:must|should|has to|have to|needs? to) (?:\S+ ){0,3}?(?:hold|set aside|put by|reserve|put away|have)(?: \S+){0,3}? (?:now|today|at present)/.test(
      words,
    )
  )
    return "start";
  const isNow =
    /(?<! from) (?:today|now|at once) /.test(words) && / (?:how much|what|how large) /.test(words);
  if (START.test(words)) return "start";
  if (
    FUTURE.test(words) &&
    !/ (?:each|every) (?:payment|instalment|deposit|withdrawal) /.test(words)
  )
    return "future";
  if (isNow && !EACH.test(words)) return "start";
  if (EACH.test(words) || PAYMENT.test(words)) return "payment";
  if (
    / (?:loan|opening|initial|to start|lump sum|single sum|pay today|invest|invested|deposited?|set aside|put away|put in|pay in|get for|pay now|offer|sell|buy|cost today|go in|provide|needed|required) /.test(
      words,
    )
  )
    return "start";
  if (
    / (?:accumulat\w*|future value|fv|become|becomes|grow|grows|amount to|amounts to|have|has|had|hold|holds|contain|be in|is in|end up|there|got|total|receive|maturity|worth|balance|grown|handed over|come to|saved|reach|stand at|be paid|is paid|pays back|pay back|repay) /.test(
      words,
    )
  )
    return "future";
  return "amount";
}
