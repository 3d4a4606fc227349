import { isMoney, isPercent, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { amountKind, headOf } from "./amount-kind";
import type { AskKind } from "./ask-kind";

const RATE =
  / (?:rate|rates|yield|irr|internal rate|apr|force of interest|percentage|percent|per cent|return|cagr|implicit|aer|ear|effective annual rate) /;

const ASKS_PAYMENT =
  /^ (?:what|which|find the|determine the|calculate the) (?:(?!must|should|does|do|did|can|could|will|would)\S+ ){0,5}?(?:deposits?|payments?|instal?lments?|repayments?|contributions?|withdrawals?|rents?|premiums?) (?:, )?(?:made|paid|for|needed|required|at|on|will|must|should|would|per|each|every) /;
/** "Which amount, paid at the end of each year, is worth £8,000?" */
const ASKS_PAID =
  /^ (?:which|what|find the|calculate the|determine the) (?:\S+ )?(?:amount|sum) (?:, )?(?:if )?(?:paid|payable|deposited|invested|saved|set aside|received|withdrawn|repaid) (?:\S+ ){0,4}?(?:each|every|monthly|yearly|quarterly|annually) /;
const ASKS_ONE =
  / (?:sum|equal to|single|one|lump|final|last|first|balloon|closing|extra|how|rate|interest|part|much|present|value|be worth) /;

const PUTS_AWAY =
  / (?:how much|what) (?:must|should|do|does|did|can|could|would|will|has|have) (?:\S+ ){1,5}?(?:lend|invest|deposit|put away|put in|set aside) (?:\S+ ){0,9}?(?:for|so that) /;
const OFTEN = / (?:each|every|a (?:week|month|quarter|year)|monthly|yearly|quarterly) /;

/** So many of a currency are an amount. */
const MANY_COINS = / how many (?:euros?|pounds?|dollars?|rands?|rupees?|pence|cents?|crowns?) /;

/** What the words of a question ask for. */
export function kindOf(asked: string, marks: readonly Mark[]): AskKind {
  // "What would it become at that rate?" asks for no rate.
  const words = asked
    .replace(MANY_COINS, " how much ")
    // "What sum will yield £12,000?" asks for no yield.
    .replace(/ (?:will|would|must) yield /, " gives ")
    // "How much does she have to return?" asks for no return.
    .replace(/ (?:to|must|will|shall|should) return /, " to repay ")
    .replace(/ at (?:that|this|the same|the old|its) (?:\S+ )?rate /, " ");
  if (ASKS_PAYMENT.test(words) && !ASKS_ONE.test(words)) return "payment";
  if (ASKS_PAID.test(words)) return "payment";
  // "At what rate would it be worth £900 now?"
  if (/^ (?:what|which) (?:\S+ ){0,2}?rate (?!of)/.test(words) && isRateAsked(words, marks))
    return "rate";
  if (
    / before the first (?:payment|withdrawal|instal?lment|deposit|one) /.test(words) &&
    !/ (?:how long|wait) /.test(words)
  )
    return "start";
  if (isValueThen(marks)) return "future";
  if (isValueNow(marks)) return "present";
  if (/ (?:net present value|npv) /.test(words)) return "net-value";
  if (
    / (?:convert|express|restate|equivalent to|equivalent rate|same growth|does the same|amounts to the same|corresponds to|corresponding to) /.test(
      words,
    ) &&
    RATE.test(words + " rate ") &&
    !marks.some(isMoney)
  )
    return "convert";
  if (
    /^ which | (?:would you rather|rank|better|cheapest|cheaper|best) /.test(words) &&
    !/ which (?:(?:\S+ ){0,2}?rate|force|rate|nominal|continuously|effective|yearly|annual|monthly|amount|sum|payment|(?:\S+ ){0,2}?(?:payments?|sums?|amounts?|deposits?|instal?lments?|price|rent)) /.test(
      words,
    )
  )
    return "choose";
  if (isRateAsked(words, marks)) return "rate";
  if (
    / (?:how long|how soon|when (?:can|could|do|may)|(?:what|which) (?:time|period) (?:has|have|had|will|do|does|did|is|must)|what length of time|when will|when (?:, )?in (?:years|months|quarters|weeks)(?: ,)? (?:will|does)|when does|when is|n = \?) /.test(
      words,
    ) ||
    /^ (?:find|calculate|determine|compute|what is) n /.test(words) ||
    words.includes(" n = ?")
  ) {
    return / (?:wait|before the first|deferred|put off|until the first) /.test(words)
      ? "begins"
      : "time";
  }
  if (/^ (?:discount|capitali[sz]e) /.test(words)) return "present";
  const isTimed = marks.some(({ phrase }) => phrase?.kind === "when" && phrase.as !== "now");
  if (/^ value (?:it|them|this|these|those) /.test(words) && !isTimed) return "present";
  if (
    / (?:find|determine|calculate|what is) the (?:time|term|length of time|number of years) /.test(
      words,
    )
  )
    return "time";
  const many = /(?: how many| number of| after how many| in how many) (?:\w+ ){0,2}?(\w+)/.exec(
    words,
  );
  if (many !== null) {
    return /^(?:years|months|weeks|days|quarters|fortnights|half)$/.test(many[1] ?? "")
      ? "time"
      : "count";
  }
  if (
    / how much (?:simple |compound |total )?interest | (?:total |simple |compound )?interest (?:is )?(?:paid|charged|earned|payable|in|on|due|portion|part|component|content|does|do|did) | find the (?:total |half-yearly |simple |compound )?interest | total interest | amount of interest | finance charge | (?:how much|(?:what|which) (?:part|portion|share)) of (?:\S+ ){1,6}?(?:is (?:for )?|goes (?:to|towards?|into) (?:the )?)interest /.test(
      words,
    ) &&
    !/ at .*interest rate/.test(words)
  )
    return "interest";
  if (
    / (?:how much|(?:what|which) (?:part|portion|share)) of (?:\S+ ){1,6}?(?:is (?:for )?|goes (?:to|towards?|into) (?:the )?)(?:principal|capital) | (?:principal|capital) (?:is |has been |does |will be )?(?:repaid|paid|reduced|in|part|portion)| how much of (?:the )?(?:principal|capital|loan|debt) /.test(
      words,
    )
  )
    return "principal";
  if (
    / (?:pay|paid|pays|repay|repaid|repays|deposited|paid in) in (?:total|all) | (?:pay|paid|pays|repay|repaid|repays) (?:back )?(?:over|during) the (?:whole|full|entire) | costs? (?:\S+ ){0,3}?in (?:all|total) | total (?:of the |of all |of her |of his )?(?:payments|paid|repaid|repayment|amount paid|cost of the) | (?:pay|pays|paid|repay|repays|repaid|costs?|cost|payments|deposits|deposited) (?:\S+ ){0,8}?altogether /.test(
      words,
    )
  )
    return "total";
  // "Compute the future value: present value 12,000": what comes first is asked for.
  const later = words.search(/ (?:future value|accumulated value|maturity value) /);
  const isLaterFirst = later !== -1 && later < words.search(/ (?:present value|pv) |$/);
  if (isLaterFirst) return "future";
  if (
    / (?:present value|pv|be discounted|discounted value|present worth|capital value|buying power|today money|real terms|present terms|present value terms) | worth (?:\S+ ){0,7}?(?<!from )(?:today|now|at present) | value (?:\w+ )?(?:today|now) | (?:pv) = \? | worth at \?| (?:today|now) (?:\S+ ){0,4}?worth | cash equivalent | cash value /.test(
      words,
    )
  )
    return "present";
  if (
    / (?:accumulated value|future value|fv|final amount|final value|maturity value|accumulated amount|terminal value) /.test(
      words,
    )
  )
    return "future";
  // "What must she deposit for him to have £20,000?", "How much would you have to lend for him to owe you £1,000?"
  if (PUTS_AWAY.test(words) && !OFTEN.test(words)) return "start";
  if (
    / (?:owe|owes|owed|owing|outstanding|unpaid|balance|still to pay|remain|remains|remaining|left|standing to) | (?:what is|find|calculate|determine) (?:the|her|his|their) (?:debt|loan|mortgage) (?:\S+ ){0,2}?(?:after|at the end) /.test(
      headOf(words),
    )
  )
    return "balance";
  if (/ (?:what|how much)(?: sum| amount)? (?:did|does|will|do) (?:\S+ ){1,16}?grow /.test(words))
    return "future";
  if (
    / (?:increase|increases|raise|rise|growth|step|grow) /.test(words) &&
    / (?:by how|what|find) /.test(words) &&
    !/ how much (?:will|does|has) | grow to | grow into /.test(words)
  )
    return "growth";
  return amountKind(words);
}

/** "What is the value, 12 years from now, of $3,300 deposited today?" */
function isValueThen(marks: readonly Mark[]): boolean {
  const at = marks.findIndex(
    ({ word, phrase }) => phrase === undefined && /^(?:value|worth|balance)$/.test(word),
  );
  const near = at === -1 ? [] : marks.slice(at + 1, at + 4);
  const isPresent = /^(?:present|discounted|current)$/.test(marks[at - 1]?.word ?? "");
  return (
    !isPresent &&
    near.some(
      ({ phrase, plain }) =>
        phrase?.kind === "when" &&
        phrase.as === "at" &&
        / (?:now|today|time|later|hence)$/.test(plain),
    )
  );
}

/** "What is the lease worth at the outset?", "How much is a right to £75 a week worth?" */
function isValueNow(marks: readonly Mark[]): boolean {
  const at = marks.findIndex(
    ({ word, phrase }) => phrase === undefined && /^(?:worth|value)$/.test(word),
  );
  if (at === -1) return false;
  const isNow = marks.slice(at + 1, at + 4).some(({ phrase }) => phrase?.as === "now");
  const isOfPayments = marks
    .slice(0, at)
    .some(
      ({ phrase }) =>
        phrase?.kind === "every" || (phrase?.kind === "lasting" && phrase.as === "whole"),
    );
  const isLater = marks.some(
    ({ phrase }) =>
      phrase?.kind === "at-end-of-flows" || (phrase?.kind === "when" && phrase.as !== "now"),
  );
  return (
    isNow ||
    (isOfPayments && !isLater && / what (?:is|are) | how much (?:is|are) /.test(wordsOf(marks)))
  );
}

/** A rate is asked for where no figure stands with the word. */
function isRateAsked(words: string, marks: readonly Mark[]): boolean {
  if (
    !RATE.test(words) &&
    !/ what (?:is the |s the |'s the |)?interest |interest\?| as a (?:yearly|annual|monthly) % /.test(
      words,
    )
  )
    return false;
  const place = marks.findIndex(
    ({ word, phrase }) =>
      /^(?:rate|rates|yield|irr|return|apr|percentage|cagr|interest)$/.test(word) ||
      phrase?.kind === "quoted",
  );
  const near = place === -1 ? [] : marks.slice(place, place + 5);
  const isTold = near.some(isPercent);
  const isAtRate = / at (?:a|an|the|this|that|what)? ?(?:\w+ )?(?:interest )?rate of /.test(words);
  return !isTold && !(isAtRate && marks.some(isPercent));
}
