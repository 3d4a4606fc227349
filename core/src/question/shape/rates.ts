import type { Rate } from "../../engine/problem/schema";
import type { Mark } from "../marks/mark";
import { addSpans, timesSpan } from "../marks/span";
import type { Facts } from "../facts/facts";
import type { Quoting } from "../facts/quoting";
import { quotingOf, type PercentFact } from "../facts/rates";
import { isMoney, isPercent, until } from "../facts/scope";
import { quotationOf, rateOf, saidQuotation } from "./quotations";
import type { Assumption, Choices, Use } from "./shape";

export interface RatesRead {
  readonly rates: readonly Rate[];
  readonly uses: readonly Use[];
  readonly assumptions: readonly Assumption[];
  /** Whether the rate, or one of them, is what is asked for. */
  readonly isAsked: boolean;
  readonly isMissing: boolean;
}

/**
 * The rates of a problem, with the dates from which they hold.
 *
 * @param every how often money is paid, which an open quotation follows
 * @param change when the second of two rates begins, where the words of the rates do not say
 */
export function ratesOf(
  facts: Facts,
  every: string | null,
  change: string | null,
  choices: Choices,
): RatesRead {
  const percents = interestOf(facts);
  const isAsked = facts.ask?.kind === "rate";
  const read = percents.map((fact, index) => rateOf(fact, index, every, choices));
  const assumptions = read.flatMap((one) => one.assumptions).slice(0, 1);
  const rates = withSpells(
    facts,
    percents,
    read.map(({ rate }) => rate),
    change,
  );
  // A second rate without a time of its own is not used, and is told as left over.
  const uses = read.slice(0, Math.max(1, rates[0].length)).flatMap((one) => one.uses);
  if (!isAsked) {
    const [spells, marks] = rates;
    return {
      rates: spells,
      uses: [...uses, ...marks],
      assumptions,
      isAsked: false,
      isMissing: spells.length === 0,
    };
  }
  const asked = askedRate(facts, every, choices);
  const known = rates[0];
  const spell = spellOfAsked(facts, percents);
  const second: Rate = spell === null ? asked.rate : { ...asked.rate, from: spell.from };
  return {
    rates: spell === null ? [asked.rate] : [...known, second],
    uses: [...(spell === null ? [] : [...uses, ...spell.uses]), ...asked.uses],
    assumptions: asked.assumptions,
    isAsked: true,
    isMissing: false,
  };
}

/** The percentages that money is moved by: inflation is one where there is no other. */
export function interestOf({ percents, streams }: Facts): readonly PercentFact[] {
  const rates = percents.filter(({ use }) => use === "rate");
  if (rates.length > 0) return rates;
  const inflation = percents.filter(({ use }) => use === "inflation");
  return inflation.length > 0 || streams.length > 0
    ? inflation
    : percents.filter(({ use }) => use === "growth");
}

function askedRate(facts: Facts, every: string | null, choices: Choices) {
  const quoting = { ...looseCompounding(facts), ...facts.ask?.quoting };
  const said = saidQuotation(quoting);
  const { quotation, assumptions } =
    said === null && quoting.as === undefined && quoting.per === undefined
      ? quotationOf({ as: every === null ? "effective" : "nominal" }, null, every, choices)
      : quotationOf(quoting, null, every, choices);
  const uses: Use[] = (facts.ask?.marks ?? [])
    .filter(
      ({ phrase }) =>
        phrase?.kind === "quoted" || phrase?.kind === "compounding" || phrase?.kind === "every",
    )
    .map((mark) => ({ mark, role: "asked", target: { rate: 0, field: "quoted" } }));
  return { rate: { percent: null, ...quotation } as Rate, uses, assumptions };
}

/** "Interest being compounded half-yearly", told apart from the question for the rate. */
function looseCompounding({ scope, percents }: Facts): Quoting {
  const taken = new Set(percents.flatMap(({ marks }) => marks));
  const mark = scope.marks.find(
    (other) =>
      other.phrase?.kind === "compounding" && other.phrase.as !== "payable" && !taken.has(other),
  );
  return mark === undefined ? {} : quotingOf(mark);
}

/** "For the first 3 years it earned 5%; what did it earn over the other four?" */
function spellOfAsked(
  facts: Facts,
  percents: readonly PercentFact[],
): { from: string; uses: Use[] } | null {
  const [known] = percents;
  if (known === undefined || percents.length !== 1) return null;
  const span = spanNear(facts, known);
  const isRest = facts.ask?.marks.some(
    ({ phrase }) =>
      phrase?.kind === "thereafter" ||
      (phrase?.kind === "lasting" && (phrase.as === "last" || phrase.as === "years")),
  );
  if (span === null || isRest !== true) return null;
  return {
    from: span.iso,
    uses: [{ mark: span.mark, role: "time", target: { rate: 1, field: "from" } }],
  };
}

function withSpells(
  facts: Facts,
  percents: readonly PercentFact[],
  rates: readonly Rate[],
  change: string | null,
): [Rate[], Use[]] {
  const [first, ...others] = rates;
  if (first === undefined) return [[], []];
  if (others.length === 0) return [[first], []];
  const uses: Use[] = [];
  let from: string | null = null;
  const spells = rates.map((rate, index): Rate => {
    if (index === 0) return rate;
    const before = percents[index - 1];
    const own = ["first", "whole", "years"];
    // "For the first two years …, for the next two": the second of them ends as long after the first.
    const kinds = index === 1 ? own : [...own, "next"];
    const span = before === undefined ? null : spanNear(facts, before, kinds);
    const isNext = /^(?:next|whole)$/.test(span?.mark.phrase?.as ?? "") && from !== null;
    from = span === null ? (from ?? change) : isNext ? addSpans(from ?? "P0D", span.iso) : span.iso;
    if (span !== null)
      uses.push({ mark: span.mark, role: "time", target: { rate: index, field: "from" } });
    return from === null ? rate : { ...rate, from };
  });
  // How long the last one holds says nothing more.
  const last = percents.at(-1);
  const rest = last === undefined ? null : spanNear(facts, last, ["next", "last"]);
  if (rest !== null && uses.every(({ mark }) => mark !== rest.mark))
    uses.push({
      mark: rest.mark,
      role: "time",
      target: { rate: percents.length - 1, field: "from" },
    });
  const isTold = spells.slice(1).every(({ from: start }) => start !== undefined);
  return isTold ? [spells, uses] : [[first], []];
}

/** How long all rates hold together, where each says for how long: "for 2 years, then at 6% for 3 years". */
export function togetherOf(facts: Facts): { iso: string; marks: readonly Mark[] } | null {
  const spans = interestOf(facts).map((fact, index) =>
    spanNear(facts, fact, ["first", "whole", ...(index === 0 ? [] : ["next", "last"])]),
  );
  const told = spans.filter((span) => span !== null);
  if (
    spans.length < 2 ||
    told.length < spans.length ||
    told.some(({ mark }) => mark.phrase?.as === "years")
  )
    return null;
  if (new Set(told.map(({ mark }) => mark)).size < told.length) return null;
  const iso = told.map((span) => span.iso).reduce((sum, one) => addSpans(sum, one));
  return { iso, marks: told.map(({ mark }) => mark) };
}

/** How long a rate holds: "5% for the first 3 years", "for the first 3 years at 5%", "5% for years 1 to 4". */
function spanNear(
  { scope }: Facts,
  { mark }: PercentFact,
  kinds: readonly string[] = ["first", "whole", "years"],
): { iso: string; mark: Mark } | null {
  const stop = (other: Mark) => isPercent(other) || isMoney(other);
  const isSpan = ({ phrase }: Mark) =>
    phrase?.iso !== undefined &&
    ((phrase.kind === "lasting" && kinds.includes(phrase.as ?? "")) ||
      // "0.2% in the first year": up to its end.
      (phrase.kind === "when" && phrase.as === "end-of" && kinds.includes("years")));
  // "…; then for 7 years at 5%" tells of the rate behind.
  const turns = (other: Mark) =>
    stop(other) || other.word === ";" || other.phrase?.kind === "thereafter";
  const behind = until(scope.after(mark, 10), turns).find(isSpan);
  const before = until(scope.before(mark, 10), stop);
  // "For two years £9,000 earned 3%": right before the amount.
  const beyond = scope.before(mark, 10).slice(before.length + 1, before.length + 2);
  const opening = scope.sentence(mark).slice(0, 1);
  // "For 3 years at 5% and then for 2 years at 4%": right before the rate.
  const [at, ahead] = scope.before(mark, 2);
  const close = at?.word === "at" && ahead !== undefined && isSpan(ahead) ? ahead : undefined;
  const found = close ?? behind ?? [...before, ...beyond, ...opening].find(isSpan);
  if (found?.phrase === undefined) return null;
  const { as, iso, numbers } = found.phrase;
  const last = as === "years" || as === "end-of" ? numbers.at(-1) : undefined;
  const end = last === undefined ? iso : timesSpan(last, iso ?? "P1Y");
  return end === undefined ? null : { iso: end, mark: found };
}
