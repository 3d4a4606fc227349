import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";
import { useOf, type PercentUse } from "./percent-use";
import type { Quoting } from "./quoting";
import { isMoney, isPercent, until, type Scope } from "./scope";

/** A percentage with what is said of it. */
export interface PercentFact {
  /** `null` for one that is asked for. */
  readonly percent: number | null;
  readonly use: PercentUse;
  readonly quoting: Quoting;
  readonly mark: Mark;
  /** Every mark that it has been read from. */
  readonly marks: readonly Mark[];
}

const FILLERS =
  /^(?:,|\(|of|interest|compound|nominal|rate|rates|a|an|at|on|which|is|being|and|with|but|it|all|throughout|paid|charged|earned|credited|added|allowed|given|the|each|to|same)$/;
const BEFORE_FILLERS =
  /^(?:of|at|is|a|an|the|rate|rates|interest|discount|yield|return|return:|=|:|,|was|be|to|will|inflation|yearly|required|with|an|exactly|only|just|about|stays|by|under|stated|market|required)$/;
const RATE_NOUN =
  /^(?:rate|rates|interest|yield|return|discount|effective|nominal|growth|%|percent|inflation)$/;
const ADDS = /^(?:add|adds|added|adding|credits|credited|charges|charged|pays|earns|gives|gets)$/;

/** The percentages of a scope, each with its quotation. */
export function percentsIn(scope: Scope): PercentFact[] {
  const facts = scope.marks.filter(isPercent).map((mark) => percentFact(scope, mark));
  return withLooseQuoting(scope, facts);
}

function percentFact(scope: Scope, mark: Mark): PercentFact {
  const percent = mark.quantity?.is === "percent" ? mark.quantity.value : null;
  const notation = notationBefore(scope, mark);
  const behind = quotingBehind(scope, mark);
  const ahead = quotingBefore(scope, mark, behind.quoting);
  const quoting = settled({
    ...creditedEach(percent, behind),
    ...ahead.quoting,
    ...behind.quoting,
    ...notation.quoting,
  });
  const use = useOf(scope, mark, quoting);
  const sign = use.isFall ? -1 : 1;
  return {
    percent: percent === null ? null : sign * percent,
    use: use.use,
    quoting,
    mark,
    marks: [mark, ...notation.marks, ...behind.marks, ...ahead.marks, ...use.marks],
  };
}

/** "0.06% is credited weekly": so little is what is credited each time. */
function creditedEach(percent: number | null, { quoting, marks }: Read): Quoting {
  const isCredited = marks.some(({ word }) => word === "credited");
  const isLittle = percent !== null && percent < 1;
  return isCredited && isLittle && quoting.compounding !== undefined
    ? { per: quoting.compounding }
    : {};
}

/** What is payable every half-year is compounded then, where the percentage is for a year. */
function settled({ payable, ...quoting }: Quoting): Quoting {
  if (payable === undefined || quoting.compounding !== undefined) return quoting;
  return quoting.per === undefined && quoting.as === undefined
    ? { ...quoting, per: payable }
    : { ...quoting, compounding: payable };
}

interface Read {
  readonly quoting: Quoting;
  readonly marks: readonly Mark[];
}

export function quotingOf(mark: Mark): Quoting {
  const { phrase } = mark;
  if (phrase?.kind === "quoted") return { as: phrase.as ?? "" };
  if (phrase?.kind === "compounding") {
    // "is charged each quarter", with no word of a year, quotes the quarter's own rate: see `settled`.
    return phrase.as === "payable" ? { payable: everyOf(mark) } : { compounding: everyOf(mark) };
  }
  if (phrase?.kind === "every") return { per: everyOf(mark) };
  if (phrase?.kind === "timing" && phrase.iso !== undefined) return { per: phrase.iso };
  return {};
}

/** How often, of a phrase that says so. */
export function everyOf({ phrase }: Mark): string {
  if (phrase?.as === "twice-a-year") return "P6M";
  if (phrase?.as === "twice-a-month") return "P0.5M";
  if (phrase?.as === "times-a-year") return partOfYear(phrase.numbers[0] ?? 1);
  return phrase?.iso ?? "P1Y";
}

const WEEKLY: Readonly<Record<number, string>> = {
  13: "P4W",
  26: "P2W",
  52: "P1W",
  365: "P1D",
  360: "P1D",
};

export function partOfYear(times: number): string {
  return WEEKLY[times] ?? timesSpan(12 / Math.max(times, 1), "P1M");
}

/** "j12 =", "j_4 =", "i(2) =". */
function notationBefore(scope: Scope, mark: Mark): Read {
  const before = until(scope.before(mark, 7), (other) => isMoney(other) || isPercent(other));
  const letter = before.findIndex(({ word }) => /^[ji]$/.test(word));
  // "When I was 12 …, at 3.5%": the figure stands with its letter.
  const figure = before
    .slice(0, Math.max(letter, 0))
    .findLast(({ word }) => !/^[_()^]$/.test(word));
  if (letter === -1 || figure?.quantity?.is !== "number" || letter > 5)
    return { quoting: {}, marks: [] };
  const times = figure.quantity.value;
  if (times < 1 || times > 365) return { quoting: {}, marks: [] };
  return { quoting: { as: "nominal", compounding: partOfYear(times) }, marks: [figure] };
}

/** What is said of one percentage ends where another, or an amount, stands. */
function endsQuoting(mark: Mark): boolean {
  return isMoney(mark) || isPercent(mark) || mark.word === ";";
}

/** "5.2% a year compounded monthly", "9% effective per annum", "0.3% … at the end of each quarter". */
function quotingBehind(scope: Scope, mark: Mark): Read {
  const behind = until(scope.after(mark, 12), endsQuoting);
  let quoting: Quoting = {};
  const marks: Mark[] = [];
  let isClose = true;
  // "6% simple", with no word of interest.
  if (behind[0]?.word === "simple" && behind[0].phrase === undefined) {
    quoting = { as: "simple" };
    marks.push(behind[0]);
  }
  behind.forEach((other, place) => {
    const { phrase } = other;
    const isTold =
      phrase?.kind === "quoted" ||
      (phrase?.kind === "compounding" &&
        (phrase.as !== "payable" ||
          (isClose && quoting.compounding === undefined && !isTimed(behind[place + 1])))) ||
      (phrase?.kind === "every" &&
        isClose &&
        !isOfPayments(behind[place + 1]) &&
        quoting.per === undefined);
    // "5.5% a year is added every three months".
    const isAddedSo =
      phrase?.kind === "every" &&
      isClose &&
      /^(?:added|credited)$/.test(behind[place - 1]?.word ?? "");
    if (isAddedSo) {
      quoting = { compounding: everyOf(other), ...quoting };
      marks.push(other);
    } else if (isTold) {
      quoting = { ...quotingOf(other), ...quoting };
      marks.push(other);
    } else if (!FILLERS.test(other.word) || phrase !== undefined) isClose = false;
  });
  const timing = behind.find(({ phrase }) => phrase?.kind === "timing" && phrase.iso !== undefined);
  const isAdded = scope.before(mark, 3).some(({ word }) => ADDS.test(word)) && timing !== undefined;
  if (isAdded && marks.length === 0 && isAmongAdding(scope, mark, timing)) {
    return { quoting: quotingOf(timing), marks: [timing] };
  }
  return { quoting, marks };
}

/** "adds 0.3% to whatever is on the account at the end of each quarter" speaks of no payments. */
function isAmongAdding(scope: Scope, mark: Mark, timing: Mark): boolean {
  const between = until(scope.after(mark), (other) => other === timing);
  return !between.some(({ word }) => PAYMENT_NOUN.test(word)) && !scope.before(mark).some(isMoney);
}

export const PAYMENT_NOUN =
  /^(?:payments?|deposits?|instal(?:l)?ments?|repayments?|withdrawals?|contributions?|rents?|rentals?|coupons?|dividends?|receipts?|draws?|sums?|amounts?|premiums?|cheques?|wages?|salar(?:y|ies)|pensions?|payouts?|savings?|annuit(?:y|ies)|royalt(?:y|ies)|scholarships?|lease|rentes?|inflows?|stipends?|fees|bursar(?:y|ies)|grants?|pay|cash|flows?|transfers?|deductions?|drawings?|income|allowances?)$/;

/** "Paid monthly in arrears" is how payments are made. */
function isTimed(next: Mark | undefined): boolean {
  return next?.phrase?.kind === "timing";
}

function isOfPayments(next: Mark | undefined): boolean {
  return next !== undefined && PAYMENT_NOUN.test(next.word);
}

/**
 * "an effective annual rate of", "nominal", "APR", "a monthly rate of"; but in "Which has the higher effective rate: 8%
 * compounded quarterly or …" the words before the colon tell what is asked, and each rate is quoted behind.
 */
function quotingBefore(scope: Scope, mark: Mark, behind: Quoting): Read {
  const isQuoted = behind.compounding !== undefined;
  const before = until(
    scope.before(mark, 8),
    (other) => endsQuoting(other) || (isQuoted && other.word === ":"),
  );
  let quoting: Quoting = {};
  const marks: Mark[] = [];
  for (const [place, other] of before.entries()) {
    const { phrase } = other;
    const next = before[place - 1];
    const isAdverb =
      phrase?.kind === "every" &&
      next !== undefined &&
      (RATE_NOUN.test(next.word) || next.phrase?.kind === "quoted");
    // "4% effective, afterwards 3% compounded monthly": what stands right behind a percentage is that one's.
    if (isQuoted && isPercent(scope.before(other, 1)[0])) continue;
    if (
      phrase?.kind === "quoted" ||
      (phrase?.kind === "compounding" && phrase.as !== "payable") ||
      isAdverb
    ) {
      quoting = { ...quotingOf(other), ...quoting };
      marks.push(other);
    } else if (phrase !== undefined || !BEFORE_FILLERS.test(other.word)) {
      if (place > 4) break;
    }
  }
  return { quoting, marks };
}

/**
 * Quotations that stand apart from the percentage: "Interest is compounded half-yearly." And of two rates with one
 * quotation, it is that of both: "5% effective for years 1 to 4 and 7% for years 5 to 10".
 */
function withLooseQuoting(scope: Scope, facts: readonly PercentFact[]): PercentFact[] {
  const used = new Set(facts.flatMap(({ marks }) => marks));
  const loose = scope.marks.filter(
    (mark) =>
      ((mark.phrase?.kind === "compounding" && mark.phrase.as !== "payable") ||
        mark.phrase?.kind === "quoted") &&
      !used.has(mark) &&
      !isInQuestion(scope, mark),
  );
  const rates = facts.filter(({ use }) => use === "rate");
  const [first] = rates;
  return facts.map((fact) => {
    if (fact.use !== "rate" || !isOpen(fact.quoting)) return fact;
    const near = rates.length === 1 ? loose.filter((mark) => isNear(mark, fact.mark)) : [];
    if (near.length > 0) {
      const quoting = Object.assign({}, ...near.map(quotingOf), fact.quoting) as Quoting;
      return { ...fact, quoting, marks: [...fact.marks, ...near] };
    }
    const isSame =
      first !== undefined &&
      first !== fact &&
      !isOpen(first.quoting) &&
      first.mark.sentence === fact.mark.sentence;
    return isSame && fact.quoting.per === undefined ? { ...fact, quoting: first.quoting } : fact;
  });
}

/** "What is the APR?" says how the answer is quoted. */
function isInQuestion(scope: Scope, mark: Mark): boolean {
  const sentence = scope.sentence(mark);
  return (
    !sentence.some(isPercent) &&
    sentence.some(({ word }) => /^(?:what|which|find|what's|determine|calculate)$/.test(word))
  );
}

/** Whether the words leave open how interest is compounded. */
export function isOpen({ as, compounding, per }: Quoting): boolean {
  return as === undefined && compounding === undefined && (per === undefined || per === "P1Y");
}

/** In the same sentence or the next one, that asks nothing of its own. */
function isNear(mark: Mark, percent: Mark): boolean {
  return Math.abs(mark.sentence - percent.sentence) <= 1;
}
