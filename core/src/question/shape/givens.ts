import type { Flow, Rate } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { everyOf, percentsIn, type PercentFact } from "../facts/rates";
import type { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { periodsIn, timesSpan } from "../marks/span";
import { quotationOf } from "./quotations";
import { complete, problemOf, type Choices, type Shape, type Use, usesOf } from "./shape";

/** A letter with what it is equal to: `PV = 4,500`, `n = ?`. */
interface Given {
  readonly letter: Letter;
  readonly mark: Mark;
  /** `null` for what is to be found. */
  readonly value: Mark | null;
}

type Letter = "pv" | "fv" | "pmt" | "n" | "i";

const LETTERS: Readonly<Record<string, Letter>> = {
  pv: "pv",
  p: "pv",
  c: "pv",
  fv: "fv",
  s: "fv",
  pmt: "pmt",
  r: "pmt",
  n: "n",
  t: "n",
  i: "i",
  j: "i",
};

/** A question that is a list of givens in letters; `null` where it is not. */
export function givens(facts: Facts, choices: Choices): Shape | null {
  const found = givensIn(facts.scope);
  const isList =
    found.length >= 3 &&
    found.some(({ letter }) => letter === "pv" || letter === "fv" || letter === "pmt");
  return isList ? shapeOf(facts, found, choices) : null;
}

function givensIn(scope: Scope): Given[] {
  const found: Given[] = [];
  scope.marks.forEach((mark, at) => {
    const letter =
      mark.phrase === undefined && mark.quantity === undefined ? LETTERS[mark.word] : undefined;
    if (letter === undefined || found.some((given) => given.letter === letter)) return;
    const after = scope.marks.slice(at + 1, at + 7);
    // "PMT?", "Find FV."
    if (isCapital(mark) && /^[?.]$/.test(after[0]?.word ?? "?")) {
      found.push({ letter, mark, value: null });
      return;
    }
    const equals = after.findIndex(({ word }) => word === "=" || word === ":");
    const isClose =
      equals !== -1 &&
      after
        .slice(0, equals)
        .every(({ quantity, word }) => quantity?.is === "number" || /^[_()^]$/.test(word));
    if (!isClose) return;
    const value = after[equals + 1];
    const isOpen = value === undefined || value.word === "?" || value.quantity === undefined;
    found.push({ letter, mark, value: isOpen ? null : value });
  });
  return found;
}

function isCapital({ text }: Mark): boolean {
  return text.length > 1 && text === text.toUpperCase();
}

function figureOf(given: Given | undefined): number | null {
  const quantity = given?.value?.quantity;
  return quantity?.is === "money" || quantity?.is === "number" ? quantity.value : null;
}

function shapeOf(facts: Facts, found: readonly Given[], choices: Choices): Shape | null {
  const { scope } = facts;
  const given = (letter: Letter) => found.find((one) => one.letter === letter);
  const cue = scope.marks.find(
    ({ phrase }) => phrase?.kind === "timing" || (phrase?.kind === "every" && phrase.as !== "per"),
  );
  const [fact] = percentsIn(scope);
  const isPaid = given("pmt") !== undefined;
  const every = cue === undefined ? (isPaid ? everyOfRate(fact) : null) : everyOf(cue);
  const { quotation, assumptions } = quotationOf(
    fact?.quoting ?? {},
    fact?.percent ?? null,
    every,
    choices,
  );
  const rate = { percent: fact?.percent ?? null, ...quotation } as Rate;
  const count = countOf(given("n"), every ?? periodOf(rate));
  const uses: Use[] = found.flatMap(({ value }): Use[] =>
    value === null
      ? []
      : [{ mark: value, role: value.quantity?.is === "percent" ? "rate" : "amount" }],
  );
  uses.push(...usesOf(fact?.marks ?? [], "rate", { rate: 0, field: "quoted" }));
  if (cue !== undefined) uses.push({ mark: cue, role: "payments" });
  const flows =
    isPaid && every !== null
      ? annuity(found, every, count, cue)
      : lumps(found, count, periodOf(rate));
  if (flows === null) return null;
  return complete(problemOf({ rates: [rate], flows, currency: facts.currency }), uses, assumptions);
}

function everyOfRate(fact: PercentFact | undefined): string | null {
  const { per, compounding } = fact?.quoting ?? {};
  return compounding ?? per ?? "P1Y";
}

function periodOf(rate: Rate): string {
  return "compounding" in rate ? rate.compounding : "P1Y";
}

function countOf(given: Given | undefined, period: string): number | null {
  const quantity = given?.value?.quantity;
  if (quantity?.is === "number") return quantity.value;
  return quantity?.is === "span" ? periodsIn(quantity.iso, period) : null;
}

function lumps(found: readonly Given[], count: number | null, period: string): Flow[] {
  const amount = (letter: Letter) => figureOf(found.find((one) => one.letter === letter));
  return [
    { id: "paid", kind: "single", direction: "out", amount: amount("pv"), at: "P0D" },
    {
      id: "received",
      kind: "single",
      direction: "in",
      amount: amount("fv"),
      at: count === null ? null : timesSpan(count, period),
    },
  ];
}

/** With an amount at the start it is a debt that payments clear; without one they are saved. */
function annuity(
  found: readonly Given[],
  every: string,
  count: number | null,
  cue: Mark | undefined,
): Flow[] | null {
  const given = (letter: Letter) => found.find((one) => one.letter === letter);
  const timing =
    cue?.phrase?.kind === "timing" && cue.phrase.as?.startsWith("start") === true ? "start" : "end";
  const stream: Flow = {
    id: "payments",
    kind: "stream",
    direction: "out",
    amount: figureOf(given("pmt")),
    every,
    count,
    timing,
    begins: "P0D",
  };
  const [pv, fv] = [given("pv"), given("fv")];
  const hasStart = pv !== undefined && figureOf(pv) !== 0;
  const hasEnd = fv !== undefined && figureOf(fv) !== 0;
  const start: Flow = {
    id: "start",
    kind: "single",
    direction: "in",
    amount: figureOf(pv),
    at: "P0D",
  };
  const end: Flow = {
    id: "end",
    kind: "single",
    direction: hasStart ? "out" : "in",
    amount: figureOf(fv),
    at: { endOf: "payments" },
  };
  return [...(hasStart ? [start] : []), stream, ...(hasEnd ? [end] : [])];
}
