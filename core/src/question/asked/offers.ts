import type { Facts } from "../facts/facts";
import { isMoney, wordsOf } from "../facts/scope";
import { saidQuotation, type QuotedRate } from "../shape/quotations";
import { type Use, usesOf } from "../shape/shape";

/** Rates to choose among. */
export interface OffersQuestion {
  readonly rates: readonly QuotedRate[];
  readonly want: "highest" | "lowest";
  readonly uses: readonly Use[];
}

const BORROWING =
  / (?:loan|loans|borrow|borrower|borrows|lender|lenders|cheapest|cheaper|cost|costs|mortgage|card|cards|debt|pay the least|finance|credit) /;

/** Reads "which is better, 4.35% compounded daily or 4.4% semi-annually?"; `null` where nothing is to be chosen. */
export function offersQuestion(facts: Facts): OffersQuestion | null {
  const { percents, ask, scope, streams } = facts;
  const rates = percents.filter(({ use, percent }) => use === "rate" && percent !== null);
  // "Should you borrow at 6.4% compounded monthly or at 6.5% compounded annually?"
  const isEither =
    !scope.marks.some(isMoney) &&
    / (?:or|prefers?|preferred|where (?:should|would)) /.test(scope.words);
  const isChoice = ask?.kind === "choose" || (isEither && ask !== null);
  if (!isChoice || rates.length < 2 || streams.some(({ amount }) => amount !== null)) return null;
  const words = scope.words;
  const isLending =
    / (?:lend|invest|saver|deposit|savings|account|accounts) /.test(words) &&
    !/ (?:cheapest|cheaper|borrower|borrow) /.test(words);
  // "Which is the dearer?" asks for the highest, of loans too.
  const isDearer =
    / (?:dearer|dearest|more expensive|most expensive|costs more|charges more) /.test(
      wordsOf(ask.marks),
    );
  const isLowest = BORROWING.test(words) && !isLending && !isDearer;
  return {
    rates: rates.flatMap(({ percent, quoting }): QuotedRate[] =>
      percent === null ? [] : [{ percent, ...(saidQuotation(quoting) ?? { quoted: "effective" }) }],
    ),
    want: isLowest ? "lowest" : "highest",
    uses: rates.flatMap(({ marks }, rate) => usesOf(marks, "rate", { rate, field: "percent" })),
  };
}
