import type { Facts } from "../facts/facts";
import { PAYMENT_NOUN } from "../facts/rates";
import { isMoney, wordsOf } from "../facts/scope";
import type { MissingCode } from "../shape/shape";

/** What a question says is there and does not tell: some money down, another account's rate, payments at no rhythm. */
export function gapsIn(facts: Facts): readonly MissingCode[] {
  return [
    ...(isDownUntold(facts) ? (["down-payment"] as const) : []),
    ...(isOtherRate(facts) ? (["rate"] as const) : []),
    ...(isRhythmUntold(facts) || isRhythmUnread(facts) ? (["frequency"] as const) : []),
  ];
}

/** "Every January 1st he puts …": a rhythm that no phrase of the grammar tells. */
function isRhythmUnread({ scope, streams }: Facts): boolean {
  return (
    streams.length === 0 &&
    scope.marks.some(
      (mark) =>
        mark.phrase === undefined && mark.word === "every" && scope.sentence(mark).some(isMoney),
    )
  );
}

/** "She pays some of it down and the rest in 36 payments." */
function isDownUntold({ scope }: Facts): boolean {
  return scope.sentences().some((sentence) => {
    const words = wordsOf(sentence);
    const isDown =
      / (?:some|part)(?: of (?:it|the price|this))? (?:down|at once|now|up front) | (?:a|the|his|her) (?:down payment|deposit)(?: is paid)?,? and (?:pays |repays |finances |borrows )?the (?:rest|balance|remainder) /.test(
        words,
      );
    const rest = / the (?:rest|balance|remainder) /.test(words);
    return isDown && rest && !sentence.some(isMoney);
  });
}

/** "4.9% in his first account and something better in another": the rate of that other is not told. */
function isOtherRate({ scope, percents }: Facts): boolean {
  const words = wordsOf(scope.marks);
  const others =
    / (?:in|with|from|at) (?:the|that|this) other(?: account| bank| fund| lender| one)? | puts? (?:\S+ ){1,3}in the (?:second|other) /.test(
      words,
    );
  return (
    others && percents.length === 1 && / (?:first|one) (?:account|bank|fund|lender) /.test(words)
  );
}

/** "Makes payments of R650", and no word on how often. */
function isRhythmUntold({ scope, streams, ask }: Facts): boolean {
  if (streams.length > 0) return false;
  const words = wordsOf(scope.marks);
  const isMany = scope.marks.some(
    (mark, at) =>
      /^(?:payments|instal(?:l)?ments|repayments|deposits|withdrawals|contributions)$/.test(
        mark.word,
      ) &&
      mark.phrase === undefined &&
      scope.marks[at + 1]?.word === "of",
  );
  const isCounted = ask?.kind === "count" && ask.marks.some(({ word }) => PAYMENT_NOUN.test(word));
  const isLevel =
    / (?:equal|level|regular|identical) (?:payments|instalments|installments|repayments|deposits) /.test(
      words,
    );
  const isRepaid =
    ask?.kind === "payment" &&
    / (?:repaid|repays|repay|paid off|pays off) (?:it )?(?:over|within|in) /.test(words) &&
    !/ (?:one|single|lump) (?:sum|payment|amount) /.test(words);
  const isTimed = / (?:one|the first) (?:at|in|after) /.test(words);
  return (isMany || isCounted || isLevel || isRepaid) && !isTimed;
}
