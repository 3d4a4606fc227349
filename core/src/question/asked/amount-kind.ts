import type { AskKind } from "./ask-kind";

const EACH =
  / (?:each|every|per|monthly|quarterly|yearly|annual|weekly|fortnightly|half-yearly|half yearly|biweekly|bi-weekly|semi-annual|regular|level|equal|at a time|month-end|these) /;
const PAYMENT =
  / (?:payments?|instalments?|installments?|repayments?|deposits?|withdrawals?|contributions?|rents?|rentals?|premiums?|sums|pmt|dividends?|coupons?|pension|wages|salary|draws|drawings) /;

/** What turns a question to what is told: "…, if the fund earns 5%?" */
const TURNS =
  / (?:if|so|when|given that|provided|assuming|whose|which|that(?! (?:final|last|sum|payment|amount))|in order|to be able|(?<!(?:have|has|had|need|needs) )to pay|to provide|to take|to draw|to withdraw|to live|, if|(?<!will )together|;) /;

/** The words of a question up to what it is asked on. */
export function headOf(words: string): string {
  const cut = TURNS.exec(words.slice(12));
  return cut === null ? words : `${words.slice(0, 12 + cut.index)} `;
}

/** The head of the question says more than what it is asked on. */
export function amountKind(words: string): AskKind {
  const head = headOf(words);
  const kind = kindOfAmount(head);
  return kind === "amount" ? kindOfAmount(words) : kind;
}

/** A last payment, of another size than those before it. */
const FINAL =
  / (?:balloon|final payment|closing payment|last payment|last sum|final sum|lump(?! sum)|extra amount|residual|resale|smaller last|final|that sum|last amount|the last|larger payment|smaller payment) /;
/** What is had or paid at the start. */
const START =
  / (?:borrow|borrowed|endow|endowment|opening deposit|initial deposit|single deposit|opening balance|price|hand over (?:today|now)|original amount|amount of the loan|size of the loan|principal|pay (?:today |now |at once )?for) | (?:pot|fund|reserve|capital) be | (?:must|should|needs to|has to) (?:there )?be (?:in|there) | set aside \?| cost \?| (?:large|big|much of) a (?:loan|debt|mortgage) | lump sum (?:has to|must|should|today|now|needs|to be) | (?:invested|deposited|put away|lent) (?:today|now) (?:at|in) /;
/** What it comes to. */
const FUTURE =
  / (?:how much|what) (?:has|have|had|is in|is there) | (?:does|do|did|will|would) (?:\S+ ){1,14}?(?:become|come to|amount to) | (?:will|does|did|would|do|shall) (?:\S+ ){1,4}?(?:have(?! to)|hold|contain|find|amount|accumulate|become|be worth|grow|end up|come to) | total (?:just|right|immediately|straight) after | is the total | how (?:large|big) is (?:it|the fund|the account|the balance|the pot) | (?:get|gets|receive|receives) back | hand over | be (?:cashed|redeemed|sold|bought back) (?:for |after |in )| be worth (?:after|in|at) | will be the (?:\S+ ){0,3}?(?:value|worth|balance|amount|total) | value of (?:\S+ ){1,5}?(?:after|in) \S+ (?:years|months) | amount (?:after|at the end|in) | grow to | amounts? to | amount of (?:an|the|this|each) (?:\S+ )?annuity | will (?:\S+ ){1,8}?cost (?:in|after|then) /;

/** One amount now. */
const SINGLE =
  / single (?:payment|sum|amount|deposit) (?:now|today)| (?:must|should|has to|have to|needs? to) (?:\S+ ){0,3}?(?:hold|set aside|put by|reserve|put away|have)(?: \S+){0,3}? (?:now|today|at present)/;

const CLEARS =
  / (?:clears?|settles?|closes?|finish(?:es)?|pays? off|extinguish(?:es)?|discharges?|wipes? out) /;

/** Verbs and nouns of an amount, where nothing before tells its kind. */
const AT_START =
  / (?:loan|opening|initial|to start|lump sum|single sum|pay today|invest|invested|lend|deposited?|set aside|set apart|put aside|put by|lay aside|donated?|bequeathed?|put away|put in|pay in(?! (?:\S+ )?(?:years?|months?|weeks?) )|get for|pay now|leave|offer|sell|buy|cost today|go in|provide|needed|required) /;
const LATER =
  / (?:accumulat\w*|future value|fv|become|becomes|grow|grows|amount to|amounts to|have(?! to)|has(?! to)|had|hold|holds|contain|be in|is in|end up|there|got|total|receive|maturity|worth|balance|grown|handed over|come to|saved|reach|stand at|be paid|is paid|pays back|pay back|repay) /;

/** What some words ask for: the first rule whose patterns all fit, and whose exceptions do not. */
interface AmountRule {
  readonly kind: AskKind;
  readonly fits: readonly RegExp[];
  readonly unless?: readonly RegExp[];
}

const RULES: readonly AmountRule[] = [
  { kind: "start", fits: [/ (?:sum|amount) (?:today )?is (?:equal|equivalent|worth) /] },
  { kind: "start", fits: [/ cost to (?:fund|provide|endow|buy|secure) /] },
  {
    kind: "start",
    fits: [/ how much (?:money )?(?:\S+ ){0,4}?(?:covers?|suffices|is enough) /],
  },
  {
    kind: "start",
    fits: [
      / (?:which|what) (?:sum|amount|capital) .*(?:gives?|yields?|produces?|provides?|pays?) /,
    ],
    unless: [/ (?:each|every) /],
  },
  { kind: "start", fits: [/ how much (?:yields|produces|brings in|provides|pays for) /] },
  { kind: "start", fits: [/ how (?:large|big|much of) a (?:loan|mortgage|debt|advance) /] },
  {
    kind: "start",
    fits: [
      / how much (?:would|must|should|can|could|does|do|did) (?:\S+ ){1,3}?(?:sell|sells|be sold|be bought) /,
    ],
  },
  // "The capital which, placed at 3.9%, accrues to £11,000".
  {
    kind: "start",
    fits: [
      / (?:the|what|which) (?:sum|amount|capital|principal)(?: of money)? (?:which|that) (?:\S+ ){0,14}?(?:accrues?|grows?|amounts?|accumulates?|increases?) to /,
    ],
    unless: [EACH],
  },
  // "Which sum grows to £20,000?", "What was put into it?"
  {
    kind: "start",
    fits: [
      / (?:which|what|the) (?:\S+ )?(?:sum|amount|deposit|capital|principal|investment)(?: of money)? (?:that |which )?(?:(?:invested|deposited|put away|lent|left|today|now) ){0,2}(?:will have |will |would |must |has to )?(?:(?:grows?|grown|amounts?|amounted|accumulates?|accumulated|increases?|rises?|risen) (?:to |into )|becomes? |be worth )/,
    ],
    unless: [EACH],
  },
  {
    kind: "start",
    fits: [
      / (?:was|were|had been|has been) (?:put|paid|placed|invested|deposited|lent) (?:in|into) /,
    ],
    unless: [/ (?:each|every) /],
  },
  // "What does the bank pay for £2,000 kept for 27 months?"
  {
    kind: "future",
    fits: [
      / (?:pays?|gives?) for (?:\S+ ){1,3}?(?:kept|left|held|deposited|invested) (?:for|over) /,
    ],
  },
  {
    kind: "future",
    fits: [/ (?:value|amount) of (?:the|his|her|their|this) (?:fund|account|pot|savings) after /],
  },
  {
    kind: "payment",
    fits: [/ how (?:large|big|high) (?:are|is each of) the (?:amounts|sums|parts) /],
  },
  { kind: "payment", fits: [/ what (?:are|were) (?:the latter|they|these|those) (?!worth )/] },
  {
    kind: "final",
    fits: [
      / (?:with|along with|together with|on the day of) the (?:last|final) /,
      / (?:sum|amount|lump|extra|payment) /,
    ],
  },
  {
    kind: "final",
    fits: [/ (?:single|one|lump|extra|further|additional) (?:payment|sum|amount) /, CLEARS],
  },
  { kind: "final", fits: [/ (?:resale|salvage|balloon|closing|residual) /] },
  {
    kind: "final",
    fits: [FINAL],
    unless: [START, / after the (?:final|last) |just after /],
  },
  { kind: "start", fits: [SINGLE] },
  // "What income in 15 years buys what £2,500 buys today?"
  {
    kind: "future",
    fits: [/ in (?:\S+ ){1,3}?years .*(?:buys?|costs?) (?:\S+ )?(?:today|now) /],
  },
  { kind: "start", fits: [START] },
  {
    kind: "future",
    fits: [FUTURE],
    unless: [/ (?:each|every) (?:payment|instalment|deposit|withdrawal) /],
  },
  {
    kind: "start",
    fits: [/(?<! from) (?:today|now|at once) /, / (?:how much|what|how large) /],
    unless: [EACH],
  },
  { kind: "payment", fits: [EACH] },
  { kind: "payment", fits: [PAYMENT] },
  { kind: "start", fits: [AT_START] },
  { kind: "future", fits: [LATER] },
];

function kindOfAmount(words: string): AskKind {
  const rule = RULES.find(
    ({ fits, unless = [] }) =>
      fits.every((pattern) => pattern.test(words)) &&
      !unless.some((pattern) => pattern.test(words)),
  );
  return rule?.kind ?? "amount";
}
