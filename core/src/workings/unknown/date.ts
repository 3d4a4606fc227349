import { lineOfUnknown } from "../../problem/unknown";
import { spanWords } from "../../wording/format-time";
import { severalPeriods } from "../../wording/quotation-words";
import { STEP_WORDS } from "../../wording/teaching/step-words";
import {
  logarithm,
  of,
  ONE,
  plus,
  product,
  quotient,
  type Quantity,
} from "../mathematics/expression";
import { asExpression } from "../compose/rates";
import type { ComposedFlow, Composition } from "../compose/composition";
import { balanceInWords, chain, otherSide, part, tidy } from "../compose/equation";
import { flowName } from "../compose/flow-names";
import { fixedAt } from "../compose/moves";
import { lineOf } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import { yearsExpression } from "../compose/years";
import type { Step } from "../step";
import { numericSteps } from "./numeric";

const WORDS = STEP_WORDS.date;

/**
 * An unknown time, of an amount or of the start of payments: the value of the other amounts must grow or
 * shrink to the value due at that time.
 */
export function dateSteps(composition: Composition): Step[] {
  return byLogarithms(composition) ?? bySearch(composition);
}

function byLogarithms(composition: Composition): Step[] | null {
  const { solved, flows, sheet, rates, moves } = composition;
  const { settled, unknown } = solved;
  const moving = flows.map(rateOfMove);
  if (moving.some((move) => move !== 0 && move !== 1)) return null;
  const date = solved.answers[0].value;
  const isMoved = ({ index }: ComposedFlow) => moving[index] === 1;
  const spans = flows.filter((flow) => isMoved(flow) && flow.kind !== "single");
  // Payments that start at the unknown time may reach into another rate, which again depends on that time.
  if (spans.length > 0 && settled.spells.length > 1) return null;
  const spellIndex = Math.max(
    0,
    settled.spells.findLastIndex(({ start }) => start <= date),
  );
  const spell = settled.spells[spellIndex];
  if (spell === undefined) return null;
  const fixed = flows.filter((flow) => !isMoved(flow));
  const from = startingDate(composition, fixed, spellIndex);
  const own = termsAt(composition, composition.momentAt(date, 1), isMoved);
  const rest = termsAt(composition, fixedAt(from), (flow) => !isMoved(flow));
  if ([...own.list, ...rest.list].some(({ worth }) => worth === null) || rest.list.length === 0)
    return null;
  const sign = own.list[0]?.sign ?? 1;
  const restThen = named(composition, tidy(otherSide(rest.list, sign)), "A");
  const goal = named(
    composition,
    tidy(
      own.list.map((term) => ({
        sign: (term.sign * sign) as 1 | -1,
        of: of(term.worth ?? unset()),
      })),
    ),
    "B",
  );
  const together = [restThen, goal].flatMap((one) =>
    one.letter === null || one.expression === null ? [] : [lineOf(one)],
  );
  sheet.takeLines();
  const basis = rates.basis(spellIndex);
  const start = Math.max(from, spell.start);
  const moved =
    start > from
      ? sheet.define(
          sheet.letter("A", "c"),
          "money",
          product(of(restThen), moves.between(fixedAt(from), fixedAt(start), null)),
        )
      : restThen;
  const movedLines = sheet.takeLines();
  const conversions = composition.takeConversions();
  const ratio = quotient(of(goal), of(moved));
  const log = basis.isForce ? of(basis.rate) : logarithm(plus(ONE, of(basis.rate)));
  const result = quotient(logarithm(ratio), log);
  const letter = sheet.letter(
    basis.isForce ? "t" : flows.some(({ count: one }) => one !== null) ? "k" : "n",
  );
  const count = sheet.work(letter, "count", result);
  const perYear = basis.periodsPerYear;
  const years =
    basis.isForce || perYear === 1 ? of(count) : quotient(of(count), asExpression(perYear));
  const total = sheet.work(
    composition.unknownTime().letter,
    "time",
    start === 0 ? years : plus(yearsExpression(start), years),
  );
  const isPlain = total.expression?.op === "quantity";
  const due = flows[lineOfUnknown(unknown)];
  const what = due?.kind === "single" ? WORDS.unknownAmount : WORDS.unknownPayments;
  const goalName = due?.kind === "single" ? flowName(due, sheet.format) : what;
  return [
    balanceInWords(composition, date, STEP_WORDS.focalDate.unknownDate),
    ...rest.steps,
    ...own.steps,
    ...(together.length === 0
      ? []
      : [
          {
            kind: "term" as const,
            level: "every-step" as const,
            say: WORDS.together(what),
            lines: together,
          },
        ]),
    ...conversions,
    ...(movedLines.length === 0
      ? []
      : [
          {
            kind: "term" as const,
            level: "every-step" as const,
            say: WORDS.toChange(spanWords(start, sheet.format)),
            lines: movedLines,
          },
        ]),
    {
      kind: "equation",
      level: "short",
      say: WORDS.equation(goalName),
      lines: [
        chain(
          part(
            product(
              of(moved),
              basis.isForce
                ? { op: "exponential", exponent: product(of(basis.rate), openOf(count)) }
                : { op: "power", base: plus(ONE, of(basis.rate)), exponent: openOf(count) },
            ),
            "symbols",
          ),
          part(of(goal), "symbols"),
        ),
      ],
    },
    {
      kind: "rearranged",
      level: "short",
      say: WORDS.logarithms,
      lines: [chain(part(of(count), "symbols"), part(result, "symbols"))],
    },
    {
      kind: "numbers",
      level: "short",
      say: STEP_WORDS.solve.substitute,
      lines: [chain(part(of(count), "symbols"), part(result, "values"))],
    },
    {
      kind: "value",
      level: "short",
      say:
        basis.noun === "year"
          ? WORDS.calculateYears
          : WORDS.calculatePeriods(severalPeriods(basis.noun)),
      lines: [chain(part(of(count), "symbols"), part(of(count), "values"))],
      value: count.value,
      finds: count,
    },
    ...(isPlain
      ? []
      : [
          {
            kind: "value" as const,
            level: "short" as const,
            say: start === 0 ? WORDS.inYears : WORDS.fromToday,
            lines: [lineOf(total)],
            value: total.value,
            finds: total,
          },
        ]),
  ];
}

/** The multiple of the unknown time by which a flow moves; `NaN` if it does not move as a whole. */
function rateOfMove({ resolved: flow }: ComposedFlow): number {
  switch (flow.kind) {
    case "single":
      return flow.at.perUnknown;
    case "stream":
      return flow.count.perUnknown !== 0 ? NaN : flow.begins.perUnknown;
    case "list":
      return flow.begins.perUnknown;
    case "dated":
      return 0;
  }
}

/** The date to which the other amounts are moved first: today, or the date of a single amount. */
function startingDate(
  { solved }: Composition,
  fixed: readonly ComposedFlow[],
  spellIndex: number,
): number {
  const [only] = fixed;
  const isAlone = fixed.length === 1 && solved.settled.spells.length === 1;
  return spellIndex === 0 && isAlone && only?.kind === "single" ? only.settled.at : 0;
}

function named({ sheet }: Composition, whole: ReturnType<typeof tidy>, letter: string): Quantity {
  if (whole.op === "quantity" && whole.quantity.letter !== null) return whole.quantity;
  return sheet.define(sheet.letter(letter), "money", whole);
}

function openOf(count: Quantity) {
  return of({ ...count, isOpen: true, isUnknown: true });
}

function unset(): never {
  throw new TypeError("A known term has a worth");
}

function bySearch(composition: Composition): Step[] {
  const { sheet } = composition;
  const sought = composition.unknownTime();
  const { letter } = sought;
  const searched = numericSteps(composition, () => ({
    quantity: sought,
    head: STEP_WORDS.search.yearsHead,
    shown: (years: number) => years,
    toX: (years: number) => years,
    unit: 1,
    why: WORDS.numerically,
  }));
  const time = sheet.work(letter, "time", searched.found);
  return [
    ...searched.steps,
    {
      kind: "value",
      level: "short",
      say: WORDS.found,
      lines: [chain(part(of(time), "symbols"), part(of(time), "values"))],
      value: time.value,
      finds: time,
    },
  ];
}
