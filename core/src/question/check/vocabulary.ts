import type { AskKind } from "../asked/ask-kind";
import type { Facts } from "../facts/facts";
import { isMoney, isYear } from "../facts/scope";
import type { Mark } from "../marks/mark";

/** Words that hardly any other question has. */
const STRONG =
  /^(?:interest|invest|invests|invested|investing|investment|investments|borrow|borrows|borrowed|borrowing|loan|loans|mortgage|lend|lends|lent|lender|debt|owe|owes|owed|owing|repay|repays|repaid|repayment|repayments|instal(?:l)?ments?|deposit|deposits|deposited|saving|savings|saves|annuity|annuities|perpetuity|compound|compounded|compounding|npv|irr|pv|fv|pmt|inflation|balloon|pension|withdraw|withdraws|withdrawals?|endow|endowment|endows|accumulate|accumulates|accumulated|apr|aer|cagr|dividends?|coupons?|account|fund|overdraft|finances|sinking|legacy|bursary|cash-flows?|invested|outlay|outlays|inflows?|outflows?|j|j1|j2|j4|j12)$/;
/** Words that other questions have too: they count beside a rate or a length of time. */
const WEAK =
  /^(?:save|bond|bonds|lease|discount|discounted|double|doubles|doubled|triple|triples|payments?|payment|growth|grow|grows|grew|rent|rents|trust|nominal|effective|price|worth|buy|cost|costs|value|pay|pays|paid|quarterly|loses|receives?|promised|sold|times|fell|fall|rose|rise|risen|shrink|shrank|increase|increased|decrease|decreased|decline|declined|population|percentage|bank|banks|banked|credits|average|yields?|earns?|earned)$/;

/** Words that speak of money over time beside an amount, a length of time and a question for one of these. */
const SOME = /^(?:bank|banks|save|payments|account)$/;
const ASKED = new Set<AskKind>(["payment", "future", "start", "present", "count", "balance"]);

/** Whether a question is about money in time at all. */
export function isTimeValue({ scope, percents, streams, ask }: Facts): boolean {
  const { marks } = scope;
  const hasFigures =
    marks.some((mark) => isMoney(mark) || mark.quantity?.is === "percent") ||
    isMultiple(marks) ||
    marks.filter(({ quantity }) => quantity?.is === "number").length >= 2;
  if (!hasFigures) return false;
  const has = (pattern: RegExp) =>
    marks.some(
      ({ word, phrase, quantity }) =>
        phrase === undefined && quantity === undefined && pattern.test(word),
    );
  const quotes = marks.some(
    ({ phrase }) =>
      phrase?.kind === "quoted" || phrase?.kind === "compounding" || phrase?.kind === "forever",
  );
  if (quotes || has(STRONG)) return true;
  const isRate = percents.some(
    ({ quoting, marks: told }) =>
      quoting.per !== undefined || told.some(({ phrase }) => phrase?.kind === "every"),
  );
  const years = marks.filter((mark) => isYear(mark, 1800));
  const isLong =
    years.length > 1 ||
    marks.filter(({ quantity }) => quantity?.is === "date").length > 1 ||
    streams.length > 0 ||
    marks.some(
      ({ phrase, quantity }) =>
        phrase?.kind === "lasting" ||
        (phrase?.kind === "when" && phrase.iso !== undefined) ||
        quantity?.is === "span",
    );
  const isOfSavings =
    has(SOME) && isLong && marks.some(isMoney) && ask !== null && ASKED.has(ask.kind);
  const isPair =
    marks.filter(isMoney).length >= 2 && (ask?.kind === "time" || (ask?.kind === "rate" && isLong));
  return (
    isRate ||
    isPair ||
    isOfSavings ||
    (has(WEAK) &&
      isLong &&
      (percents.length > 0 ||
        ask?.kind === "rate" ||
        ask?.kind === "growth" ||
        ask?.kind === "present"))
  );
}

function isMultiple(marks: readonly Mark[]): boolean {
  return marks.some(({ word }) =>
    /^(?:doubles?|doubled|triples?|tripled|trebles?|quadruples?|quadrupled|twice|times|half|halves|halved|\w+fold)$/.test(
      word,
    ),
  );
}

const ENGLISH_PART = 0.08;
const COMMON = new Set(
  "the a an of to in is at for and he she it his her what how much if on with will be that this are by from has have you i they who which their each every find per".split(
    " ",
  ),
);

/** Whether the words are English: every such text has some of the commonest. */
export function looksEnglish(marks: readonly Mark[]): boolean {
  const words = marks.filter(
    ({ phrase, quantity, word }) =>
      phrase === undefined && quantity === undefined && /^\p{L}{2}/u.test(word),
  );
  const known = words.filter(({ word }) => COMMON.has(word)).length;
  const phrases = marks.filter(({ phrase }) => phrase !== undefined).length;
  return words.length < 10 || (known + phrases) / words.length > ENGLISH_PART;
}
