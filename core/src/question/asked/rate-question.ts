import type { Quotation } from "../../engine/rates/quotation";
import type { Facts } from "../facts/facts";
import type { Quoting } from "../facts/quoting";
import { everyOf, partOfYear, quotingOf } from "../facts/rates";
import { isMoney, isPercent, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { yearsIn } from "../marks/span";
import type { QuotedRate } from "../shape/quotations";
import { saidQuotation } from "../shape/quotations";
import type { Use } from "../shape/shape";

/** A question that restates a rate. */
export interface RateQuestion {
  readonly from: QuotedRate;
  /** How it is to be restated. */
  readonly to: Quotation;
  readonly isFromOpen: boolean;
  readonly uses: readonly Use[];
}

/** Reads "convert 7.8% compounded monthly to an effective annual rate"; `null` for a question about money. */
export function rateQuestion(facts: Facts): RateQuestion | null {
  const { scope, percents, ask } = facts;
  const [given] = percents;
  const isOfRates =
    scope.marks.every((mark) => !isMoney(mark)) &&
    facts.streams.every(
      ({ amount, count, term }) => amount === null && count === null && term === null,
    );
  const namesRate = scope.marks.some(
    ({ word, phrase }) =>
      /^(?:rate|rates|equivalent|j|yield|yields|force|apr)$/.test(word) ||
      phrase?.kind === "quoted",
  );
  const isOther =
    ask === null ||
    !isOfRates ||
    (ask.kind !== "convert" && ask.kind !== "rate" && !namesRate) ||
    isTimed(scope.marks);
  if (
    given?.percent === null ||
    given === undefined ||
    percents.length !== 1 ||
    isOther ||
    scope.marks.some(isMoney)
  )
    return null;
  const { source, target } = halves(scope.marks, given.mark);
  const from = quotingIn(source);
  const to = notationIn(scope.marks, given.marks) ?? quotingIn(target);
  // What quotes the wanted rate says nothing of the given one.
  const at = scope.marks.indexOf(given.mark);
  const far = scope.marks.slice(0, Math.max(at - NEAR, 0));
  const isOwn = !far.some((mark) => mark.phrase?.kind === "quoted" && given.marks.includes(mark));
  const fromQuotation = saidQuotation(from) ?? (isOwn ? saidQuotation(given.quoting) : null);
  const toQuotation = saidQuotation(to) ?? ("per" in to ? { quoted: "effective" as const } : null);
  if (toQuotation === null) return null;
  const uses: Use[] = [...source, ...target]
    .filter(({ phrase, quantity }) => quantity?.is === "percent" || isQuoting(phrase?.kind))
    .map((mark) => ({ mark, role: target.includes(mark) ? "asked" : "rate" }));
  return {
    from: { percent: given.percent, ...(fromQuotation ?? { quoted: "effective" }) },
    to: toQuotation,
    isFromOpen: fromQuotation === null,
    uses,
  };
}

/** So near before its figure stands what quotes it: "a nominal rate of 9%". */
const NEAR = 5;

/** "Find j4": the wanted rate in the notation of the given one. */
function notationIn(marks: readonly Mark[], given: readonly Mark[]): Quoting | null {
  const at = marks.findIndex(({ word, phrase }, place) => {
    const next = marks[place + 1];
    const isLetter = phrase === undefined && /^[ji]$/.test(word);
    return isLetter && next?.quantity?.is === "number" && !given.includes(next);
  });
  const times = marks[at + 1]?.quantity;
  if (at === -1 || times?.is !== "number") return null;
  return { as: "nominal", compounding: partOfYear(times.value) };
}

/** A length of time makes it a question about money. */
function isTimed(marks: readonly Mark[]): boolean {
  return marks.some(
    ({ phrase, quantity }) =>
      phrase?.kind === "lasting" ||
      (phrase?.kind === "when" && phrase.iso !== undefined) ||
      // "52 weeks to the year" says how they are counted.
      (quantity?.is === "span" &&
        !quantity.isArticle &&
        Math.abs(yearsIn(quantity.iso) - 1) > 0.01),
  );
}

function isQuoting(kind: string | undefined): boolean {
  return kind === "quoted" || kind === "compounding" || kind === "every" || kind === "timing";
}

const TURNS = /^(?:to|as|into|:|what|which|find|determine|calculate|\.|;|\?)$/;

/** The words of the given rate and those of the wanted one: cut at "to", "as", "what" or the end of a sentence. */
function halves(
  marks: readonly Mark[],
  given: Mark,
): { source: readonly Mark[]; target: readonly Mark[] } {
  const at = marks.indexOf(given);
  const after = marks.slice(at);
  const cut = after.findIndex(
    ({ word, phrase, quantity }, place) =>
      place > 0 &&
      ((phrase === undefined && quantity === undefined && TURNS.test(word)) ||
        isRestated(after, place)),
  );
  const own = cut === -1 ? after : after.slice(0, cut);
  const before = marks.slice(0, at);
  const asks = before.findIndex(({ word }) =>
    /^(?:what|whats|what's|which|find|determine|calculate|give|state|at)$/.test(word),
  );
  // "Which continuous rate gives the same growth as 5% compounded semi-annually?": the wanted one comes first.
  const isFirst =
    asks !== -1 &&
    before.slice(asks).some(({ phrase }) => isQuoting(phrase?.kind)) &&
    !/ (?:corresponding to|of the rate) $/.test(wordsOf(before.slice(-2)));
  const lead = leadOf(before);
  // "What is the monthly rate if the effective annual rate is 6.5%?"
  const turn = before.findIndex(
    ({ word }, place) =>
      place > asks &&
      (/^(?:if|when|where|given)$/.test(word) ||
        (isLink(before, place) &&
          before.slice(asks, place).some(({ phrase }) => isQuoting(phrase?.kind)))),
  );
  const wanted = turn === -1 ? before : before.slice(0, turn);
  return isFirst
    ? { source: [...(turn === -1 ? [] : leadOf(before.slice(turn))), ...own], target: wanted }
    : { source: [...lead, ...own], target: [...(cut === -1 ? [] : after.slice(cut))] };
}

/** "What monthly rate is equivalent to a nominal 9%", "to what monthly rate is a nominal 9% equivalent". */
function isLink(marks: readonly Mark[], at: number): boolean {
  const [link, next] = [marks[at], marks[at + 1]];
  if (link?.phrase !== undefined) return false;
  return (
    /^(?:equivalent|equals?|corresponds?|gives|matches|does)$/.test(link?.word ?? "") ||
    (link?.word === "is" && /^(?:a|an)$/.test(next?.word ?? ""))
  );
}

/** "What 7% compounded daily is effective", "what is 7% compounded daily effective": behind a whole quotation another. */
function isRestated(marks: readonly Mark[], at: number): boolean {
  const quoted = marks[at]?.word === "is" ? marks[at + 1] : marks[at];
  return (
    quoted?.phrase?.kind === "quoted" &&
    quoted.phrase.as === "effective" &&
    marks.slice(0, at).some(({ phrase }) => phrase?.kind === "compounding")
  );
}

/** "A nominal rate of 9%": what quotes the given rate before its figure. */
function leadOf(before: readonly Mark[]): readonly Mark[] {
  return before
    .slice(-NEAR)
    .filter(({ phrase }) => /^(?:quoted|every|compounding)$/.test(phrase?.kind ?? ""));
}

function quotingIn(marks: readonly Mark[]): Quoting {
  let quoting: Quoting = {};
  for (const mark of marks) {
    if (isPercent(mark) || mark.phrase === undefined) continue;
    const read = quotingOf(mark);
    const { payable, ...rest } = read;
    quoting = { ...(payable === undefined ? {} : { per: payable }), ...rest, ...quoting };
  }
  // "4.8% p.a. paid quarterly" is compounded then.
  const isOfYear = marks.some(
    ({ phrase }) => phrase?.as === "per" && (phrase.iso ?? "P1Y") === "P1Y",
  );
  const paid = marks.find(
    ({ phrase }) => phrase?.kind === "compounding" && phrase.as === "payable",
  );
  if (isOfYear && paid !== undefined && quoting.compounding === undefined)
    return { ...quoting, compounding: everyOf(paid) };
  // "Interest of 1.9% is charged each quarter" quotes that quarter's own rate.
  const isCharged = marks.some(
    ({ phrase }) => phrase?.kind === "compounding" && phrase.as === "payable",
  );
  const { per, compounding, ...rest } = quoting;
  if (isCharged && compounding !== undefined && per === undefined)
    return { ...rest, per: compounding };
  return quoting;
}
