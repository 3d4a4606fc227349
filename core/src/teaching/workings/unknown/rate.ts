import { lineOfUnknown } from "../../../engine/problem/unknown";
import { compoundingLaw, forceUnder, percentUnder } from "../../../engine/rates/compounding-law";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { isOpen } from "../mathematics/evaluate";
import {
  inverseOf,
  logarithm,
  minus,
  number,
  of,
  ONE,
  plus,
  power,
  product,
  quotient,
  type Quantity,
} from "../mathematics/expression";
import { plainHand, letterIn } from "../mathematics/hands";
import type { Composition } from "../compose/composition";
import { balanceInWords, chain, equationStep, part } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { lineOf, resultLine, valuesOf } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import type { Term } from "../compose/term";
import type { Line, Step } from "../step";
import { foundStep, rearranged, step, valueStep } from "../steps";
import { byQuadratic } from "./quadratic";
import { checkStep, numericSteps } from "./numeric";
import { simpleRate, type Closed } from "./simple-rate";

const WORDS = STEP_WORDS.rate;

/** An unknown rate: by a root or a division if there is a formula, otherwise numerically; then in its quoted form. */
export function rateSteps(composition: Composition): Step[] {
  const closed = composition.isCompound
    ? (betweenTwoAmounts(composition) ?? ofPerpetuity(composition) ?? byQuadratic(composition))
    : simpleRate(composition);
  if (closed !== null) {
    const { steps, found, focal } = closed;
    return [...steps, ...quotedSteps(composition, found), checkStep(composition, focal)];
  }
  const searched = numericSteps(composition, soughtRate);
  const { letter } = soughtSpell(composition).quantity;
  const found = composition.sheet.work(letter, "rate", searched.found);
  return [
    ...searched.steps,
    periodicStep(composition, found, chain(part(of(found), "symbols"), part(of(found), "values"))),
    ...quotedSteps(composition, found),
    checkStep(composition),
  ];
}

/** Two amounts and one rate between them: the nth root. */
function betweenTwoAmounts(composition: Composition): Closed | null {
  const { flows, sheet } = composition;
  const [one, other] = flows;
  if (flows.length !== 2 || one?.kind !== "single" || other?.kind !== "single") return null;
  if (flows.some(({ size }) => size?.expression !== null)) return null;
  const [early, late] = one.settled.at <= other.settled.at ? [0, 1] : [1, 0];
  const focal = Math.max(one.settled.at, other.settled.at);
  const { list, steps } = termsAt(composition, fixedAt(focal));
  const [before, after] = [list[early], list[late]];
  const growths = before === undefined ? [] : factorsOf(before);
  const open = growths.filter((growth) => isOpen(of(growth)));
  const [sought] = open;
  if (before === undefined || after === undefined || sought === undefined || open.length !== 1)
    return null;
  const call = sought.expression;
  const [rate, count] = call?.op === "factor" ? call.args : [];
  if (rate?.op !== "quantity" || !rate.quantity.isUnknown || count === undefined) return null;
  const known = growths.filter((growth) => growth !== sought).map(of);
  const ratio = quotient(after.size, product(before.size, ...known));
  const isForce = call?.op === "factor" && call.factor.name === "continuous-growth";
  const growth = sheet.work(null, "factor", ratio);
  const result = isForce
    ? quotient(logarithm(of(growth)), count)
    : minus(power(of(growth), quotient(ONE, count)), ONE);
  const symbols = isForce
    ? quotient(logarithm(ratio), count)
    : minus(power(ratio, quotient(ONE, count)), ONE);
  const found = sheet.work(rate.quantity.letter, "rate", result);
  return {
    found,
    focal,
    steps: [
      balanceInWords(composition, focal),
      ...steps,
      equationStep(composition, list, focal),
      rearranged(
        "every-step",
        WORDS.isolate,
        chain(part(of(sought), "symbols"), part(ratio, "symbols")),
      ),
      rearranged(
        "short",
        isForce ? WORDS.logarithms : WORDS.root,
        chain(part(rate, "symbols"), part(symbols, "symbols")),
      ),
      step(
        "numbers",
        "short",
        STEP_WORDS.solve.substitute,
        chain(part(rate, "symbols"), part(symbols, "numbers")),
        valuesOf(lineOf(growth)),
      ),
      periodicStep(composition, found, resultLine(found)),
    ],
  };
}

/** The growth factors of a term. */
function factorsOf(term: Term): Quantity[] {
  const { factor } = term;
  const parts = factor.op === "product" ? factor.factors : [factor];
  return parts.flatMap((one) => (one.op === "quantity" ? [one.quantity] : []));
}

/** A perpetuity against one amount a period before its first payment: the rate is payment ÷ price. */
function ofPerpetuity(composition: Composition): Closed | null {
  const { sheet, flows } = composition;
  const stream = flows.find((flow) => flow.kind === "stream")?.settled;
  if (stream === undefined || Number.isFinite(stream.count) || flows.length !== 2) return null;
  if (stream.begins !== 0 || flows.some(({ size }) => size?.expression !== null)) return null;
  const { list, steps } = termsAt(composition, fixedAt(0));
  const own = list.find(({ factor }) => isOpen(factor));
  const price = list.find(({ worth }) => worth !== null);
  if (own === undefined || price === undefined || list.length !== 2) return null;
  const [inverse, ...more] = own.factor.op === "product" ? own.factor.factors : [own.factor];
  const under = inverse === undefined ? null : inverseOf(inverse);
  // i, or i − g
  const [rate, growth] =
    under?.op === "sum" ? under.terms.map(({ of: term }) => term) : [under ?? undefined];
  if (rate?.op !== "quantity" || !rate.quantity.isUnknown) return null;
  const isDue = stream.timing === "start";
  if (more.length !== (isDue ? 1 : 0)) return null;
  const [payment, present] = [own.size, price.size];
  // Due, PV·(i − g) = PMT·(1 + i).
  const grown = growth === undefined ? payment : plus(payment, product(present, growth));
  const share = quotient(payment, present);
  const result = isDue
    ? quotient(grown, minus(present, payment))
    : growth === undefined
      ? share
      : plus(share, growth);
  const found = sheet.work(rate.quantity.letter, "rate", result);
  return {
    found,
    focal: 0,
    steps: [
      balanceInWords(composition, 0),
      ...steps,
      equationStep(composition, list, 0),
      rearranged(
        "short",
        isDue
          ? WORDS.perpetuityDue
          : growth === undefined
            ? WORDS.perpetuity
            : WORDS.growingPerpetuity,
        chain(part(rate, "symbols"), part(result, "symbols")),
      ),
      periodicStep(composition, found, lineOf(found)),
    ],
  };
}

/** The periodic rate, or the quoted one if others refer to it, for the numerical solution. */
function soughtRate(composition: Composition) {
  const { spell, quantity } = soughtSpell(composition);
  const law = compoundingLaw(spell.quotation);
  const perPeriod = unitsOf(composition, quantity);
  const shown = (percent: number) =>
    perPeriod === null ? percent : Math.expm1(forceUnder(percent, law) / perPeriod) * 100;
  const toX = (figure: number) =>
    perPeriod === null ? figure : percentUnder(perPeriod * Math.log1p(figure / 100), law);
  const letter = quantity.letter === null ? "rate" : letterIn(quantity.letter, plainHand);
  return {
    quantity,
    head: STEP_WORDS.search.rateHead(letter),
    shown,
    toX,
    unit: 0.01 as const,
    why: composition.isCompound ? WORDS.numerically : WORDS.inDenominators,
  };
}

function soughtSpell({ solved, sheet }: Composition) {
  const index = lineOfUnknown(solved.unknown);
  const spell = solved.settled.spells[index];
  const unknowns = sheet.quantities.filter(({ isUnknown }) => isUnknown);
  // Of the quoted and the periodic rate, the equation has the later one.
  const quantity = unknowns.at(-1);
  if (spell === undefined || quantity === undefined)
    throw new TypeError("An unknown rate has a spell");
  return { index, spell, quantity };
}

/** The periods a year of the unknown rate; `null` if the unknown is the quoted rate. */
function unitsOf({ rates, solved }: Composition, quantity: Quantity): number | null {
  const index = lineOfUnknown(solved.unknown);
  if (rates.quoted[index] === quantity) return null;
  const { periodsPerYear } = rates.basis(index);
  return typeof periodsPerYear === "number" ? periodsPerYear : periodsPerYear.value;
}

/** The periodic rate, before it is quoted again. */
function periodicStep({ rates, solved }: Composition, found: Quantity, line: Line): Step {
  const index = lineOfUnknown(solved.unknown);
  const { noun } = rates.basis(index);
  const isQuoted = rates.quoted[index]?.letter === found.letter;
  return valueStep(
    isQuoted || noun === "year" ? WORDS.decimal : WORDS.periodic(noun),
    found.value,
    line,
  );
}

/** The rate in its quoted form, as a percentage. */
function quotedSteps(composition: Composition, found: Quantity): Step[] {
  const { sheet, rates } = composition;
  const { index, quantity } = soughtSpell(composition);
  const { value: quoted, lines } = sheet.record(() =>
    rates.quoted[index] === quantity ? found : rates.quotedAgain(index, found),
  );
  const percent = sheet.work(null, "count", product(of(quoted), number(100)));
  const say = lines.length === 0 ? STEP_WORDS.solve.asPercentage : WORDS.quoted;
  return [
    foundStep(say, percent, ...lines, {
      ...chain(part(percent.expression ?? ONE, "values"), part(of(percent), "values")),
      note: STEP_WORDS.solve.percentage,
      defines: percent,
    }),
  ];
}
